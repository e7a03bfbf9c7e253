import { itemAt, present } from "@amp-saver/core/quantity";
/** Value at a place on a line whose points rise in `of`, by straight lines between them; null outside. */
export function valueAt<P>(points: readonly P[], at: number, of: (point: P) => number, value: (point: P) => number): number | null {
  const next = points.findIndex((p) => of(p) >= at);
  if (next < 0) return null;
  const right = itemAt(points, next);
  const left = points[next - 1];
  if (left === undefined) return of(right) === at ? value(right) : null;
  const share = of(right) === of(left) ? 1 : (at - of(left)) / (of(right) - of(left));
  return value(left) + (value(right) - value(left)) * share;
}

/** How long a start stays at or above a current: the last of its points that reaches it; null when none does. */
export function lastsAt(points: readonly { readonly amps: number; readonly seconds: number }[], amps: number): number | null {
  return points.findLast((p) => p.amps >= amps)?.seconds ?? null;
}

/**
 * How long a limit lets a current pass, by straight lines on log–log paper; for ever below its least
 * current, its first time above its largest.
 */
export function allowedAt(edge: readonly { readonly amps: number; readonly seconds: number }[], amps: number): number {
  const first = edge[0];
  if (first === undefined || amps < first.amps) return Number.POSITIVE_INFINITY;
  for (let i = 1; i < edge.length; i++) {
    const a = itemAt(edge, i - 1);
    const b = itemAt(edge, i);
    if (amps <= b.amps && b.amps > a.amps) {
      const share = Math.log(amps / a.amps) / Math.log(b.amps / a.amps);
      return a.seconds * (b.seconds / a.seconds) ** share;
    }
  }
  return amps > present(edge.at(-1)).amps ? 0 : present(edge.at(-1)).seconds;
}
