// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.

import type { Conductor, Netlist } from "@amp-saver/core/network";
import TinyQueue from "tinyqueue";
import { isGround, type MapLayout, type Slot } from "./layout.ts";

/** A corner of a wire's way. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A conductor's way across the map; an end that is free, or leads to ground, is a stub. */
export interface Way {
  readonly conductor: Conductor;
  readonly points: readonly Point[];
  readonly ends: readonly ["on" | "free" | "ground", "on" | "free" | "ground"];
}

const BEND = 4;
const CROSS = 3;
const ALONG = 14;
const BESIDE = 2;
/** Before the first cell of a way. */
const NONE = -1;
/** Length of a stub in steps of the grid. */
const STUB = 3;

/** Finds a way for every conductor of a netlist: straight, few bends, seldom along another, never through a box. */
export function routeWiring(netlist: Netlist, layout: MapLayout): readonly Way[] {
  const paper = new Paper(layout);
  const ways: Way[] = [];
  for (const conductor of netlist.conductors.toSorted((a, b) => weight(layout, a) - weight(layout, b))) {
    const way = wayOf(conductor, layout, paper);
    if (way !== null) ways.push(way);
  }
  return ways;
}

/** Short ways first: they have least room to give way. */
function weight(layout: MapLayout, conductor: Conductor): number {
  const [a, b] = conductor.ends.map((e) => (e === null ? undefined : layout.slotOf(conductor.id, e)));
  return a === undefined || b === undefined ? 0 : Math.abs(a.x - b.x) + Math.abs(a.y - b.y);
}

function wayOf(conductor: Conductor, layout: MapLayout, paper: Paper): Way | null {
  const [from, to] = conductor.ends;
  const grounded = (from !== null && isGround(from)) || (to !== null && isGround(to));
  if (grounded || (from === null && to === null)) return null;
  const start = from === null ? undefined : layout.slotOf(conductor.id, from);
  const end = to === null ? undefined : layout.slotOf(conductor.id, to);
  if (start !== undefined && end !== undefined) return { conductor, points: paper.find(start, end), ends: ["on", "on"] };
  const on = start ?? end;
  if (on === undefined) return null;
  const points = paper.stub(on);
  return {
    conductor,
    points: start === undefined ? points.toReversed() : points,
    ends: start === undefined ? ["free", "on"] : ["on", "free"],
  };
}

const STEPS = [
  { dx: 1, dy: 0 },
  { dx: 0, dy: 1 },
  { dx: -1, dy: 0 },
  { dx: 0, dy: -1 },
] as const;

class Paper {
  private readonly across: number;
  private readonly down: number;
  private readonly grid: number;
  private readonly walls: Uint8Array;
  /** Wires along each cell: horizontal, then vertical. */
  private readonly used: readonly [Uint8Array, Uint8Array];
  /** Of the search at hand, by state (a cell and the direction it was come to by): the way so far, and the state before. */
  private readonly costs: Float64Array;
  private readonly came: Int32Array;

  constructor({ width, height, boxes, joints, places: { grid } }: MapLayout) {
    this.grid = grid;
    this.across = Math.ceil(width / grid) + 1;
    this.down = Math.ceil(height / grid) + 1;
    this.walls = new Uint8Array(this.across * this.down);
    this.used = [new Uint8Array(this.walls.length), new Uint8Array(this.walls.length)];
    this.costs = new Float64Array(this.walls.length * STEPS.length);
    this.came = new Int32Array(this.walls.length * STEPS.length);
    for (const b of boxes)
      for (let x = b.x / grid; x <= (b.x + b.w) / grid; x++)
        for (let y = b.y / grid - 1; y <= (b.y + b.h) / grid + 1; y++) this.block(x, y);
    for (let x = 0; x < this.across; x++) this.block(x, 0);
    for (let y = 0; y < this.down; y++) for (const x of [0, this.across - 1]) this.block(x, y);
    for (const { x, y } of joints.values()) this.block(x / grid, y / grid);
  }

  private block(x: number, y: number): void {
    if (x >= 0 && y >= 0 && x < this.across && y < this.down) this.walls[this.at(x, y)] = 1;
  }

  private at(x: number, y: number): number {
    return y * this.across + x;
  }

