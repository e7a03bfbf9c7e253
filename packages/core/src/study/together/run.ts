import { ASSESS_PARAMS, type Assessment, assess, type Fit, worse } from "../assess/index.ts";
import { Members, summarise, TRIES_SEED, tryBatch } from "../confidence/index.ts";
import { type StartCase, studyStart } from "../motor-start/index.ts";
import {
  BUDGET_PARAMS,
  type BudgetCase,
  type BudgetLoad,
  type BudgetStudy,
  budgetFit,
  type Fillings,
  fillings,
  isOnBreaker,
  startLimit,
  studyBudget,
} from "../power-budget/index.ts";
import { besideStart, legAmps, mostAmps } from "./beside.ts";
import type { TogetherCase, TogetherLoad, TogetherUnit } from "./case.ts";
import { asItStands, asLoad, demandOf, type UnitDemand } from "./demand.ts";

/** Priority of what stays. */
const KEEP = 1;
/** Loads of which every combination is looked at within a blink, and sets that are told. */
const MOST_COMBINED = 20;
const MOST_SETS = 6;
/** What a wait is rounded up to, s. */
const STEP_S = 5;

/** A unit on the source with everything on that may stay on, judged; null where nothing can be said. */
interface StartOnTop {
  readonly id: string;
  readonly assessment: Assessment | null;
  /** Volts at the unit while it runs with the rest, V; null where it does not. */
  readonly runningV: number | null;
}

/** Two units that start at the same moment. */
interface StartTogether {
  readonly ids: readonly [string, string];
  readonly totalA: number;
  readonly limitA: number;
  readonly startS: readonly [number, number];
}

/** What may be on together on one source. */
export interface TogetherStudy {
  readonly units: readonly UnitDemand[];
  /** Units of which nothing can be said: no motor fits the plate. */
  readonly unknown: readonly string[];
  readonly budget: BudgetStudy;
  /** The verdict on everything planned: the worst of its units with all the rest on, and of what the loads alone ask. */
  readonly fit: Fit;
  /** Ids that must stay off once the units that may be on are running and nothing has to start any more. */
  readonly runningShed: readonly string[];
  readonly starts: readonly StartOnTop[];
  /** Every two units whose starts begin together, with all the rest that stays on; empty on a breaker, which the band judges. */
  readonly pairs: readonly StartTogether[];
  /** Seconds from one unit's call to the next, so that no two starts meet, s; null where fewer than two start. */
  readonly apartS: number | null;
  /** Each load alone beside all units: whether that fits and starts. */
  readonly beside: readonly { readonly id: string; readonly fit: Fit }[];
  /** What may be on at once where not everything may; null where everything may, or there is too much to look through. */
  readonly fillings: Fillings | null;
}

/** Looks at everything that is planned to be on, at each start on top of it, and at each load alone beside the units. */
export function studyTogether({ source, units, loads }: TogetherCase, membersOf: MembersOf = freshMembers): TogetherStudy {
  const demands = units.map((unit) => ({ unit, demand: demandOf(unit) }));
  const known = demands.flatMap(({ unit, demand }) => (demand === null ? [] : [{ unit, demand }]));
  const unitLoads = known.map(({ unit, demand }) => asLoad(unit, demand));
  const all: BudgetCase & { readonly loads: readonly TogetherLoad[] } = { source, loads: [...unitLoads, ...loads] };
  const budget = studyBudget(all);
  const kept = all.loads.filter((l) => !budget.shed.includes(l.id));
  const onTop = (on: readonly TogetherLoad[]): readonly StartOnTop[] =>
    known.filter(({ unit }) => on.some((l) => l.id === unit.id)).map(({ unit }) => startOnTop(unit, on, membersOf));
  const whole = onTop(all.loads);
  const fits = [
    ...whole.map(({ assessment }) => assessment?.fit ?? "not-known"),
    ...(known.length < units.length ? (["not-known"] as const) : []),
    budgetFit(studyBudget({ source, loads })),
  ];
  return {
    units: known.map((k) => k.demand),
    unknown: demands.flatMap(({ unit, demand }) => (demand === null ? [unit.id] : [])),
    budget,
    fit: fits.reduce<Fit>(worse, "fits"),
    runningShed: stayOff(
      all,
      known.map((k) => k.unit.id),
      budget.shed,
    ),
    starts: budget.shed.length === 0 ? whole : onTop(kept),
    pairs: startPairs(
      all,
      known.map((k) => k.demand),
      kept,
    ),
    apartS: apart(
      source,
      known.map((k) => k.demand),
    ),
    beside: besideUnits(all, unitLoads.length),
    fillings: budget.status === "fits" || all.loads.length > MOST_COMBINED ? null : fillings(all, MOST_SETS),
  };
}

