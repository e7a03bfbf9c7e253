import { DEFAULT_TOLERANCE, type Quantity, quantity } from "../../quantity/index.ts";
import type { AssumedCode, Assumption } from "./assume.ts";
import type { StartCase } from "./case.ts";
import { studyStart } from "./run.ts";
import { tightest } from "./tightest.ts";

/** Figures a user can replace by measuring. */
const MEASURABLE = [
  "running-amps",
  "locked-amps",
  "run-capacitor",
  "fan-amps",
  "source-ohm",
  "shore-volts",
  "other-loads",
  "starter-limit",
] as const satisfies readonly AssumedCode[];
export type MeasurableCode = (typeof MEASURABLE)[number];

/** How far one unmeasured figure moves the deciding margin, amps, as known now and once measured. */
export interface Sensitivity {
  readonly code: MeasurableCode;
  readonly nowA: number;
  readonly measuredA: number;
}

/**
 * One at a time, moves every unmeasured figure by its tolerance both ways and notes how far the
 * deciding margin goes. The largest first: measure that next.
 */
export function sensitivities(given: StartCase): readonly Sensitivity[] {
  const base = studyStart(given);
  if (!base.ok) return [];
  const decides = tightest(base.value.result);
  const margin = (changed: StartCase): number | null => {
    const study = studyStart(changed);
    return study.ok ? (study.value.result[decides]?.spareA ?? null) : null;
  };
  const found: Sensitivity[] = [];
  for (const code of MEASURABLE) {
    const assumed = base.value.assumptions.find((a) => a.code === code);
    if (assumed === undefined || assumed.origin === "measured" || assumed.tolerance === 0) continue;
    const nowA = swing(given, assumed, code, assumed.tolerance, margin);
    const measuredA = swing(given, assumed, code, Math.min(assumed.tolerance, DEFAULT_TOLERANCE.measured), margin);
    if (nowA !== null && measuredA !== null && nowA > measuredA) found.push({ code, nowA, measuredA });
  }
  return found.toSorted((a, b) => b.nowA - a.nowA);
}

function swing(
  given: StartCase,
  assumed: Assumption,
  code: MeasurableCode,
  tolerance: number,
  margin: (changed: StartCase) => number | null,
): number | null {
  const at = (factor: number): number | null =>
    margin(withFigure(given, code, quantity(assumed.value * factor, assumed.origin, assumed.tolerance)));
  const high = at(1 + tolerance);
  const low = at(1 - tolerance);
  return high === null || low === null ? null : Math.abs(high - low) / 2;
}

function withFigure(given: StartCase, code: MeasurableCode, figure: Quantity): StartCase {
  switch (code) {
    case "running-amps":
      return { ...given, unit: { ...given.unit, runningA: figure } };
    case "locked-amps":
      return { ...given, unit: { ...given.unit, lockedRotorA: figure } };
    case "run-capacitor":
      return { ...given, unit: { ...given.unit, runCapacitorF: figure } };
    case "fan-amps":
      return { ...given, unit: { ...given.unit, fanA: figure } };
    case "starter-limit":
      return given.method.kind === "soft" ? { ...given, method: { ...given.method, limitA: figure.value } } : given;
    case "other-loads":
      return { ...given, backgroundA: figure.value };
    case "shore-volts":
      return { ...given, source: { ...given.source, legs: 1, volts: { ...figure, origin: "measured" } } };
    case "source-ohm":
      return { ...given, source: { ...given.source, ohm: figure } };
  }
}
