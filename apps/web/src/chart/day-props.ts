/** A stretch of the day, in steps. */
interface Stretch<T> {
  readonly value: T;
  readonly from: number;
  readonly to: number;
}

interface Lane {
  readonly id: string;
  readonly name: string;
  readonly kind: "unit" | "load" | "charger";
  readonly amps: readonly number[];
  /** Where it wanted power and had none. */
  readonly without: readonly Stretch<boolean>[];
  /** How long that was, in words; null for never. */
  readonly note: string | null;
}

export interface DayPictureProps {
  readonly width: number;
  readonly lanes: readonly Lane[];
  /** What feeds the rig when, by name; null for nothing. */
  readonly feeds: readonly Stretch<string | null>[];
  readonly availableA: readonly number[];
  /** Asked at once, before anything is switched off. */
  readonly askedA: readonly number[];
  /** Charge of the bank, 0 to 1, and the share it is not to go below; null without one. */
  readonly charge: readonly number[] | null;
  readonly leastCharge: number;
  /** Steps in which a unit starts. */
  readonly starts: readonly number[];
  readonly label: string;
  readonly words: { readonly feeds: string; readonly nothing: string; readonly amps: string; readonly bank: string };
  readonly readStep: number | null;
  readonly onRead: (step: number) => void;
}