  /** A short way out for an end that leads nowhere. */
  stub(slot: Slot): readonly Point[] {
    const out = slot.side === "left" ? -1 : 1;
    return [slot, { x: slot.x + out * STUB * this.grid, y: slot.y }];
  }

  /** The cheapest way between two slots; straight across where there is none. */
  find(from: Slot, to: Slot): readonly Point[] {
    const [sx, sy] = [from.x / this.grid, from.y / this.grid];
    const [ex, ey] = [to.x / this.grid, to.y / this.grid];
    const goal = this.at(ex, ey);
    const start = this.at(sx, sy);
    const { costs, came, across, down, walls } = this;
    costs.fill(Number.POSITIVE_INFINITY);
    came.fill(NONE);
    const open = new TinyQueue<Open>([], (a, b) => a.cost - b.cost);
    for (const dir of leaving(from)) {
      costs[start * 4 + dir] = 0;
      open.push({ state: start * 4 + dir, cost: 0, soFar: 0 });
    }
    const arriving = leaving(to).map((d) => (d + 2) % 4);
    for (let next = open.pop(); next !== undefined; next = open.pop()) {
      const { state, soFar } = next;
      const dir = state % 4;
      const cell = (state - dir) / 4;
      if (cell === goal && arriving.includes(dir)) return this.trace(state);
      if (soFar > costs[state]!) continue;
      const x = cell % across;
      const y = (cell - x) / across;
      for (let turn = 0; turn < STEPS.length; turn++) {
        if (turn === (dir + 2) % 4 || (cell === start && turn !== dir)) continue;
        const { dx, dy } = STEPS[turn]!;
        const nx = x + dx;
        const ny = y + dy;
        if (nx < 0 || ny < 0 || nx >= across || ny >= down) continue;
        const there = ny * across + nx;
        if (walls[there] === 1 && there !== goal) continue;
        const cost = soFar + 1 + (turn === dir ? 0 : BEND) + this.crowd(there, turn, goal);
        const key = there * 4 + turn;
        if (cost >= costs[key]!) continue;
        costs[key] = cost;
        came[key] = state;
        open.push({ state: key, cost: cost + restAtLeast(ex - nx, ey - ny, turn), soFar: cost });
      }
    }
    return [from, to];
  }

  private crowd(cell: number, dir: number, goal: number): number {
    if (cell === goal) return 0;
    const flat = dir % 2 === 0;
    const own = this.used[flat ? 0 : 1];
    const other = this.used[flat ? 1 : 0];
    const side = flat ? this.across : 1;
    return own[cell]! * ALONG + other[cell]! * CROSS + ((own[cell - side] ?? 0) + (own[cell + side] ?? 0)) * BESIDE;
  }

  private trace(goal: number): readonly Point[] {
    const cells: number[] = [];
    for (let state = goal; state !== NONE; state = this.came[state]!) {
      const [cell, dir] = [Math.floor(state / 4), state % 4];
      this.used[dir % 2 === 0 ? 0 : 1][cell]! += 1;
      if (cells.at(-1) !== cell) cells.push(cell);
    }
    const points = cells.toReversed().map((c) => ({ x: (c % this.across) * this.grid, y: Math.floor(c / this.across) * this.grid }));
    return points.filter((p, k) => {
      const [before, after] = [points[k - 1], points[k + 1]];
      return (
        before === undefined || after === undefined || !((before.x === p.x && p.x === after.x) || (before.y === p.y && p.y === after.y))
      );
    });
  }
}

/** A state with what the way so far cost, and what that and the rest cost at least. */
interface Open {
  readonly state: number;
  readonly cost: number;
  readonly soFar: number;
}

/** What is left of a way costs at least: each step, and a bend where it does not lead straight there. */
function restAtLeast(dx: number, dy: number, dir: number): number {
  const { dx: sx, dy: sy } = STEPS[dir]!;
  const straight = (dx === 0 && dy === 0) || (Math.sign(dx) === sx && Math.sign(dy) === sy);
  return Math.abs(dx) + Math.abs(dy) + (straight ? 0 : BEND);
}

/** Directions a wire may leave a slot in. */
function leaving({ side }: Slot): readonly number[] {
  if (side === "any") return [0, 1, 2, 3];
  return side === "left" ? [2] : side === "right" ? [0] : side === "top" ? [3] : [1];
}
