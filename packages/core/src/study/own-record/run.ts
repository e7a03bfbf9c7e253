import { median } from "../../numeric/index.ts";
import { W_PER_TON } from "../../quantity/index.ts";
import { isHighVolts } from "../../reference/index.ts";
import { middleReduction, type ReadingInput } from "../reading/index.ts";
import { OWN_RECORD_PARAMS as P } from "./params.ts";

/** Middle and extremes of some figures. */
export interface Spread {
  readonly count: number;
  readonly middle: number;
  readonly least: number;
  readonly most: number;
}

/** Middle and extremes; null where there is nothing. */
export function spread(figures: readonly number[]): Spread | null {
  if (figures.length === 0) return null;
  return { count: figures.length, middle: median(figures), least: Math.min(...figures), most: Math.max(...figures) };
}

/** Clamp readings of a visit, and the unit they were taken on. */
export interface VisitReadings extends Pick<ReadingInput, "readings" | "lockedRotorA"> {
  readonly plateVolts: number;
  /** Cooling on the plate, W; null where it is not known. */
  readonly coolingW: number | null;
}

/** Reductions of one kind of unit, by one's own readings. */
export interface ReductionRow {
  readonly volts: 120 | 240;
  /** Cooling in tons, or null where the plate's cooling is not entered. */
  readonly tons: number | null;
  readonly reduction: Spread;
}

/** Shares by which starts fell, by volts class and cooling; visits that compare nothing count for nothing. */
export function reductionRows(visits: readonly VisitReadings[]): readonly ReductionRow[] {
  const kinds = new Map<string, { readonly volts: 120 | 240; readonly tons: number | null; readonly found: number[] }>();
  for (const visit of visits) {
    const reduction = middleReduction(visit);
    if (reduction === null) continue;
    const volts = isHighVolts(visit.plateVolts) ? 240 : 120;
    const tons = visit.coolingW === null ? null : inSteps(visit.coolingW / W_PER_TON);
    const key = `${volts} ${tons ?? ""}`;
    const kind = kinds.get(key) ?? { volts, tons, found: [] };
    kind.found.push(reduction);
    kinds.set(key, kind);
  }
  return [...kinds.values()]
    .toSorted((a, b) => a.volts - b.volts || (a.tons ?? 0) - (b.tons ?? 0))
    .flatMap(({ volts, tons, found }) => {
      const reduction = spread(found);
      return reduction === null ? [] : [{ volts, tons, reduction }];
    });
}

const inSteps = (tons: number): number => Math.round(tons / P.tonStep.value) * P.tonStep.value;

/** Minutes of each fitting, from the proof of dead to the power that followed it, `spans` in ms; what no fitting takes is left out. */
export function fittingMinutes(spans: readonly number[]): Spread | null {
  return spread(spans.map((ms) => ms / 60_000).filter((minutes) => minutes > 0 && minutes <= P.mostFitMin.value));
}
