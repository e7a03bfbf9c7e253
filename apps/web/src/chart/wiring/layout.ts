import { type Conductor, type Netlist, nameOn, type Part, partOf, type Terminal, terminalsOf } from "@amp-saver/core/network";
import { itemAt } from "@amp-saver/core/quantity";
import { type MapSide, type Places, rankOf } from "./places.ts";

/** A part as it is drawn. */
export interface MapBox {
  readonly part: Part;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  /** Terminals with the height of their row's middle. */
  readonly rows: readonly { readonly terminal: Terminal; readonly y: number; readonly sides: readonly MapSide[] }[];
}

/** Where one end of a conductor begins, and which way it leaves. */
export interface Slot {
  readonly x: number;
  readonly y: number;
  /** A joint is met from any side. */
  readonly side: MapSide | "any";
}

/** Everything placed, for all the netlists it was laid out for. */
export interface MapLayout {
  readonly places: Places;
  readonly width: number;
  readonly height: number;
  readonly boxes: readonly MapBox[];
  readonly joints: ReadonlyMap<string, { readonly x: number; readonly y: number }>;
  /** Where a conductor meets a terminal. */
  readonly slotOf: (conductor: string, at: Terminal) => Slot | undefined;
}

/** Whether a terminal is for the equipment ground, which is drawn as a stub. */
export function isGround(at: Terminal): boolean {
  return nameOn(at) === "G";
}

/** Places the parts of several states of one circuit once, so that nothing jumps between them. */
export function layoutWiring(states: readonly Netlist[], places: Places): MapLayout {
  const parts = [...new Map(states.flatMap((s) => s.parts).map((p) => [p.id, p])).values()];
  const ends = endsOf(states);
  const columns = new Map(parts.map((p) => [p.id, places.columnOf(p.kind)]));
  const sideOf = (part: Part, at: Terminal, conductor: Conductor): MapSide => {
    const fixed = places.sideOf(part.kind, nameOn(at));
    if (fixed !== "auto") return fixed;
    const other = conductor.ends.find((e) => e !== null && e !== at);
    const there = other == null ? undefined : columns.get(partOf(other));
    return there !== undefined && there < (columns.get(part.id) ?? 0) ? "left" : "right";
  };
  const slots = new Map<string, Slot>();
  const boxes: MapBox[] = [];
  const tops = places.columns.map((c) => c.top);
  const drawn = parts.filter((p) => p.kind !== "splice").toSorted((a, b) => rankOf(a.kind) - rankOf(b.kind));
  for (const part of drawn) {
    const column = columns.get(part.id) ?? 0;
    const { x, w } = itemAt(places.columns, column);
    const y = itemAt(tops, column);
    let at = y + titleHeight(part, places);
    const rows: MapBox["rows"][number][] = [];
    const terminals = [...new Set(states.flatMap((s) => (s.parts.some((p) => p.id === part.id) ? terminalsOf(part, s) : [])))].filter(
      (t) => !isGround(t),
    );
    for (const terminal of terminals) {
      const here = (ends.get(terminal) ?? []).map((c) => ({ id: c.id, side: sideOf(part, terminal, c) }));
      const most = Math.max(1, ...(["left", "right"] as const).map((side) => here.filter((h) => h.side === side).length));
      const roomy = part.kind === "run-capacitor" || part.kind === "compressor";
      const height = Math.max(roomy ? places.wideRow : 0, places.row + (most - 1) * places.slot);
      const middle = at + height / 2;
      for (const side of ["left", "right"] as const) {
        const own = here.filter((h) => h.side === side);
        const first = snap(middle - ((own.length - 1) * places.slot) / 2, places.grid);
        for (const [k, h] of own.entries())
          slots.set(`${h.id} ${terminal}`, { x: side === "left" ? x : x + w, y: first + k * places.slot, side });
      }
      rows.push({ terminal, y: snap(middle, places.grid), sides: [...new Set(here.map((h) => h.side))] });
      at += height;
    }
    const h = snap(at + places.grid - y, places.grid);
    boxes.push({ part, x, y, w, h, rows });
    tops[column] = y + h + places.gap;
  }
  const height = Math.max(...boxes.map((b) => b.y + b.h)) + places.gap;
  const joints = placeJoints(states, parts, boxes, slots, places, height);
  return {
    places,
    width: places.width,
    height,
    boxes,
    joints,
    slotOf: (conductor, at) => slots.get(`${conductor} ${at}`) ?? jointSlot(joints, at),
  };
}

