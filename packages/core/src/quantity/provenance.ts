/** Where a figure comes from, most trusted first. */
export const ORIGINS = ["measured", "plate", "sheet", "typical", "guessed"] as const;
export type Origin = (typeof ORIGINS)[number];

/**
 * A figure with its origin. `tolerance` is relative and one-sided: 0.05 means the true value is
 * expected within ± 5 %. The unit is in the name of whatever holds the quantity.
 */
export interface Quantity {
  readonly value: number;
  readonly origin: Origin;
  readonly tolerance: number;
}

/**
 * Relative tolerance taken for a figure whose own is not stated (common practice, no source: a
 * clamp meter's 2 % plus placement, a plate's rounding and spread of make, and so on down).
 */
export const DEFAULT_TOLERANCE: Readonly<Record<Origin, number>> = {
  measured: 0.03,
  plate: 0.05,
  sheet: 0.07,
  typical: 0.13,
  guessed: 0.3,
};

/** Makes a quantity; the tolerance defaults by origin. Throws on a value that is not finite. */
export function quantity(value: number, origin: Origin, tolerance = DEFAULT_TOLERANCE[origin]): Quantity {
  if (!Number.isFinite(value) || !(tolerance >= 0)) throw new Error(`not a quantity: ${value} ± ${tolerance}`);
  return { value, origin, tolerance };
}

/** The less trusted of two origins: what a figure worked out from both may claim. */
export function weaker(a: Origin, b: Origin): Origin {
  return ORIGINS.indexOf(a) >= ORIGINS.indexOf(b) ? a : b;
}
