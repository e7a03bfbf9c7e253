/** What a meter did to get a figure: start windows, or live running amps. */
export const READING_KINDS = ["inrush", "max-hold", "app", "live"] as const;
export type ReadingKind = (typeof READING_KINDS)[number];

/** Which conductor the jaws were on. */
export const CONDUCTORS = ["common", "run", "start", "supply"] as const;
export type Conductor = (typeof CONDUCTORS)[number];

/** One clamp reading, amps RMS as shown. */
export interface ClampReading {
  readonly id: string;
  readonly when: "before" | "after";
  readonly kind: ReadingKind;
  readonly conductor: Conductor;
  readonly amps: number;
  /** Relative tolerance of the meter. */
  readonly tolerance: number;
  /** What fed the unit; null or absent where nobody noted it, which is like any. */
  readonly sourceId?: string | null;
  /** Volts at the unit, and minutes it rested before; null or absent where not noted. */
  readonly volts?: number | null;
  readonly restMin?: number | null;
}

/** Readings of one unit, with what its plate says, amps. */
export interface ReadingInput {
  readonly readings: readonly ClampReading[];
  readonly lockedRotorA: number | null;
}
