import { type Homography, homography, mapped, type Point } from "@amp-saver/core/numeric";

const UNIT: readonly Point[] = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];

/** How a photo is laid straight: shares of it to shares of what is shown, and back; and width over height of that. */
export interface Straight {
  readonly there: (spot: Point) => Point;
  readonly back: (spot: Point) => Point;
  readonly ratio: number;
  /** The same for a picture drawn by the browser, `width` and `height` pixels; null where it is shown as it is. */
  readonly css: (width: number, height: number) => string | null;
}

const AS_IT_IS = (ratio: number): Straight => ({ there: (spot) => spot, back: (spot) => spot, ratio, css: () => null });

/** A photo laid straight by the four corners of what is square in truth; as it is where there are none, or they span nothing. */
export function straightened(ratio: number, corners: readonly Point[] | undefined): Straight {
  const there = corners === undefined ? null : homography(corners, UNIT);
  const back = corners === undefined ? null : homography(UNIT, corners);
  const [a, b, c, d] = corners ?? [];
  if (there === null || back === null || a === undefined || b === undefined || c === undefined || d === undefined) return AS_IT_IS(ratio);
  const long = (p: Point, q: Point): number => Math.hypot((p.x - q.x) * ratio, p.y - q.y);
  const shown = (long(a, b) + long(d, c)) / (long(a, d) + long(b, c));
  return {
    there: (spot) => mapped(there, spot),
    back: (spot) => mapped(back, spot),
    ratio: shown,
    css: (width, height) => matrix(there, width, height),
  };
}

/** The browser's own form of a map of shares, for a picture that is laid out `width` by `height` pixels. */
function matrix(by: Homography, width: number, height: number): string {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0] = by;
  const px = [a, (b * width) / height, c * width, (d * height) / width, e, f * height, g / width, h / height];
  const [ma = 0, mb = 0, mc = 0, md = 0, me = 0, mf = 0, mg = 0, mh = 0] = px;
  return `matrix3d(${[ma, md, 0, mg, mb, me, 0, mh, 0, 0, 1, 0, mc, mf, 0, 1].join(",")})`;
}
