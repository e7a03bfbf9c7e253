import { type Split, splitFromWindings, TYPICAL_SPLIT } from "../../device/compressor-motor/index.ts";
import { leastSquares } from "../../numeric/index.ts";
import { fail, ok, quantity, type Result } from "../../quantity/index.ts";
import { prepare, type StartCase } from "../motor-start/index.ts";
import type { CalibrationInput, MeasuredReading, MeasuredWaveform } from "./input.ts";
import { type Base, type Metered, type Moves, movedStart, NO_MOVES, resultOf, shownA } from "./model.ts";
import { CALIBRATION_PARAMS as P } from "./params.ts";
import type { Calibration, CalibrationFailure, CalibrationRow, Refusal } from "./result.ts";

const FARTHEST = Math.log(2);

/**
 * Refines a unit by what was measured of it: locked rotor amps, running amps and inertia by least
 * squares on the readings, held by what plate and typical values say; the make-up of its windings
 * from their resistances. Readings that cannot be compared are refused with the reason and kept in
 * the list. Fails when nothing is usable or the outcome contradicts the plate.
 */
export function calibrate(input: CalibrationInput): Result<Calibration, CalibrationFailure> {
  const first = input.readings[0]?.start ?? input.waveforms?.[0]?.start;
  if (first === undefined && input.windings === undefined) return fail("nothing-usable", "readings");
  const start = first ?? plainStart(input.unit);
  const prepared = prepare({ ...start, unit: input.unit, method: { kind: "as-found" } });
  if (!prepared.ok) return prepared;
  const { assumptions, input: plain } = prepared.value;
  const locked = assumptions.figure("locked-amps");
  const running = assumptions.figure("running-amps");
  const split = windingsSplit(input, locked.value, running.value, plain.runCapacitorF);
  if (!split.ok) return split;
  const base: Base = { lockedRotorA: locked.value, runningA: running.value, split: { ...input.unit.split, ...split.value } };
  const judged = input.readings.map((reading) => judge(reading, base));
  const usable = judged.flatMap((j) => (j.refused === null ? [j.reading] : []));
  const waves = input.waveforms ?? [];
  if (usable.length + waves.length === 0 && input.windings === undefined) return fail("nothing-usable", "readings");
  const rows = observed(usable, waves);
  const prior = [locked.tolerance, P.inertiaSpread.value, running.tolerance];
  const residuals = (moves: readonly number[]): readonly number[] => {
    const found = predict(usable, waves, base, moves as unknown as Moves);
    return [
      ...rows.map((row, i) => offBy(row, found[i] ?? row.amps / 2) / row.tolerance),
      ...moves.map((move, k) => move / Math.max(0.01, prior[k]!)),
    ];
  };
  const bounds = { from: NO_MOVES, min: NO_MOVES.map(() => -FARTHEST), max: NO_MOVES.map(() => FARTHEST) };
  const fit = leastSquares(residuals, rows.length + prior.length, bounds);
  const moves = fit.parameters as unknown as Moves;
  const ratio = Math.exp(moves[0]);
  if (ratio < P.leastRatio.value || ratio > P.mostRatio.value) return fail("contradicts-plate", "lockedRotorA");
  const share = Math.exp(moves[1]);
  return ok({
    lockedRotorA: quantity(locked.value * ratio, usable.length + waves.length > 0 ? "measured" : locked.origin, fit.deviations[0]!),
    runningA: quantity(
      running.value * Math.exp(moves[2]),
      usable.some((r) => r.kind === "live") ? "measured" : running.origin,
      fit.deviations[2]!,
    ),
    inertiaShare: quantity(share, usable.length + waves.length > 0 ? "measured" : "typical", fit.deviations[1]!),
    split: { ...base.split, inertiaPerShaftW: TYPICAL_SPLIT.inertiaPerShaftW * share },
    rows: finish(judged, base, moves),
    plateResidual: relative(rows, predict(usable, waves, base, NO_MOVES)),
    residual: relative(rows, predict(usable, waves, base, moves)),
  });
}

/** A unit with what calibration found in place of what its plate says. */
export function refined(unit: StartCase["unit"], found: Pick<Calibration, "lockedRotorA" | "runningA" | "split">): StartCase["unit"] {
  return { ...unit, lockedRotorA: found.lockedRotorA, runningA: found.runningA, split: { ...unit.split, ...found.split } };
}

interface Judged {
  readonly reading: MeasuredReading;
  readonly refused: Refusal | null;
  readonly plateA: number | null;
}

