import { COMPRESSOR_MOTOR_PARAMS as MOTOR, type Split, splitFromWindings, TYPICAL_SPLIT } from "../../device/compressor-motor/index.ts";
import { fail, itemAt, ok, present, quantity, type Result, spreadTolerance, tableOf } from "../../quantity/index.ts";
import { prepare, type StartCase } from "../motor-start/index.ts";
import { type Fitted, fit, makeUpNuisances, Simulated, type Unknown } from "./fit.ts";
import type { CalibrationInput, MeasuredReading } from "./input.ts";
import { type Base, MAKE_UP, type Moves, NO_MOVES, shownA } from "./model.ts";
import { type Observed, observedReading, observedTiming, observedWaveform } from "./observed.ts";
import { CALIBRATION_PARAMS as P } from "./params.ts";
import type { Calibration, CalibrationFailure, CalibrationRow, Refusal } from "./result.ts";
import { gainUnknowns, guesses, isOnCommon, isUnclear, sourceUnknowns } from "./unknowns.ts";

/** Half of a 95 % range, in standard deviations. */
const Z95 = 1.96;
/** How well a resistance of a winding is taken to be known. */
const WINDING_TOLERANCE = 0.05;

/**
 * Refines a unit by what was measured of it: locked rotor amps, running amps and inertia by robust least
 * squares, held by what plate and typical values say; the make-up of its windings from their resistances.
 * Volts and ohms of a circuit nobody read, and each meter's own error, are unknowns of the fit; the make-up
 * that no reading tells widens the ranges. Readings that cannot be used are kept with the reason. Fails
 * when nothing is usable, when readings contradict each other, or when the outcome contradicts the plate.
 */
export function calibrate(input: CalibrationInput): Result<Calibration, CalibrationFailure> {
  const first = input.readings[0]?.start ?? input.waveforms?.[0]?.start ?? input.timings?.[0]?.start;
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
  const simulated = new Simulated(base);
  const judged = input.readings.map((reading) => judge(reading, simulated));
  const waves = (input.waveforms ?? []).map((wave) => ({ wave, observed: observedWaveform(wave) }));
  const timed = (input.timings ?? []).filter(({ start: made }) => made.method.kind !== "soft").map(observedTiming);
  const refine = (readings: readonly MeasuredReading[]) => {
    const together = readings.filter(isOnCommon).length;
    const observed = [...readings.map((r) => observedReading(r, together)), ...waves.flatMap((w) => w.observed), ...timed];
    const unknowns: Unknown[] = [
      { name: "locked", deviation: P.lockedSpread.value * Math.max(0.01, locked.tolerance) },
      { name: "running", deviation: Math.max(0.01, running.tolerance / Math.sqrt(3)) },
      { name: "inertiaPerShaftW", deviation: P.inertiaSpread.value },
      ...sourceUnknowns(observed),
      ...gainUnknowns([...readings, ...waves.map((w) => w.wave)]),
    ];
    const from = [NO_MOVES, ...guesses(observed, simulated)];
    return { observed, found: fit(simulated, observed, unknowns, makeUpNuisances(base, MAKE_UP_SPREADS), from) };
  };
  const fitting = judged.flatMap((j) => (j.refused === null ? [j.reading] : []));
  if (fitting.length + waves.flatMap((w) => w.observed).length + timed.length === 0 && input.windings === undefined)
    return fail("nothing-usable", "readings");
  const whole = refine(fitting);
  const unclear = fitting.some(isOnCommon) && isUnclear(whole.found);
  const usable = unclear ? fitting.filter((r) => !isOnCommon(r)) : fitting;
  const { observed, found } = unclear ? refine(usable) : whole;
  const doubted = observed.map((o, i) => doubtOf(o, found, i));
  const outliers = doubted.filter((d) => d === "outlier").length;
  if (observed.length > 1 && outliers > P.contradictShare.value * observed.length) return fail("readings-contradict", "readings");
  const ratio = Math.exp(found.moves.locked ?? 0);
  if (ratio < P.leastRatio.value || ratio > P.mostRatio.value) return fail("contradicts-plate", "lockedRotorA");
  const share = Math.exp(found.moves.inertiaPerShaftW ?? 0);
  const within = (name: string): number => Z95 * present(found.deviations[name]);
  const starts = observed.some((o) => o.withStart);
  const live = usable.some((r) => r.kind === "live") || waves.some((w) => w.observed.length > 1);
  const typical = TYPICAL_SPLIT.inertiaPerShaftW;
  const inertiaKgM2 = found.metered.find((m) => m !== null)?.inertiaKgM2 ?? plain.motor.inertiaKgM2;
  const from = (i: number): CalibrationRow =>
    rowOf(itemAt(judged, i), doubted[usable.indexOf(itemAt(judged, i).reading)] ?? null, found, usable);
  return ok({
    lockedRotorA: quantity(locked.value * ratio, starts ? "measured" : locked.origin, starts ? within("locked") : locked.tolerance),
    runningA: quantity(
      running.value * Math.exp(found.moves.running ?? 0),
      live ? "measured" : running.origin,
      live ? within("running") : running.tolerance,
    ),
    inertiaShare: quantity(share, starts ? "measured" : "typical", within("inertiaPerShaftW")),
    inertiaKgM2: quantity(inertiaKgM2, starts ? "measured" : "typical", Math.hypot(within("inertiaPerShaftW"), within("running"))),
    split: { ...base.split, inertiaPerShaftW: (base.split.inertiaPerShaftW ?? typical) * share },
    splitTolerance: { ...tolerances(split.value), inertiaPerShaftW: within("inertiaPerShaftW") },
    rows: judged.map((_, i) => from(i)),
    plateResidual: residualOf(observed, simulated, NO_MOVES),
    residual: residualOf(observed, simulated, found.moves),
    simulated: simulated.count,
  });
}

