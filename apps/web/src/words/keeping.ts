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
        : `Nothing has been exported from this device yet; ${changesOf(changes)} would be lost with it.`
      : `All rigs were last exported ${ago(agoMs)}; ${changes === 0 ? "nothing of weight changed" : changesOf(changes)} since.`,
  offer: (changes: number): string => `${changesOf(changes)} since the last export of all rigs. A copy elsewhere outlives this device.`,
  exportNow: "Export a copy now",
  later: "Later",
  room: (usedBytes: number, mostBytes: number): string => `${size(usedBytes)} of ${size(mostBytes)} on this device are used.`,
  almostFull: "This device is almost full. Export a copy, then delete what is no longer needed.",
  lasting: "The browser promised to keep what is stored here.",
  notLasting: "The browser may clear what is stored here when it runs short. Export a copy now and then.",
  exportFirst: "Export a copy first",
  waits: "A new version is ready. This page reloads when what is half typed is finished or cleared.",
  install: "Amp Saver can be installed on this device: it then has a window of its own and opens without a signal.",
  installNow: "Install",
  notNow: "Not now",
  offline: {
    cannot: "Needs a signal at this address",
    fetching: "Not ready without a signal yet: the app is still being fetched",
    failed: "Not ready without a signal: the app could not be fetched whole",
    ready: "Works without a signal",
  },
  handOver: "Keep a copy of this rig elsewhere",
  namesInFiles: "Names of rigs in the names of files",
} as const;

/** Share of the room at which it is said that it is almost used up. */
export const ALMOST_FULL = 0.8;
