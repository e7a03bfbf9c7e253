import { formatAmps, formatNumber, formatPercent, formatWith } from "@amp-saver/core/quantity";
import type { Against, ProofGap, SourceShown } from "@amp-saver/core/study/proof";
import type { RunningComparison } from "@amp-saver/core/study/reading";
import type { Span } from "./answer.ts";

/** What it may mean where a reading lies outside of what was expected. */
const DIFFERS = {
  before: {
    above: "Check the plate’s LRA, the wire in the jaws and the rest.",
    below: "Check the wire in the jaws and the meter’s mode: max hold reads low.",
  },
  after: {
    above: "It may not have learned all it can, or it starts against pressure. Check rest, run cap and volts.",
    below: "Check the wire in the jaws and the meter’s mode.",
  },
  running: {
    above: "Look for a dirty coil, low volts or a wrong charge.",
    below: "Look for an iced coil, low charge or a cool day.",
  },
} as const;

export const PROOF = {
  parts: { after: "After readings", test: "Run test", proof: "Proof" },
  partLabel: "Part of proving",
  testQuestion: (source: string): string => `Does it keep running on ${source === "" ? "a weak source" : source}?`,
  testShown: (source: string, shown: SourceShown | undefined): readonly Span[] => {
    const min = `${formatNumber(shown?.minutes ?? 0, 0)} min`;
    if (shown === undefined) return [{ text: "Not shown yet: " }, { text: "run it for half an hour.", decides: true }];
    if (shown.verdict === "stopped") return [{ text: `It stopped by itself on ${source}: ` }, { text: "see below.", decides: true }];
    return shown.verdict === "keeps-running"
      ? [{ text: `Yes: on ${source} ` }, { text: `it kept running for ${min}.`, decides: true }]
      : [{ text: `Not shown yet: it ran for ${min} on ${source}; ` }, { text: "half an hour shows it.", decides: true }];
  },
  testRuns: (left: string): readonly Span[] => [{ text: "It runs: " }, { text: `${left} to the goal.`, decides: true }],
  testGoal: (min: number): readonly Span[] => [
    { text: `It has run for ${formatNumber(min, 0)} min: ` },
    { text: "that shows it.", decides: true },
  ],
  testSure: "Leave the usual loads on, on a day as hot as it gets. Half an hour shows it, not the start.",
  testNoSource: "No source is entered.",
  toSources: "Add one in Survey",
  testSource: "On which source",
  testLoads: "What else is on",
  testBegin: "It runs: start the timer",
  testWell: "It ran well: end the run",
  testStopped: "It stopped by itself",
  testStops: "Stop at once when",
  testStopList: [
    "the breaker or the generator trips, or its overload lamp stays on",
    "volts at the unit fall below 90 % of the plate",
    "the compressor hums and does not turn, or restarts by itself again and again",
    "anything smells, smokes or is too hot to touch",
  ],
  testPeople: "People and pets must not depend on this unit while it is tested.",
  lookFirst: "Look at these first",
  lookList: [
    "Generator: oil, air filter, fuel, altitude, propane or gasoline.",
    "Air conditioner: dirty coil, refrigerant charge, low volts.",
    "Cord and plugs: length, gauge, anything warm.",
    "Loads: what came on by itself?",
  ],
  tests: "Runs so far",
  testRow: (source: string, min: number, well: boolean): string =>
    `${source}: ${formatNumber(min, min < 10 ? 1 : 0)} min, ${well ? "ended well" : "stopped by itself"}`,
  testRemove: (source: string): string => `Delete the run on ${source}`,
  proofQuestion: (unit: string): string => `What is proven for ${unit}, and what is not?`,
  shown: "Shown",
  notShown: "Not shown",
  nothingMissing: "Nothing is missing.",
  reduction: (
    beforeA: number,
    afterA: number,
    found: { readonly reduction: number; readonly low: number; readonly high: number },
  ): string =>
    `Starting amps fell from ${formatAmps(beforeA)} to ${formatAmps(afterA)}: ${formatWith(found.reduction * 100, 0, "%")} less (${formatNumber(found.low * 100, 0)} to ${formatWith(found.high * 100, 0, "%")}, 95 times in 100).`,
  expectedDrop: (low: number, high: number): string =>
    `For this unit, starter and kind of reading, ${formatNumber(low * 100, 0)} to ${formatWith(high * 100, 0, "%")} less is expected.`,
  spread: (side: string, low: number, high: number, count: number): string =>
    `${side}: ${count} readings from ${formatAmps(low)} to ${formatAmps(high)}.`,
  learned: (runs: number): string => `After ${runs === 1 ? "1 learning run" : `${runs} learning runs`}, counted.`,
  running: {
    same: "Running amps are the same before and after. A starter lowers the start, not the running cost.",
    changed: "Running amps changed, air and volts allowed for. A starter does not do that. Another wire?",
    "cannot-tell": "The weather may explain the change of running amps. Note outdoor temp and volts on both sides.",
  } satisfies Readonly<Record<RunningComparison["verdict"], string>>,
  predicted: "Measured against expected",
  predicting: "Working out what was expected.",
  /** How a reading stands to what was expected, by how much, and what a difference means. */
  against: (side: "before" | "after" | "running", readA: number, expectedA: number, how: Against): string => {
    const off = readA / expectedA - 1;
    const by = Math.abs(off) < 0.005 ? "the same" : `${formatPercent(Math.abs(off))} ${off > 0 ? "above" : "below"}`;
    const meaning = how === "above" || how === "below" ? ` ${DIFFERS[side][how]}` : "";
    return `${PROOF.sides[side]}: ${formatAmps(readA)}, expected ${formatAmps(expectedA)}: ${by}${how === "same" && by !== "the same" ? ", as units like it scatter" : ""}.${meaning}`;
  },
  sides: { before: "Before", after: "After", running: "Running" },
  source: (name: string, s: SourceShown, air: string, loads: string): string => {
    const when = `${air === "" ? "" : `, at ${air}`}${loads === "" ? "" : `, with ${loads}`}`;
    if (s.verdict === "keeps-running") return `On ${name} it starts and keeps running: ${formatNumber(s.minutes, 0)} min${when}.`;
    if (s.verdict === "too-short")
      return `On ${name} it starts and ran for ${formatNumber(s.minutes, 0)} min${when}: too short to prove that it keeps running.`;
    return `On ${name} it starts, and stopped by itself after ${formatNumber(s.failedAfterMin ?? 0, 0)} min${when}.`;
  },
  gaps: {
    "no-before": "No before reading was taken, so the reduction is expected, not shown.",
    "no-after": "No after reading was taken, so nothing is shown.",
    "nothing-alike": "No two readings are alike, so no percent can be given.",
    "few-readings": "Fewer than three readings on a side: take more.",
    "sides-disagree": "Two readings of one side disagree: one of them bounced.",
    "not-counted": "Nobody counted the learning runs: the peak may still fall.",
    "not-settled": "The last three peaks had not settled: they may still move.",
    "no-running": "Running amps were not read on both sides.",
    "no-test": "No run test was made: that it keeps running is expected, not shown.",
    "mild-day": "The run was on a cooler day than this rig’s hottest: it draws more when it is hotter.",
    "air-not-noted": "Nobody noted how hot it was during the run.",
  } satisfies Readonly<Record<ProofGap, string>>,
  freeze: "Keep this proof",
  refreeze: "Keep it again",
  frozen: (at: string, version: string): string => `Kept on ${at} by core ${version}.`,
  same: "Worked out again now: the same result.",
  differs: "Worked out again now: another result. Compare both before you rely on it.",
  since: "Something was added or changed since it was kept.",
  toHandOver: "Go on to Hand over",
} as const;
