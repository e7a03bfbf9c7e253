import { itemAt } from "../../quantity/index.ts";
import { type BudgetCase, isOnBreaker } from "./case.ts";
import type { BudgetIssue } from "./issues.ts";
import { BUDGET_PARAMS as P } from "./params.ts";
import type { BudgetStudy, LegUse, StartUse } from "./result.ts";
import { shed } from "./shed.ts";
import { startDemands, startOrder } from "./starts.ts";
import { countAll, type Limits, limitsOf, runs, type Sums, sumsOf, within } from "./tally.ts";

/** Share by which one leg may carry more than the other before it is worth a word. */
const UNEVEN_SHARE = 0.25;

/** Whether all loads of a case may run, and start, together; and what to switch off where they may not. */
export function studyBudget(given: BudgetCase): BudgetStudy {
  const { source, loads } = given;
  const list = countAll(given);
  const limits = limitsOf(source);
  const sums = sumsOf(list);
  const running = runs(sums, limits);
  const starts: StartUse[] = isOnBreaker(source)
    ? []
    : startDemands(list).map(({ at, totalA }) => ({ id: itemAt(loads, at).id, totalA, limitA: limits.startA }));
  const starting = starts.every(({ totalA, limitA }) => within(totalA, limitA));
  const status = !running ? "overload" : starting ? "fits" : "start-blocked";
  const legs = legUse(given, limits, sums);
  return {
    status,
    legs,
    worstStart: starts.reduce<StartUse | null>((worst, s) => (worst === null || s.totalA > worst.totalA ? s : worst), null),
    startOrder: status === "fits" ? startOrder(list).map((at) => itemAt(loads, at).id) : null,
    shed: status === "fits" ? [] : shed(given).map((at) => itemAt(loads, at).id),
    issues: [...stops(given, limits, sums, legs, starts), ...holdsShort(given, sums, legs), ...notes(given, legs)],
  };
}

function legUse({ source }: BudgetCase, limits: Limits, sums: Sums): readonly LegUse[] {
  const legs = source.legs === 2 ? ([1, 2] as const) : ([1] as const);
  return legs.map((leg) => {
    const at = leg === 1 ? 0 : 1;
    return isOnBreaker(source)
      ? { leg, countedA: sums.breakerA[at], limitA: limits.breakerA }
      : { leg, countedA: sums.wattsPerLeg[at] / source.volts, limitA: limits.wattsPerLeg / source.volts };
  });
}

function stops(
  { source }: BudgetCase,
  limits: Limits,
  sums: Sums,
  legs: readonly LegUse[],
  starts: readonly StartUse[],
): readonly BudgetIssue[] {
  const over = legs.filter(({ countedA, limitA }) => !within(countedA, limitA));
  const found: BudgetIssue[] = over.map(({ leg, countedA, limitA }) =>
    isOnBreaker(source)
      ? { code: "over-breaker", severity: "stop", leg, countedA, limitA }
      : {
          code: "over-running-watts",
          severity: "stop",
          leg: source.legs === 2 ? leg : null,
          watts: countedA * source.volts,
          limitW: limitA * source.volts,
        },
  );
  if (over.length === 0 && !within(sums.watts, limits.watts))
    found.push({ code: "over-running-watts", severity: "stop", leg: null, watts: sums.watts, limitW: limits.watts });
  for (const { id, totalA, limitA } of starts)
    if (!within(totalA, limitA)) found.push({ code: "start-over-limit", severity: "stop", id, totalA, limitA });
  return found;
}

/** Legs over their breaker by the three-hour rule alone: a claim that they carry it is too bold, but not for an hour. */
function holdsShort({ source }: BudgetCase, sums: Sums, legs: readonly LegUse[]): readonly BudgetIssue[] {
  if (!isOnBreaker(source)) return [];
  return legs.flatMap(({ leg, countedA, limitA }): readonly BudgetIssue[] => {
    const runA = sums.runA[leg === 1 ? 0 : 1];
    const short = !within(countedA, limitA) && within(runA, limitA);
    return short ? [{ code: "holds-under-three-hours", severity: "note", leg, runA, limitA }] : [];
  });
}

function notes({ source, loads }: BudgetCase, legs: readonly LegUse[]): readonly BudgetIssue[] {
  const found: BudgetIssue[] = [];
  if (isOnBreaker(source) && loads.some((l) => l.motor === true))
    found.push({ code: "motor-counted", severity: "note", factor: P.motorFactor.value });
  if (isOnBreaker(source) && loads.some((l) => l.continuous === true && l.motor !== true))
    found.push({ code: "continuous-counted", severity: "note", factor: P.continuousFactor.value });
  if (isOnBreaker(source))
    for (const { id, startA, runA } of loads)
      if (startA !== undefined && startA > runA) found.push({ code: "start-not-judged", severity: "note", id });
  const [first, second] = legs;
  if (first !== undefined && second !== undefined && Math.abs(first.countedA - second.countedA) > UNEVEN_SHARE * first.limitA)
    found.push({ code: "legs-uneven", severity: "note", leg1: first.countedA, leg2: second.countedA });
  return found;
}
