import {
  BUDGET_PARAMS,
  type BudgetLoad,
  type BudgetSource,
  balanceLegs,
  budgetFit,
  type LegAdvice,
  MOST_LOADS,
} from "@amp-saver/core/study/power-budget";
import { budgetSourceOf, type TogetherCase, type TogetherStudy } from "@amp-saver/core/study/together";
import type { AirConditioner, Job, Load, Rig, Source, Starter } from "@amp-saver/records";
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
  /** Whether soft starters have yet to learn. */
  readonly unlearned: boolean;
}

/** The question for one source, and what of the rig cannot be on it at all. */
export interface TogetherQuestion {
  readonly given: TogetherCase;
  readonly impossible: readonly string[];
}

/** A plan looked at on one source. */
export type PlanStudy = TogetherStudy;

const SPLIT_FROM_V = 200;
const HALF_V = 120;
const DEFAULT_UNIT_PRIORITY = 1;

/** Hot legs that reach the rig, and their volts to neutral: a 240 V source has two of 120 V, a 230 V one at 50 Hz has one. */
export function legsOf(source: Source, hz: 50 | 60): { readonly legs: 1 | 2; readonly perLegV: number } {
  const { value } = source.volts;
  if (value < SPLIT_FROM_V) return { legs: source.legs ?? 1, perLegV: value };
  return hz === 50 ? { legs: 1, perLegV: value } : { legs: 2, perLegV: HALF_V };
}

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

/** What is planned to be on, on this source, on the rig's own hottest day and highest stop; null while no unit's plate or source is known. */
export function togetherQuestion(input: TogetherInput, source: Source): TogetherQuestion | null {
  const { rig, units, jobs, loads, starters, unitsOff, unlearned } = input;
  const { legs, perLegV } = legsOf(source, units[0]?.hz ?? 60);
  const impossible: string[] = [];
  let budget: BudgetSource | null = null;
  const asked = units.flatMap((unit) => {
    const job = jobs.filter((j) => j.unitId === unit.id).at(-1);
    if (job === undefined) return [];
    const conditions = { ...conditionsOf(rig, { ...job, outdoorC: null, altitudeM: null, otherLoadsA: 0 }, starters), aidStaysIn: false };
    const high = unit.plateVolts.value >= 160;
    const question = startCase(unit, high ? atFullVolts(source) : onOneLeg(source, legs), job.method, conditions);
    if (!question.ok) return [];
    const whole = startCase(unit, source, job.method, conditions);
    budget ??= whole.ok ? budgetSourceOf(whole.given, legs, perLegV) : null;
    if (unitsOff.has(unit.id)) return [];
    if (high && legs === 1 && perLegV < SPLIT_FROM_V) {
      impossible.push(unit.id);
      return [];
    }
    const leg = high && legs === 2 ? ("both" as const) : legs === 1 ? (1 as const) : (unit.leg ?? 1);
    return [{ id: unit.id, given: question.given, unlearned, leg, priority: unit.priority ?? DEFAULT_UNIT_PRIORITY }];
  });
  if (budget === null) return null;
  const counted: BudgetLoad[] = [];
  for (const load of loads) {
    if (!load.on || load.onBattery) continue;
    const made = budgetLoad(load, legs, perLegV);
    if (made === null) impossible.push(load.id);
    else counted.push(made);
  }
  return { given: { source: budget, units: asked, loads: counted }, impossible };
}

/** A load as it is counted on a source; null where it lies between two legs and there is one, or nothing is known of it. */
function budgetLoad(load: Load, legs: 1 | 2, perLegV: number): BudgetLoad | null {
  const split = load.leg === "both";
  if (split && legs === 1 && perLegV < SPLIT_FROM_V) return null;
  const leg = legs === 1 ? 1 : load.leg;
  const onLegs = leg === "both" ? 2 : 1;
  const watts = load.runW?.value;
  const runA = load.runA?.value ?? (watts === undefined ? undefined : watts / perLegV / onLegs);
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

/** A two-legged set gives a 120 V unit the watts of one leg. */
function onOneLeg(source: Source, legs: 1 | 2): Source {
  if (legs === 1 || source.type === "shore")
    return source.volts.value >= SPLIT_FROM_V ? { ...source, volts: { ...source.volts, value: HALF_V } } : source;
  const half = <T extends { readonly value: number }>(figure: T | undefined): T | undefined =>
    figure && { ...figure, value: figure.value / 2 };
  const volts = { ...source.volts, value: Math.min(source.volts.value, HALF_V) };
  return { ...source, volts, runningW: half(source.runningW), surgeW: half(source.surgeW) } as Source;
}

/** A source of two 120 V legs feeds a 240 V unit between them. */
function atFullVolts(source: Source): Source {
  return source.volts.value < SPLIT_FROM_V && source.legs === 2
    ? { ...source, volts: { ...source.volts, value: 2 * source.volts.value } }
    : source;
}

/** Units and loads that can be looked at together. */
export const MOST_TOGETHER = MOST_LOADS;

/** A question small enough to be looked at whole; null where too much is planned on. */
export function askable(question: TogetherQuestion | null): TogetherQuestion["given"] | null {
  if (question === null) return null;
  const { given } = question;
  return given.units.length + given.loads.length > MOST_TOGETHER ? null : given;
}

/** Verdict of a whole plan on one source, as the lists show it. */
export function planFit({ budget, starts }: TogetherStudy): "fits" | "just-fits" | "too-much" {
  const fit = budgetFit(budget);
  if (fit === "too-much" || starts.some((s) => s.fit === "too-much")) return "too-much";
  return starts.some((s) => s.fit === "just-fits") ? "just-fits" : fit;
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

/** What loads of three hours and more count for on a kind of source. */
export function continuousFactor(kind: BudgetSource["kind"]): number {
  return kind === "shore" ? BUDGET_PARAMS.continuousFactor.value : 1;
}
