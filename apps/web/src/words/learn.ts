import { formatAmps, formatNumber, formatPercent } from "@amp-saver/core/quantity";
import type { Missed, RunState } from "@amp-saver/core/study/learning-runs";
import type { Against } from "@amp-saver/core/study/proof";
import type { Range, ReadingKind } from "@amp-saver/core/study/reading";
import type { NextCheck, WaitBand, WaitingStudy } from "@amp-saver/core/study/waiting";
import type { Learning } from "@amp-saver/records";
import type { Span } from "./answer.ts";

/** Minutes and seconds as a clock shows them. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** A stretch of time in words. */
export function spell(seconds: number): string {
  return seconds < 90 ? `${Math.round(seconds)} s` : `${formatNumber(seconds / 60, seconds < 600 && seconds % 60 !== 0 ? 1 : 0)} min`;
}

/** Whether it has learned enough, in one sentence. */
export function learnSentence(state: RunState, mostRuns: number): readonly Span[] {
  const last = state.peaksA.findLast((p) => p !== null) ?? undefined;
  if (state.now.phase === "done") {
    if (state.settled === true && last !== undefined)
      return [{ text: `Yes: after ${runs(state.counted)} it has settled ` }, { text: `at ${formatAmps(last)}.`, decides: true }];
    if (state.settled === null)
      return [{ text: `The rule’s ${runs(state.counted)} are done; ` }, { text: "too few peaks were read to tell.", decides: true }];
    return [{ text: `After ${runs(mostRuns)} it still moves: ` }, { text: "see its sheet.", decides: true }];
  }
  if (state.counted === 0)
    return state.now.phase === "running"
      ? [{ text: "Run 1 is on. " }, { text: "Let it run its time.", decides: true }]
      : [{ text: "Not yet: " }, { text: "no run is finished.", decides: true }];
  if (state.movesPerRun === null) return [{ text: "Not yet: " }, { text: `${runs(state.counted)} done.`, decides: true }];
  if (state.settled === true)
    return [{ text: "Settled, but the rule wants more: " }, { text: `${runs(state.counted)} done.`, decides: true }];
  if (state.settled === null) return [{ text: "Not yet: " }, { text: "three peaks tell whether it has settled.", decides: true }];
  return [
    { text: "Not yet: the peak still moves by " },
    { text: `${formatPercent(Math.abs(Math.expm1(state.movesPerRun)))} a run.`, decides: true },
  ];
}

const runs = (n: number): string => (n === 1 ? "1 run" : `${n} runs`);

/** The simulated course, in one line. */
export function expectSentence(e: { readonly settledAt: number | null; readonly tripped: boolean }): string {
  if (e.tripped) return "Expected: this source shuts off while the starter still learns. Learn on a stronger one.";
  if (e.settledAt === null) return "Expected: still moving after eight starts.";
  return `Expected: settled by start ${e.settledAt}.`;
}

/** How the last peak stands to what is expected once it has learned. */
export function againstSentence(lastA: number, how: Against, { low, high }: Range): string {
  if (how === "above") return LEARN.against.above(lastA, high);
  if (how === "below") return LEARN.against.below(lastA, low);
  return how === "same" ? LEARN.against.same : "";
}

