import type { MethodCase, StartCase } from "@amp-saver/core/study/motor-start";
import type { AirConditioner, Job, Method, Rig, Source, Starter } from "@amp-saver/records";
import { sourceCase } from "./source-case.ts";
import { unitCase } from "./unit-case.ts";

/** What must be known before anything can be said, or why nothing will be. */
type Missing = "source" | "plate-amps" | "generator-watts" | "two-stage" | "variable-speed" | "three-phase" | "aid-with-starter";

export type CaseOrMissing = { readonly ok: true; readonly given: StartCase } | { readonly ok: false; readonly missing: Missing };

/** Conditions of the question; a job's own where it has them, else the rig's. */
export interface Conditions {
  readonly outdoorC: number;
  readonly altitudeM: number;
  readonly otherLoadsA: number;
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

/** Turns records into the question that core answers. */
export function startCase(unit: AirConditioner, source: Source | undefined, method: Method, conditions: Conditions): CaseOrMissing {
  if (unit.drive !== undefined && unit.drive !== "single-speed") return { ok: false, missing: unit.drive };
  if (unit.lockedRotorA === undefined && unit.ratedLoadA === undefined) return { ok: false, missing: "plate-amps" };
  if (source === undefined) return { ok: false, missing: "source" };
  if (!hasWatts(source)) return { ok: false, missing: "generator-watts" };
  const asked = unitCase(unit);
  if (conditions.aidStaysIn && method === "soft" && asked.startAidF > 0) return { ok: false, missing: "aid-with-starter" };
  return {
    ok: true,
    given: {
      unit: asked,
      source: sourceCase(source, conditions.altitudeM),
      method: methodCase(method, conditions),
      backgroundA: conditions.otherLoadsA,
      outdoorC: conditions.outdoorC,
      seconds: SIMULATED_S,
    },
  };
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
