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
  /** Volts at the unit, minutes it rested before, and outdoor air, °C; null or absent where not noted. */
  readonly volts?: number | null;
  readonly restMin?: number | null;
  readonly outdoorC?: number | null;
  /** Which meter; empty, null or absent where nobody said. */
  readonly meter?: string | null;
}

/** A figure with the range it lies in 95 times of 100. */
export interface Range {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

/** What the model of this unit and starter expects of readings of one kind on one conductor, amps and shares. */
export interface Expected {
  readonly kind: ReadingKind;
  readonly conductor: Conductor;
  readonly before: Range;
  readonly after: Range;
  readonly reduction: Range;
}

/** Readings of one unit, with what its plate says, amps, and what the model expects; null where it cannot. */
export interface ReadingInput {
  readonly readings: readonly ClampReading[];
  readonly lockedRotorA: number | null;
  readonly expected?: Expected | null;
  /** True where both sides lie seasons apart and not within one job. */
  readonly seasonsApart?: boolean;
}
