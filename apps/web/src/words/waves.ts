import { formatAmps, formatNumber, formatSeconds, formatVolts } from "@amp-saver/core/quantity";
import type { WaveWarning } from "@amp-saver/core/study/waveform";
import type { Waveform } from "@amp-saver/records";
import type { TimeUnit } from "@amp-saver/records/wave";
import type { WaveRefusal } from "../workers/wave.worker.ts";
import { shorten } from "./shorten.ts";

export const WAVES = {
  title: "Recorded starts",
  help: "A file from a scope, a logger or a meter: CSV, or COMTRADE as .cfg with its .dat. It stays on this device.",
  pick: "Import a recording",
  pickLabel: "File of samples",
  sheet: "How should this file be read?",
  looking: "Reading.",
  when: "Taken",
  whens: { before: "before", after: "after" },
  conductor: "Jaws on",
  form: "Its samples are",
  forms: { instant: "the waveform itself", rms: "RMS figures of a meter" },
  amps: "Column of amps",
  ampsUnit: "Their unit",
  channel: "Channel of amps",
  channelName: (name: string, unit: string, k: number): string =>
    `${name === "" ? `channel ${k + 1}` : name}${unit === "" ? "" : `, ${unit}`}`,
  perVolt: "Probe: amps per volt",
  badPerVolt: "Probe: amps per volt must be a number from 0.001 to 100,000.",
  warnings: {
    gaps: "The recording has gaps. Windows with a gap are left out.",
    clipped: "Peaks are cut off. The recorder was out of range; amps are at least what is shown.",
    offset: "It did not read zero at rest. That was subtracted.",
    "starts-at-once": "It begins with the start. What came before is not in it.",
    "ends-early": "It ends before it runs steadily.",
  } satisfies Readonly<Record<WaveWarning, string>>,
  atLeast: (text: string): string => `at least ${text}`,
  volts: "Column of volts",
  noVolts: "none",
  time: "Column of times",
  noTime: "none: a set rate",
  rate: "Samples a second",
  badRate: "Samples a second must be a number from 0.1 to 1,000,000.",
  timeUnit: "Times are in",
  timeUnits: { s: "seconds", ms: "milliseconds", us: "microseconds", clock: "time of day" } satisfies Readonly<Record<TimeUnit, string>>,
  column: (name: string, k: number, first: string): string => `${name === "" ? `column ${k + 1}` : name}: ${first}`,
  keep: "Keep this recording",
  remove: (name: string): string => `Delete the recording ${name}`,
  comtrade: (name: string): string => `COMTRADE as .cfg and .dat: ${name}`,
  recorded: "recorded",
  simulated: "simulated",
  picture: (mostA: number, runningA: number | null): string =>
    `Recorded start over the simulated one: at most ${formatAmps(mostA)}${runningA === null ? "" : `, then ${formatAmps(runningA)}`}.`,
  rows: {
    largest: "Largest cycle",
    first: "First half cycle",
    inrush: "Inrush, 100 ms",
    largest100: "Largest 100 ms",
    running: "Running",
    time: "Start takes",
    dip: "Volts",
  },
  dip: (restV: number | null, lowestV: number): string =>
    `${restV === null ? "" : `${formatVolts(restV)} down to `}${formatVolts(lowestV)}`,
  none: "not in this recording",
  size: (w: Pick<Waveform, "samples" | "sampleHz">): string =>
    `${formatNumber(w.samples, 0)} samples, ${formatNumber(w.sampleHz, w.sampleHz < 10 ? 1 : 0)} a second`,
  seconds: formatSeconds,
  refine: "A before recording on common or supply refines the motor in Check.",
  missingBytes: "This recording’s samples are not on this device.",
} as const;

/** Why a file of samples was refused. */
const REFUSALS: Readonly<Record<WaveRefusal | "needs-both" | "too-big" | "no-answer", (where: string) => string>> = {
  empty: () => "The file is empty.",
  "no-numbers": () => "There are no rows of figures in the file.",
  "bad-number": (where) => `Most of the column of amps or volts is not a number, first at ${where}.`,
  "bad-time": (where) => `The times do not rise at ${where}.`,
  "no-rate": () => "Without a column of times, samples a second must be above 0.",
  "too-many": (where) => `More than a recording may have: 1,000,000 samples, 32 channels (${where}).`,
  "no-amps": (where) => `No channel is in amps (${where}).`,
  "not-comtrade": (where) => `The .cfg is not a COMTRADE configuration (${where}).`,
  "comtrade-newer": () => "The .cfg is of a later revision than 2013.",
  "comtrade-field": (where) => `The .cfg misses a figure, ${where}.`,
  "comtrade-data-short": (where) => `The .dat ends before the .cfg says, at ${where}.`,
  "comtrade-no-data": () => "The .dat is empty.",
  "too-short": () => "The recording is too short: five cycles at least.",
  "too-slow": () => "Too few samples for a waveform: twelve a cycle at least. If these are RMS figures, say so.",
  "no-start": () => "There is no start in it: nothing rises to 1.5 times the quietest cycle.",
  "not-a-number": () => "Some samples are not numbers.",
  "needs-both": () => "A COMTRADE record needs its .cfg and its .dat together.",
  "no-answer": () =>
    "Reading this file took too long or stopped. Nothing was kept. Export a shorter stretch around the start, then try again.",
  "too-big": () => "The file is too large: at most 100 MB.",
};

/** Why a recording was refused; what it quotes of the file is shortened. */
export function waveRefused(reason: keyof typeof REFUSALS, where = ""): string {
  return REFUSALS[reason](shorten(where));
}
