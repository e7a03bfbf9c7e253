import type { DayStudy } from "@amp-saver/core/study/day-plan";

/** What takes power in a day, a row of the day's picture. */
export interface DayLane {
  readonly id: string;
  readonly kind: "unit" | "load" | "charger";
  /** Watts it was given, step by step. */
  readonly watts: readonly number[];
  /** Whether it wanted power and had none, step by step. */
  readonly without: readonly boolean[];
}

/** Everything that takes or wants power in a day, units first, the charger last; what never does is left out. */
export function dayLanes({ steps }: DayStudy, units: readonly { readonly id: string }[]): readonly DayLane[] {
  const ids = [...new Set(steps.flatMap((s) => [...Object.keys(s.watts), ...s.unserved]))];
  const isUnit = (id: string): boolean => units.some((u) => u.id === id);
  const lanes = ids
    .toSorted((a, b) => Number(isUnit(b)) - Number(isUnit(a)))
    .map(
      (id): DayLane => ({
        id,
        kind: isUnit(id) ? "unit" : "load",
        watts: steps.map((s) => s.watts[id] ?? 0),
        without: steps.map((s) => s.unserved.includes(id)),
      }),
    );
  const charging = steps.map((s) => s.chargingW);
  const charger: DayLane = { id: "charging", kind: "charger", watts: charging, without: charging.map(() => false) };
  return charging.some((w) => w > 0) ? [...lanes, charger] : lanes;
}

/** A stretch of steps in which something stays as it is: its value, its first step, and the step after its last. */
export interface Stretch<T> {
  readonly value: T;
  readonly from: number;
  readonly to: number;
}

/** A day's values in stretches. */
export function stretches<T>(values: readonly T[]): readonly Stretch<T>[] {
  const all: Stretch<T>[] = [];
  for (const [k, value] of values.entries()) {
    const last = all.at(-1);
    if (last !== undefined && last.value === value) all[all.length - 1] = { ...last, to: k + 1 };
    else all.push({ value, from: k, to: k + 1 });
  }
  return all;
}
