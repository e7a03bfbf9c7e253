import { formatAmps, formatNumber, formatSeconds, formatVolts, formatWatts, formatWith } from "@amp-saver/core/quantity";
import { MEASURABLE, type MeasurableFigure } from "@amp-saver/core/study/confidence/params";
import type { AssumedCode, MeasurableCode } from "@amp-saver/core/study/motor-start";
import type { Method } from "@amp-saver/records";
import { ofHundred } from "./answer.ts";
import { aboutTime } from "./findings.ts";

export const METHOD_WORDS: Readonly<Record<Method, string>> = {
  "as-found": "As found",
  direct: "Direct",
  hard: "Hard start kit",
  soft: "Soft starter",
};
/** Why there is no answer yet, and where to get it. */
export const MISSING = {
  "plate-amps": { answer: "Not known yet. Enter the plate’s amps, or its size.", action: "Enter the plate’s amps or its size" },
  source: { answer: "Not known yet. Add what feeds it.", action: "Add a source" },
  "generator-watts": { answer: "Not known yet. Enter the source’s watts.", action: "Enter its running or surge watts" },
  "two-stage": {
    answer: "Not studied. A two-stage compressor starts differently, and no soft starter of this kind fits it.",
    action: "Check the compressor’s kind",
  },
  "variable-speed": {
    answer: "Not studied. A variable-speed compressor starts softly by itself; no soft starter fits it.",
    action: "Check the compressor’s kind",
  },
  "three-phase": {
    answer: "Not studied. A three-phase compressor needs another starter and another study.",
    action: "Check the compressor’s kind",
  },
  "aid-with-starter": {
    answer: "No. A start capacitor and a soft starter can destroy each other. The start aid comes out first.",
    action: "Check the start aid",
  },
  "wrong-volts": {
    answer: "No. The unit’s volts and the source’s volts do not match.",
    action: "Check the volts of both",
  },
  "lowest-volts": {
    answer: "Not known yet. On 208 V the plate’s lowest volts decide.",
    action: "Enter the lowest volts on the plate",
  },
  "no-motor": { answer: "Not known. No compressor has these figures.", action: "Check the plate’s amps" },
  contradicts: {
    answer: "Not known. With these figures it would not start as found, yet it was seen to. Check amps, capacitor and start aid.",
    action: "Check the plate again",
  },
  "not-computable": {
    answer: "Not known. Locked rotor amps, run capacitor and ohms cannot belong together. Is a decimal point missing?",
    action: "Check the plate again",
  },
} as const;

