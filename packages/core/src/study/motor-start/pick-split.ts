import {
  COMPRESSOR_MOTOR_PARAMS as MOTOR,
  type Plate,
  type Split,
  splitFromWindings,
  TYPICAL_SPLIT,
} from "../../device/compressor-motor/index.ts";
import { keysOf, spreadTolerance, tableOf } from "../../quantity/index.ts";
import type { Assumptions } from "./assume.ts";
import type { UnitCase } from "./case.ts";

const SPLIT: Readonly<Record<Exclude<keyof Split, "poles">, "low" | "high">> = {
  lockedPowerFactor: "high",
  rotorShare: "high",
  magnetisingRatio: "high",
  turnsOverBalanced: "low",
  startOverRunOhm: "low",
  inertiaPerShaftW: "low",
};
const SPLIT_NAMES = keysOf(SPLIT);
/** How well a make-up worked out from measurements is known, relative (common practice, no source). */
const MEASURED_SPLIT = 0.05;

/** What the measured windings say of the make-up; nothing where nobody measured them, or they cannot belong to this plate. */
export function windingsSplit(unit: UnitCase, plate: Plate): Partial<Split> {
  const { windings } = unit;
  if (windings === undefined) return {};
  const found = splitFromWindings(plate, { mainOhm: windings.mainOhm.value, startOhm: windings.startOhm.value });
  if (!found.ok) return {};
  const { lockedPowerFactor, rotorShare, startOverRunOhm } = found.value;
  return { lockedPowerFactor, rotorShare, startOverRunOhm };
}

/** Picks how a motor of this unit divides its impedance: as measurements say, else as is typical; listed as the make-up. */
export function pickSplit(unit: UnitCase, wound: Partial<Split>, assumptions: Assumptions): Split {
  const known: Partial<Split> = { ...wound, ...unit.split };
  const within = (name: keyof Split): number => unit.splitTolerance?.[name] ?? MEASURED_SPLIT;
  const factor = known.lockedPowerFactor;
  const shown = factor === undefined ? MOTOR.lockedPowerFactor : { ...MOTOR.lockedPowerFactor, value: factor };
  assumptions.list.push({
    code: "motor-make-up",
    value: shown.value,
    low: factor === undefined ? MOTOR.lockedPowerFactor.spread[0] : factor * (1 - within("lockedPowerFactor")),
    high: factor === undefined ? MOTOR.lockedPowerFactor.spread[1] : factor * (1 + within("lockedPowerFactor")),
    unit: "1",
    origin: factor === undefined ? "typical" : "measured",
    tolerance: factor === undefined ? spreadTolerance(MOTOR.lockedPowerFactor) : within("lockedPowerFactor"),
    source: factor === undefined ? MOTOR.lockedPowerFactor.source : "worked out from measurements",
  });
  const split = tableOf(SPLIT_NAMES, (name) => {
    const middle = known[name];
    const param = MOTOR[name];
    const about =
      middle === undefined
        ? param
        : { ...param, value: middle, spread: [middle * (1 - within(name)), middle * (1 + within(name))] as const };
    return assumptions.hidden(name, about, "motor-make-up", SPLIT[name]);
  });
  return { ...TYPICAL_SPLIT, ...split };
}