export const LEARN = {
  question: (unit: string): string => `Has the starter on ${unit} learned enough?`,
  sure: "Dashed: expected, simulated with our own model of a learning starter. Follow the starter’s sheet.",
  shows: (kind: string, low: number, high: number): string =>
    `Once it has learned, ${kind} on compressor common should show ${formatNumber(low, 1)} to ${formatAmps(high)}.`,
  against: {
    same: "The last peak lies within that.",
    above: (lastA: number, highA: number): string =>
      `The last peak, ${formatAmps(lastA)}, is ${formatPercent(lastA / highA - 1)} above that. Let it learn more. If it stays there, check the run cap, the volts and the starter’s sheet.`,
    below: (lastA: number, lowA: number): string =>
      `The last peak, ${formatAmps(lastA)}, is ${formatPercent(1 - lastA / lowA)} below that. Check the meter’s mode and the wire it is on.`,
  },
  kinds: { inrush: "inrush mode", "max-hold": "max hold", app: "the starter’s app", live: "the live display" } satisfies Readonly<
    Record<ReadingKind, string>
  >,
  rule: "Start, amps",
  direct: "Direct",
  run: (n: number): string => `Run ${n}`,
  settled: "settled",
  stalled: "stalls, tries again",
  tripped: "the source shuts off",
  noPeak: "no peak read",
  fell: (share: number): string => {
    const percent = formatNumber(Math.abs(share) * 100, 0);
    return percent === "0" ? "the same" : `${share < 0 ? "+" : "\u2212"}${percent}\u00a0%`;
  },
  pictureLabel: (done: number, all: number): string => `${done} runs done of ${all} on one rule of amps, the rest expected.`,
  timerLabel: (word: string, left: string): string => `${word}: ${left}`,
  phase: {
    held: "Answer first",
    ready: "Rested: call for cooling",
    called: "Called: it is quiet",
    running: (n: number): string => `Run ${n}: switch it off when this is over`,
    runOver: (n: number): string => `Run ${n} is over: switch it off`,
    resting: (n: number): string => `Resting before start ${n}`,
    done: "Done",
  },
  at: (time: string): string => `at ${time}`,
  ruleLine: (runS: number, restS: number): string => `${spell(runS)} run, ${spell(restS)} rest`,
  after: "Then the fan runs and the compressor waits for the start delay. That is normal.",
  call: "Cooling is called",
  started: "It started",
  stopped: "It is off again",
  failed: "It hummed or tripped",
  neverStarted: "Off again, it never started",
  early: "It started anyway",
  peak: (n: number): string => `Peak of run ${n}, A`,
  earlierPeaks: "Peaks of earlier runs",
  badPeak: (limits: string): string => `The peak must be a number from ${limits}.`,
  toProve: "Go on to Prove",
  missed: (m: Missed): string => {
    if (m.what === "rest-short")
      return `Run ${m.run} does not count: it began after ${spell(m.restS)} of rest, and ${spell(m.leastS)} is the least.`;
    if (m.what === "run-short") return `Run ${m.run} does not count: it lasted ${spell(m.runS)}, and ${spell(m.leastS)} is the least.`;
    return m.what === "rest-over"
      ? `Missed: its rest was over ${spell(m.byS)} ago. You can start it now.`
      : `Missed: this run should have ended ${spell(m.byS)} ago. Switch it off now.`;
  },
  clockBack: "The clock was set back. Rest and run count again from now; nothing is lost.",
  sayOff: (unit: string): string => `Switch ${unit} off now.`,
  sayOn: (unit: string): string => `${unit} has rested. Switch it on.`,
  ready: "Before the first run",
  source: "It learns on",
  strong: "It is on full shore power, or on a source that can carry it",
  eco: "Eco mode is off, if a generator feeds it",
  notStrong: "Answer this before the first run. A weak source teaches it a wrong limit.",
  totalTitle: "How long it takes",
  total: (seconds: number, at: string): string => `About ${spell(seconds)} from now, until ${at}, plus the start delays.`,
  rulePick: "Learning rule",
  ruleNames: {
    short: "5 × 30 s, rest 5 min",
    long: "5 × 8 min, rest 5 min",
    "five-five": "5 to 8 × 5 min, rest 5 min",
    "long-rest": "5 to 8 × 5 min, rest 6 to 10 min",
    "until-settled": "until settled, 8 at most",
    thermostat: "half an hour by thermostat",
    sheet: "the starter’s sheet",
    own: "my own",
  } satisfies Readonly<Record<Learning["ruleFrom"], string>>,
  ruleSource: "The usual rules contradict each other. Follow the starter’s sheet.",
  fields: { runs: "Runs, at least", mostRuns: "Runs, at most", runS: "Run, s", restS: "Rest, s" },
  badRule: (label: string, least: number, most: number): string => `${label} must be a number from ${least} to ${most}.`,
  turnsTitle: "Alternate with other units",
  turnsHelp: "While one rests, another runs; one at a time.",
  together: (unit: string): string => `Alternate with ${unit}`,
  turnRow: {
    ready: "may start",
    called: "called, quiet",
    running: (left: string): string => `runs, ${left} left`,
    resting: (left: string): string => `rests, ${left} left`,
    done: "done",
  },
  counted: (n: number, of: number): string => `${n} of ${of}`,
  nextTurn: (unit: string, inS: number): string => (inS < 5 ? `Next: ${unit}, now.` : `Next: ${unit}, in ${clock(inS)}.`),
  unitStarted: (unit: string): string => `${unit}: it started`,
  unitStopped: (unit: string): string => `${unit}: it is off again`,
  linkPick: "Starts counted by",
  linkNone: "my taps",
  linkLost: "This link has no signal. Tap until it is back.",
  waitTitle: "Waiting or faulty",
  waitFan: "The fan runs",
  yes: "Yes",
  no: "No",
  unseen: "Not looked",
  thermostatJustOff: "The thermostat was off for less than five minutes",
  gear: (source: string, gear: readonly string[]): string =>
    gear.length === 0
      ? `No energy manager or transfer switch is entered for ${source}.`
      : `${source} has: ${gear.join(", ").toLowerCase()}.`,
  toGear: "Change it in Survey",
  callNow: "Cooling is called: count from now",
  callAsk: "Call for cooling and tap. The clock tells a delay from a fault.",
  who: {
    "transfer-switch": "transfer switch",
    "energy-manager": "energy manager",
    fan: "fan starts",
    thermostat: "thermostat delay",
    starter: "start delay",
  } satisfies Readonly<Record<WaitBand["who"], string>>,
  waitPicture: (elapsed: string): string => `Delays one after the other; ${elapsed} since the call.`,
  lampPick: "Its lamp or code shows",
  lampNone: "nothing from the list",
  lampMeans: (means: string): string => `Its sheet: ${means}`,
  lampEmpty: "No lamp or code is entered for this starter. Enter them from its sheet in Choose.",
  restTitle: "Rest between starts",
  rest: (restarts: boolean): string =>
    restarts
      ? "It would start here even without rest. Rest 3 to 5 min all the same, as the compressor’s maker says."
      : "Without 3 to 5 min of rest the pressures are not equal. In the simulation the restart stalls. That is not a fault.",
  breakerTitle: "Breaker",
  breaker: (heat: number | null): string =>
    heat === null || heat < 0
      ? "No breaker on this source."
      : heat >= 1
        ? "A quick breaker may trip during the runs. Rest longer."
        : `It warms to ${formatPercent(heat)} of what may trip a quick one.`,
  sound: "Sound and voice when a time is over",
} as const;

