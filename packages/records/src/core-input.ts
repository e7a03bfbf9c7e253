import { DEFAULT_TOLERANCE } from "@amp-saver/core/quantity";
import type { RunTest } from "@amp-saver/core/study/proof";
import type { ClampReading, ReadingStudy } from "@amp-saver/core/study/reading";
import type { Proof } from "./kind/proof.ts";
import type { Reading } from "./kind/reading.ts";

/** A reading as core judges it. */
export function clampReading(r: Reading): Required<ClampReading> {
  const { id, when, mode, conductor, amps, sourceId, volts, restMin, outdoorC, meter } = r;
  return { id, when, kind: mode, conductor, amps, tolerance: DEFAULT_TOLERANCE.measured, sourceId, volts, restMin, outdoorC, meter };
}

/** What a proof showed when it was frozen. Ends of the range are kept to a millionth: machines differ in the last digits of a logarithm. */
export function shownBy({ verdict, start }: ReadingStudy): NonNullable<Proof["frozen"]>["shown"] {
  const end = (share: number | undefined): number | null => (share === undefined ? null : Math.round(1e6 * share) / 1e6);
  return { verdict, reduction: start?.reduction ?? null, low: end(start?.low), high: end(start?.high) };
}

/** The runs of a proof as core judges them. */
export function runTests(tests: Proof["tests"]): RunTest[] {
  return Object.values(tests).map(({ sourceId, startedAt, endedAt, outcome, outdoorC, loadsOn }) => ({
    sourceId,
    startedMs: Date.parse(startedAt),
    endedMs: endedAt === null ? null : Date.parse(endedAt),
    outcome,
    outdoorC,
    loadsOn,
  }));
}
