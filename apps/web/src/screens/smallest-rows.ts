import { type Measure, shownAs } from "@amp-saver/core/figure";
import type { Smallest } from "@amp-saver/core/study/boundary";
import { BOUNDARY_PARAMS } from "@amp-saver/core/study/boundary/params";
import { SMALLEST } from "../words/smallest.ts";
import { wireSize } from "../words/wire-size.ts";

/** One line of the smallest that works: what, and the figure for each of some ways. */
export interface SmallestRow {
  readonly label: string;
  readonly figures: readonly string[];
}

/** The smallest that works as lines, in the reader's own units; a line that applies to no way is left out. */
export function smallestRows(found: readonly (Smallest | null)[], measure: Measure): readonly SmallestRow[] {
  const air = shownAs("outdoorC", measure);
  const up = shownAs("altitudeM", measure);
  const cord = shownAs("cordM", measure);
  const line = (label: string, of: (s: Smallest) => string | null): SmallestRow => ({
    label,
    figures: found.map((s) => (s === null ? SMALLEST.trying : (of(s) ?? SMALLEST.none))),
  });
  const reach = (value: number | null, top: number, shown: typeof air): string | null => {
    if (value === null) return null;
    const figure = Math.floor(shown.fromSi(value) + 1e-6);
    return value >= top - 1e-9 ? SMALLEST.most(figure, shown.unit) : SMALLEST.upTo(figure, shown.unit);
  };
  const known = found.flatMap((s) => s ?? []);
  const rows = [
    line(SMALLEST.rows.runningW, (s) => (s.runningW === null ? null : SMALLEST.atLeast.watts(s.runningW))),
    line(SMALLEST.rows.surgeW, (s) => (s.surgeW === null ? null : SMALLEST.atLeast.watts(s.surgeW))),
    ...(known.some((s) => s.breakerA !== null)
      ? [line(SMALLEST.rows.breakerA, (s) => (s.breakerA === null ? null : SMALLEST.atLeast.amps(s.breakerA)))]
      : []),
    ...(known.some((s) => s.leastVolts !== null)
      ? [line(SMALLEST.rows.leastVolts, (s) => (s.leastVolts === null ? null : SMALLEST.atLeast.volts(Math.ceil(s.leastVolts))))]
      : []),
    line(SMALLEST.rows.hottestC, (s) => reach(s.hottestC, BOUNDARY_PARAMS.hottestC.value, air)),
    ...(known.some((s) => s.highestM !== null)
      ? [line(SMALLEST.rows.highestM, (s) => reach(s.highestM, BOUNDARY_PARAMS.highestM.value, up))]
      : []),
  ];
  const gauges = known.find((s) => s.cord.length > 0)?.cord.map((c) => c.awg) ?? [];
  const cords = gauges.toReversed().map((awg) =>
    line(SMALLEST.cord(wireSize(awg, measure)), (s) => {
      const most = s.cord.find((c) => c.awg === awg)?.mostM;
      return most === undefined ? null : SMALLEST.upTo(Math.floor(cord.fromSi(most)), cord.unit);
    }),
  );
  return [...rows, ...cords];
}
