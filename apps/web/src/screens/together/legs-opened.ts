import { continuousFactor, type PlanStudy, type TogetherQuestion, unitFactor } from "@amp-saver/cases";
import { formatAmps, formatNumber } from "@amp-saver/core/quantity";
import { OPENED } from "../../words/explain.ts";
import { TOGETHER } from "../../words/together.ts";

/** What is counted on each leg as a figure that opens: every unit and load on it with its running amps. */
export function legsOpened(study: PlanStudy, { given }: TogetherQuestion, nameOf: (id: string) => string) {
  const { source, units, loads } = given;
  const factor = (of: number): string => `× ${formatNumber(of, 2)}`;
  return study.budget.legs.map(({ leg, countedA }) => {
    const on = (own: 1 | 2 | "both"): boolean => own === leg || own === "both";
    const inputs = [
      ...study.units
        .filter(({ id }) => units.some((u) => u.id === id && on(u.leg)))
        .map(({ id, runA }) => ({ id, runA, origin: "typical" as const })),
      ...loads.filter((l) => on(l.leg)).map(({ id, runA }) => ({ id, runA, origin: "guessed" as const })),
    ];
    return {
      name: source.legs === 1 ? OPENED.counted : OPENED.leg(TOGETHER.leg(leg, source.legs)),
      value: formatAmps(countedA),
      formula: OPENED.legFormula(factor(unitFactor(source.kind)), factor(continuousFactor(source.kind))),
      inputs: inputs.map(({ id, runA, origin }) => ({ text: OPENED.legInput(nameOf(id), formatAmps(runA)), origin })),
    };
  });
}