/** The longest start, and on a set or an inverter the time until it is steady again; in whole steps of five seconds. */
function apart(source: BudgetCase["source"], demands: readonly UnitDemand[]): number | null {
  if (demands.length < 2) return null;
  const longest = Math.max(...demands.map(({ startS }) => startS));
  return Math.ceil((longest + (isOnBreaker(source) ? 0 : BUDGET_PARAMS.settleS.value)) / STEP_S) * STEP_S;
}

/** Units that had to stay off for the start stay off; of the loads, those that the running ones leave no room for. */
function stayOff({ source, loads }: BudgetCase, units: readonly string[], shed: readonly string[]): readonly string[] {
  const out = shed.filter((id) => units.includes(id));
  const running = loads
    .filter((load) => !out.includes(load.id))
    .map(({ startA: _startA, ...load }) => ({ ...load, cycles: false, priority: units.includes(load.id) ? KEEP : load.priority }));
  const endless = isOnBreaker(source) ? source : { ...source, startLimitA: Number.MAX_VALUE };
  return [...out, ...studyBudget({ source: endless, loads: running }).shed];
}

/** Where drawn units are kept from one question to the next. */
export type MembersOf = (unit: StartCase["unit"], seed: number) => Members;
const freshMembers: MembersOf = (unit, seed) => new Members(unit, seed);

function startOnTop(unit: TogetherUnit, kept: readonly TogetherLoad[], membersOf: MembersOf): StartOnTop {
  const others = kept.filter((load) => load.id !== unit.id);
  const given = { ...asItStands(unit), backgroundA: mostAmps(others, unit.leg) };
  const study = studyStart(given);
  const tried = tryBatch(
    given,
    TRIES_SEED,
    0,
    ASSESS_PARAMS.triesToSay.value,
    membersOf(given.unit, TRIES_SEED),
    besideStart(others, unit.leg, TRIES_SEED),
  );
  if (!study.ok) return { id: unit.id, assessment: null, runningV: null };
  const { result } = study.value;
  return {
    id: unit.id,
    assessment: assess(result, tried.ok ? summarise([tried.value]) : null),
    runningV: result.running?.volts ?? null,
  };
}

function startPairs({ source }: BudgetCase, demands: readonly UnitDemand[], kept: readonly BudgetLoad[]): readonly StartTogether[] {
  const { limitA } = startLimit(source);
  if (!Number.isFinite(limitA)) return [];
  const on = demands.flatMap((demand) => {
    const load = kept.find((l) => l.id === demand.id);
    return load === undefined ? [] : [{ demand, load }];
  });
  return on.flatMap((a, i) =>
    on.slice(i + 1).map((b): StartTogether => {
      const legs = ([1, 2] as const).filter((leg) => [a, b].some(({ load }) => load.leg === "both" || load.leg === leg));
      const extra = ({ demand, load }: typeof a, leg: 1 | 2): number =>
        load.leg === "both" || load.leg === leg ? Math.max(0, demand.startA - demand.runA) : 0;
      const totalA = Math.max(...legs.map((leg) => legAmps(kept, leg) + extra(a, leg) + extra(b, leg)));
      return { ids: [a.demand.id, b.demand.id], totalA, limitA, startS: [a.demand.startS, b.demand.startS] };
    }),
  );
}

function besideUnits(all: BudgetCase, units: number): TogetherStudy["beside"] {
  const { source, loads } = all;
  return loads.slice(units).map((load) => ({
    id: load.id,
    fit: budgetFit(studyBudget({ source, loads: [...loads.slice(0, units), load] })),
  }));
}
