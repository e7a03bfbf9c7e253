import { itemAt } from "../../quantity/index.ts";
import type { LearningRule } from "./rule.ts";

/** One unit's runs that are still to come. */
export interface UnitRuns {
  readonly id: string;
  readonly rule: Pick<LearningRule, "runS" | "restS">;
  readonly runs: number;
  /** Seconds until it may start: it rests, or something else holds it. */
  readonly readyS: number;
}

/** One run of the plan, s from now. */
interface PlannedRun {
  readonly id: string;
  readonly startS: number;
  readonly endS: number;
}

export interface RunPlan {
  readonly runs: readonly PlannedRun[];
  /** When the last run ends, s. */
  readonly totalS: number;
}

interface State {
  readonly done: readonly number[];
  readonly freeS: number;
  readonly readyS: readonly number[];
  readonly last: { readonly unit: number; readonly startS: number; readonly before: State } | null;
}

/**
 * Order of the units' runs that ends soonest, one running at a time, each resting its rule's rest
 * between its own runs. Exact: every order is reached, and of two partial orders with the same counts
 * only one that is later in everything is dropped.
 */
export function interleave(units: readonly UnitRuns[]): RunPlan {
  let states = new Map<string, State[]>();
  const first: State = { done: units.map(() => 0), freeS: 0, readyS: units.map((u) => u.readyS), last: null };
  states.set(first.done.join(), [first]);
  const all = units.reduce((sum, u) => sum + u.runs, 0);
  for (let k = 0; k < all; k++) {
    const next = new Map<string, State[]>();
    for (const list of states.values()) for (const state of list) for (const [unit] of units.entries()) extend(state, unit, units, next);
    states = next;
  }
  const ends = [...states.values()].flat();
  let best = ends[0];
  for (const state of ends) if (best === undefined || state.freeS < best.freeS) best = state;
  return best === undefined ? { runs: [], totalS: 0 } : { runs: unwind(best, units), totalS: all === 0 ? 0 : best.freeS };
}

function extend(state: State, unit: number, units: readonly UnitRuns[], into: Map<string, State[]>): void {
  const { rule, runs } = itemAt(units, unit);
  if (itemAt(state.done, unit) >= runs) return;
  const startS = Math.max(state.freeS, itemAt(state.readyS, unit));
  const freeS = startS + rule.runS;
  const done = state.done.with(unit, itemAt(state.done, unit) + 1);
  const readyS = state.readyS.with(unit, freeS + rule.restS);
  const fresh: State = { done, freeS, readyS, last: { unit, startS, before: state } };
  const key = done.join();
  const rivals = into.get(key) ?? [];
  if (rivals.some((r) => noLater(r, fresh, units))) return;
  into.set(key, [...rivals.filter((r) => !noLater(fresh, r, units)), fresh]);
}

/** Whether nothing about a is later than about b; a unit that is done waits for nothing. */
function noLater(a: State, b: State, units: readonly UnitRuns[]): boolean {
  if (a.freeS > b.freeS) return false;
  return units.every(
    ({ runs }, k) => itemAt(a.done, k) >= runs || Math.max(itemAt(a.readyS, k), a.freeS) <= Math.max(itemAt(b.readyS, k), b.freeS),
  );
}

function unwind(end: State, units: readonly UnitRuns[]): readonly PlannedRun[] {
  const runs: PlannedRun[] = [];
  for (let state = end; state.last !== null; state = state.last.before) {
    const { unit, startS } = state.last;
    runs.push({ id: itemAt(units, unit).id, startS, endS: startS + itemAt(units, unit).rule.runS });
  }
  return runs.toReversed();
}
