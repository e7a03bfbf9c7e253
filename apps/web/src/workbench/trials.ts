import type { Fit } from "@amp-saver/core/study/motor-start";

/** Share of trials that must hold for "fits", and how many it takes to say. */
const FITS_SHARE = 0.95;
const TRIALS_TO_SAY = 100;

/** A fit in the light of its trials: what holds in fewer than 95 of 100 only just fits. */
export function judged(fit: Fit, tried: { readonly holds: number; readonly trials: number } | null): Fit {
  if (fit !== "fits" || tried === null || tried.trials < TRIALS_TO_SAY) return fit;
  return tried.holds < FITS_SHARE * tried.trials ? "just-fits" : fit;
}

/** Whether more trials could still tell on which side of that share a case lies: its interval spans it. */
export function undecided(interval: readonly [number, number]): boolean {
  return interval[0] < FITS_SHARE && interval[1] >= FITS_SHARE;
}
