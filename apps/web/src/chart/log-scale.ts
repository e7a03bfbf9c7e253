import { scaleLog } from "d3-scale";

/** A logarithmic scale with ticks at 1, 2 and 5 of each decade. */
export interface LogScale {
  readonly at: (value: number) => number;
  readonly ticks: readonly number[];
  readonly from: number;
  readonly to: number;
}

/** Lays values from `from` to `to` between two pixels; what lies outside is held at the edge. */
export function logScale(from: number, to: number, start: number, end: number): LogScale {
  const scale = scaleLog([from, to], [start, end]).clamp(true);
  const ticks: number[] = [];
  for (let decade = 10 ** Math.floor(Math.log10(from)); decade <= to; decade *= 10)
    for (const step of [1, 2, 5]) if (decade * step >= from * 0.999 && decade * step <= to * 1.001) ticks.push(decade * step);
  return { at: (value) => scale(Math.max(from / 10, value)), ticks, from, to };
}
