import { formatNumber } from "@amp-saver/core/quantity";

const DAY_MS = 86_400_000;
const MB = 1e6;
const GB = 1e9;

const size = (bytes: number): string => (bytes >= GB ? `${formatNumber(bytes / GB, 1)} GB` : `${formatNumber(bytes / MB, 1)} MB`);
const changesOf = (n: number): string => (n === 1 ? "1 change" : `${formatNumber(n, 0)} changes`);

function ago(ms: number): string {
  const days = Math.floor(ms / DAY_MS);
  if (days <= 0) return "less than a day ago";
  return days === 1 ? "1 day ago" : `${formatNumber(days, 0)} days ago`;
}

/** Copies elsewhere, room on the device, a newer app and its installing. */
export const KEEPING = {
  title: "Kept on this device",
  lastExport: (agoMs: number | null, changes: number): string =>
    agoMs === null
      ? changes === 0
        ? "Nothing has been exported from this device yet."
        : `Nothing has been exported from this device yet. ${changesOf(changes)} ${changes === 1 ? "exists" : "exist"} only here.`
      : `All rigs were last exported ${ago(agoMs)}; ${changes === 0 ? "no changes" : changesOf(changes)} since.`,
  offer: (changes: number): string => `${changesOf(changes)} since the last export of all rigs. Keep a copy elsewhere.`,
  exportNow: "Export a copy now",
  later: "Later",
  room: (usedBytes: number, mostBytes: number): string => `${size(usedBytes)} of ${size(mostBytes)} on this device are used.`,
  almostFull: "This device is almost full. Export a copy, then delete what is no longer needed.",
  lasting: "The browser keeps what is stored here.",
  notLasting: "The browser may clear what is stored here if it runs out of room. Export a copy now and then.",
  exportFirst: "Export a copy first",
  waits: "A new version is ready. This page reloads once your half-typed entry is finished or cleared.",
  install: "Amp Saver can be installed on this device: it gets its own window and opens without a signal.",
  installNow: "Install",
  notNow: "Not now",
  offline: {
    cannot: "Needs a signal at this address",
    fetching: "Not ready without a signal yet: the app is still loading",
    failed: "Not ready without a signal: the app could not be loaded completely",
    ready: "Works without a signal",
  },
  handOver: "Keep a copy of this rig elsewhere",
  namesInFiles: "Rig names in file names",
} as const;

/** Share of the room at which it is said that it is almost used up. */
export const ALMOST_FULL = 0.8;
