import { formatAmps, formatNumber, formatSeconds, formatVolts, formatWatts } from "@amp-saver/core/quantity";
import type { Method } from "@amp-saver/records";

/** A stretch of a sentence; `decides` marks the figure that decides. */
export interface Part {
  readonly text: string;
  readonly decides?: boolean;
}

export const METHOD_WORDS: Readonly<Record<Method, string>> = {
  "as-found": "As found",
  direct: "Direct",
  hard: "Hard start kit",
  soft: "Soft starter",
};
const METHOD_SENTENCE: Readonly<Record<Method, string>> = {
  "as-found": "as found",
  direct: "direct",
  hard: "with a hard start kit",
  soft: "with a soft starter",
};

interface AnswerWords {
  readonly code: string;
  readonly figures: Readonly<Record<string, number>>;
  readonly decides: "start" | "run";
  readonly method: Method;
  readonly shore: boolean;
}

const f = (figures: Readonly<Record<string, number>>, name: string): number => figures[name] ?? 0;

/** The answer in one sentence, the deciding figure marked. */
export function answerSentence({ code, figures, decides, method, shore }: AnswerWords): readonly Part[] {
  const startSpare = formatAmps(f(figures, "startSpareA"));
  const runSpare = formatAmps(f(figures, "runSpareA"));
  switch (code) {
    case "undervoltage":
      return [
        { text: `No: ${METHOD_SENTENCE[method]} it asks ${formatAmps(f(figures, "askedA"))}, ` },
        { text: `the source gives ${formatAmps(f(figures, "limitA"))}`, decides: true },
        { text: ` and lets go after ${formatSeconds(f(figures, "atS"))}.` },
      ];
    case "engine":
      return [
        { text: `No: ${METHOD_SENTENCE[method]} it asks ${formatAmps(f(figures, "askedA"))} and ` },
        { text: `stalls the generator’s engine at ${formatSeconds(f(figures, "atS"))}.`, decides: true },
      ];
    case "dips":
      return [
        { text: "Yes, but badly: the generator sags to " },
        { text: formatVolts(f(figures, "lowestV")), decides: true },
        { text: ` before it is at speed in ${formatSeconds(f(figures, "startS"))}.` },
      ];
    case "battery":
      return [
        { text: "No: " },
        { text: `the battery falls below its cut-off and lets go at ${formatSeconds(f(figures, "atS"))}`, decides: true },
        { text: ", before the unit is at speed." },
      ];
    case "run-battery":
      return [
        { text: "It starts, then the inverter cuts off: running pulls the battery to " },
        { text: formatVolts(f(figures, "volts")), decides: true },
        { text: `, and the cut-off is ${formatVolts(f(figures, "limitV"))}.` },
      ];
    case "breaker":
      return [
        { text: "No: the breaker trips " },
        { text: `by ${formatSeconds(f(figures, "atS"))} at the latest`, decides: true },
        { text: ", before the unit is at speed." },
      ];
    case "stalled":
      return [
        { text: "No: " },
        { text: `${formatAmps(f(figures, "askedA"))} do not bring it to speed`, decides: true },
        { text: "; it stalls." },
      ];
    case "gave-up":
      return [
        { text: `No: held to ${formatAmps(f(figures, "askedA"))} the rotor does not come to speed; ` },
        { text: `the starter lets go after ${formatSeconds(f(figures, "atS"))}.`, decides: true },
      ];
    case "surge-time":
      return [
        { text: "It starts, but takes " },
        { text: `${formatSeconds(f(figures, "seconds"))} above the running watts`, decides: true },
        { text: `; the source allows ${formatSeconds(f(figures, "limitS"))}.` },
      ];
    case "run-over-generator":
      return [
        { text: "It starts, then drops out: running needs " },
        { text: formatAmps(f(figures, "runAskedA")), decides: true },
        { text: ` and the generator carries ${formatAmps(f(figures, "runLimitA"))}.` },
      ];
    case "run-over-breaker":
      return [
        { text: "It starts, but not for hours: running needs " },
        { text: formatAmps(f(figures, "runAskedA")), decides: true },
        { text: ` and this breaker carries ${formatAmps(f(figures, "runLimitA"))} for three hours and more.` },
      ];
    case "run-low-volts":
      return [
        { text: "It starts, but then runs on " },
        { text: formatVolts(f(figures, "volts")), decides: true },
        { text: `, less than the ${formatVolts(f(figures, "limitV"))} its plate allows.` },
      ];
    case "pull-out":
      return [{ text: "It starts, but cannot carry its load: " }, { text: "the volts at the unit are too low.", decides: true }];
    case "folded":
      return [
        { text: "Yes, but only by leaning on the source: it asks " },
        { text: `${formatAmps(f(figures, "askedA"))} and gets ${formatAmps(f(figures, "limitA"))}`, decides: true },
        { text: `, at speed in ${formatSeconds(f(figures, "startS"))}.` },
      ];
    case "may-trip":
      return [{ text: "Perhaps: it starts, but " }, { text: "a quick breaker may trip first.", decides: true }];
    default: {
      const lead = code === "fits" ? "Yes: starts with " : "Yes, but it only just fits: starts with ";
      const startFigure = shore && f(figures, "startSpareA") > 100 ? "plenty" : startSpare;
      return [
        { text: lead },
        { text: `${startFigure} to spare`, decides: decides === "start" },
        { text: ", then keeps running with " },
        { text: `${runSpare} to spare.`, decides: decides === "run" },
      ];
    }
  }
}

