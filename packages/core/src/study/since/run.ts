import { type ClampReading, type Comparison, type RunningComparison, studyReadings } from "../reading/index.ts";

/** Readings with the starter in, of an earlier visit and of this one. */
export interface SinceInput {
  readonly earlier: readonly ClampReading[];
  readonly later: readonly ClampReading[];
  /** What the plate says, amps; null where it is not known. */
  readonly lockedRotorA: number | null;
}

/** How one figure stands beside what it was: apart by more than both are sure of, or not; or why it cannot be said. */
export const SINCE_VERDICTS = ["alike", "higher", "lower", "cannot-tell", "no-then", "no-now", "nothing-alike"] as const;
export type SinceVerdict = (typeof SINCE_VERDICTS)[number];

/** One figure then and now, amps; change as a share of then, and whether it is apart by more than the readings leave open. */
export interface Since {
  readonly verdict: SinceVerdict;
  readonly thenA: number | null;
  readonly nowA: number | null;
  readonly change: number | null;
}

export interface SinceStudy {
  readonly start: Since;
  readonly running: Since;
}

/** What start and running amps have done since an earlier visit, like with like by the same rules as a proof. */
export function studySince({ earlier, later, lockedRotorA }: SinceInput): SinceStudy {
  const as = (readings: readonly ClampReading[], when: ClampReading["when"]): ClampReading[] =>
    readings.filter((r) => r.when === "after").map((r) => ({ ...r, when, id: `${when} ${r.id}` }));
  const readings = [...as(earlier, "before"), ...as(later, "after")];
  const { start, running } = studyReadings({ readings, lockedRotorA, seasonsApart: true });
  const sides = (live: boolean) => ({
    earlier: readings.some((r) => r.when === "before" && (r.kind === "live") === live),
    later: readings.some((r) => r.when === "after" && (r.kind === "live") === live),
  });
  return { start: since(start, sides(false)), running: since(running, sides(true)) };
}

function since(found: Comparison | RunningComparison | null, sides: { readonly earlier: boolean; readonly later: boolean }): Since {
  if (found === null) {
    const verdict = !sides.earlier ? "no-then" : !sides.later ? "no-now" : "nothing-alike";
    return { verdict, thenA: null, nowA: null, change: null };
  }
  const { before, after } = found;
  const { middle, low, high } =
    "change" in found ? found.change : { middle: 0 - found.reduction, low: 0 - found.high, high: 0 - found.low };
  const unclear = "verdict" in found && found.verdict === "cannot-tell";
  const verdict = low > 0 ? "higher" : high < 0 ? "lower" : unclear ? "cannot-tell" : "alike";
  return { verdict, thenA: before.medianA, nowA: after.medianA, change: middle };
}
