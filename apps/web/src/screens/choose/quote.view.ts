import type { LearningRule } from "@amp-saver/core/study/learning-runs";
import { type Quote, type QuotePrices, spanOf, studyQuote } from "@amp-saver/core/study/quote";
import type { FitLog } from "@amp-saver/records";
import { ownPlanMinutes, planMinutes } from "../fit/fit.view.ts";
import type { PlanView } from "../prepare/wiring.view.ts";

/** A quote, and whether its hours come from one's own log. */
export interface QuoteView {
  readonly quote: Quote;
  /** Timed steps and visits behind the hours; null where the usual minutes stand in. */
  readonly own: { readonly timed: number; readonly visits: number } | null;
}

/** Sets a quote up from the plan's kit and steps, the learning rule and one's own visits and prices. */
export function quoteView(
  plan: PlanView,
  rule: LearningRule,
  works: readonly FitLog[],
  starterUsd: number,
  prices: QuotePrices,
): QuoteView {
  return roofQuote([plan], (rule.runs * rule.runS + (rule.runs - 1) * rule.restS) / 60, works, starterUsd, prices);
}

/** The same for several units on one visit, whose learning runs take so many minutes together. */
export function roofQuote(
  plans: readonly PlanView[],
  learningMin: number,
  works: readonly FitLog[],
  starterUsd: number,
  prices: QuotePrices,
): QuoteView {
  const spans = plans.map((plan) => {
    const own = ownPlanMinutes(plan, works);
    return { own, span: own === null ? spanOf(planMinutes(plan)) : { quick: own.quickMin, usual: own.minutes, slow: own.slowMin } };
  });
  const sum = (of: "quick" | "usual" | "slow"): number => spans.reduce((all, { span }) => all + span[of], 0);
  const count = (of: (line: PlanView["kit"][number]) => boolean): number =>
    plans
      .flatMap((plan) => plan.kit)
      .filter(of)
      .reduce((all, line) => all + line.needed + line.spare, 0);
  const quote = studyQuote({
    units: plans.length,
    starterUsd,
    terminals: count((line) => line.color !== null),
    splices: count((line) => line.color === null),
    wiringMin: { quick: sum("quick"), usual: sum("usual"), slow: sum("slow") },
    learningMin,
    prices,
  });
  const [first] = spans;
  const own = first === undefined ? null : first.own;
  return { quote, own: own === null ? null : { timed: own.timed, visits: own.visits } };
}