/** Why there is no answer yet, and where to get it. */
export const MISSING = {
  "plate-amps": { answer: "Not known yet: the plate gives no amps.", action: "Enter locked rotor amps or rated load amps" },
  source: { answer: "Not known yet: there is nothing to start it on.", action: "Add a source" },
  "generator-watts": { answer: "Not known yet: the source’s watts are missing.", action: "Enter its running or surge watts" },
  "two-stage": {
    answer: "Not studied: a two-stage compressor starts otherwise, and no soft starter of these kinds fits it.",
    action: "Look at the unit’s kind again",
  },
  "variable-speed": {
    answer: "Not studied: a variable-speed compressor starts softly by itself; no soft starter fits it.",
    action: "Look at the unit’s kind again",
  },
  "three-phase": {
    answer: "Not studied: a three-phase compressor needs another starter and another study.",
    action: "Look at the unit’s kind again",
  },
  "aid-with-starter": {
    answer: "Refused: a start capacitor beside a soft starter fights it and can destroy both. The start aid comes off first.",
    action: "Look at the start aid again",
  },
  "no-motor": { answer: "Not known: no motor can have these figures.", action: "Look at the plate’s amps again" },
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
  way: "Way of starting",
  against: "Laid over it",
  againstNone: "nothing",
  limit: "Starter’s limit",
  starter: (name: string): string => `With ${name}`,
  aidStaysIn: "Start aid stays in",
  aidHelp: "it comes off before a soft starter goes in",
  loads: "Other loads on",
  fromList: "the list",
  outdoor: "Outdoor air",
  altitude: "Altitude",
  back: "Back to the rig’s own",
  assumed: "What we assumed",
  all: (n: number): string => `all ${n}`,
  measureNext: "Measure this next",
  nothingToMeasure: "Nothing that a meter could tell moves this answer by a tenth of an amp.",
  start: "Start",
  run: "Run",
  amps: "Amps",
  volts: "Volts",
  rpm: "Rpm",
  toSpare: "to spare",
  spareOf: (a: number): string => `${formatAmps(a)} to spare`,
  over: "too much",
  notGiven: "not given",
  starting: "starting",
  running: "running",
  gapGenerator: (limit: number): string => `momentary limit ${formatAmps(limit)}`,
  gapSet: (limit: number): string => `starts up to ${formatAmps(limit)}`,
  gapSetFails: (limit: number): string => `gives ${formatAmps(limit)}`,
  gapBreaker: (limit: number): string => `breaker may trip at ${formatAmps(limit)}`,
  runGapGenerator: (limit: number): string => `rated watts are ${formatAmps(limit)} here`,
  runGapBreaker: (limit: number): string => `80 % of the breaker, ${formatAmps(limit)}`,
  noGap: "no limit judged",
  asks: (method: Method, amps: number): string => `${METHOD_WORDS[method].toLowerCase()} asks ${formatAmps(amps)}`,
  traceLabel: (method: Method, status: string, startS: number | null, endsAtS: number | null, peakA: number): string => {
    if (status === "started" && startS !== null)
      return `${METHOD_WORDS[method]}: ${formatAmps(peakA)}, at speed in ${formatSeconds(startS)}`;
    if (status === "tripped" && endsAtS !== null) return `${METHOD_WORDS[method]}: stalls, source off at ${formatSeconds(endsAtS)}`;
    if (endsAtS !== null) return `${METHOD_WORDS[method]}: lets go at ${formatSeconds(endsAtS)}`;
    return `${METHOD_WORDS[method]}: stalls`;
  },
  traceShort: (method: Method, status: string, startS: number | null, endsAtS: number | null): string => {
    if (status === "started" && startS !== null) return `${METHOD_WORDS[method]}, ${formatSeconds(startS)}`;
    return endsAtS === null ? `${METHOD_WORDS[method]}: stalls` : `${METHOD_WORDS[method]}: off at ${formatSeconds(endsAtS)}`;
  },
  minutesWall: (limit: number): string => `${formatAmps(limit)} for hours`,
  thresholds: (hot: string | null, high: string | null, fits: boolean): string => {
    if (!fits) return "";
    if (hot !== null && high !== null) return `Above ${hot}, or above ${high}, it no longer does.`;
    if (hot !== null) return `Above ${hot} it no longer does.`;
    if (high !== null) return `Above ${high} it no longer does.`;
    return "No weather or altitude on the rule changes that.";
  },
  trying: "Trying it with other figures.",
  held: (holds: number, trials: number, of: number | null): string =>
    of === null
      ? `Held in ${formatNumber(holds, 0)} of ${formatNumber(trials, 0)} trial runs.`
      : `Held in ${formatNumber(holds, 0)} of ${formatNumber(trials, 0)} trial runs so far.`,
  stop: "stop",
  known: (tolerance: number): string => `Known to within ${formatAmps(tolerance)}.`,
  noMore: "It is already too much here.",
  showAmps: "Amps",
  showVoltsRpm: "Volts and rpm",
  pictureLabel: (answer: string): string => `Picture of the start: amps left to right, time downwards. ${answer}`,
  controls: "What the answer is about",
  weatherRow: (air: string, height: string | null): string => (height === null ? air : `${air}, ${height}`),
  drawers: { source: "Source", way: "Way of starting", loads: "Other loads on", weather: "Outdoor air and altitude" },
  unknown: "?",
  upTo: (hot: string | null, high: string | null): string =>
    hot === null && high === null ? "" : `to ${[hot, high].filter((s) => s !== null).join(" or ")}`,
  plate: { lockedRotorA: "Locked", ratedLoadA: "Rated", fanA: "Fan", runCapacitorF: "Can" },
} as const;

