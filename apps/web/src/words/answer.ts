import { formatAmps, formatNumber, formatSeconds, formatVolts, formatWatts } from "@amp-saver/core/quantity";
import type { AssessedSide, Assessment } from "@amp-saver/core/study/assess";
import { ASSESS_PARAMS } from "@amp-saver/core/study/assess/params";
import type { Finding, FindingCode, FindingFigures, FindingOf } from "@amp-saver/core/study/motor-start";
import type { Source } from "@amp-saver/records";
import { aboutTime } from "./findings.ts";

/** A stretch of a sentence; `decides` marks the figure that decides. */
export interface Span {
  readonly text: string;
  readonly decides?: boolean;
}

const SOURCE_NOUN: Readonly<Record<Source["type"], string>> = {
  shore: "circuit",
  "inverter-generator": "generator",
  generator: "generator",
  inverter: "inverter",
};

interface Around {
  readonly start: AssessedSide;
  readonly noun: string;
}

const needs = ({ neededA }: AssessedSide): string => `It needs ${formatAmps(neededA)} to start`;
const supply = ({ availableA }: AssessedSide): string =>
  availableA === null ? "no size of it would do" : `can supply ${formatAmps(availableA)}`;

/** How a finding leads an answer; null for what never ends one. A code left out does not compile. */
const LEADS: { readonly [C in FindingCode]: ((f: FindingFigures[C], around: Around) => readonly Span[]) | null } = {
  stalled: ({ amps, overloadOpensS }) => [
    { text: "No. It draws " },
    { text: formatAmps(amps), decides: true },
    { text: ` and stalls.${overloadOpensS === null ? "" : ` Its overload opens after about ${aboutTime(overloadOpensS)}.`}` },
  ],
  "overload-opens": ({ atS }) => [
    { text: "No. It is too slow to start: " },
    { text: `its own overload opens after ${formatSeconds(atS)}.`, decides: true },
  ],
  "starter-gave-up": ({ tries, limitA }) => [
    { text: "No. It does not come up to speed: " },
    { text: `the starter gives up after ${tries === 1 ? "1 try" : `${tries} tries`}`, decides: true },
    { text: `, the last at ${formatAmps(limitA)}.` },
  ],
  "source-undervoltage": ({ atS }, { start, noun }) => [
    { text: `No. ${needs(start)}; ` },
    { text: `this ${noun} ${supply(start)}`, decides: true },
    { text: ` and shuts off after ${formatSeconds(atS)}.` },
  ],
  "engine-stalls": ({ atS }, { start }) => [
    { text: `No. ${needs(start)} and ` },
    { text: `stalls the generator’s engine at ${formatSeconds(atS)}.`, decides: true },
  ],
  "breaker-trips": ({ atS }) => [
    { text: "No. " },
    { text: `The breaker trips within ${formatSeconds(atS)}`, decides: true },
    { text: ", before it is up to speed." },
  ],
  "manager-cuts-out": ({ atS, lowV }) => [
    { text: "No. " },
    { text: `The energy manager cuts out at ${formatSeconds(atS)}`, decides: true },
    { text: `: less than ${formatVolts(lowV)}.` },
  ],
  "surge-time": ({ seconds, limitS }) => [
    { text: "No. It starts, but too slowly: " },
    { text: `${formatSeconds(seconds)} above the running watts`, decides: true },
    { text: `. The source allows ${formatSeconds(limitS)}.` },
  ],
  "battery-low": ({ atS }) => [
    { text: "No. The battery drops below its limits and " },
    { text: `the inverter shuts off at ${formatSeconds(atS)}`, decides: true },
    { text: ", before it is up to speed." },
  ],
  "run-over-rating": ({ neededA, availableA, afterS }, { noun }) => [
    { text: "No. It starts, then the " },
    { text: `${noun} shuts off${afterS === null ? "" : ` after about ${aboutTime(afterS)}`}`, decides: true },
    { text: `: running needs ${formatAmps(neededA)}; it can supply ${formatAmps(availableA)}.` },
  ],
  "run-breaker-trips": ({ amps, ratingA, afterS }) => [
    { text: "No. It starts, then " },
    { text: `the breaker trips after about ${aboutTime(afterS)}`, decides: true },
    { text: `: running draws ${formatAmps(amps)} on a ${formatNumber(ratingA, 0)}\u00a0A breaker.` },
  ],
  "run-battery-low": ({ volts, limitV }) => [
    { text: "No. It starts, then the inverter shuts off: running pulls the battery to " },
    { text: `${formatNumber(volts, 1)}\u00a0V`, decides: true },
    { text: `, below its ${formatNumber(limitV, 1)}\u00a0V cut-off.` },
  ],
  "run-bms": ({ amps, limitA }) => [
    { text: "No. It starts, then the battery cuts out: running draws " },
    { text: `${formatAmps(amps)} DC`, decides: true },
    { text: `; its BMS carries ${formatAmps(limitA)}.` },
  ],
  "run-manager": ({ volts, limitV }) => [
    { text: "No. It starts, then runs on " },
    { text: formatVolts(volts), decides: true },
    { text: `: the energy manager cuts out below ${formatVolts(limitV)}.` },
  ],
  "run-volts-too-low": ({ volts, limitV }) => [
    { text: "No. It starts, then runs on " },
    { text: formatVolts(volts), decides: true },
    { text: `; its plate allows no less than ${formatVolts(limitV)}.` },
  ],
  "run-pull-out": () => [
    { text: "No. It starts, but cannot carry its load: " },
    { text: "the volts at the unit are too low.", decides: true },
  ],
  "starter-retries": null,
  "engine-badly": null,
  "contactor-may-drop": null,
  "breaker-may-trip": null,
  "source-sags": null,
  "breaker-warms": null,
  "eco-mode": null,
  "run-volts-low": null,
  "start-capacitor-long": null,
  "run-current-not-met": null,
  "rule-motor-share": null,
  "rule-plug-in": null,
};