export const CHECK = {
  question: (unit: string | null, source: string | null): string => {
    const about = [unit, source === null ? null : `on ${source}`].filter((s) => s !== null).join(", ");
    return about === ""
      ? "Does it start and keep running?"
      : `${about.charAt(0).toUpperCase()}${about.slice(1)}: does it start and keep running?`;
  },
  source: "Source",
  addSource: "Add a source in Survey",
  way: "Start method",
  against: "Compare with",
  againstNone: "nothing",
  limit: "Starter’s limit",
  starter: (name: string): string => `With ${name}`,
  aidStaysIn: "Start aid stays in",
  aidHelp: "remove it before a soft starter goes in",
  loads: "Other loads on",
  fromList: "the list",
  loadsBack: "not known",
  outdoor: "Outdoor temp",
  altitude: "Altitude",
  back: "Use the rig’s own",
  assumed: "What we assumed",
  all: (n: number): string => `all ${n}`,
  measureNext: "Measure this next",
  readNext: "Read this off the plate next",
  fromSize: (figures: readonly string[]): string =>
    `This is from the size alone, so it is wide.${figures.length === 0 ? "" : ` These narrow it most: ${figures.join(" and ")}.`}`,
  nothingToMeasure: "No measurement would change this answer by 0.1 A.",
  start: "Start",
  run: "Run",
  amps: "Amps",
  volts: "Volts",
  rpm: "Rpm",
  toSpare: "to spare",
  spareOf: (a: number): string => `${formatAmps(a)} to spare`,
  over: "short",
  starting: "starting",
  running: "running",
  gapGenerator: (limit: number): string => `surge limit ${formatAmps(limit)}`,
  gapSet: (limit: number): string => `can supply ${formatAmps(limit)}`,
  gapBreaker: (limit: number): string => `starts up to ${formatAmps(limit)}`,
  runGapGenerator: (limit: number): string => `can supply ${formatAmps(limit)} for hours`,
  runGapBreaker: (limit: number): string => `breaker carries ${formatAmps(limit)}`,
  noGap: "no limit judged",
  draws: (method: Method, amps: number): string => `${METHOD_WORDS[method].toLowerCase()} would draw ${formatAmps(amps)}`,
  traceLabel: (method: Method, status: string, startS: number | null, endsAtS: number | null, peakA: number): string => {
    if (status === "started" && startS !== null)
      return `${METHOD_WORDS[method]}: ${formatAmps(peakA)}, at speed in ${formatSeconds(startS)}`;
    if (status === "tripped" && endsAtS !== null) return `${METHOD_WORDS[method]}: off at ${formatSeconds(endsAtS)}`;
    if (endsAtS !== null) return `${METHOD_WORDS[method]}: gives up at ${formatSeconds(endsAtS)}`;
    return `${METHOD_WORDS[method]}: stalls`;
  },
  traceShort: (method: Method, status: string, startS: number | null, endsAtS: number | null): string => {
    if (status === "started" && startS !== null) return `${METHOD_WORDS[method]}, ${formatSeconds(startS)}`;
    return endsAtS === null ? `${METHOD_WORDS[method]}: stalls` : `${METHOD_WORDS[method]}: off at ${formatSeconds(endsAtS)}`;
  },
  minutesWall: (limit: number): string => `${formatAmps(limit)} for hours`,
  thresholds: (hot: string | null, high: string | null, fits: boolean): string => {
    if (!fits) return "";
    if (hot !== null && high !== null) return `Stops working above ${hot} or ${high}.`;
    if (hot !== null) return `Stops working above ${hot}.`;
    if (high !== null) return `Stops working above ${high}.`;
    return "No weather or altitude on this scale changes that.";
  },
  trying: "Provisional: trying it with everything we don’t know varied.",
  held: (holds: number, trials: number, of: number | null): string =>
    of === null
      ? `Works in ${ofHundred({ holds, trials })} of 100 tries.`
      : `Works in ${ofHundred({ holds, trials })} of 100 tries so far (${formatNumber(trials, 0)} of ${formatNumber(of, 0)}).`,
  stop: "stop",
  provisional: "Provisional.",
  leastVolts: (volts: number): string => `Starts down to ${formatVolts(volts)}.`,
  showAmps: "Amps",
  showVoltsRpm: "Volts and rpm",
  pictureLabel: (answer: string): string => `Picture of the start: amps left to right, time downwards. ${answer}`,
  controls: "What the answer is about",
  weatherRow: (air: string, height: string | null): string => (height === null ? air : `${air}, ${height}`),
  drawers: { source: "Source", way: "Start method", loads: "Other loads on", weather: "Outdoor temp and altitude" },
  unknown: "?",
  upTo: (hot: string | null, high: string | null): string =>
    hot === null && high === null ? "" : `to ${[hot, high].filter((s) => s !== null).join(" or ")}`,
  plate: { lockedRotorA: "Locked", ratedLoadA: "Rated", fanA: "Fan", runCapacitorF: "Cap" },
} as const;