export const ASSUMED_WORDS: Readonly<Record<string, (value: number, tolerance: number) => string>> = {
  "running-amps": (v, t) => `Compressor runs at ${formatAmps(v)}, ±\u00a0${formatAmps(v * t)}`,
  "locked-amps": (v, t) => `Locked rotor ${formatAmps(v)}, ±\u00a0${formatAmps(v * t)}`,
  "run-capacitor": (v) => `Run capacitor ${formatNumber(v * 1e6, 0)}\u00a0µF`,
  "fan-amps": (v) => `Fan ${formatAmps(v)}, in phase with the source`,
  "motor-make-up": (v) => `Usual motor of this kind, locked power factor ${formatNumber(v, 2)}`,
  rested: () => "Rested 3 min, pressures equal",
  "source-ohm": (v) => `Wiring and cord ${formatNumber(v, 2)}\u00a0ohm`,
  breaker: (v) => `Breaker ${formatNumber(v, 0)}\u00a0A`,
  "running-watts": (v) => `Running watts ${formatWatts(v)}`,
  "surge-watts": (v) => `Surge watts ${formatWatts(v)}`,
  "surge-seconds": (v) => `Surge lasts ${formatNumber(v, 0)}\u00a0s`,
  "momentary-limit": (v) => `Folds back at ${formatNumber(v, 2)} × surge amps`,
  "set-make-up": (v) => `Alternator’s transient reactance ${formatNumber(v, 2)}`,
  "cord-ohm": (v) => `Cords and adapters ${formatNumber(v, 3)}\u00a0ohm`,
  "altitude-loss": (v) => `Engine loses ${formatNumber(v * 100, 1)}\u00a0% to height`,
  "heat-loss": (v) => `Engine loses ${formatNumber(v * 100, 1)}\u00a0% to heat`,
  "fuel-loss": (v) => `Engine loses ${formatNumber(v * 100, 0)}\u00a0% on propane`,
  "shore-limit": (v) => `Shore gives up to ${formatAmps(v)} of it`,
  "battery-volts": (v) => `Battery ${formatVolts(v)} at rest`,
  "battery-ohm": (v) => `Bank and cables ${formatNumber(v * 1000, 1)}\u00a0milliohm`,
  efficiency: (v) => `Inverter ${formatNumber(v * 100, 0)}\u00a0% efficient`,
  "cut-off": (v) => `Cuts off below ${formatNumber(v, 1)}\u00a0V of battery`,
  "starter-limit": (v) => `Starter holds ${formatAmps(v)} once it has learned`,
  "start-capacitor": (v) => `Start capacitor ${formatNumber(v * 1e6, 0)}\u00a0µF`,
};

export const MEASURE_WORDS: Readonly<Record<string, (now: number, then: number) => string>> = {
  "running-amps": (now, then) =>
    `Running amps on compressor common, hot day: ±\u00a0${formatAmps(now)} becomes ±\u00a0${formatAmps(then)}.`,
  "locked-amps": (now, then) =>
    `A start as found, inrush on compressor common: ±\u00a0${formatAmps(now)} becomes ±\u00a0${formatAmps(then)}.`,
  "run-capacitor": (now, then) => `The run capacitor, discharged and lifted: ±\u00a0${formatAmps(now)} becomes ±\u00a0${formatAmps(then)}.`,
  "source-ohm": (now, then) => `Volts at the unit, loaded and not: ±\u00a0${formatAmps(now)} becomes ±\u00a0${formatAmps(then)}.`,
};