/** Waiting or faulty, in one sentence. */
export function waitingSentence(study: WaitingStudy, elapsedS: number): readonly Span[] {
  switch (study.verdict) {
    case "compressor-in":
      return [{ text: "The compressor runs." }];
    case "low-volts":
      return [{ text: "Too few volts to start: " }, { text: "find out what else is on.", decides: true }];
    case "no-fan":
      return [{ text: "The fan should be running: " }, { text: "no call, or no power.", decides: true }];
    case "waiting":
      return [
        { text: `Waiting, not faulty: ${study.now === null ? "" : LEARN.who[study.now]}, ` },
        { text: `${clock(study.lateS - elapsedS)} until it is late.`, decides: true },
      ];
    case "any-moment":
      return [{ text: "Any moment now: " }, { text: `late in ${clock(study.lateS - elapsedS)}.`, decides: true }];
    default:
      return [{ text: `Late by ${clock(elapsedS - study.lateS)}: ` }, { text: "off, then look.", decides: true }];
  }
}

export const NEXT_CHECK_WORDS: Readonly<Record<NextCheck, string>> = {
  volts: "Volts at the unit while it calls for cooling.",
  power: "Breaker, energy manager, cord: is there power at all?",
  thermostat: "Thermostat: on cool, set well below room temp.",
  "fan-circuit": "Fan: does its motor turn by hand, with the power off and proven dead?",
  lamp: "The starter’s lamp or code, from its sheet.",
  overload: "Hot compressor: its overload may be open. Let it cool for an hour, power off.",
  capacitor: "Run capacitor: measure it, dead and bled.",
  wiring: "The wiring against the plan, proven dead: Fit, then Check.",
};
