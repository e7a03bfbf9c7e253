import { type Range, studyReadings } from "../reading/index.ts";
import type { ProofInput, RunTest } from "./input.ts";
import { PROOF_PARAMS as P } from "./params.ts";
import type { Against, ProofGap, ProofStudy, SourceShown } from "./result.ts";

/** Says what readings and runs show, beside what was predicted, and what they do not show. */
export function studyProof(input: ProofInput): ProofStudy {
  const readings = studyReadings({ ...input.readings, expected: input.predicted?.expected ?? null });
  const { start, running } = readings;
  const sources = studyRuns(input.tests);
  const { predicted } = input;
  return {
    readings,
    before: againstExpected(start?.before.medianA, predicted?.beforeA, predicted?.expected?.before),
    after: againstExpected(start?.after.medianA, predicted?.afterA, predicted?.expected?.after),
    running: againstExpected(running?.after.medianA, predicted?.runningA),
    sources,
    gaps: gapsOf(input, readings, sources),
  };
}

/**
 * How a reading stands to what was expected: the same within the range that units like it show, and
 * within a band around the figure, which meters and starts scatter by.
 */
export function againstExpected(measured: number | null | undefined, predicted: number | null | undefined, range?: Range | null): Against {
  if (measured == null || predicted == null || predicted <= 0) return "not-known";
  const band = P.predictedBand.value;
  const low = Math.min(range?.low ?? predicted, predicted * (1 - band));
  const high = Math.max(range?.high ?? predicted, predicted * (1 + band));
  return measured < low ? "below" : measured > high ? "above" : "same";
}

const minutesOf = ({ startedMs, endedMs }: RunTest): number => (endedMs === null ? 0 : Math.max(0, endedMs - startedMs) / 60_000);

/** What runs on sources show, one row a source: a run that stopped by itself outweighs one that ended well, unless a longer one did so later. Runs that are still on say nothing. */
export function studyRuns(tests: readonly RunTest[]): readonly SourceShown[] {
  return [...new Set(tests.map((t) => t.sourceId))].flatMap((sourceId): readonly SourceShown[] => {
    const own = tests.filter((t) => t.sourceId === sourceId && t.outcome !== null).toSorted((a, b) => a.startedMs - b.startedMs);
    const longest = own.filter((t) => t.outcome === "well").toSorted((a, b) => minutesOf(b) - minutesOf(a))[0];
    const failed = own.filter((t) => t.outcome === "stopped").toSorted((a, b) => minutesOf(a) - minutesOf(b))[0];
    const lastFailed = own.findLast((t) => t.outcome === "stopped");
    const decides = longest ?? failed;
    if (decides === undefined) return [];
    const minutes = longest === undefined ? 0 : minutesOf(longest);
    const beaten =
      lastFailed === undefined || (longest !== undefined && longest.startedMs > lastFailed.startedMs && minutes > minutesOf(lastFailed));
    const verdict = !beaten ? "stopped" : minutes >= P.goalMin.value ? "keeps-running" : "too-short";
    const row = verdict === "stopped" && lastFailed !== undefined ? lastFailed : decides;
    const failedAfterMin = failed === undefined ? null : minutesOf(failed);
    return [{ sourceId, minutes, failedAfterMin, verdict, outdoorC: row.outdoorC, loadsOn: row.loadsOn }];
  });
}

function gapsOf(input: ProofInput, readings: ProofStudy["readings"], sources: readonly SourceShown[]): readonly ProofGap[] {
  const gaps: ProofGap[] = [];
  const { verdict, running, few, disagree } = readings;
  if (verdict === "no-before" || verdict === "no-after" || verdict === "nothing-alike") gaps.push(verdict);
  else if (verdict === "none") gaps.push("no-before", "no-after");
  else if (few.length > 0) gaps.push("few-readings");
  if (disagree.length > 0) gaps.push("sides-disagree");
  if (input.learned === null || input.learned.runs === 0) gaps.push("not-counted");
  else if (input.learned.settled !== true) gaps.push("not-settled");
  if (running === null) gaps.push("no-running");
  const kept = sources.filter((s) => s.verdict !== "stopped");
  if (sources.length === 0) gaps.push("no-test");
  if (kept.some((s) => s.outdoorC === null)) gaps.push("air-not-noted");
  if (kept.some((s) => s.outdoorC !== null && s.outdoorC < input.hottestC - P.mildC.value)) gaps.push("mild-day");
  return gaps;
}