export const ASSUMED_WORDS: Readonly<Record<AssumedCode, (value: number, tolerance: number) => string>> = {
  "running-amps": (v, t) => `Compressor runs at ${formatAmps(v)}, ±\u00a0${formatAmps(v * t)}`,
  "locked-amps": (v, t) => `Locked rotor ${formatAmps(v)}, ±\u00a0${formatAmps(v * t)}`,
  "run-capacitor": (v) => `Run capacitor ${formatNumber(v * 1e6, 0)}\u00a0µF`,
  "fan-amps": (v) => `Fan ${formatAmps(v)}, in phase with the source`,
  "motor-make-up": (v) => `Usual motor of this kind, locked power factor ${formatNumber(v, 2)}`,
  rested: (v) => `Starting load ${formatNumber(v * 100, 0)}\u00a0% of running load once rested`,
  rest: (v) => `Rested ${aboutTime(v)} before the start`,
  "start-aid": (v) => `Start capacitor and PTC: in ${formatNumber(v * 100, 0)} of 100 units of this kind`,
  "other-loads": (v) => `Other loads ${formatAmps(v)}`,
  "shore-volts": (v) => `${formatVolts(v)} at the outlet, nothing on`,
  altitude: (v) => `Altitude ${formatNumber(v, 0)}\u00a0m`,
  "drop-out-share": (v) => `Shuts off below ${formatNumber(v * 100, 0)}\u00a0% of its volts`,
  "drop-out-seconds": (v) => `Shuts off after ${formatSeconds(v)} of low volts`,
  "battery-hours": (v) => `Battery holds ${formatNumber(v, 0)}\u00a0Ah`,
  "bms-amps": (v) => `BMS carries ${formatAmps(v)}`,
  "overload-seconds": (v) => `Overload opens after ${formatSeconds(v)} at locked rotor amps`,
  "manager-seconds": (v) => `Energy manager cuts out after ${formatSeconds(v)}`,
  "source-ohm": (v) => `Wiring and cord ${formatNumber(v, 2)}\u00a0ohm`,
  breaker: (v) => `Breaker ${formatNumber(v, 0)}\u00a0A`,
  "running-watts": (v) => `Running watts ${formatWatts(v)}`,
  "surge-watts": (v) => `Surge watts ${formatWatts(v)}`,
  "surge-seconds": (v) => `Surge lasts ${formatNumber(v, 0)}\u00a0s`,
  "momentary-limit": (v) => `Supplies up to ${formatNumber(v, 2)} × surge amps for a moment`,
  "set-make-up": (v) => `Alternator’s transient reactance ${formatNumber(v, 2)}`,
  "cord-ohm": (v) => `Cords and adapters ${formatNumber(v, 3)}\u00a0ohm`,
  "altitude-loss": (v) => `Engine loses ${formatNumber(v * 100, 1)}\u00a0% to altitude`,
  "heat-loss": (v) => `Engine loses ${formatNumber(v * 100, 1)}\u00a0% to heat`,
  "fuel-loss": (v) => `Engine loses ${formatNumber(v * 100, 0)}\u00a0% on propane`,
  "shore-limit": (v) => `Shore adds up to ${formatAmps(v)}`,
  "battery-volts": (v) => `Battery ${formatVolts(v)} at rest`,
  "battery-ohm": (v) => `Bank and cables ${formatNumber(v * 1000, 1)}\u00a0milliohm`,
  efficiency: (v) => `Inverter ${formatNumber(v * 100, 0)}\u00a0% efficient`,
  "cut-off": (v) => `Shuts off below ${formatNumber(v, 1)}\u00a0V of battery`,
  "starter-limit": (v) => `Starter limits to ${formatAmps(v)} once it has learned`,
  "start-capacitor": (v) => `Start capacitor ${formatNumber(v * 1e6, 0)}\u00a0µF`,
};

/** Figures that a plate carries, by what they settle. */
export const PLATE_FIGURES: Readonly<Partial<Record<MeasurableCode, string>>> = {
  "running-amps": "rated load amps (RLA)",
  "locked-amps": "locked rotor amps (LRA)",
  "run-capacitor": "run capacitor",
  "fan-amps": "fan amps (FLA)",
};

export const MEASURE_WORDS: Readonly<Record<MeasurableFigure, string>> = {
  "running-amps": "Running amps on compressor common, hot day",
  "locked-amps": "Three starts as found, inrush on compressor common",
  "run-capacitor": "The run capacitor’s print, or the capacitor discharged and lifted",
  "fan-amps": "Fan amps, fan alone",
  "start-aid": "Whether a start capacitor is in the unit’s box",
  "starter-limit": "The starter’s last peak, from its link or a clamp",
  "source-ohm": "Volts at the unit, loaded and not",
  "shore-volts": "Volts at the outlet, nothing on",
  "other-loads": "What else is on: a clamp on the supply, unit off",
  rest: "The rest before the start",
  altitude: "The altitude",
  "running-watts": "Running watts on the source’s label",
  "surge-watts": "Surge watts on the source’s label",
  "surge-seconds": "How long surge watts last, from its sheet",
  "shore-limit": "The inverter’s shore setting",
  "battery-volts": "Volts of the bank",
  "battery-hours": "Amp-hours on the batteries",
  "bms-amps": "The battery’s peak amps, from its sheet",
};

/** What to measure next, how far it narrows the answer, in amps where they say it, and the minutes it takes. */
export function measureNext(
  code: MeasurableFigure,
  amps: { readonly now: number; readonly measured: number } | null,
  spread: { readonly now: number; readonly measured: number } | null,
): string {
  const inAmps = amps === null ? "" : `: ±\u00a0${formatAmps(amps.now)} becomes ±\u00a0${formatAmps(amps.measured)}`;
  const share = spread === null ? 0 : Math.round(100 * (1 - spread.measured / spread.now));
  const narrowed = share < 1 ? "" : ` The tries get ${formatWith(share, 0, "%")} surer.`;
  return `${MEASURE_WORDS[code]}${inAmps}.${narrowed} About ${formatWith(MEASURABLE[code].value, 0, "min")}.`;
}
