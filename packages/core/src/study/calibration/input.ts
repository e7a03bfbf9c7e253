import type { Windings } from "../../device/compressor-motor/index.ts";
import type { StartCase } from "../motor-start/index.ts";

/** What of a start was read. */
export type MeasuredKind = "inrush" | "max-hold" | "live" | "first-half-cycle";

/** One clamp reading with the start it belongs to. */
export interface MeasuredReading {
  readonly id: string;
  readonly kind: MeasuredKind;
  readonly conductor: "common" | "run" | "start" | "supply";
  readonly amps: number;
  /** The start as it was made: source, way, air and what else was on. */
  readonly start: StartCase;
}

/** A start as a meter or logger recorded it: RMS of one cycle after the other on one conductor. */
export interface MeasuredWaveform {
  readonly id: string;
  readonly conductor: "common" | "supply";
  /** Time of each cycle's end after switching on, s, and its RMS, A. */
  readonly cycles: readonly { readonly t: number; readonly rmsA: number }[];
  readonly start: StartCase;
}

/** Everything measured of one unit. */
export interface CalibrationInput {
  readonly unit: StartCase["unit"];
  readonly windings?: Windings;
  readonly readings: readonly MeasuredReading[];
  readonly waveforms?: readonly MeasuredWaveform[];
}
