import type { UnitCase } from "@amp-saver/core/study/motor-start";
import type { AirConditioner } from "@amp-saver/records";
import { asQuantity, optional } from "./figures.ts";

/** Start capacitor of a unit that has one whose size was not read (typical, from memory). */
const TYPICAL_START_AID_F = 150e-6;

/** Start aids that add a start capacitor. */
export function isAided(unit: AirConditioner): boolean {
  return unit.startAid === "ptc" || unit.startAid === "relay" || unit.startAid === "kit";
}

/** A unit as a study wants it: its plate, refined by its readings where those are to be used. */
export function unitCase(unit: AirConditioner): UnitCase {
  const plate = plateCase(unit);
  if (unit.fitted === undefined) return plate;
  const { lockedRotorA, runningA, split } = unit.fitted;
  return { ...plate, lockedRotorA: asQuantity(lockedRotorA), runningA: asQuantity(runningA), split: stated(split) };
}

/** The unit by its plate alone. */
export function plateCase(unit: AirConditioner): UnitCase {
  return {
    plateVolts: unit.plateVolts.value,
    hz: unit.hz,
    startAidF: isAided(unit) ? (unit.startAidF?.value ?? TYPICAL_START_AID_F) : 0,
    ...(unit.drive !== undefined && { drive: unit.drive }),
    ...optional("lockedRotorA", unit.lockedRotorA),
    ...optional("ratedLoadA", unit.ratedLoadA),
    ...optional("runningA", unit.runningA),
    ...optional("fanA", unit.fanA),
    ...optional("runCapacitorF", unit.runCapacitorF),
    ...optional("coolingW", unit.coolingW),
  };
}

type Stated<T> = { [K in keyof T]?: Exclude<T[K], undefined> };

function stated<T extends object>(object: T): Stated<T> {
  return Object.fromEntries(Object.entries(object).filter(([, v]) => v !== undefined)) as Stated<T>;
}
