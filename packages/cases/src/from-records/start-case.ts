import { type MethodCase, type PrepareFailure, refusalOf, type StartCase } from "@amp-saver/core/study/motor-start";
import type { AirConditioner, Job, Method, Rig, Source, Starter } from "@amp-saver/records";
import { sourceCase } from "./source-case.ts";
import { unitCase } from "./unit-case.ts";

/** What must be known before anything can be said, or why nothing will be. */
export type Missing =
  | "source"
  | "plate-amps"
  | "generator-watts"
  | "two-stage"
  | "variable-speed"
  | "three-phase"
  | "aid-with-starter"
  | "wrong-volts"
  | "lowest-volts"
  | "no-motor"
  | "contradicts"
  | "not-computable";

export type CaseOrMissing = { readonly ok: true; readonly given: StartCase } | { readonly ok: false; readonly missing: Missing };

/** Conditions of the question; a job's own where it has them, else the rig's. */
export interface Conditions {
  readonly outdoorC: number;
  readonly altitudeM: number;
  /** Null where nobody said. */
  readonly otherLoadsA: number | null;
  readonly limitA: number | null;
  /** Start capacitor of the chosen catalogue entry; null for the typical one. */
  readonly starterF: number | null;
  readonly aidStaysIn: boolean;
}

/** Conditions a job asks about. */
export function conditionsOf(rig: Rig, job: Job, starters: readonly Starter[]): Conditions {
  return {
    outdoorC: job.outdoorC ?? rig.hottestC.value,
    altitudeM: job.altitudeM ?? rig.altitudeM.value,
    otherLoadsA: job.otherLoadsA,
    limitA: job.limitA,
    starterF: starters.find((s) => s.id === job.starterId)?.startCapacitorF?.value ?? null,
    aidStaysIn: job.aidStaysIn === true,
  };
}

const SIMULATED_S = 3;

/** What a study that could not be put together lacks. */
const MISSING_OF: Readonly<Record<PrepareFailure, Missing>> = {
  "needs-amps": "plate-amps",
  "needs-watts": "generator-watts",
  "no-fit": "no-motor",
  "not-this-drive": "variable-speed",
  "aid-with-starter": "aid-with-starter",
  contradicts: "contradicts",
  "not-computable": "not-computable",
  "wrong-volts": "wrong-volts",
  "needs-lowest-volts": "lowest-volts",
};

/** What to say of a study that could not be put together. */
export function missingOf(reason: PrepareFailure): Missing {
  return MISSING_OF[reason];
}

/** Turns records into the question that core answers. */
export function startCase(unit: AirConditioner, source: Source | undefined, method: Method, conditions: Conditions): CaseOrMissing {
  if (unit.drive !== undefined && unit.drive !== "single-speed") return { ok: false, missing: unit.drive };
  if (!hasSize(unit)) return { ok: false, missing: "plate-amps" };
  if (source === undefined) return { ok: false, missing: "source" };
  if (!hasWatts(source)) return { ok: false, missing: "generator-watts" };
  const asked = unitCase(unit);
  const { otherLoadsA } = conditions;
  const given: StartCase = {
    unit: asked,
    source: sourceCase(source, conditions.altitudeM, unit.hz),
    method: methodCase(method, conditions),
    ...(otherLoadsA !== null && { backgroundA: otherLoadsA }),
    outdoorC: conditions.outdoorC,
    ...(conditions.aidStaysIn && { aidStaysIn: true }),
    seconds: SIMULATED_S,
  };
  const refused = refusalOf(given);
  return refused === null ? { ok: true, given } : { ok: false, missing: missingOf(refused) };
}

/** Whether a unit says enough of its size to be studied: amps, or its cooling. */
export function hasSize(unit: AirConditioner): boolean {
  return unit.lockedRotorA !== undefined || unit.ratedLoadA !== undefined || unit.coolingW !== undefined;
}

/** Whether a source says enough to be studied. */
export function hasWatts(source: Source): boolean {
  return source.type === "shore" || source.runningW !== undefined || source.surgeW !== undefined;
}

function methodCase(method: Method, { limitA, starterF }: Conditions): MethodCase {
  if (method === "soft")
    return { kind: "soft", ...(limitA !== null && { limitA }), ...(starterF !== null && { startCapacitorF: starterF }) };
  return { kind: method };
}
