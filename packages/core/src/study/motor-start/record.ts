import { itemAt } from "../../quantity/index.ts";
import type { Meter } from "./meter.ts";

/** What ended a start before its time. */
export type TripCause = "breaker" | "source" | "engine" | "battery" | "manager" | "overload";

/** What one run leaves behind. The meter's arrays have one place a half cycle, whole line and SI. */
export interface StartTrace {
  readonly meter: Meter;
  readonly halfCycleS: number;
  readonly halfCycles: number;
  readonly stepS: number;
  readonly endRadS: number;
  /** When nine tenths of synchronous speed were reached that were then held for a while; null when they were not. */
  readonly startedAtS: number | null;
  /** Time until it was known how it ends, s: what is judged of a start lies before it. */
  readonly decidedAtS: number;
  /** How far the speed still moved about its mean at the end, relative. */
  readonly ripple: number;
  readonly tripped: { readonly by: TripCause; readonly atS: number } | null;
  /** When the starter let go, bypassed, and when a start capacitor left; null when it did not. */
  readonly starterOpenedAtS: number | null;
  readonly bypassAtS: number | null;
  readonly capacitorOutAtS: number | null;
  /** Since when the source had been below its drop-out voltage when it shut off. */
  readonly lowSinceS: number | null;
  /** Lowest voltage the source's regulator allowed, over its rated; 1 when it never folded back. */
  readonly lowestHold: number;
  /** Lowest speed of the source's engine over rated; 1 where it has none. */
  readonly lowestSpeed: number;
  /** Lowest volts and most amps of the battery bank; null where there is none. */
  readonly lowestBankV: number | null;
  readonly mostBankA: number | null;
  /** Share of the way to opening that the compressor's own overload has come. */
  readonly overloadDose: number;
  /** Share of the way to tripping that a breaker took: at both edges of its band, and where it lies itself. */
  readonly breakerDose: { readonly earliest: number; readonly latest: number; readonly own: number } | null;
}

/** Largest RMS over any window of `windowS`, shortened to the run where that is shorter. */
export function largestWindowA(trace: StartTrace, windowS: number): number {
  const { squareSum } = trace.meter;
  const last = squareSum.length - 1;
  const span = Math.min(last, Math.round(windowS / trace.stepS));
  let most = 0;
  for (let i = span; i <= last; i++) most = Math.max(most, itemAt(squareSum, i) - itemAt(squareSum, i - span));
  return Math.sqrt(most / (span * trace.stepS));
}
