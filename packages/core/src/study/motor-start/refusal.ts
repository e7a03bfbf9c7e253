import type { StartCase, UnitCase } from "./case.ts";
import { feedOf, isTwoOfThreePhases } from "./feed.ts";

/** Why a case is refused before any figure is looked at. */
export type Refusal = "not-this-drive" | "aid-with-starter" | "wrong-volts" | "needs-lowest-volts";

/** Why a case is refused whatever its figures; null where it is not. */
export function refusalOf({ unit, source, method, aidStaysIn }: StartCase): Refusal | null {
  if (unit.drive !== undefined && unit.drive !== "single-speed") return "not-this-drive";
  if (aidStaysIn === true && method.kind === "soft" && isAided(unit)) return "aid-with-starter";
  if (!feedOf(unit.plateVolts, source.volts.value, source.legs ?? 1).ok) return "wrong-volts";
  const low = isTwoOfThreePhases(source.volts.value) && source.kind === "shore" && unit.plateVolts >= 220;
  return low && unit.lowestVolts === undefined ? "needs-lowest-volts" : null;
}

/** Whether a unit has a start aid as found, or may have one because nobody looked. */
export function mayBeAided({ startAid, startAidF }: UnitCase): boolean {
  return startAid !== "none" && startAidF !== 0;
}

/** Whether a unit is known to have a start aid as found. */
function isAided(unit: UnitCase): boolean {
  return mayBeAided(unit) && (unit.startAid !== undefined || unit.startAidF !== undefined);
}
