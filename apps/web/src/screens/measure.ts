import { type Measure, shownAs } from "@amp-saver/core/figure";

/** The last round figure below a wall found by trying: 100 ft, 50 m, one degree. */
export function roundDown(name: "outdoorC" | "altitudeM", measure: Measure, value: number): number {
  const { fromSi, toSi } = shownAs(name, measure);
  const step = name === "outdoorC" ? 1 : measure === "us" ? 100 : 50;
  return toSi(Math.floor(fromSi(value) / step + 1e-6) * step);
}
