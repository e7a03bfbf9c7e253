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
  const covered = coveredBy(ways, layout);
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
    const others = [
      ...covered.filter(({ wire }) => wire !== way),
      ...[...tags.values()].map((tag) => ({ ...tag, wire: null, cost: ON_TAG })),
    ];
    let best: { readonly spot: Tag; readonly cost: number } | null = null;
    for (const [k, spot] of spots.entries()) {
      const cost = cover(spot, others, layout, k, best?.cost ?? Number.POSITIVE_INFINITY);
      if (best === null || cost < best.cost) best = { spot, cost };
    }
    if (best !== null) tags.set(way.conductor.id, best.spot);
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

/** Something a tag may lie on, and how bad that is. */
interface Covered extends Tag {
  readonly wire: Way | null;
  readonly cost: number;
}

const ON_TAG = 4000;
const ON_BOX = 300;
const OFF_PAPER = 200;
const ON_JOINT = 150;
const ON_WIRE = 70;
const JOINT = { w: 30, h: 18 } as const;

function coveredBy(ways: readonly Way[], { boxes, joints }: MapLayout): readonly Covered[] {
  return [
    ...boxes.map(({ x, y, w, h }) => ({ x: x + w / 2, y: y + h / 2, w, h, wire: null, cost: ON_BOX })),
    ...[...joints.values()].map(({ x, y }) => ({ x, y, ...JOINT, wire: null, cost: ON_JOINT })),
    ...ways.flatMap((wire) =>
      segments(wire.points).map(([a, b]) => ({
        x: (a.x + b.x) / 2,
        y: (a.y + b.y) / 2,
        w: Math.abs(a.x - b.x),
        h: Math.abs(a.y - b.y),
        wire,
        cost: ON_WIRE,
      })),
    ),
  ];
}

/** What a tag covers costs, on top of `from`; no further than `enough`. */
function cover(tag: Tag, others: readonly Covered[], { width }: MapLayout, from: number, enough: number): number {
  let cost = from;
  if (tag.x - tag.w / 2 < 0 || tag.x + tag.w / 2 > width) cost += OFF_PAPER;
  for (const { x, y, w, h, cost: more } of others) {
    if (cost >= enough) break;
    if (Math.abs(tag.x - x) < (tag.w + w) / 2 + 2 && Math.abs(tag.y - y) < (tag.h + h) / 2 + 2) cost += more;
  }
  return cost;
}
