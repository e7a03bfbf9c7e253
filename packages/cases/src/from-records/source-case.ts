import type { Derating } from "@amp-saver/core/device/engine";
import { INVERTER_GENERATOR_PARAMS } from "@amp-saver/core/device/inverter-generator";
import { ohmFromSag, type SagFailure } from "@amp-saver/core/device/shore";
import { quantity, type Result } from "@amp-saver/core/quantity";
import { isHighVolts } from "@amp-saver/core/reference";
import type { BatteryCase, CircuitCase, ElectronicCase, SourceCase } from "@amp-saver/core/study/motor-start";
import type { Figure, GeneratorSource, InverterSource, ShoreSource, Source } from "@amp-saver/records";
import { asQuantity, optional } from "./figures.ts";

const HALF_V = 120;

/** Hot legs that reach the rig, and their volts to neutral: a 240 V source has two of 120 V, a 230 V one at 50 Hz has one. */
export function legsOf(source: Source, hz: 50 | 60): { readonly legs: 1 | 2; readonly perLegV: number } {
  const { value } = source.volts;
  if (!isHighVolts(value)) return { legs: source.legs ?? 1, perLegV: value };
  return hz === 50 ? { legs: 1, perLegV: value } : { legs: 2, perLegV: HALF_V };
}

/** A source as a study wants it. */
export function sourceCase(source: Source, altitudeM: number, hz: 50 | 60): SourceCase {
  const { legs } = legsOf(source, hz);
  const manager = source.gear?.includes("surge-protector") === true;
  return { ...kindCase(source, altitudeM), ...(legs === 2 && { legs }), ...(manager && { manager }) };
}

function kindCase(source: Source, altitudeM: number): SourceCase {
  switch (source.type) {
    case "shore":
      return shoreCase(source);
    case "inverter":
      return inverterCase(source, altitudeM);
    case "inverter-generator":
      return { ...engineCase(source, altitudeM), kind: "inverter-generator", ...secondCase(source) };
    case "generator":
      return { ...engineCase(source, altitudeM), kind: "generator" };
  }
}

function common(source: Source) {
  return { volts: asQuantity(source.volts), ...(source.cords !== undefined && source.cords.length > 0 && { cords: source.cords }) };
}

/** The smallest rating of an adapter that is there; undefined without one. */
function adapterOf({ gear, adapterA }: Source): Figure | undefined {
  return gear?.includes("adapter") === true ? adapterA : undefined;
}

/** The breaker that counts for a circuit of the grid: its own, or an adapter's smaller rating, which nothing else protects. */
export function breakerOf(source: ShoreSource): Figure | undefined {
  const [own, adapter] = [source.breakerA, adapterOf(source)];
  if (own === undefined || adapter === undefined) return own ?? adapter;
  return adapter.value < own.value ? adapter : own;
}

/** Running watts of a set or an inverter: as rated, or what an adapter carries on its legs where that is less. */
export function runningOf(source: GeneratorSource | InverterSource): Figure | undefined {
  const [own, adapter] = [source.runningW, adapterOf(source)];
  if (adapter === undefined) return own;
  const carried = adapter.value * source.volts.value * (source.legs ?? 1);
  return own !== undefined && own.value <= carried ? own : { ...adapter, value: carried };
}

function shoreCase(source: ShoreSource): CircuitCase {
  const sag = measuredSag(source);
  const behind = sag?.ok === true ? quantity(sag.value, "measured", SAG_TOLERANCE) : undefined;
  const ohm = behind === undefined ? optional("ohm", source.ohm) : { ohm: behind };
  const { cords, ...rest } = common(source);
  const volts = behind !== undefined && source.idleV !== undefined ? asQuantity(source.idleV) : rest.volts;
  return {
    kind: "shore",
    volts,
    ...optional("breakerA", breakerOf(source)),
    ...ohm,
    ...(behind === undefined && cords !== undefined && { cords }),
    ...(source.band !== undefined && { band: source.band }),
  };
}

/** What two volt readings and their difference leave uncertain (common practice, no source). */
const SAG_TOLERANCE = 0.15;

/** Resistance behind the rig from its volts without and with a load, cords included; null where they are not all there. */
export function measuredSag({ idleV, loadedV, loadedA }: ShoreSource): Result<number, SagFailure> | null {
  if (idleV === undefined || loadedV === undefined || loadedA === undefined) return null;
  return ohmFromSag({ idleV: idleV.value, loadedV: loadedV.value, amps: loadedA.value });
}

function ratedCase(source: GeneratorSource | InverterSource) {
  return {
    ...common(source),
    ...optional("runningW", runningOf(source)),
    ...optional("surgeW", source.surgeW),
    ...optional("surgeS", source.surgeS),
  };
}

function engineCase(source: GeneratorSource, altitudeM: number) {
  return { ...ratedCase(source), altitudeM, derating: deratingOf(source), ...(source.eco !== undefined && { eco: source.eco }) };
}

/** Which losses count for a generator. */
export function deratingOf({ altitudeSchool, heatCounts, propane }: GeneratorSource): Derating {
  return { altitude: altitudeSchool ?? "common", heat: heatCounts ?? true, propane: propane ?? false };
}

function secondCase(source: GeneratorSource): Pick<ElectronicCase, "second"> {
  if (source.type !== "inverter-generator" || source.second === undefined) return {};
  const { runningW = source.runningW, surgeW = source.surgeW } = source.second;
  return { second: { ...optional("runningW", runningW), ...optional("surgeW", surgeW) } };
}

function inverterCase(source: InverterSource, altitudeM: number): ElectronicCase {
  return {
    kind: "inverter",
    ...ratedCase(source),
    altitudeM,
    ...(source.endurance !== undefined && { endurance: source.endurance }),
    battery: batteryCase(source),
    ...optional("shoreLimitA", source.shoreLimitA),
  };
}

/** The bank behind an inverter as a study wants it. */
export function batteryCase(source: InverterSource): BatteryCase {
  return {
    ...optional("volts", source.bankV),
    ...optional("ohm", source.bankOhm),
    ...optional("efficiency", source.efficiency),
    ...optional("cutOffV", source.cutOffV),
    ...optional("ampHours", source.bankAh),
    ...optional("bmsContinuousA", source.bmsContinuousA),
    ...optional("bmsPeakA", source.bmsPeakA),
    ...(source.chemistry !== undefined && { chemistry: source.chemistry }),
  };
}

/** Watts on the plate of a set, running from surge where only that is known, a second set added; null where neither is. */
export function ratedW(source: GeneratorSource): number | null {
  const surge = source.surgeW === undefined ? undefined : source.surgeW.value / INVERTER_GENERATOR_PARAMS.surgeOverRunning.value;
  const own = runningOf(source)?.value ?? surge;
  if (own === undefined) return null;
  const second = source.type === "inverter-generator" ? source.second : undefined;
  return own + (second === undefined ? 0 : (second.runningW?.value ?? own));
}
