import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import { type AssessedRemedy, COSTS, type CostFigure, costFigure, PRICES, type Prices, USUAL_PRICES } from "@amp-saver/core/study/remedy";
import { REMEDY_PARAMS } from "@amp-saver/core/study/remedy/params";
import type { Starter } from "@amp-saver/records";
import { dollars } from "../../words/choose.ts";
import { OPENED } from "../../words/explain.ts";

/** What a fix costs, opened, its sums standing beside it: each price, weight and time it is the sum of; null where it costs nothing. */
export function costOpened({ code }: Pick<AssessedRemedy, "code">, starter: Starter | undefined, prices: Prices, measure: Measure) {
  const figures: readonly CostFigure[] = COSTS[code];
  if (figures.length === 0) return null;
  const inputs = figures.map((figure) => {
    const { label, unit, source } = REMEDY_PARAMS[figure];
    const own = figure === "starterUsd" && code === "soft" ? starter?.usd : null;
    const value = own ?? costFigure(figure, prices);
    const text = unit === "USD" ? dollars(value) : unit === "kg" ? figureText("weightKg", measure, value) : formatWith(value, 0, "min");
    const usual = PRICES.find((name) => name === figure);
    const mine = own != null || (usual !== undefined && value !== USUAL_PRICES[usual]);
    return {
      text: `${own != null && starter !== undefined ? starter.name : label}: ${text}`,
      ...(mine ? { origin: "sheet" as const } : { origin: "typical" as const, source }),
    };
  });
  return { name: OPENED.cost, value: "", formula: OPENED.costFormula, inputs };
}
