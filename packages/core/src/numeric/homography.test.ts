import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { homography, mapped, type Point } from "./index.ts";

const SQUARE: readonly Point[] = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];
const near = fc.double({ min: -0.2, max: 0.2, noNaN: true });
/** A square with each corner moved by less than a fifth: convex always. */
const quad = fc
  .array(fc.record({ x: near, y: near }), { minLength: 4, maxLength: 4 })
  .map((by) => SQUARE.map(({ x, y }, k) => ({ x: x + by[k]!.x, y: y + by[k]!.y })));

describe("a plane seen at an angle", () => {
  it("is laid straight: corners go where they belong, lines stay lines, and back again", () => {
    fc.assert(
      fc.property(quad, fc.double({ min: 0, max: 1, noNaN: true }), (corners, share) => {
        const there = homography(corners, SQUARE)!;
        const back = homography(SQUARE, corners)!;
        for (const [k, corner] of corners.entries()) {
          expect(mapped(there, corner).x).toBeCloseTo(SQUARE[k]!.x, 8);
          expect(mapped(there, corner).y).toBeCloseTo(SQUARE[k]!.y, 8);
        }
        const [a, b] = [corners[0]!, corners[2]!];
        const on = mapped(there, { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) });
        expect(on.x).toBeCloseTo(on.y, 6);
        const again = mapped(back, on);
        expect(again.x).toBeCloseTo(a.x + share * (b.x - a.x), 6);
      }),
    );
  });

  it("is none where the corners lie in a line", () => {
    const line = SQUARE.map(({ x }, k) => ({ x: x + k, y: 0 }));
    expect(homography(line, SQUARE)).toBeNull();
  });
});
