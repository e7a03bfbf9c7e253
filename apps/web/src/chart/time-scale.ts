import { scaleLinear } from "d3-scale";

/** Time down the page: seconds of the start, a tear, then minutes of running. */
export interface TimeScale {
  readonly y: (seconds: number) => number;
  readonly yMinutes: (minutes: number) => number;
  readonly shownS: number;
  readonly seconds: readonly number[];
  readonly minutes: readonly number[];
  readonly tearY: number;
}

const MINUTES_SHOWN = 30;

/** Lays seconds and minutes out between two heights; the start decides how many seconds are shown. */
export function timeScale(lastS: number, top: number, bottom: number, minutesHeight: number): TimeScale {
  const wanted = Math.max(0.6, lastS * 1.25);
  const step = [0.1, 0.2, 0.5, 1].find((s) => wanted / s <= 7) ?? 1;
  const shownS = Math.min(3, Math.ceil(wanted / step) * step);
  const tearY = bottom - minutesHeight;
  const y = scaleLinear([0, shownS], [top, tearY - 12]);
  const yMinutes = scaleLinear([0, MINUTES_SHOWN], [tearY + 12, bottom]);
  const seconds = Array.from({ length: Math.round(shownS / step) + 1 }, (_, i) => i * step);
  return { y: (s) => y(Math.min(s, shownS)), yMinutes, shownS, seconds, minutes: [10, 20, 30], tearY };
}
