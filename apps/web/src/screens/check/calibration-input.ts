import { plateCase, sourceCase } from "@amp-saver/cases";
import { isHighVolts } from "@amp-saver/core/reference";
import type { CalibrationInput, MeasuredKind, MeasuredReading, MeasuredTiming, MeasuredWaveform } from "@amp-saver/core/study/calibration";
import { type AirConditioner, type Reading, type Rig, type Source, type Timing, toSpeedOf, type Waveform } from "@amp-saver/records";

const KINDS: Readonly<Partial<Record<Reading["mode"], MeasuredKind>>> = { inrush: "inrush", "max-hold": "max-hold", live: "live" };
const SIMULATED_S = 2;
/** Cycles of a recorded start that are fitted: its first two seconds at 60 Hz. */
const FITTED_CYCLES = 120;

/** What was measured of a unit, as calibration wants it; null where there is nothing. Readings without a source are taken to be on a stiff one. */
export function calibrationInput(
  rig: Rig,
  unit: AirConditioner,
  sources: readonly Source[],
  readings: readonly Reading[],
  recorded: readonly Waveform[] = [],
  timed: readonly Timing[] = [],
): CalibrationInput | null {
  const plate = plateCase(unit);
  if (plate.lockedRotorA === undefined && plate.ratedLoadA === undefined) return null;
  const measured = readings.filter((r) => r.unitId === unit.id).flatMap((r) => measuredReading(r, plate, rig, sources));
  const { mainOhm, startOhm } = unit;
  const windings = mainOhm !== undefined && startOhm !== undefined && { windings: { mainOhm: mainOhm.value, startOhm: startOhm.value } };
  const waveforms = recorded.filter((w) => w.unitId === unit.id).flatMap((w) => measuredWaveform(w, plate, rig, sources));
  const timings = timed.filter((t) => t.unitId === unit.id && t.when === "before").flatMap((t) => measuredTiming(t, plate, rig, sources));
  if (measured.length === 0 && windings === false && waveforms.length === 0 && timings.length === 0) return null;
  return {
    unit: plate,
    readings: measured,
    ...(waveforms.length > 0 && { waveforms }),
    ...(timings.length > 0 && { timings }),
    ...windings,
  };
}

/** The time to speed of a start as found that stands. */
function measuredTiming(timing: Timing, unit: CalibrationInput["unit"], rig: Rig, sources: readonly Source[]): readonly MeasuredTiming[] {
  const toSpeedS = toSpeedOf(timing);
  if (toSpeedS === null) return [];
  const start = startOf(timing.sourceId, "as-found", null, unit, rig, sources);
  return [{ id: timing.id, toSpeedS, by: timing.countedS === null ? "ear" : "count", start }];
}

/** A recorded start as found, on a conductor the model has, cycle by cycle. */
function measuredWaveform(
  waveform: Waveform,
  unit: CalibrationInput["unit"],
  rig: Rig,
  sources: readonly Source[],
): readonly MeasuredWaveform[] {
  const { conductor, when, form, found, name } = waveform;
  if (when !== "before" || form !== "instant" || (conductor !== "common" && conductor !== "supply")) return [];
  return [
    {
      id: waveform.id,
      conductor,
      cycles: found.cycles.slice(0, FITTED_CYCLES),
      meter: name,
      volts: found.restV,
      loadedVolts: found.lowestV,
      start: startOf(waveform.sourceId, "as-found", null, unit, rig, sources),
    },
  ];
}

function startOf(
  sourceId: Reading["sourceId"],
  method: "as-found" | "soft",
  outdoorC: number | null,
  unit: CalibrationInput["unit"],
  rig: Rig,
  sources: readonly Source[],
): MeasuredReading["start"] {
  const source = sources.find((s) => s.id === sourceId);
  const volts = { value: isHighVolts(unit.plateVolts) ? 240 : 120, origin: "typical", tolerance: 0.03 } as const;
  return {
    unit,
    source: source === undefined ? { kind: "ideal", volts } : sourceCase(source, rig.altitudeM.value, unit.hz === 50 ? 50 : 60),
    method: { kind: method },
    backgroundA: 0,
    outdoorC: outdoorC ?? rig.hottestC.value,
    seconds: SIMULATED_S,
  };
}

function measuredReading(
  reading: Reading,
  unit: CalibrationInput["unit"],
  rig: Rig,
  sources: readonly Source[],
): readonly MeasuredReading[] {
  const kind = KINDS[reading.mode];
  if (kind === undefined) return [];
  const method = reading.when === "before" || kind === "live" ? "as-found" : "soft";
  const start = startOf(reading.sourceId, method, reading.outdoorC, unit, rig, sources);
  const { id, conductor, amps, meter, volts, restMin, outdoorC } = reading;
  const rested = restMin === null ? start : { ...start, restS: restMin * 60 };
  return [{ id, kind, conductor, amps, meter, volts, airNoted: outdoorC !== null, start: rested }];
}
