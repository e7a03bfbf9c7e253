import { fail, ok, type Result } from "../../quantity/index.ts";
import { fitToPlate, type Plate, type Split, TYPICAL_SPLIT } from "./fit.ts";
import { COMPRESSOR_MOTOR_PARAMS as P } from "./params.ts";

/** Resistances between the pins with all leads off, ohm: common to run, common to start. */
export interface Windings {
  readonly mainOhm: number;
  readonly startOhm: number;
}

/** Why windings cannot belong to a plate: the start winding's ratio, or the run winding against locked rotor amps. */
export type WindingsFailure = "no-fit" | "start-over-run" | "main-against-locked";

const ROUNDS = 4;
const LOOKS = 200;

/**
 * The split that gives a plate's motor the run and start resistances that were measured. Of the pairs
 * of power factor and rotor share that give the run winding's ohm it takes the one nearest to
 * typical, in units of their spreads. Fails where that pair lies outside the bounds of the params.
 */
export function splitFromWindings(plate: Plate, windings: Windings, from: Split = TYPICAL_SPLIT): Result<Split, WindingsFailure> {
  const ratio = windings.startOhm / windings.mainOhm;
  if (ratio < P.startOverRunOhm.min || ratio > P.startOverRunOhm.max) return fail("start-over-run", "startOhm");
  let split: Split = { ...from, startOverRunOhm: ratio };
  for (let k = 0; k < ROUNDS; k++) {
    const fit = fitToPlate(plate, split);
    if (!fit.ok) return fit;
    const { r1, r2, x1, x2 } = fit.value.motor;
    const pair = nearestPair(windings.mainOhm / Math.hypot(r1 + r2, x1 + x2), from);
    if (pair === null) return fail("main-against-locked", "mainOhm");
    split = { ...split, ...pair };
  }
  return ok(split);
}

/** Power factor and rotor share with (1 − share) × factor = r1 over locked impedance. */
function nearestPair(r1OverZ: number, from: Split): Pick<Split, "lockedPowerFactor" | "rotorShare"> | null {
  const { lockedPowerFactor: factor, rotorShare: share } = P;
  const off = (value: number, middle: number, spread: readonly [number, number]): number => (value - middle) / (spread[1] - spread[0]);
  let best: Pick<Split, "lockedPowerFactor" | "rotorShare"> | null = null;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i <= LOOKS; i++) {
    const rotorShare = share.min + ((share.max - share.min) * i) / LOOKS;
    const lockedPowerFactor = r1OverZ / (1 - rotorShare);
    if (lockedPowerFactor < factor.min || lockedPowerFactor > factor.max) continue;
    const cost = off(rotorShare, from.rotorShare, share.spread) ** 2 + off(lockedPowerFactor, from.lockedPowerFactor, factor.spread) ** 2;
    if (cost < least) {
      least = cost;
      best = { lockedPowerFactor, rotorShare };
    }
  }
  return best;
}
