import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DIMENSIONS } from "./dimension.ts";
import { FIGURES, type FigureName, type FigureRow, shownAs } from "./figures.ts";

const NAMES = Object.keys(FIGURES) as FigureName[];
const rowOf = (name: FigureName): FigureRow => FIGURES[name];
/** Units of parameters, as they stand in a unit that figures are kept in. */
const PER_KEPT: Readonly<Record<string, number>> = { "µF F": 1e-6, "A A": 1, "ohm ohm": 1, "1 1": 1, "s s": 1 };

describe("the table of figures", () => {
  it("has room between its bounds, and a typical value with a source inside them", () => {
    for (const name of NAMES) {
      const { dimension, min, max, typical } = rowOf(name);
      expect([name, min < max]).toEqual([name, true]);
      if (typical === undefined) continue;
      const factor = PER_KEPT[`${typical.unit} ${DIMENSIONS[dimension].kept}`];
      const value = factor! * typical.value;
      expect([name, value >= min && value <= max, typical.source !== ""]).toEqual([name, true, true]);
    }
  });

  it("shows every figure in either measure and takes it back", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NAMES),
        fc.constantFrom("us" as const, "si" as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (name, measure, share) => {
          const { min, max } = FIGURES[name];
          const value = min + share * (max - min);
          const { fromSi, toSi } = shownAs(name, measure);
          expect(toSi(fromSi(value))).toBeCloseTo(value, 9);
        },
      ),
      { seed: 3 },
    );
  });

  it("shows a step of its last decimal that is finer than its range", () => {
    for (const name of NAMES)
      for (const measure of ["us", "si"] as const) {
        const { fromSi, decimals } = shownAs(name, measure);
        expect([name, fromSi(FIGURES[name].max) - fromSi(FIGURES[name].min) >= 10 * 10 ** -decimals]).toEqual([name, true]);
      }
  });
});
