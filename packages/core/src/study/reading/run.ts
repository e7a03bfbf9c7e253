import { remembered } from "../../quantity/index.ts";
import { compare } from "./compare.ts";
import { compareRunning } from "./compare-running.ts";
import type { ClampReading, Expected, ReadingInput } from "./input.ts";
import { matchReadings } from "./match.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { Comparison, ReadingStudy, ReadingVerdict } from "./result.ts";
import { apart } from "./sides.ts";

/** Questions whose answers are kept: every screen of a job asks the same few again. */
const KEPT = 8;

/**
 * Compares before with after, like only with like: the kind and conductor with the most readings on
 * both sides. Every other reading is named with the reason it was left out. Verdicts go by the 95 %
 * range of what the readings show, never by their middle alone.
 */
export const studyReadings = remembered((input: ReadingInput): ReadingStudy => {
  const { start: alike, running: live, starts, leftOut } = matchReadings(input);
  const expected = input.expected ?? null;
  const start = compare(alike, expected)?.comparison ?? null;
  const running = compareRunning(live, input.seasonsApart === true);
  const few = (["before", "after"] as const).filter((when) => {
    const side = start?.[when];
    return side === undefined ? starts.every((r) => r.when !== when) : side.count < P.wanted.value;
  });
  const disagree = (["before", "after"] as const).filter((when) => start !== null && apart(start[when]));
  const band = start && bandOf(start, expected);
  return { verdict: verdictOf(start, band, starts, input.readings.length), start, running, expected: band, leftOut, few, disagree };
}, KEPT);

function bandOf({ kind, conductor }: Comparison, expected: Expected | null): NonNullable<ReadingStudy["expected"]> {
  if (expected !== null && expected.kind === kind && expected.conductor === conductor)
    return { low: expected.reduction.low, high: expected.reduction.high, ofUnit: true };
  const high = kind === "inrush" ? P.expectedHighInrush : P.expectedHigh;
  return { low: P.expectedLow.value, high: high.value, ofUnit: false };
}

function verdictOf(start: Comparison | null, band: ReadingStudy["expected"], starts: readonly ClampReading[], all: number): ReadingVerdict {
  if (start === null || band === null) {
    const before = starts.some((r) => r.when === "before");
    const after = starts.some((r) => r.when === "after");
    if (before && after) return "nothing-alike";
    if (before) return "no-after";
    if (after) return "no-before";
    return all === 0 ? "none" : "nothing-alike";
  }
  if (start.high < band.low) return start.low <= 0 ? "no-reduction" : "less-than-expected";
  if (start.low <= 0) return "cannot-tell";
  return start.low > band.high ? "more-than-expected" : "as-expected";
}
