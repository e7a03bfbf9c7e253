import type { TimeWindow, Weather } from "./case.ts";
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

const DAY_MIN = 1440;

/** Share of the minutes from one on that lie in spells; no spells are all day. */
export function shareWithin(spells: readonly TimeWindow[], minute: number, lengthMin: number): number {
  if (spells.length === 0) return 1;
  let inside = 0;
  for (let m = minute; m < minute + lengthMin; m++) if (spells.some((spell) => covers(spell, m % DAY_MIN))) inside += 1;
  return inside / lengthMin;
}

function covers({ fromMin, toMin }: TimeWindow, minute: number): boolean {
  const [from, to] = [fromMin % DAY_MIN, toMin % DAY_MIN];
  if (from === to) return true;
  return from < to ? minute >= from && minute < to : minute >= from || minute < to;
}
