/** A start as a scope or logger recorded it, evenly sampled; what was not recorded is not a number. */
export interface Recorded {
  /** Amps: instantaneous, or RMS where a meter logged RMS figures. */
  readonly amps: ArrayLike<number>;
  /** Volts at the same instants; null where none were recorded. */
  readonly volts: ArrayLike<number> | null;
  readonly sampleHz: number;
  readonly lineHz: number;
  readonly kind: "instant" | "rms";
}
