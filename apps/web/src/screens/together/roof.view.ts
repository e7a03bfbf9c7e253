import type { QuotePrices } from "@amp-saver/core/study/quote";
import { type RoofOrder, roofForTwo, roofOrder } from "@amp-saver/core/study/roof-order";
import { JUMPER } from "@amp-saver/core/study/wiring-plan";
import { type AirConditioner, type FitLog, wiringOf } from "@amp-saver/records";
import type { RigBundle } from "../../store/bundle.ts";
import { type QuoteView, roofQuote } from "../choose/quote.view.ts";
import { ownPlanMinutes, planMinutes } from "../fit/fit.view.ts";
import { USUAL_RULE } from "../learn/learn.view.ts";
import { type PlanView, planView } from "../prepare/wiring.view.ts";

/** One unit of the roof that has a plan. */
interface PlannedUnit {
  readonly unit: AirConditioner;
  readonly plan: PlanView;
  readonly starterName: string | null;
}

/** The work over a roof: its order, what is left out, one kit, one quote. */
export interface RoofWork {
  readonly planned: readonly PlannedUnit[];
  readonly unplanned: readonly string[];
  /** Units that are handed over: nothing of them is left to do. */
  readonly handedOver: readonly string[];
  readonly order: RoofOrder;
  /** The same for two people: who does what meanwhile. */
  readonly forTwo: ReturnType<typeof roofForTwo>;
  readonly kit: PlanView["kit"];
  readonly extras: PlanView["extras"];
  /** The thickest of what lengthens leads. */
  readonly jumperAwg: number;
  readonly quote: QuoteView | null;
}

/** Puts the work over a roof together from each unit's plan. */
export function roofWork(bundle: RigBundle, works: readonly FitLog[], starterUsd: number, prices: QuotePrices): RoofWork {
  const { units, jobs, wirings, starters } = bundle;
  const all = units.map((unit) => {
    const job = jobs.filter((j) => j.unitId === unit.id).at(-1);
    const starter = starters.find((s) => s.id === job?.starterId);
    const plan = planView(wiringOf(wirings, unit), starter);
    const handedOver = job?.handedOverAt !== undefined;
    return { unit, handedOver, plan, starterName: starter?.name ?? null, rule: starter?.learningRule ?? USUAL_RULE };
  });
  const open = all.filter(({ handedOver }) => !handedOver);
  const planned = open.filter(({ plan }) => plan.plan.ok);
  const roof = planned.map(({ unit, plan, rule }) => ({
    id: unit.id,
    wiringMin: ownPlanMinutes(plan, works)?.minutes ?? planMinutes(plan),
    rule,
    runs: rule.runs,
  }));
  const order = roofOrder(roof);
  const learningMin = order.acts.find((a) => a.what === "learn")?.minutes ?? 0;
  return {
    planned,
    unplanned: open.filter(({ plan }) => !plan.plan.ok).map(({ unit }) => unit.name),
    handedOver: all.filter(({ handedOver }) => handedOver).map(({ unit }) => unit.name),
    order,
    forTwo: roofForTwo(roof),
    kit: mergedKit(planned.map(({ plan }) => plan.kit)),
    extras: [...new Set(planned.flatMap(({ plan }) => plan.extras))],
    jumperAwg: Math.min(JUMPER.awg, ...planned.map(({ plan }) => plan.jumperAwg)),
    quote:
      planned.length === 0
        ? null
        : roofQuote(
            planned.map(({ plan }) => plan),
            learningMin,
            works,
            starterUsd,
            prices,
          ),
  };
}

/** Lines of the same terminal or joint counted together. */
function mergedKit(kits: readonly PlanView["kit"][]): PlanView["kit"] {
  const lines = new Map<string, PlanView["kit"][number]>();
  for (const line of kits.flat()) {
    const key = `${line.what} ${line.color}`;
    const old = lines.get(key);
    lines.set(key, old === undefined ? line : { ...old, needed: old.needed + line.needed, spare: old.spare + line.spare });
  }
  return [...lines.values()];
}
