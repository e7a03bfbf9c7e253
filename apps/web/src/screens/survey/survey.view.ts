import { hasSize, hasWatts } from "@amp-saver/cases";
import type { AirConditioner, Figure, Source } from "@amp-saver/records";

/** Whether there is enough for an answer, or what is missing first. */
export type SurveyState =
  | { readonly code: "missingBoth" | "missingPlate" | "missingSource" | "missingWatts" }
  | { readonly code: "enough"; readonly read: number; readonly typical: number };

const UNIT_FIGURES = ["lockedRotorA", "ratedLoadA", "runningA", "fanA", "runCapacitorF", "coolingW", "plateVolts"] as const;

/** Looks over a unit and the source it is asked about. */
export function surveyState(unit: AirConditioner, source: Source | undefined): SurveyState {
  const plate = hasSize(unit);
  if (!plate && source === undefined) return { code: "missingBoth" };
  if (!plate) return { code: "missingPlate" };
  if (source === undefined) return { code: "missingSource" };
  if (!hasWatts(source)) return { code: "missingWatts" };
  const figures: (Figure | undefined)[] = UNIT_FIGURES.map((name) => unit[name]);
  if (source.type === "shore") figures.push(source.volts, source.breakerA, source.ohm);
  else figures.push(source.volts, source.runningW, source.surgeW, source.surgeS);
  if (source.type === "inverter") figures.push(source.bankV, source.bankOhm, source.efficiency, source.cutOffV);
  const read = figures.filter((f) => f !== undefined && f.from !== "typical" && f.from !== "guessed").length;
  return { code: "enough", read, typical: figures.length - read };
}
