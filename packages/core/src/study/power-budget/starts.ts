import { itemAt } from "../../quantity/index.ts";
import { type Counted, LEGS } from "./tally.ts";

/** Amps on the fuller of its legs while one load starts, at the worst it must manage. */
export interface StartDemand {
  /** Place in the input. */
  readonly at: number;
  readonly totalA: number;
}

/**
 * Places in the order in which loads start best: most beyond running first, ties by input. Whenever
 * any order lets every load start on those already running, this one does: on each leg the last to
 * start meets all others of the leg, so the least beyond running should be last.
 */
export function startOrder(loads: readonly Counted[]): readonly number[] {
  return loads.map((_, at) => at).toSorted((a, b) => itemAt(loads, b).extraA - itemAt(loads, a).extraA || a - b);
}

/** What each load's start asks: one that cycles with all others running, another with those before it in the order. */
export function startDemands(loads: readonly Counted[]): readonly StartDemand[] {
  const all: [number, number] = [0, 0];
  for (const load of loads) for (const leg of LEGS) if (load.on[leg]) all[leg] += load.runA;
  const before: [number, number] = [0, 0];
  const demands: StartDemand[] = [];
  for (const at of startOrder(loads)) {
    const load = itemAt(loads, at);
    const base = load.cycles ? ([all[0] - load.runA, all[1] - load.runA] as const) : before;
    demands.push({ at, totalA: Math.max(...LEGS.map((leg) => (load.on[leg] ? base[leg] + load.startA : 0))) });
    for (const leg of LEGS) if (load.on[leg]) before[leg] += load.runA;
  }
  return demands.toSorted((a, b) => a.at - b.at);
}