function lead<C extends FindingCode>(finding: FindingOf<C>, around: Around): readonly Span[] | null {
  return LEADS[finding.code]?.(finding.figures, around) ?? null;
}

/** In how many of a hundred tries it works, to show or to say. */
export const ofHundred = ({ holds, trials }: { readonly holds: number; readonly trials: number }): string =>
  trials === 0 ? "–" : formatNumber(wholeOfHundred((100 * holds) / trials), 0);

/** A whole number of a hundred that is on the same side of where answers turn: 94.8 is told as 94, as it does not fit from 95 on. */
export function wholeOfHundred(percent: number): number {
  const whole = Math.round(percent);
  const turns = [ASSESS_PARAMS.fitsShare.value, ASSESS_PARAMS.tooMuchShare.value].map((share) => 100 * share);
  return turns.some((turn) => percent < turn && whole >= turn) ? whole - 1 : whole;
}

/** What is to spare, or short, on one side. */
function spare({ spareA }: AssessedSide): string {
  if (spareA === null) return "plenty to spare";
  return spareA > 0 ? `${formatAmps(spareA)} to spare` : `${formatAmps(-spareA)} short`;
}

const AMPS_OF_PLENTY = 100;

/** The answer in one sentence, the deciding figure marked: the assessment's own, and nothing judged again. */
export function answerSentence(assessment: Assessment, sourceType: Source["type"]): readonly Span[] {
  const { fit, start, run, decides, findings, capped, tries, provisional } = assessment;
  if (fit === "not-known") return [{ text: "Not known yet." }];
  const around = { start, noun: SOURCE_NOUN[sourceType] };
  if (fit === "too-much") {
    const stop = findings.find((f) => f.severity === "stop");
    const led = stop === undefined ? null : lead(stop, around);
    return led ?? triesSay("Probably not", tries);
  }
  if (capped) return [{ text: "Barely. It starts and runs, but " }, { text: ruleSays(findings), decides: true }];
  const sags = findings.find((f): f is FindingOf<"source-sags"> => f.code === "source-sags");
  if (sags !== undefined && decides === "start" && fit === "just-fits")
    return [
      { text: "Barely. It starts, but drags the source down to " },
      { text: formatVolts(sags.figures.lowestV), decides: true },
      { text: "." },
    ];
  const short = [start, run].some((side) => side?.spareA != null && side.spareA <= 0) || run === null;
  if (fit === "just-fits" && short && !provisional) return triesSay("Barely", tries);
  const starts = start.spareA !== null && start.spareA > AMPS_OF_PLENTY ? "plenty to spare" : spare(start);
  return [
    { text: fit === "fits" ? "Yes. It starts with " : "Barely. It starts with " },
    { text: starts, decides: decides === "start" },
    { text: " and runs with " },
    { text: `${run === null ? "nothing known" : spare(run)}.`, decides: decides === "run" },
  ];
}

function triesSay(word: string, tries: Assessment["tries"]): readonly Span[] {
  if (tries === null) return [{ text: `${word}.` }];
  return [{ text: `${word}. It works in ` }, { text: `${ofHundred(tries)} of 100 tries`, decides: true }, { text: "." }];
}

function ruleSays(findings: readonly Finding[]): string {
  const motor = findings.find((f): f is FindingOf<"rule-motor-share"> => f.code === "rule-motor-share");
  if (motor !== undefined)
    return `the code counts ${formatAmps(motor.figures.countedA)} on this ${formatNumber(motor.figures.ratingA, 0)}\u00a0A breaker.`;
  const plug = findings.find((f): f is FindingOf<"rule-plug-in"> => f.code === "rule-plug-in");
  return plug === undefined ? "a rule of the code is broken." : `the code allows a plug-in unit ${formatAmps(plug.figures.limitA)} here.`;
}

/** Watts for a sentence, rounded up to what a sheet carries. */
export const roundWatts = (watts: number): string => formatWatts(Math.ceil(watts / 50) * 50);
