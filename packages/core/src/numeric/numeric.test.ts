import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  add,
  complex,
  divide,
  findRoot,
  invert,
  logLogAt,
  modulus,
  multiply,
  type OdeSystem,
  RungeKutta4,
  scale,
  solveComplex,
  stepToZero,
  subtract,
} from "./index.ts";

const finite = fc.double({ min: -50, max: 50, noNaN: true });

describe("roots", () => {
  it("finds the root of any rising cubic", () => {
    fc.assert(
      fc.property(finite, fc.double({ min: 0.1, max: 10, noNaN: true }), (root, k) => {
        const found = findRoot((x) => k * (x - root) ** 3 + (x - root), -100, 100);
        expect(Math.abs(found! - root)).toBeLessThan(1e-6);
      }),
      { seed: 41 },
    );
  });

  it("says so when there is none between the ends", () => {
    expect(findRoot((x) => x * x + 1, -5, 5)).toBeUndefined();
  });

  it("takes an end that is a root", () => {
    expect(findRoot((x) => x - 2, 2, 9)).toBe(2);
    expect(findRoot((x) => x - 9, 2, 9)).toBe(9);
  });
});

describe("linear algebra", () => {
  it("inverts: the product with the inverse is the identity", () => {
    fc.assert(
      fc.property(fc.array(finite, { minLength: 16, maxLength: 16 }), (cells) => {
        const matrix = cells.map((c, i) => (i % 5 === 0 ? c + 250 : c));
        const inverse = invert(matrix, 4);
        for (let r = 0; r < 4; r++) {
          for (let c = 0; c < 4; c++) {
            let sum = 0;
            for (let k = 0; k < 4; k++) sum += matrix[r * 4 + k]! * inverse[k * 4 + c]!;
            expect(Math.abs(sum - (r === c ? 1 : 0))).toBeLessThan(1e-9);
          }
        }
      }),
      { seed: 42 },
    );
  });

  it("throws on a singular matrix", () => {
    expect(() => invert([1, 2, 2, 4], 2)).toThrow(/singular/);
    expect(() =>
      solveComplex(
        [
          [complex(1), complex(1)],
          [complex(1), complex(1)],
        ],
        [complex(1), complex(2)],
      ),
    ).toThrow(/singular/);
  });

  it("solves over the complex numbers: what is put in comes out", () => {
    const number = fc.tuple(finite, finite).map(([re, im]) => complex(re, im));
    fc.assert(
      fc.property(fc.array(number, { minLength: 9, maxLength: 9 }), fc.array(number, { minLength: 3, maxLength: 3 }), (cells, x) => {
        const rows = [0, 1, 2].map((r) => [0, 1, 2].map((c) => (r === c ? add(cells[r * 3 + c]!, complex(300)) : cells[r * 3 + c]!)));
        const right = rows.map((row) => row.reduce((sum, cell, i) => add(sum, multiply(cell, x[i]!)), complex(0)));
        for (const [i, solved] of solveComplex(rows, right).entries()) expect(modulus(subtract(solved, x[i]!))).toBeLessThan(1e-8);
      }),
      { seed: 43 },
    );
  });

  it("divides as it multiplies", () => {
    const a = complex(3, -4);
    const b = complex(-1, 2);
    expect(modulus(subtract(divide(multiply(a, b), b), a))).toBeLessThan(1e-12);
    expect(scale(a, 2)).toEqual(complex(6, -8));
  });
});

describe("curves on log–log paper", () => {
  const power = [1, 2, 5, 10].map((x) => ({ x, y: 7 * x ** -1.5 }));
  it("keep a power law between their points, and are flat beyond", () => {
    for (const x of [1, 1.3, 3, 7.7, 10]) expect(logLogAt(power, x)).toBeCloseTo(7 * x ** -1.5, 9);
    expect(logLogAt(power, 0.1)).toBe(7);
    expect(logLogAt(power, 100)).toBe(power[3]!.y);
  });
});

/** A circle: y' = (−y1, y0), whose solution is known. */
const CIRCLE: OdeSystem = {
  size: 2,
  derivative(_t, y, rate) {
    rate[0] = -y[1]!;
    rate[1] = y[0]!;
  },
};

describe("Runge–Kutta", () => {
  const errorAt = (steps: number): number => {
    const rk = new RungeKutta4(CIRCLE);
    const y = Float64Array.of(1, 0);
    for (let k = 0; k < steps; k++) {
      rk.begin(0, y);
      rk.finish(0, y, 2 / steps, y);
    }
    return Math.hypot(y[0]! - Math.cos(2), y[1]! - Math.sin(2));
  };

  it("is of fourth order: half the step, a sixteenth of the error", () => {
    const ratio = errorAt(20) / errorAt(40);
    expect(ratio).toBeGreaterThan(14);
    expect(ratio).toBeLessThan(18);
  });

  it("locates the moment a component crosses zero within a step", () => {
    const rk = new RungeKutta4(CIRCLE);
    const out = new Float64Array(2);
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.24, noNaN: true }), (before) => {
        const angle = Math.PI / 2 - before;
        const y = Float64Array.of(Math.cos(angle), Math.sin(angle));
        rk.begin(0, y);
        rk.finish(0, y, 0.25, out);
        const step = (h: number): void => {
          rk.begin(0, y);
          rk.finish(0, y, h, out);
        };
        expect(Math.abs(stepToZero(step, y[0]!, 0.25, 0, out) - before)).toBeLessThan(1e-5);
        expect(Math.abs(out[0]!)).toBeLessThan(1e-7);
      }),
      { seed: 44 },
    );
  });
});