function judge(reading: MeasuredReading, base: Base): Judged {
  if (reading.conductor !== "common" && reading.conductor !== "supply") return { reading, refused: "not-on-common", plateA: null };
  const running = reading.kind === "live";
  if (!running && reading.start.method.kind === "soft") return { reading, refused: "not-a-direct-start", plateA: null };
  const result = resultOf(movedStart(reading.start, base, NO_MOVES, reading.conductor));
  const plateA = result && shownA(result, reading.kind);
  if (plateA === null) return { reading, refused: "no-such-start", plateA };
  const ratio = reading.amps / plateA;
  const far = ratio > P.farFactor.value || ratio < 1 / P.farFactor.value;
  return { reading, refused: far ? "far-from-plate" : null, plateA };
}

function windingsSplit(
  { windings, unit }: CalibrationInput,
  lockedRotorA: number,
  runningA: number,
  runCapacitorF: number,
): Result<Partial<Split>, CalibrationFailure> {
  if (windings === undefined) return ok({});
  return splitFromWindings({ volts: unit.plateVolts, hz: unit.hz, lockedRotorA, runCapacitorF, runningA }, windings, {
    ...TYPICAL_SPLIT,
    ...unit.split,
  });
}

interface Observed {
  readonly amps: number;
  readonly tolerance: number;
  /** What a cycle of a waveform is measured against: the swing after a start is small and says little; null for a reading. */
  readonly peakA: number | null;
}

/** How far a found figure is off, relative. */
function offBy({ amps, peakA }: Observed, found: number): number {
  return peakA === null ? Math.log(found / amps) : (found - amps) / peakA;
}

function observed(readings: readonly MeasuredReading[], waves: readonly MeasuredWaveform[]): readonly Observed[] {
  const tolerance = (kind: MeasuredReading["kind"]): number => (kind === "live" ? P.runningTolerance : P.inrushTolerance).value;
  return [
    ...readings.map(({ amps, kind }) => ({ amps, tolerance: tolerance(kind), peakA: null })),
    ...waves.flatMap(({ cycles }) => {
      const peakA = Math.max(...cycles.map((c) => c.rmsA));
      return cycles.map(({ rmsA }) => ({ amps: rmsA, tolerance: P.inrushTolerance.value * Math.sqrt(cycles.length), peakA }));
    }),
  ];
}

/** What the moved model shows for every reading and every cycle; the same start is simulated once. */
function predict(
  readings: readonly MeasuredReading[],
  waves: readonly MeasuredWaveform[],
  base: Base,
  moves: Moves,
): readonly (number | null)[] {
  const known = new Map<string, Metered | null>();
  const seconds = Math.max(0, ...waves.map((w) => w.cycles.at(-1)?.t ?? 0));
  const result = (start: StartCase, conductor: MeasuredReading["conductor"]): Metered | null => {
    const moved = movedStart({ ...start, seconds }, base, moves, conductor);
    const key = JSON.stringify(moved);
    const kept = known.get(key);
    if (kept !== undefined) return kept;
    const made = resultOf(moved);
    known.set(key, made);
    return made;
  };
  return [
    ...readings.map((r) => {
      const made = result(r.start, r.conductor);
      return made && shownA(made, r.kind);
    }),
    ...waves.flatMap((w) => {
      const made = result(w.start, w.conductor);
      return w.cycles.map(({ t }) => made?.cycles.find((c) => c.t >= t - 1e-6)?.rmsA ?? null);
    }),
  ];
}

function finish(judged: readonly Judged[], base: Base, moves: Moves): readonly CalibrationRow[] {
  return judged.map(({ reading, refused, plateA }) => {
    const { id, amps, kind, conductor } = reading;
    const result = refused === null || refused === "far-from-plate" ? resultOf(movedStart(reading.start, base, moves, conductor)) : null;
    const modelA = result && shownA(result, kind);
    const tolerance = (kind === "live" ? P.runningTolerance : P.inrushTolerance).value;
    const off = modelA !== null && Math.abs(Math.log(amps / modelA)) > P.outlierDeviations.value * tolerance;
    return { id, measuredA: amps, modelA, plateA, refused: refused ?? (off ? "outlier" : null) };
  });
}

function relative(rows: readonly Observed[], found: readonly (number | null)[]): number {
  if (rows.length === 0) return 0;
  const squares = rows.map((row, i) => (((found[i] ?? 0) - row.amps) / (row.peakA ?? row.amps)) ** 2);
  return Math.sqrt(squares.reduce((a, b) => a + b, 0) / rows.length);
}

function plainStart(unit: StartCase["unit"]): StartCase {
  return {
    unit,
    source: { kind: "ideal", volts: quantity(unit.plateVolts, "typical") },
    method: { kind: "as-found" },
    backgroundA: 0,
    outdoorC: 35,
    seconds: 2,
  };
}
