import type { Weather } from "./case.ts";
import { cyclesPerHour, dutyAt, outdoorC } from "./thermostat.ts";

const STEP_H = 0.25;

/**
 * How often in a day two units begin a start while the other is starting, if their thermostats know nothing of
 * each other: starts come at random, each lasts some seconds, and two overlap when they begin within the sum of
 * both. ∫ c² · (s₁ + s₂) over the day, c the starts a second of either.
 */
export function coincidencesPerDay(weather: Weather, startS: readonly [number, number]): number {
  let sum = 0;
  for (let hour = 0; hour < 24; hour += STEP_H) {
    const perSecond = cyclesPerHour(dutyAt(outdoorC(weather, hour + STEP_H / 2))) / 3600;
    sum += perSecond ** 2 * (startS[0] + startS[1]) * STEP_H * 3600;
  }
  return sum;
}
