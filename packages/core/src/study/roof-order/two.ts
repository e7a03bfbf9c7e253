import { type RoofAct, type RoofUnit, roofOrder } from "./order.ts";

/** What one of two people does meanwhile. */
export type TwoTask = "read" | "call" | "prove-dead" | "lock-out" | "fit" | "mind-locks" | "watch" | "power-on" | "close";

/** One turn of a day for two: who does what at the units and below, and how long it takes. */
export interface TwoTurn {
  readonly what: RoofAct["what"];
  readonly minutes: number;
  readonly roof: { readonly task: TwoTask; readonly ids: readonly string[] };
  readonly below: { readonly task: TwoTask; readonly ids: readonly string[] };
}

/** While power is on somebody is below; while it is off both may have hands in a unit, each in one of their own. */
const TASKS: Readonly<Record<Exclude<RoofAct["what"], "fit">, readonly [TwoTask, TwoTask]>> = {
  before: ["read", "call"],
  isolate: ["prove-dead", "lock-out"],
  power: ["watch", "power-on"],
  learn: ["read", "call"],
  after: ["read", "call"],
  "isolate-again": ["prove-dead", "lock-out"],
  close: ["close", "mind-locks"],
};

/**
 * The order of work over a roof for two people. Units are fitted side by side, the longest first to whoever is free;
 * readings and runs take as long as for one, since rests decide. Common practice, no source.
 */
export function roofForTwo(units: readonly RoofUnit[]): { readonly turns: readonly TwoTurn[]; readonly minutes: number } {
  const { acts } = roofOrder(units);
  const fits = acts.filter(({ what }) => what === "fit").toSorted((a, b) => b.minutes - a.minutes);
  const roof: { ids: string[]; minutes: number } = { ids: [], minutes: 0 };
  const below: { ids: string[]; minutes: number } = { ids: [], minutes: 0 };
  for (const { ids, minutes } of fits) {
    const free = below.minutes < roof.minutes ? below : roof;
    free.ids.push(...ids);
    free.minutes += minutes;
  }
  let fitted = false;
  const turns = acts.flatMap(({ what, ids, minutes }): readonly TwoTurn[] => {
    if (what !== "fit") return [{ what, minutes, roof: { task: TASKS[what][0], ids }, below: { task: TASKS[what][1], ids } }];
    if (fitted) return [];
    fitted = true;
    const second = below.ids.length === 0 ? { task: "mind-locks" as const, ids: [] } : { task: "fit" as const, ids: below.ids };
    return [{ what, minutes: Math.max(roof.minutes, below.minutes), roof: { task: "fit", ids: roof.ids }, below: second }];
  });
  return { turns, minutes: turns.reduce((sum, turn) => sum + turn.minutes, 0) };
}
