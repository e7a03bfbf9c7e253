import { breakerOf, ratedW, runningOf } from "@amp-saver/cases";
import { formatNumber } from "@amp-saver/core/quantity";
import {
  type Measured,
  type Measurement,
  SYMPTOMS,
  studyTrouble,
  type TroubleFacts,
  type TroubleStudy,
} from "@amp-saver/core/study/trouble";
import type { AirConditioner, FitLog, Source, Wiring } from "@amp-saver/records";
import { printedCapacitor } from "./survey/plate.view.ts";

/** What may be seen or heard. */
export const SYMPTOM_LIST = SYMPTOMS;

/** How a measurement is typed and shown: farads as µF, ohms to the case as megohms. */
const SHOWN: Readonly<Record<Measured["unit"], { readonly unit: string; readonly scale: number; readonly most: number }>> = {
  V: { unit: "V", scale: 1, most: 500 },
  A: { unit: "A", scale: 1, most: 500 },
  min: { unit: "min", scale: 1, most: 1440 },
  F: { unit: "µF", scale: 1e-6, most: 2000 },
  ohm: { unit: "megohm", scale: 1e6, most: 1000 },
};

/** One measurement as it stands on the screen. */
export interface TroubleRow {
  readonly what: Measurement;
  readonly unit: string;
  readonly scale: number;
  /** Most that is believed, in the unit shown. */
  readonly mostTyped: number;
  readonly least: string | null;
  readonly most: string | null;
  readonly read: number | null;
  readonly cause: Measured["cause"];
}

/** What the records tell of a unit and the source it is asked about. */
function factsOf(unit: AirConditioner, source: Source | undefined): TroubleFacts {
  const printed = printedCapacitor(unit)?.figure;
  const watts =
    source === undefined || source.type === "shore"
      ? null
      : source.type === "inverter"
        ? (runningOf(source)?.value ?? null)
        : ratedW(source);
  return {
    plateV: unit.plateVolts.value,
    lockedRotorA: unit.lockedRotorA?.value ?? null,
    ratedLoadA: unit.ratedLoadA?.value ?? null,
    runCapacitorF: printed?.value ?? null,
    runCapacitorShare: printed?.tolerance ?? null,
    startCapacitorF: unit.startAidF?.value ?? null,
    startCapacitorShare: unit.startAidF?.tolerance ?? null,
    breakerA: source?.type === "shore" ? (breakerOf(source)?.value ?? null) : null,
    carriesA: watts === null || source === undefined ? null : watts / source.volts.value,
  };
}

/** Capacitors that were measured elsewhere are not measured twice. */
function known(unit: AirConditioner, wiring: Wiring | undefined): Partial<Record<Measurement, number>> {
  const run = unit.runCapacitorF?.from === "measured" ? unit.runCapacitorF.value : undefined;
  const start = wiring?.parts["start-capacitor"];
  return { ...(run !== undefined && { "run-capacitor": run }), ...(typeof start === "number" && { "start-capacitor": start }) };
}

/** What to measure for what is seen, row by row; null while nothing is picked. */
export function troubleView(
  work: FitLog,
  unit: AirConditioner,
  source: Source | undefined,
  wiring: Wiring | undefined,
): (Pick<TroubleStudy, "next" | "causes"> & { readonly rows: readonly TroubleRow[] }) | null {
  const symptom = work.trouble?.symptom;
  if (symptom === undefined) return null;
  const { list, next, causes } = studyTrouble(symptom, factsOf(unit, source), { ...known(unit, wiring), ...work.trouble?.read });
  const rows = list.map(({ what, unit: si, least, most, read, cause }): TroubleRow => {
    const { unit: shown, scale, most: mostTyped } = SHOWN[si];
    const text = (value: number | null): string | null => (value === null ? null : formatNumber(value / scale, value / scale < 10 ? 1 : 0));
    return {
      what,
      unit: shown,
      scale,
      mostTyped,
      least: text(least),
      most: text(most),
      read: read === null ? null : Math.round((read / scale) * 1000) / 1000,
      cause,
    };
  });
  return { rows, next, causes };
}
