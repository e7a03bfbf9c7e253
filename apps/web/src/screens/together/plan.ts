import { type PlanStudy, type TogetherQuestion, unitFactor } from "@amp-saver/cases";
import type { AirConditioner } from "@amp-saver/records";
import type { Gap } from "../../chart/headroom.tsx";
import type { RigBundle } from "../../store/bundle.ts";
import { CHECK } from "../../words/check.ts";
import { TOGETHER } from "../../words/together.ts";
import { shownAnswer } from "../kept-answer.ts";
import { learnView } from "../learn/learn.view.ts";

type Given = TogetherQuestion["given"];

/** What of a study the picture needs. */
interface Plan {
  readonly units: readonly { readonly id: string; readonly runA: number }[];
  readonly budget: {
    readonly legs: readonly { readonly leg: 1 | 2; readonly countedA: number; readonly limitA: number }[];
    readonly worstStart: { readonly id: string; readonly totalA: number; readonly limitA: number } | null;
  };
}

/** Amps to spare where least is: of the units as they are judged; of the loads alone where no unit is on. */
export function spareOf({ budget: { legs, worstStart }, starts }: Plan & Pick<PlanStudy, "starts">): number {
  const judged = starts.flatMap(({ assessment }) => (assessment === null ? [] : (shownAnswer(assessment).spareA ?? [])));
  if (judged.length > 0) return Math.min(...judged);
  const spares = legs.map((l) => l.limitA - l.countedA);
  return Math.min(...spares, worstStart === null ? Number.POSITIVE_INFINITY : worstStart.limitA - worstStart.totalA);
}

/** The leg that a rule of the code counts as over its breaker though its amps are within; null where none is. */
export function ruleOf({ budget }: PlanStudy): { readonly countedA: number; readonly ratingA: number } | null {
  const held = budget.issues.find((i) => i.code === "holds-under-three-hours");
  const over = held === undefined ? undefined : budget.legs.find((l) => l.leg === held.leg);
  return over === undefined ? null : { countedA: over.countedA, ratingA: over.limitA };
}

/** A row of the picture for each leg, and for the worst start where one is counted. */
export function gapsOf({ units, budget: { legs, worstStart } }: Plan, given: Given): readonly Gap[] {
  const on = (leg: 1 | 2): number => {
    const place = new Map(given.units.map((u) => [u.id, u.leg]));
    const here = units.filter((u) => place.get(u.id) === leg || place.get(u.id) === "both");
    return here.reduce((sum, u) => sum + u.runA, 0);
  };
  const running = legs.map(({ leg, countedA, limitA }): Gap => {
    const unitsA = Math.min(countedA, on(leg) * unitFactor(given.source.kind));
    return {
      title: TOGETHER.leg(leg, legs.length),
      loadsA: countedA - unitsA,
      fanA: 0,
      neededA: countedA,
      availableA: limitA,
      spareA: limitA - countedA,
      toleranceA: 0,
      word: TOGETHER.units.toLowerCase(),
      limitWord: CHECK.toSpare,
      decides: false,
    };
  });
  if (worstStart === null) return running;
  const { totalA, limitA } = worstStart;
  const start: Gap = {
    title: TOGETHER.worstStart,
    loadsA: othersOf(given, units, worstStart.id),
    fanA: 0,
    neededA: totalA,
    availableA: limitA,
    spareA: limitA - totalA,
    toleranceA: 0,
    word: CHECK.starting,
    limitWord: CHECK.toSpare,
    decides: false,
  };
  return [...running, start];
}

/** Amps of what else runs on the leg of what starts; a load that starts in its turn meets those before it only. */
function othersOf({ loads, units: placed }: Given, demands: Plan["units"], id: string): number {
  const runA = new Map([...demands, ...loads].map((l) => [l.id, l.runA]));
  const all = [...placed, ...loads];
  const own = all.find((l) => l.id === id);
  if (own === undefined || !placed.some((u) => u.id === id)) return 0;
  const near = all.filter((l) => l.id !== id && (own.leg === "both" || l.leg === "both" || l.leg === own.leg));
  return near.reduce((sum, l) => sum + (runA.get(l.id) ?? 0), 0);
}

/** A unit that is asked about with a soft starter, and whether its starter counts as having learned. */
interface SoftUnit {
  readonly unit: AirConditioner;
  readonly learned: boolean;
}

/** Units that are asked about with a soft starter; one whose runs are under way has not learned yet. */
export function softUnits({ units, jobs, learnings }: Pick<RigBundle, "units" | "jobs" | "learnings">, nowMs: number): readonly SoftUnit[] {
  return units.flatMap((unit) => {
    const job = jobs.filter((j) => j.unitId === unit.id).at(-1);
    if (job === undefined || job.method !== "soft") return [];
    const { begunMs, state } = learnView(job, learnings, nowMs);
    return [{ unit, learned: begunMs === null || state.now.phase === "done" }];
  });
}
