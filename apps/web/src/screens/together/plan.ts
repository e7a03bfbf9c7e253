import type { Gap } from "../../chart/headroom.tsx";
import { CHECK } from "../../words/check.ts";
import { TOGETHER } from "../../words/together.ts";
import { continuousFactor, type TogetherQuestion } from "../../workbench/together.ts";

type Given = TogetherQuestion["given"];

/** What of a study the picture needs. */
interface Plan {
  readonly units: readonly { readonly id: string; readonly runA: number }[];
  readonly budget: {
    readonly legs: readonly { readonly leg: 1 | 2; readonly countedA: number; readonly limitA: number }[];
    readonly worstStart: { readonly id: string; readonly totalA: number; readonly limitA: number } | null;
  };
}

/** Amps to spare where least is: on a leg in running, or in the worst start. */
export function spareOf({ budget: { legs, worstStart } }: Plan): number {
  const spares = legs.map((l) => l.limitA - l.countedA);
  return Math.min(...spares, worstStart === null ? Number.POSITIVE_INFINITY : worstStart.limitA - worstStart.totalA);
}

/** A row of the picture for each leg, and for the worst start where one is counted. */
export function gapsOf({ units, budget: { legs, worstStart } }: Plan, given: Given): readonly Gap[] {
  const on = (leg: 1 | 2): number => {
    const place = new Map(given.units.map((u) => [u.id, u.leg]));
    const here = units.filter((u) => place.get(u.id) === leg || place.get(u.id) === "both");
    return here.reduce((sum, u) => sum + u.runA, 0);
  };
  const running = legs.map(({ leg, countedA, limitA }): Gap => {
    const unitsA = Math.min(countedA, on(leg) * continuousFactor(given.source.kind));
    return {
      title: TOGETHER.leg(leg, legs.length),
      loadsA: countedA - unitsA,
      fanA: 0,
      askedA: countedA,
      limitA,
      marginA: limitA - countedA,
      toleranceA: 0,
      word: TOGETHER.units.toLowerCase(),
      limitWord: CHECK.toSpare,
      decides: false,
      leans: false,
    };
  });
  if (worstStart === null) return running;
  const { totalA, limitA } = worstStart;
  const start: Gap = {
    title: TOGETHER.worstStart,
    loadsA: othersOf(given, units, worstStart.id),
    fanA: 0,
    askedA: totalA,
    limitA,
    marginA: limitA - totalA,
    toleranceA: 0,
    word: CHECK.starting,
    limitWord: CHECK.toSpare,
    decides: false,
    leans: false,
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
