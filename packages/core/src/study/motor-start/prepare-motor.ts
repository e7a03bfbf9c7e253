import {
  fitToPlate,
  lockedRotorAOf,
  type Machine,
  COMPRESSOR_MOTOR_PARAMS as MOTOR,
  type RatedPoint,
  ratedPoint,
  type ShaftLoad,
  TYPICAL_SPLIT,
} from "../../device/compressor-motor/index.ts";
import {
  fail,
  faradFromUf,
  ok,
  type Quantity,
  quantity,
  type Result,
  spreadTolerance,
  typicalOf,
  W_PER_BTU_H,
} from "../../quantity/index.ts";
import { BTU_H_PER_RATED_VA, typicalRunCapacitorUf } from "../../reference/index.ts";
import type { Assumptions } from "./assume.ts";
import type { UnitCase } from "./case.ts";

/** The motor of a case, fitted or given, with its load. */
export interface PreparedMotor {
  readonly machine: Machine;
  readonly load: ShaftLoad;
  readonly runCapacitorF: number;
  readonly lockedRotorA: number;
  readonly runningMet: boolean;
}

/** Fits the motor to its plate, or takes the one given, and finds its rated torque. */
export function prepareMotor(unit: UnitCase, assumptions: Assumptions): Result<PreparedMotor, "needs-amps" | "no-fit"> {
  const amps = plateAmps(unit);
  if (amps === undefined) return fail("needs-amps", "unit");
  const { locked, rated } = amps;
  const { plateVolts } = unit;
  const runCapacitorF = assumptions.take(
    "run-capacitor",
    unit.runCapacitorF ?? typicalCapacitor(unit, rated.value),
    "by size: typical, from memory",
  );
  const runningA = assumptions.take("running-amps", unit.runningA ?? scaled(rated, MOTOR.runOverRated), MOTOR.runOverRated.source);
  const lockedRotorA = assumptions.take("locked-amps", locked, MOTOR.lockedOverRated.source);
  const breakaway = unit.load?.breakaway ?? assumptions.take("rested", typicalOf(MOTOR.breakaway), MOTOR.breakaway.source);
  const shape = { breakaway, build: unit.load?.build ?? 1 - breakaway, buildRevs: unit.load?.buildRevs ?? MOTOR.buildRevs.value };
  const finish = (machine: Machine, ratedNm: number, runningMet: boolean): PreparedMotor => ({
    machine,
    load: { ratedNm: unit.load?.ratedNm ?? ratedNm, ...shape },
    runCapacitorF,
    lockedRotorA,
    runningMet,
  });
  if (unit.machine !== undefined) {
    if (unit.load?.ratedNm !== undefined) return ok(finish(unit.machine, unit.load.ratedNm, true));
    const point: Result<RatedPoint, "no-fit"> = ratedPoint(unit.machine, plateVolts, runningA, runCapacitorF);
    return point.ok ? ok(finish(unit.machine, point.value.ratedNm, point.value.runningMet)) : point;
  }
  const factor = unit.split?.lockedPowerFactor;
  assumptions.take(
    "motor-make-up",
    factor === undefined ? typicalOf(MOTOR.lockedPowerFactor) : quantity(factor, "measured"),
    factor === undefined ? MOTOR.lockedPowerFactor.source : "worked out from measurements",
  );
  const fit = fitToPlate({ volts: plateVolts, hz: unit.hz, lockedRotorA, runCapacitorF, runningA }, { ...TYPICAL_SPLIT, ...unit.split });
  return fit.ok ? ok(finish(fit.value.machine, fit.value.ratedNm, fit.value.runningMet)) : fit;
}

/** Locked rotor and rated load amps, one from the other or from a motor given whole where the plate is silent. */
function plateAmps(unit: UnitCase): { readonly locked: Quantity; readonly rated: Quantity } | undefined {
  const ratio = MOTOR.lockedOverRated;
  const ofMachine =
    unit.machine && quantity(lockedRotorAOf(unit.machine, unit.plateVolts, unit.runCapacitorF?.value ?? faradFromUf(45)), "typical");
  const locked = unit.lockedRotorA ?? ofMachine ?? (unit.ratedLoadA && scaled(unit.ratedLoadA, ratio));
  if (locked === undefined) return undefined;
  const rated = unit.ratedLoadA ?? quantity(locked.value / ratio.value, "typical", Math.hypot(locked.tolerance, spreadTolerance(ratio)));
  return { locked, rated };
}

function scaled(from: Quantity, by: { readonly value: number; readonly spread: readonly [number, number] }): Quantity {
  const spread = (by.spread[1] - by.spread[0]) / 2 / by.value;
  return quantity(from.value * by.value, "typical", Math.hypot(from.tolerance, spread));
}

function typicalCapacitor(unit: UnitCase, ratedLoadA: number): Quantity {
  const btuH = unit.coolingW !== undefined ? unit.coolingW.value / W_PER_BTU_H : BTU_H_PER_RATED_VA * unit.plateVolts * ratedLoadA;
  return quantity(faradFromUf(typicalRunCapacitorUf(unit.plateVolts, btuH)), "typical");
}
