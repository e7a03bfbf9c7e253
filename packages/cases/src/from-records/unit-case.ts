import { withoutUndefined } from "@amp-saver/core/quantity";
import type { UnitCase } from "@amp-saver/core/study/motor-start";
import type { AirConditioner } from "@amp-saver/records";
import { asQuantity, optional } from "./figures.ts";

/** Start aids that add a start capacitor. */
export function isAided(unit: AirConditioner): boolean {
  return unit.startAid === "ptc" || unit.startAid === "relay" || unit.startAid === "kit";
}

/** A unit as a study wants it: its plate, refined by its readings where those are to be used. */
export function unitCase(unit: AirConditioner): UnitCase {
  const plate = plateCase(unit);
  if (unit.fitted === undefined) return plate;
  const { lockedRotorA, runningA, split, splitTolerance } = unit.fitted;
  return {
    ...plate,
    lockedRotorA: asQuantity(lockedRotorA),
    runningA: asQuantity(runningA),
    split: withoutUndefined(split),
    ...(splitTolerance !== undefined && { splitTolerance: withoutUndefined(splitTolerance) }),
  };
}

/** The unit by its plate alone. */
export function plateCase(unit: AirConditioner): UnitCase {
  const { seenToStart, valve, plugIn, lowestVolts, drive } = unit;
  return {
    plateVolts: unit.plateVolts.value,
    hz: unit.hz,
    ...aidCase(unit),
    ...withoutUndefined({ seenToStart, valve, plugIn, drive }),
    ...(lowestVolts !== undefined && { lowestVolts: lowestVolts.value }),
    ...optional("lockedRotorA", unit.lockedRotorA),
    ...optional("ratedLoadA", unit.ratedLoadA),
    ...optional("runningA", unit.runningA),
    ...optional("fanA", unit.fanA),
    ...optional("runCapacitorF", unit.runCapacitorF),
    ...optional("coolingW", unit.coolingW),
    ...windings(unit),
  };
}

/** Both windings' resistances where they were measured. */
function windings({ mainOhm, startOhm }: AirConditioner): Pick<UnitCase, "windings"> {
  return mainOhm === undefined || startOhm === undefined
    ? {}
    : { windings: { mainOhm: asQuantity(mainOhm), startOhm: asQuantity(startOhm) } };
}

/** The start aid as it was looked at; left open where nobody looked, its capacitor where nobody read it. */
function aidCase({ startAid, startAidF }: AirConditioner): Pick<UnitCase, "startAid" | "startAidF"> {
  if (startAid === "unknown") return {};
  if (startAid === "none") return { startAid: "none" };
  return { startAid: startAid === "ptc" ? "ptc" : "relay", ...(startAidF !== undefined && { startAidF: startAidF.value }) };
}
