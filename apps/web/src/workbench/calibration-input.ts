import type { CalibrationInput, MeasuredKind, MeasuredReading } from "@amp-saver/core/study/calibration";
import type { AirConditioner, Reading, Rig, Source } from "@amp-saver/records";
import { sourceCase } from "./source-case.ts";
import { plateCase } from "./unit-case.ts";

const KINDS: Readonly<Partial<Record<Reading["mode"], MeasuredKind>>> = { inrush: "inrush", "max-hold": "max-hold", live: "live" };
const SIMULATED_S = 2;

/** What was measured of a unit, as calibration wants it; null where there is nothing. Readings without a source are taken to be on a stiff one. */
export function calibrationInput(
  rig: Rig,
  unit: AirConditioner,
  sources: readonly Source[],
  readings: readonly Reading[],
): CalibrationInput | null {
  const plate = plateCase(unit);
  if (plate.lockedRotorA === undefined && plate.ratedLoadA === undefined) return null;
  const measured = readings.filter((r) => r.unitId === unit.id).flatMap((r) => measuredReading(r, plate, rig, sources));
  const { mainOhm, startOhm } = unit;
  const windings = mainOhm !== undefined && startOhm !== undefined && { windings: { mainOhm: mainOhm.value, startOhm: startOhm.value } };
  return measured.length === 0 && windings === false ? null : { unit: plate, readings: measured, ...windings };
}

function measuredReading(
  reading: Reading,
  unit: CalibrationInput["unit"],
  rig: Rig,
  sources: readonly Source[],
): readonly MeasuredReading[] {
  const kind = KINDS[reading.mode];
  if (kind === undefined) return [];
  const source = sources.find((s) => s.id === reading.sourceId);
  const volts = { value: unit.plateVolts < 160 ? 120 : 240, origin: "typical", tolerance: 0.03 } as const;
  return [
    {
      id: reading.id,
      kind,
      conductor: reading.conductor,
      amps: reading.amps,
      start: {
        unit,
        source: source === undefined ? { kind: "ideal", volts } : sourceCase(source, rig.altitudeM.value),
        method: { kind: reading.when === "before" || kind === "live" ? "as-found" : "soft" },
        backgroundA: 0,
        outdoorC: reading.outdoorC ?? rig.hottestC.value,
        seconds: SIMULATED_S,
      },
    },
  ];
}