function titleHeight(part: Part, { grid }: Places): number {
  return part.kind === "through" ? grid * 2 + (grid < 10 ? grid : 0) : part.kind === "compressor" || grid < 10 ? grid * 4 : grid * 3;
}

/** Conductors by the terminals they touch in any state, in the order of their names. */
function endsOf(states: readonly Netlist[]): ReadonlyMap<Terminal, readonly Conductor[]> {
  const ends = new Map<Terminal, Map<string, Conductor>>();
  for (const { conductors } of states)
    for (const conductor of conductors)
      for (const end of conductor.ends) {
        if (end === null || isGround(end)) continue;
        const here = ends.get(end) ?? new Map<string, Conductor>();
        here.set(conductor.id, conductor);
        ends.set(end, here);
      }
  return new Map([...ends].map(([t, all]) => [t, [...all.values()]]));
}

/** A joint lies between what it joins, on free ground, nearest to the compressor's pin where it joins one. */
function placeJoints(
  states: readonly Netlist[],
  parts: readonly Part[],
  boxes: readonly MapBox[],
  slots: ReadonlyMap<string, Slot>,
  places: Places,
  height: number,
): MapLayout["joints"] {
  const joints = new Map<string, { x: number; y: number }>();
  for (const part of parts.filter((p) => p.kind === "splice")) {
    const own = `${part.id}.J`;
    const near = states
      .flatMap((s) => s.conductors)
      .filter((c) => c.ends.includes(own))
      .flatMap((c) => c.ends.flatMap((e) => (e === null || e === own ? [] : [slots.get(`${c.id} ${e}`) ?? jointSlot(joints, e)])))
      .filter((s) => s !== undefined);
    const pin = near.find((s) => s.side === "left" && s.x > places.width * 0.7);
    const mean = (of: (s: Slot) => number): number => near.reduce((sum, s) => sum + of(s), 0) / Math.max(1, near.length);
    const want =
      pin === undefined
        ? { x: mean((s) => s.x), y: mean((s) => s.y) }
        : { x: pin.x - places.grid * (places.width < 700 ? 5 : 8), y: pin.y };
    joints.set(own, freeSpot(want, boxes, [...joints.values()], places, height));
  }
  return joints;
}

function freeSpot(
  want: { readonly x: number; readonly y: number },
  boxes: readonly MapBox[],
  taken: readonly { readonly x: number; readonly y: number }[],
  { grid, width }: Places,
  height: number,
): { x: number; y: number } {
  const clear = (x: number, y: number): boolean =>
    !boxes.some((b) => x > b.x - grid * 2 && x < b.x + b.w + grid * 2 && y > b.y - grid * 2 && y < b.y + b.h + grid * 2) &&
    !taken.some((t) => Math.abs(t.x - x) < grid * 5 && Math.abs(t.y - y) < grid * 3);
  let best = { x: snap(want.x, grid), y: snap(want.y, grid) };
  let least = Number.POSITIVE_INFINITY;
  for (let x = grid * 3; x < width - grid * 2; x += grid)
    for (let y = grid * 2; y < height - grid; y += grid) {
      const away = Math.abs(x - want.x) + 2 * Math.abs(y - want.y);
      if (away < least && clear(x, y)) [best, least] = [{ x, y }, away];
    }
  return best;
}

function jointSlot(joints: MapLayout["joints"], at: Terminal): Slot | undefined {
  const joint = joints.get(at);
  return joint && { ...joint, side: "any" };
}

function snap(value: number, grid: number): number {
  return Math.round(value / grid) * grid;
}
