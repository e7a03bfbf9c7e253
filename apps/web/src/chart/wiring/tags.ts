import { itemAt, present } from "@amp-saver/core/quantity";
import type { MapLayout } from "./layout.ts";
import type { Point, Way } from "./route.ts";

/** A name tag on a wire: its middle and size. */
export interface Tag extends Point {
  readonly w: number;
  readonly h: number;
}

const PAD = 10;
const FRACTIONS = [0.5, 0.35, 0.65, 0.22, 0.78, 0.12, 0.88] as const;

/** One place for each wire's tag, where it covers least of the others, of boxes and of other wires. */
export function placeTags(ways: readonly Way[], layout: MapLayout, textOf: (way: Way) => string): ReadonlyMap<string, Tag> {
  const tags = new Map<string, Tag>();
  for (const way of ways) {
    const text = textOf(way);
    if (text === "") continue;
    const { letter, h } = layout.places.tag;
    const size = { w: Math.round(text.length * letter + PAD), h };
    const runs = segments(way.points).toSorted((a, b) => length(b) - length(a));
    const on = runs.flatMap((run) => FRACTIONS.map((f) => ({ ...along(run, f), ...size })));
    const aside = on.flatMap((spot) => [1, -1].map((side) => ({ ...spot, y: spot.y + side * (size.h - 3) })));
    const spots = [...on, ...aside];
    const free = way.ends.indexOf("free");
    if (free >= 0) spots.unshift(...besideCap(way.points, free === 0, size));
    const best = spots
      .map((spot, k) => ({ spot, cost: cover(spot, way, ways, layout, [...tags.values()]) + k }))
      .toSorted((a, b) => a.cost - b.cost)[0];
    if (best !== undefined) tags.set(way.conductor.id, best.spot);
  }
  return tags;
}

/** Past the cap of a free end, or above or below it. */
function besideCap(points: readonly Point[], atStart: boolean, size: { readonly w: number; readonly h: number }): readonly Tag[] {
  const [end, before] = atStart ? [itemAt(points, 0), itemAt(points, 1)] : [present(points.at(-1)), present(points.at(-2))];
  const out = Math.sign(end.x - before.x);
  const near = { x: end.x + out * (size.w / 2 - 24), ...size };
  return [
    { x: end.x + out * (size.w / 2 + 10), y: end.y, ...size },
    { ...near, y: end.y - size.h },
    { ...near, y: end.y + size.h },
  ];
}

type Segment = readonly [Point, Point];

function segments(points: readonly Point[]): readonly Segment[] {
  return points.slice(1).map((p, k) => [itemAt(points, k), p] as const);
}

function along([a, b]: Segment, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}

function length([a, b]: Segment): number {
  return Math.abs(a.x - b.x) + Math.abs(a.y - b.y);
}

function cover(tag: Tag, own: Way, ways: readonly Way[], { boxes, joints, width }: MapLayout, tags: readonly Tag[]): number {
  const over = (x: number, y: number, w: number, h: number): boolean =>
    Math.abs(tag.x - x) < (tag.w + w) / 2 + 2 && Math.abs(tag.y - y) < (tag.h + h) / 2 + 2;
  let cost = 0;
  if (tag.x - tag.w / 2 < 0 || tag.x + tag.w / 2 > width) cost += 200;
  for (const t of tags) if (over(t.x, t.y, t.w, t.h)) cost += 4000;
  for (const b of boxes) if (over(b.x + b.w / 2, b.y + b.h / 2, b.w, b.h)) cost += 300;
  for (const j of joints.values()) if (over(j.x, j.y, 30, 18)) cost += 150;
  for (const way of ways) {
    if (way === own) continue;
    for (const [a, b] of segments(way.points))
      if (over((a.x + b.x) / 2, (a.y + b.y) / 2, Math.abs(a.x - b.x), Math.abs(a.y - b.y))) cost += 70;
  }
  return cost;
}
