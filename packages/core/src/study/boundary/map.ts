import { itemAt } from "../../quantity/index.ts";
import type { Members } from "../confidence/index.ts";
import { isEngine, type MotorStartInput, makes, modelOf, type StartCase } from "../motor-start/index.ts";
import { prepareMember, runsAt } from "./member.ts";

/** What runs up the map: altitude where an engine loses to it, else amps of other loads. */
export type MapAxis = "altitude" | "loads";

/** Tries at one place of the map: of how many, in how many it starts, in how many it also keeps running. */
export interface MapCell {
  readonly of: number;
  readonly starts: number;
  readonly holds: number;
}

/** The axis that a case's map has. */
export function mapAxis({ source }: StartCase): MapAxis {
  return isEngine(source) ? "altitude" : "loads";
}

/** The case with nothing of what its map moves. */
function frameOf(given: StartCase): StartCase {
  return mapAxis(given) === "loads" ? { ...given, backgroundA: 0 } : given;
}

/**
 * The map by members `from` to `to` (not included): rows by height or loads, columns by outdoor air. Every
 * member is asked once at which of the places' sizes or loads it starts, since it only gets worse with
 * them, and at each place whether it keeps running.
 */
export function mapOf(
  given: StartCase,
  outdoorC: readonly number[],
  up: readonly number[],
  members: Members,
  seed: number,
  from: number,
  to: number,
): readonly (readonly MapCell[])[] {
  const cells = up.map(() => outdoorC.map(() => ({ of: 0, starts: 0, holds: 0 })));
  const loads = mapAxis(given) === "loads";
  const frame = frameOf(given);
  for (let i = from; i < to; i++) {
    const member = members.at(i);
    const prepared = member.ok && member.value.unit !== null ? prepareMember(frame, member.value.unit, seed, i) : null;
    if (prepared === null) continue;
    const { input, leftAt } = prepared;
    const at = (row: number): MotorStartInput => (loads ? { ...input, backgroundA: itemAt(up, row) } : input);
    const size = (row: number, column: number): number => (loads ? 1 : leftAt(itemAt(up, row), itemAt(outdoorC, column)));
    const starts = loads
      ? startsByLoads(at, up)
      : startsBySize(
          input,
          cells.flatMap((line, r) => line.map((_, c) => size(r, c))),
        );
    cells.forEach((line, row) => {
      line.forEach((cell, column) => {
        cell.of += 1;
        if (!starts(loads ? itemAt(up, row) : size(row, column))) return;
        cell.starts += 1;
        if (runsAt(at(row), itemAt(outdoorC, column), size(row, column))) cell.holds += 1;
      });
    });
  }
  return cells;
}

/** From which of some sizes on a start is made. */
function startsBySize(input: MotorStartInput, sizes: readonly number[]): (size: number) => boolean {
  const sorted = [...new Set(sizes)].toSorted((a, b) => b - a);
  const last = countThat(sorted, (size) => makes({ ...input, source: modelOf(input.source).scaled(size) }));
  const least = last === 0 ? Number.POSITIVE_INFINITY : itemAt(sorted, last - 1);
  return (size) => size >= least;
}

/** Up to which of some loads a start is made. */
function startsByLoads(at: (row: number) => MotorStartInput, up: readonly number[]): (loads: number) => boolean {
  const order = up.map((_, row) => row).toSorted((a, b) => itemAt(up, a) - itemAt(up, b));
  const last = countThat(order, (row) => makes(at(row)));
  const most = last === 0 ? Number.NEGATIVE_INFINITY : itemAt(up, itemAt(order, last - 1));
  return (loads) => loads <= most;
}

/** How many of some things, from the easiest on, something holds for; halving, since it holds for all before the first it does not. */
function countThat<T>(things: readonly T[], holds: (thing: T) => boolean): number {
  let good = 0;
  let bad = things.length + 1;
  while (bad - good > 1) {
    const middle = Math.floor((good + bad) / 2);
    if (holds(itemAt(things, middle - 1))) good = middle;
    else bad = middle;
  }
  return good;
}

/** Maps of different members taken together. */
export function joinMaps(maps: readonly (readonly (readonly MapCell[])[])[]): readonly (readonly MapCell[])[] {
  const [first, ...rest] = maps;
  if (first === undefined) return [];
  return first.map((line, r) =>
    line.map((cell, c) =>
      rest.reduce((sum, map) => {
        const other = itemAt(itemAt(map, r), c);
        return { of: sum.of + other.of, starts: sum.starts + other.starts, holds: sum.holds + other.holds };
      }, cell),
    ),
  );
}
