import type { Spell, Weather } from "./case.ts";
import { DAY_PARAMS as P } from "./params.ts";

/** Outdoor air at an hour of the day, °C: a half cosine up from the coolest hour, another down from the hottest. */
export function outdoorC({ coolestC, hottestC }: Weather, hour: number): number {
  const rise = P.hottestHour.value - P.coolestHour.value;
  const since = (((hour - P.coolestHour.value) % 24) + 24) % 24;
  const share = since <= rise ? since / rise : 1 - (since - rise) / (24 - rise);
  return coolestC + (hottestC - coolestC) * (0.5 - 0.5 * Math.cos(Math.PI * share));
}

/** Share of the time a unit runs at an outdoor temperature, 0 to 1. */
export function dutyAt(airC: number): number {
  return Math.max(0, Math.min(1, (airC - P.balanceC.value) / (P.fullC.value - P.balanceC.value)));
}

/** Cycles an hour of a thermostat at a duty: none at either end, most in the middle (4·n·d·(1 − d), common practice, no source). */
export function cyclesPerHour(duty: number): number {
  return 4 * P.cyclesPerHour.value * duty * (1 - duty);
}

/** Whether a minute of the day lies in a spell; no spells are all day. */
export function within(spells: readonly Spell[], minute: number): boolean {
  if (spells.length === 0) return true;
  return spells.some(({ fromMin, toMin }) =>
    fromMin <= toMin ? minute >= fromMin && minute < toMin : minute >= fromMin || minute < toMin,
  );
}
