import { batteryCase, deratingOf, rigVolts, type TogetherInput, togetherQuestion } from "@amp-saver/cases";
import { BATTERY_PARAMS as BATTERY } from "@amp-saver/core/device/battery";
import { deratingShares } from "@amp-saver/core/device/engine";
import { continuousA } from "@amp-saver/core/device/shore";
import type { DayBank, DayCase, DaySource, DayStudy } from "@amp-saver/core/study/day-plan";
import { preparedBank } from "@amp-saver/core/study/motor-start";
import type { TogetherUnit } from "@amp-saver/core/study/together";
import type { InverterSource, Load, Rig, Source } from "@amp-saver/records";
import { ratedW } from "../rated.ts";
import { depthOf, exponentOf } from "./keeps.view.ts";

export { coincidencesPerDay } from "@amp-saver/core/study/day-plan";

/** Everything a day is put together from. */
interface DayInput extends Omit<TogetherInput, "unitsOff" | "unlearned"> {
  readonly sources: readonly Source[];
}

/** A day but for what its units take, and the units at the temperature that is worked out from. */
interface DayQuestion {
  readonly units: readonly TogetherUnit[];
  readonly day: Omit<DayCase, "units">;
}

/** Air at which a unit's watts are found, °C; the day scales them. */
const UNIT_AT_C = 35;
/** How much cooler the coolest hour is where nothing is said: typical, from memory. */
const NIGHT_COOLER_C = 13;
/** What a bank is taken to hold at midnight. */
const CHARGE_AT_START = 0.8;

/** Coolest hour of the rig's hottest day. */
export function coolestOf({ coolestC, hottestC }: Rig): number {
  return coolestC?.value ?? hottestC.value - NIGHT_COOLER_C;
}

/** A rig's day, hook-ups before engines and the stronger before the weaker; null while no unit's plate and source is known. */
export function dayQuestion(input: DayInput): DayQuestion | null {
  const { rig, loads, sources } = input;
  const at = { ...rig, hottestC: { ...rig.hottestC, value: UNIT_AT_C } };
  const found = sources
    .map((s) => togetherQuestion({ ...input, rig: at, unitsOff: new Set(), unlearned: false }, s))
    .find((q) => q !== null);
  if (found == null) return null;
  const fed = sources
    .flatMap((source): DaySource[] => {
      const made = source.type === "inverter" || source.hours?.length === 0 ? null : daySource(source, rig);
      return made === null ? [] : [made];
    })
    .toSorted((a, b) => Number(a.engine !== null) - Number(b.engine !== null) || b.watts - a.watts);
  const inverter = sources.find((s): s is InverterSource => s.type === "inverter");
  const charger = loads.find((l) => l.chargeA !== undefined && l.on);
  const { perLegV } = rigVolts(input);
  const bank = inverter === undefined ? null : dayBank(inverter, charger === undefined ? 0 : wattsOf(charger, perLegV));
  const planned = loads.filter((l) => l.on && (bank === null || l.chargeA === undefined));
  return {
    units: found.given.units,
    day: {
      weather: { coolestC: Math.min(coolestOf(rig), rig.hottestC.value), hottestC: rig.hottestC.value },
      loads: planned.map((l) => ({ id: l.id, watts: wattsOf(l, perLegV), priority: l.priority, spells: l.spells ?? [] })),
      sources: fed,
      bank,
    },
  };
}

/** Watts a load takes: as stated, or its amps on its legs. */
function wattsOf(load: Load, perLegV: number): number {
  return load.runW?.value ?? (load.runA?.value ?? 0) * perLegV * (load.leg === "both" ? 2 : 1);
}

function daySource(source: Exclude<Source, InverterSource>, rig: Rig): DaySource | null {
  const spells = source.hours ?? [];
  const { value: volts } = source.volts;
  if (source.type === "shore") {
    if (source.breakerA === undefined) return null;
    return { id: source.id, watts: continuousA(source.breakerA.value) * volts * (source.legs ?? 1), engine: null, spells };
  }
  const all = ratedW(source);
  if (all === null) return null;
  const left = deratingShares(rig.altitudeM.value, rig.hottestC.value, deratingOf(source)).all;
  return { id: source.id, watts: all * left, engine: { ratedW: all, eco: source.eco === true }, spells };
}

function dayBank(source: InverterSource, chargerW: number): DayBank | null {
  const inverterW = source.runningW?.value;
  if (inverterW === undefined) return null;
  return {
    volts: source.bankV?.value ?? BATTERY.volts.value,
    ampHours: source.bankAh?.value ?? BATTERY.energyWh.value / (source.bankV?.value ?? BATTERY.volts.value),
    ohm: preparedBank(batteryCase(source)).ohm,
    exponent: exponentOf(source),
    idleW: BATTERY.idleW.value,
    depth: depthOf(source),
    efficiency: source.efficiency?.value ?? BATTERY.efficiency.value,
    inverterW,
    chargerW,
    chargerPf: BATTERY.chargerPf.value,
    chargeAtStart: CHARGE_AT_START,
  };
}

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
