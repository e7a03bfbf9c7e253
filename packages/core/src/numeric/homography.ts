// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { invert } from "./linear.ts";

/** A point of a plane. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Nine coefficients of a plane projective map, row by row, the last one 1. */
export type Homography = readonly number[];

/** Least area, of the square of the points' own size, that three points still span. */
const LEAST_AREA = 1e-6;

/** Whether three of four points lie in a line. */
function inLine(points: readonly Point[]): boolean {
  const size = Math.max(...points.map(({ x }) => x)) - Math.min(...points.map(({ x }) => x)) || 1;
  return points.some((_, k) => {
    const [a, b, c] = [points[k]!, points[(k + 1) % 4]!, points[(k + 2) % 4]!];
    return Math.abs((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)) < LEAST_AREA * size * size;
  });
}

/**
 * The plane projective map that takes four points to four others, no three of them in a line
 * (R. Hartley, A. Zisserman, Multiple View Geometry, 2003, section 4.1; from memory). Null where
 * the four do not span a plane.
 */
export function homography(from: readonly Point[], to: readonly Point[]): Homography | null {
  if (inLine(from) || inLine(to)) return null;
  const rows: number[] = [];
  const right: number[] = [];
  for (let k = 0; k < 4; k++) {
    const { x, y } = from[k]!;
    const { x: u, y: v } = to[k]!;
    rows.push(x, y, 1, 0, 0, 0, -u * x, -u * y, 0, 0, 0, x, y, 1, -v * x, -v * y);
    right.push(u, v);
  }
  const inverse = invert(rows, 8);
  const solved = Array.from({ length: 8 }, (_, r) => right.reduce((sum, value, c) => sum + inverse[r * 8 + c]! * value, 0));
  return [...solved, 1];
}

/** Where a map takes a point. */
export function mapped(by: Homography, { x, y }: Point): Point {
  const w = by[6]! * x + by[7]! * y + by[8]!;
  return { x: (by[0]! * x + by[1]! * y + by[2]!) / w, y: (by[3]! * x + by[4]! * y + by[5]!) / w };
}
