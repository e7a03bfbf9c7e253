import { W_PER_TON } from "../../quantity/index.ts";
import type { UnitCase } from "../motor-start/index.ts";

/** What a starter's sheet says of the units it is made for; null where the sheet is silent. */
export interface StarterRating {
  readonly volts: readonly [least: number, most: number];
  readonly tons: readonly [least: number, most: number] | null;
  readonly lockedRotorMostA: number | null;
  readonly startCapacitorF: number | null;
  readonly usd: number | null;
}

export const SIZE_REASONS = ["volts", "tons-under", "tons-over", "locked-over", "tons-not-known", "locked-not-known"] as const;
/** Why a starter does not match a unit, or cannot be matched yet. */
export type SizeReason = (typeof SIZE_REASONS)[number];

/** Rounding of tons on sheets and plates, relative. */
const TON_SLACK = 0.05;

/** Compares a starter's sheet with a unit's plate: every reason against it, empty when it matches. */
export function sizeStarter(rating: StarterRating, unit: UnitCase): readonly SizeReason[] {
  const reasons: SizeReason[] = [];
  const [least, most] = rating.volts;
  if (unit.plateVolts < least || unit.plateVolts > most) reasons.push("volts");
  if (rating.tons !== null) {
    const tons = unit.coolingW === undefined ? null : unit.coolingW.value / W_PER_TON;
    if (tons === null) {
      if (rating.lockedRotorMostA === null) reasons.push("tons-not-known");
    } else if (tons < rating.tons[0] * (1 - TON_SLACK)) reasons.push("tons-under");
    else if (tons > rating.tons[1] * (1 + TON_SLACK)) reasons.push("tons-over");
  }
  if (rating.lockedRotorMostA !== null) {
    if (unit.lockedRotorA === undefined) reasons.push("locked-not-known");
    else if (unit.lockedRotorA.value > rating.lockedRotorMostA) reasons.push("locked-over");
  }
  return reasons;
}
