import { describe, expect, it } from "vitest";
import { straightened } from "./straight.ts";

describe("a photo laid straight", () => {
  const corners = [
    { x: 0.2, y: 0.1 },
    { x: 0.8, y: 0.2 },
    { x: 0.9, y: 0.9 },
    { x: 0.1, y: 0.8 },
  ];
  it("takes the corners to its own, and any place back to where it was", () => {
    const { there, back } = straightened(4 / 3, corners);
    expect(there(corners[2]!).x).toBeCloseTo(1, 9);
    expect(there(corners[2]!).y).toBeCloseTo(1, 9);
    const spot = { x: 0.37, y: 0.61 };
    expect(back(there(spot)).x).toBeCloseTo(spot.x, 9);
    expect(back(there(spot)).y).toBeCloseTo(spot.y, 9);
  });

  it("draws the picture where it shows the pins", () => {
    const { there, css } = straightened(4 / 3, corners);
    const [width, height] = [640, 480];
    const m = /matrix3d\((.*)\)/.exec(css(width, height)!)![1]!.split(",").map(Number);
    const spot = { x: 0.37, y: 0.61 };
    const [x, y] = [spot.x * width, spot.y * height];
    const w = m[3]! * x + m[7]! * y + m[15]!;
    expect((m[0]! * x + m[4]! * y + m[12]!) / w / width).toBeCloseTo(there(spot).x, 9);
    expect((m[1]! * x + m[5]! * y + m[13]!) / w / height).toBeCloseTo(there(spot).y, 9);
  });

  it("stays as it is without corners, or with corners that span nothing", () => {
    for (const none of [undefined, corners.map(({ x }) => ({ x, y: x }))]) {
      const { there, css, ratio } = straightened(1.5, none);
      expect([there(corners[0]!), css(100, 100), ratio]).toEqual([corners[0], null, 1.5]);
    }
  });
});
