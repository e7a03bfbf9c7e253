// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** Value at x of a curve that is straight between points on log–log paper; flat beyond both ends. Coordinates are positive. */
export function logLogAt(points: readonly { readonly x: number; readonly y: number }[], x: number): number {
  const first = points[0]!;
  const last = points[points.length - 1]!;
  if (x <= first.x) return first.y;
  if (x >= last.x) return last.y;
  let k = 1;
  while (points[k]!.x < x) k++;
  const a = points[k - 1]!;
  const b = points[k]!;
  const share = Math.log(x / a.x) / Math.log(b.x / a.x);
  return a.y * Math.exp(share * Math.log(b.y / a.y));
}