/** A unit with what calibration found in place of what its plate says. */
export function refined(
  unit: StartCase["unit"],
  found: Pick<Calibration, "lockedRotorA" | "runningA" | "split" | "splitTolerance">,
): StartCase["unit"] {
  const { lockedRotorA, runningA } = found;
  const splitTolerance = { ...unit.splitTolerance, ...found.splitTolerance };
  return { ...unit, lockedRotorA, runningA, split: { ...unit.split, ...found.split }, splitTolerance };
}

/** What is known of the make-up beforehand, standard deviations: an even spread over its range. */
const MAKE_UP_SPREADS = tableOf(MAKE_UP, (name) => spreadTolerance(MOTOR[name]) / Math.sqrt(3));

function tolerances(split: Partial<Split>): Partial<Record<keyof Split, number>> {
  return Object.fromEntries(
    (["lockedPowerFactor", "rotorShare", "startOverRunOhm"] as const)
      .filter((n) => split[n] !== undefined)
      .map((n) => [n, WINDING_TOLERANCE]),
  );
}

interface Judged {
  readonly reading: MeasuredReading;
  readonly refused: Refusal | null;
  readonly plateA: number | null;
}

function judge(reading: MeasuredReading, simulated: Simulated): Judged {
  if (reading.conductor !== "common" && reading.conductor !== "supply") return { reading, refused: "not-on-common", plateA: null };
  const live = reading.kind === "live";
  if (!live && reading.start.method.kind === "soft") return { reading, refused: "not-a-direct-start", plateA: null };
  const metered = simulated.at(observedReading(reading), NO_MOVES);
  const plateA = metered && shownA(metered, reading.kind);
  if (plateA === null) return { reading, refused: "no-such-start", plateA };
  const ratio = reading.amps / plateA;
  const far = ratio > P.farFactor.value || ratio < 1 / P.farFactor.value;
  return { reading, refused: far ? "far-from-plate" : null, plateA };
}

function doubtOf(observed: Observed, { off, metered, moves }: Fitted, i: number): Refusal | null {
  const [z, made] = [off[i] ?? null, metered[i] ?? null];
  if (made !== null && observed.onRun(made, moves)) return "looks-like-run";
  return z === null || Math.abs(z) > P.outlierDeviations.value ? "outlier" : null;
}

function rowOf(
  { reading, refused, plateA }: Judged,
  doubt: Refusal | null,
  { metered }: Fitted,
  usable: readonly MeasuredReading[],
): CalibrationRow {
  const made = metered[usable.indexOf(reading)] ?? null;
  const modelA = made && shownA(made, reading.kind);
  const unclear = refused === null && !usable.includes(reading) ? "looks-like-run" : null;
  return { id: reading.id, measuredA: reading.amps, modelA, plateA, refused: refused ?? unclear ?? doubt };
}

/** RMS of what was observed beside a start, in deviations of one reading. */
function residualOf(observed: readonly Observed[], simulated: Simulated, moves: Moves): number {
  const off = observed.map((o) => {
    const metered = simulated.at(o, moves);
    return (metered && o.off(metered, {})) ?? 0;
  });
  return off.length === 0 ? 0 : P.startScatter.value * Math.sqrt(off.reduce((sum, z) => sum + z * z, 0) / off.length);
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
