import { nominalVolts } from "../../device/compressor-motor/index.ts";
import { freshMemory } from "../../device/soft-starter/index.ts";
import { quantity } from "../../quantity/index.ts";
import { largestCycleA, outcomeOf, persist, prepare, type StartCase, steadyRunning } from "../motor-start/index.ts";
import type { BudgetLoad } from "../power-budget/index.ts";
import type { TogetherUnit } from "./case.ts";

/** What a unit asks of any source: amps and watts in running, and the largest cycle of its start, fan in both. */
export interface UnitDemand {
  readonly id: string;
  readonly runA: number;
  readonly runW: number;
  readonly startA: number;
  /** Seconds it takes to speed, or until it is known that it does not come to it. */
  readonly startS: number;
}

/** Behind which a unit's own demand is found, ohm: little enough not to matter. */
const STIFF_OHM = 0.02;

/** The same start on a supply that holds its volts. */
function onStiffSupply(given: StartCase): StartCase {
  const volts = quantity(nominalVolts(given.unit.plateVolts, given.unit.hz), "typical");
  return { ...given, backgroundA: 0, source: { kind: "ideal", volts, ohm: quantity(STIFF_OHM, "typical") } };
}

/** The start of a unit as it stands: with its starter's first limit where that has yet to learn. */
export function asItStands({ given, unlearned }: TogetherUnit): StartCase {
  if (!unlearned || given.method.kind !== "soft") return given;
  const prepared = prepare(given);
  if (!prepared.ok) return given;
  const { limitA } = freshMemory(prepared.value.assumptions.figure("locked-amps").value);
  return { ...given, method: { ...given.method, limitA } };
}

/** What a unit asks; null where no motor fits its plate. */
export function demandOf(unit: TogetherUnit): UnitDemand | null {
  const prepared = prepare(onStiffSupply(asItStands(unit)));
  const running = prepared.ok ? steadyRunning(prepared.value.input) : null;
  if (!prepared.ok || running === null) return null;
  const { trace } = persist(prepared.value.input);
  return {
    id: unit.id,
    runA: running.totalA,
    runW: running.watts,
    startA: largestCycleA(trace),
    startS: outcomeOf(trace).startS ?? trace.decidedAtS,
  };
}

/** A unit's demand as a load of the budget: a motor that cycles. */
export function asLoad({ leg, priority }: TogetherUnit, demand: UnitDemand): BudgetLoad {
  const { id, runA, runW, startA } = demand;
  return { id, runA, runW, startA, leg, priority, cycles: true, motor: true };
}
