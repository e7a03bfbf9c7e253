import type { DayStudy } from "@amp-saver/core/study/day-plan";

/** One band of the day's picture. */
export interface DayBand {
  readonly id: string;
  readonly kind: "unit" | "load" | "charger";
  readonly watts: readonly number[];
}

/** Everything that takes watts in a day, units first, the charger last; what never does is left out. */
export function dayBands({ steps }: DayStudy, units: readonly { readonly id: string }[]): readonly DayBand[] {
  const ids = [...new Set(steps.flatMap((s) => Object.keys(s.watts)))];
  const isUnit = (id: string): boolean => units.some((u) => u.id === id);
  const bands = ids
    .toSorted((a, b) => Number(isUnit(b)) - Number(isUnit(a)))
    .map((id): DayBand => ({ id, kind: isUnit(id) ? "unit" : "load", watts: steps.map((s) => s.watts[id] ?? 0) }));
  const charging = steps.map((s) => s.chargingW);
  return charging.some((w) => w > 0) ? [...bands, { id: "charging", kind: "charger", watts: charging }] : bands;
}
