import { interleave, type UnitRuns } from "../learning-runs/index.ts";
import { ROOF_ORDER_PARAMS as P } from "./params.ts";

/** A unit of the roof: how long its wiring takes, and the runs of its starter. */
export interface RoofUnit {
  readonly id: string;
  readonly wiringMin: number;
  readonly rule: UnitRuns["rule"];
  readonly runs: number;
}

/** One act of the day; what is done for all units at once bears all their ids. */
export interface RoofAct {
  readonly what: "before" | "isolate" | "fit" | "power" | "learn" | "after" | "isolate-again" | "close";
  readonly ids: readonly string[];
  readonly minutes: number;
}

/** The day in order, how long it takes, and how long it would take unit after unit. */
export interface RoofOrder {
  readonly acts: readonly RoofAct[];
  readonly minutes: number;
  readonly oneByOneMin: number;
}

/**
 * The order of work over a roof: starts as found are read while one rests and the other is read, power is taken off and
 * proved once for all, hands are in one unit at a time, learning runs take turns, and it is closed at the end.
 * Common practice, no source.
 */
export function roofOrder(units: readonly RoofUnit[]): RoofOrder {
  const acts = actsOf(units);
  const sum = (list: readonly RoofAct[]): number => list.reduce((all, act) => all + act.minutes, 0);
  return { acts, minutes: sum(acts), oneByOneMin: units.reduce((all, unit) => all + sum(actsOf([unit])), 0) };
}

function actsOf(units: readonly RoofUnit[]): readonly RoofAct[] {
  if (units.length === 0) return [];
  const ids = units.map((u) => u.id);
  const read = readingMin(units.length);
  const learn = interleave(units.map(({ id, rule, runs }) => ({ id, rule, runs, readyS: 0 }))).totalS / 60;
  const all = (what: RoofAct["what"], minutes: number): RoofAct => ({ what, ids, minutes });
  return [
    all("before", read),
    all("isolate", P.isolateMin.value),
    ...units.map(({ id, wiringMin }): RoofAct => ({ what: "fit", ids: [id], minutes: P.openMin.value + P.mountMin.value + wiringMin })),
    all("power", P.powerMin.value * units.length),
    all("learn", learn),
    all("after", read),
    all("isolate-again", P.isolateMin.value),
    all("close", P.closeMin.value * units.length),
  ];
}

/** Starts of several units read in turn: a unit's next start waits for its own rest, or for the others' starts where those take longer. */
function readingMin(units: number): number {
  const gap = Math.max(P.restMin.value + P.startReadMin.value, units * P.startReadMin.value);
  return (P.startsRead.value - 1) * gap + units * P.startReadMin.value;
}
