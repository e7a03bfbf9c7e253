import { findRoot, modulus } from "../../numeric/index.ts";
import { fail, ok, type Result } from "../../quantity/index.ts";
import { balancedTurnsRatio } from "./balance.ts";
import { type Motor, synchronousRadS } from "./motor.ts";
import { COMPRESSOR_MOTOR_PARAMS as P } from "./params.ts";
import { steadyState } from "./phasor.ts";
import { runningAtCurrent } from "./running.ts";

/** What the plate says, SI. `runningA` is the compressor's own expected running current, fan apart. */
export interface Plate {
  readonly volts: number;
  readonly hz: number;
  readonly lockedRotorA: number;
  readonly runCapacitorF: number;
  readonly runningA: number;
}

/** How a typical motor of this kind divides its impedance; see the params table for bounds and spreads. */
export interface Split {
  readonly lockedPowerFactor: number;
  readonly rotorShare: number;
  readonly magnetisingRatio: number;
  /** Turns of the start winding over the ratio that the plate's run capacitor balances at rated load. */
  readonly turnsOverBalanced: number;
  readonly startOverRunOhm: number;
  readonly poles: number;
  readonly inertiaPerShaftW: number;
}

/** The split that the params table gives. */
export const TYPICAL_SPLIT: Split = {
  lockedPowerFactor: P.lockedPowerFactor.value,
  rotorShare: P.rotorShare.value,
  magnetisingRatio: P.magnetisingRatio.value,
  turnsOverBalanced: P.turnsOverBalanced.value,
  startOverRunOhm: P.startOverRunOhm.value,
  poles: P.poles.value,
  inertiaPerShaftW: P.inertiaPerShaftW.value,
};

/** Shaft load at rating conditions. */
export interface RatedPoint {
  readonly ratedNm: number;
  readonly shaftW: number;
  /** Whether the expected running current could be met, or the nearest the motor can do was taken. */
  readonly runningMet: boolean;
}

/** A motor fitted to its plate, with its rated point. */
export interface FittedMotor extends RatedPoint {
  readonly motor: Motor;
}

/** Line current at standstill on plate volts with the run capacitor, amps. */
export function lockedRotorAOf(motor: Motor, volts: number, runCapacitorF: number): number {
  return modulus(steadyState(motor, volts, 0, { capacitanceF: runCapacitorF }).lineA);
}

/** The torque at which a motor draws its expected running current at plate volts; fails when it would stall first. */
export function ratedPoint(motor: Motor, volts: number, runningA: number, runCapacitorF: number): Result<RatedPoint, "no-fit"> {
  const feed = { capacitanceF: runCapacitorF };
  const running = runningAtCurrent(motor, volts, runningA, feed);
  if (!running.ok && running.reason === "above-pull-out") return fail("no-fit", "runningA");
  const state = running.ok ? running.value : steadyState(motor, volts, synchronousRadS(motor) * 0.99, feed);
  return ok({ ratedNm: Math.max(0.01, state.torqueNm), shaftW: state.shaftW, runningMet: running.ok });
}

/** Shaft power below which the inertia no longer shrinks, W: no hermetic compressor is smaller. */
const LEAST_SHAFT_W = 50;

function motorOf(zLocked: number, hz: number, split: Split, turnsRatio: number, inertiaKgM2: number): Motor {
  const resistance = zLocked * split.lockedPowerFactor;
  const leakage = zLocked * Math.sqrt(1 - split.lockedPowerFactor ** 2);
  const r1 = resistance * (1 - split.rotorShare);
  const x1 = leakage / 2;
  return {
    r1,
    x1,
    r2: resistance * split.rotorShare,
    x2: x1,
    xm: zLocked * split.magnetisingRatio,
    turnsRatio,
    ra: r1 * split.startOverRunOhm,
    xa: x1 * turnsRatio ** 2,
    poles: split.poles,
    inertiaKgM2,
    hz,
  };
}

/** Relative widths to which locked rotor amps are met: of a motor that is used, and of those compared for their balance. */
const WITHIN = 1e-9;
const ROUGHLY = 1e-3;

/** A motor of this split and turns ratio that draws the plate's locked rotor amps; null where none does. */
function atLockedAmps(plate: Plate, split: Split, turnsRatio: number, within: number): Motor | null {
  const guess = plate.volts / plate.lockedRotorA;
  const make = (logZ: number): Motor => motorOf(Math.exp(logZ), plate.hz, split, turnsRatio, 1);
  const error = (logZ: number): number => lockedRotorAOf(make(logZ), plate.volts, plate.runCapacitorF) - plate.lockedRotorA;
  const logZ = findRoot(error, Math.log(guess / 8), Math.log(guess * 8), within);
  return logZ === undefined ? null : make(logZ);
}

/** Turns of the start winding over the run winding's that a plate's own capacitor balances; 1 where no motor fits. */
export function plateTurnsRatio(plate: Plate, split: Split = TYPICAL_SPLIT): number {
  const make = (ratio: number): Motor =>
    atLockedAmps(plate, split, ratio, ROUGHLY) ?? motorOf(plate.volts / plate.lockedRotorA, plate.hz, split, ratio, 1);
  return balancedTurnsRatio(make, plate.volts, plate.runningA, plate.runCapacitorF);
}

/**
 * Scales a typical motor so that at standstill, both windings and the run capacitor on plate volts,
 * it draws exactly the plate's locked rotor amps; then finds the torque at which it draws the
 * expected running current, and the inertia from the shaft power there. `balanced` is the ratio of
 * `plateTurnsRatio` where it is known already.
 */
export function fitToPlate(plate: Plate, split: Split = TYPICAL_SPLIT, balanced?: number): Result<FittedMotor, "no-fit"> {
  const turnsRatio = (balanced ?? plateTurnsRatio(plate, split)) * split.turnsOverBalanced;
  const electrical = atLockedAmps(plate, split, turnsRatio, WITHIN);
  if (electrical === null) return fail("no-fit", "lockedRotorA");
  const rated = ratedPoint(electrical, plate.volts, plate.runningA, plate.runCapacitorF);
  if (!rated.ok) return rated;
  const inertiaKgM2 = split.inertiaPerShaftW * Math.max(LEAST_SHAFT_W, rated.value.shaftW);
  return ok({ motor: { ...electrical, inertiaKgM2 }, ...rated.value });
}
