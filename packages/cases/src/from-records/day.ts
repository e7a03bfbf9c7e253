import { BATTERY_PARAMS as BATTERY, usualDepth, usualExponent } from "@amp-saver/core/device/battery";
import { deratingShares } from "@amp-saver/core/device/engine";
import { continuousA } from "@amp-saver/core/device/shore";
import { coincidencesPerDay, type DayBank, type DayCase, type DaySource } from "@amp-saver/core/study/day-plan";
import { DAY_PARAMS } from "@amp-saver/core/study/day-plan/params";
import { preparedBank } from "@amp-saver/core/study/motor-start";
import type { TogetherUnit } from "@amp-saver/core/study/together";
import type { InverterSource, Load, Rig, Source } from "@amp-saver/records";
import { batteryCase, breakerOf, deratingOf, ratedW, runningOf } from "./source-case.ts";
import { rigVolts, type TogetherInput, togetherQuestion } from "./together.ts";

/** Everything a day is put together from. */
interface DayInput extends Omit<TogetherInput, "unitsOff" | "unlearned"> {
  readonly sources: readonly Source[];
}

/** A day but for what its units take, and the units at the temperature that is worked out from. */
interface DayQuestion {
  readonly units: readonly TogetherUnit[];
  readonly day: Omit<DayCase, "units">;
}

/** Coolest hour of the rig's hottest day. */
export function coolestOf({ coolestC, hottestC }: Rig): number {
  return coolestC?.value ?? hottestC.value - DAY_PARAMS.nightCoolerC.value;
}

/** How often a day starts of `startS` seconds, of two units, fall together on a rig's hottest day. */
export function coincidencesOf(rig: Rig, startS: readonly [number, number]): number {
  return coincidencesPerDay({ coolestC: coolestOf(rig), hottestC: rig.hottestC.value }, startS);
}

/** A rig's day, shore power before engines and the stronger before the weaker; null while no unit's plate and source is known. */
export function dayQuestion(input: DayInput): DayQuestion | null {
  const { rig, loads, sources } = input;
  const at = { ...rig, hottestC: { ...rig.hottestC, value: DAY_PARAMS.workedOutAtC.value } };
  const found = sources
    .map((s) => togetherQuestion({ ...input, rig: at, unitsOff: new Set(), unlearned: new Set() }, s))
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
    const breaker = breakerOf(source);
    if (breaker === undefined) return null;
    return { id: source.id, watts: continuousA(breaker.value) * volts * (source.legs ?? 1), engine: null, spells };
  }
  const all = ratedW(source);
  if (all === null) return null;
  const left = deratingShares(rig.altitudeM.value, rig.hottestC.value, deratingOf(source)).all;
  return { id: source.id, watts: all * left, engine: { ratedW: all, eco: source.eco === true }, spells };
}

function dayBank(source: InverterSource, chargerW: number): DayBank | null {
  const inverterW = runningOf(source)?.value;
  if (inverterW === undefined) return null;
  return {
    volts: source.bankV?.value ?? BATTERY.volts.value,
    ampHours: source.bankAh?.value ?? BATTERY.energyWh.value / (source.bankV?.value ?? BATTERY.volts.value),
    ohm: preparedBank(batteryCase(source)).ohm,
    exponent: usualExponent(source.chemistry),
    idleW: BATTERY.idleW.value,
    depth: source.depth?.value ?? usualDepth(source.chemistry),
    efficiency: source.efficiency?.value ?? BATTERY.efficiency.value,
    inverterW,
    chargerW,
    chargerPf: BATTERY.chargerPf.value,
    chargeAtStart: DAY_PARAMS.chargeAtStart.value,
  };
}
