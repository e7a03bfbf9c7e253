import { type Quantity, quantity } from "@amp-saver/core/quantity";
import type { MethodCase, SourceCase, StartCase, UnitCase } from "@amp-saver/core/study/motor-start";
import type { AirConditioner, Figure, Job, Method, Rig, Source } from "@amp-saver/records";

/** What must be known before anything can be said. */
type Missing = "source" | "plate-amps" | "generator-watts";

export type CaseOrMissing = { readonly ok: true; readonly given: StartCase } | { readonly ok: false; readonly missing: Missing };

/** Conditions of the question; a job's own where it has them, else the rig's. */
export interface Conditions {
  readonly outdoorC: number;
  readonly altitudeM: number;
  readonly otherLoadsA: number;
  readonly limitA: number | null;
}

/** Conditions a job asks about. */
export function conditionsOf(rig: Rig, job: Job): Conditions {
  return {
    outdoorC: job.outdoorC ?? rig.hottestC.value,
    altitudeM: job.altitudeM ?? rig.altitudeM.value,
    otherLoadsA: job.otherLoadsA,
    limitA: job.limitA,
  };
}

const SIMULATED_S = 3;

/** Turns records into the question that core answers. */
export function startCase(unit: AirConditioner, source: Source | undefined, method: Method, conditions: Conditions): CaseOrMissing {
  if (unit.lockedRotorA === undefined && unit.ratedLoadA === undefined) return { ok: false, missing: "plate-amps" };
  if (source === undefined) return { ok: false, missing: "source" };
  if (source.type !== "shore" && source.runningW === undefined && source.surgeW === undefined)
    return { ok: false, missing: "generator-watts" };
  return {
    ok: true,
    given: {
      unit: unitCase(unit),
      source: sourceCase(source, conditions.altitudeM),
      method: methodCase(method, conditions.limitA),
      backgroundA: conditions.otherLoadsA,
      outdoorC: conditions.outdoorC,
      seconds: SIMULATED_S,
    },
  };
}

function asQuantity(figure: Figure): Quantity {
  return figure.tolerance === undefined ? quantity(figure.value, figure.from) : quantity(figure.value, figure.from, figure.tolerance);
}

function optional<K extends string>(key: K, figure: Figure | undefined): Partial<Record<K, Quantity>> {
  return figure === undefined ? {} : ({ [key]: asQuantity(figure) } as Record<K, Quantity>);
}

function unitCase(unit: AirConditioner): UnitCase {
  const aided = unit.startAid === "ptc" || unit.startAid === "relay";
  return {
    plateVolts: unit.plateVolts.value,
    hz: unit.hz,
    startAidF: aided ? (unit.startAidF?.value ?? TYPICAL_START_AID_F) : 0,
    ...optional("lockedRotorA", unit.lockedRotorA),
    ...optional("ratedLoadA", unit.ratedLoadA),
    ...optional("runningA", unit.runningA),
    ...optional("fanA", unit.fanA),
    ...optional("runCapacitorF", unit.runCapacitorF),
    ...optional("coolingW", unit.coolingW),
  };
}

/** Start capacitor of a unit that has one whose size was not read (typical, from memory). */
const TYPICAL_START_AID_F = 150e-6;

/** A source as a study wants it. */
export function sourceCase(source: Source, altitudeM: number): SourceCase {
  const volts = asQuantity(source.volts);
  if (source.type === "shore") return { kind: "shore", volts, ...optional("breakerA", source.breakerA), ...optional("ohm", source.ohm) };
  return {
    kind: source.type,
    volts,
    altitudeM,
    ...optional("runningW", source.runningW),
    ...optional("surgeW", source.surgeW),
    ...optional("surgeS", source.surgeS),
  };
}

function methodCase(method: Method, limitA: number | null): MethodCase {
  if (method === "soft") return { kind: "soft", ...(limitA !== null && { limitA }) };
  return { kind: method };
}
