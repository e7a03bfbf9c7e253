import { BATTERY_PARAMS as BATTERY } from "@amp-saver/core/device/battery";
import { isHighVolts } from "@amp-saver/core/reference";
import {
  BUDGET_PARAMS,
  type BudgetLoad,
  type BudgetSource,
  balanceLegs,
  type LegAdvice,
  MOST_LOADS,
} from "@amp-saver/core/study/power-budget";
import { budgetSourceOf, type TogetherCase, type TogetherLoad, type TogetherStudy } from "@amp-saver/core/study/together";
import type { AirConditioner, Job, Load, Rig, Source, Starter } from "@amp-saver/records";
import { legsOf, sourceCase } from "./source-case.ts";
import { conditionsOf, startCase } from "./start-case.ts";

/** Everything the question is put together from. */
export interface TogetherInput {
  readonly rig: Rig;
  readonly units: readonly AirConditioner[];
  readonly jobs: readonly Job[];
  readonly loads: readonly Load[];
  readonly starters: readonly Starter[];
  /** Ids of units that are planned to be off. */
  readonly unitsOff: ReadonlySet<string>;
  /** Ids of units whose soft starters have yet to learn. */
  readonly unlearned: ReadonlySet<string>;
}

/** The question for one source, and what of the rig cannot be on it at all. */
export interface TogetherQuestion {
  readonly given: TogetherCase;
  readonly impossible: readonly string[];
}

/** A plan looked at on one source. */
export type PlanStudy = TogetherStudy;

const HALF_V = 120;
const DEFAULT_UNIT_PRIORITY = 1;

/** Volts of a rig: of a leg to neutral, and of what feeds it; from its first source, 120 V where there is none. */
export function rigVolts({ sources, units }: { readonly sources: readonly Source[]; readonly units: readonly AirConditioner[] }): {
  readonly perLegV: number;
  readonly sourceV: number;
} {
  const [source] = sources;
  return source === undefined
    ? { perLegV: HALF_V, sourceV: HALF_V }
    : { perLegV: legsOf(source, units[0]?.hz ?? 60).perLegV, sourceV: source.volts.value };
}

/** What is planned to be on, on this source, on the rig's own hottest day and highest stop; null while too little is known of the source. */
export function togetherQuestion(input: TogetherInput, source: Source): TogetherQuestion | null {
  const { rig, units, jobs, loads, starters, unitsOff, unlearned } = input;
  const { legs, perLegV } = legsOf(source, units[0]?.hz ?? 60);
  const impossible: string[] = [];
  const hz = units[0]?.hz ?? 60;
  const budget: BudgetSource | null = budgetSourceOf(sourceCase(source, rig.altitudeM.value, hz), rig.hottestC.value, hz, legs, perLegV);
  const asked = units.flatMap((unit) => {
    const job = jobs.filter((j) => j.unitId === unit.id).at(-1);
    if (job === undefined) return [];
    const conditions = { ...conditionsOf(rig, { ...job, outdoorC: null, altitudeM: null, otherLoadsA: 0 }, starters), aidStaysIn: false };
    const high = isHighVolts(unit.plateVolts.value);
    const question = startCase(unit, source, job.method, conditions);
    if (!question.ok) {
      if (question.missing === "wrong-volts") impossible.push(unit.id);
      return [];
    }
    if (unitsOff.has(unit.id)) return [];
    const leg = high && legs === 2 ? ("both" as const) : legs === 1 ? (1 as const) : (unit.leg ?? 1);
    return [
      { id: unit.id, given: question.given, unlearned: unlearned.has(unit.id), leg, priority: unit.priority ?? DEFAULT_UNIT_PRIORITY },
    ];
  });
  if (budget === null) return null;
  const counted: TogetherLoad[] = [];
  for (const load of loads) {
    if (!load.on || load.onBattery) continue;
    const made = budgetLoad(load, legs, perLegV);
    if (made === null) impossible.push(load.id);
    else counted.push(load.automatic ? { ...made, byItself: true } : made);
  }
  return { given: { source: budget, units: asked, loads: counted }, impossible };
}

/** A load as it is counted on a source; null where it lies between two legs and there is one, or nothing is known of it. */
function budgetLoad(load: Load, legs: 1 | 2, perLegV: number): BudgetLoad | null {
  const split = load.leg === "both";
  if (split && legs === 1 && !isHighVolts(perLegV)) return null;
  const leg = legs === 1 ? 1 : load.leg;
  const onLegs = leg === "both" ? 2 : 1;
  const watts = load.runW?.value;
  const factor = load.chargeA === undefined ? 1 : BATTERY.chargerPf.value;
  const runA = load.runA?.value ?? (watts === undefined ? undefined : watts / factor / perLegV / onLegs);
  if (runA === undefined) return null;
  return {
    id: load.id,
    runA,
    leg,
    priority: load.priority,
    continuous: load.continuous,
    ...(watts !== undefined && { runW: watts }),
    ...(load.startA !== undefined && { startA: load.startA.value, cycles: load.automatic }),
  };
}

/** Units and loads that can be looked at together. */
export const MOST_TOGETHER = MOST_LOADS;

/** A question small enough to be looked at whole; null where too much is planned on. */
export function askable(question: TogetherQuestion | null): TogetherQuestion["given"] | null {
  if (question === null) return null;
  const { given } = question;
  return given.units.length + given.loads.length > MOST_TOGETHER ? null : given;
}

/** Which loads to plug into the other leg; units stay where they are wired. */
export function legAdvice({ units }: TogetherStudy, { given }: TogetherQuestion): LegAdvice | null {
  if (given.source.legs === 1) return null;
  const wired = units.flatMap((demand) => {
    const unit = given.units.find((u) => u.id === demand.id);
    return unit === undefined ? [] : [{ ...demand, leg: unit.leg, priority: unit.priority }];
  });
  return balanceLegs({ source: given.source, loads: [...wired, ...given.loads] }, new Set(given.loads.map((l) => l.id)));
}

/** What the largest motor of a leg counts for on a kind of source. */
export function unitFactor(kind: BudgetSource["kind"]): number {
  return kind === "shore" ? BUDGET_PARAMS.motorFactor.value : 1;
}

/** What loads of three hours and more count for on a kind of source. */
export function continuousFactor(kind: BudgetSource["kind"]): number {
  return kind === "shore" ? BUDGET_PARAMS.continuousFactor.value : 1;
}
