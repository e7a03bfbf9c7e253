import type { Windings } from "../../device/compressor-motor/index.ts";
import type { StartCase } from "../motor-start/index.ts";

/** What of a start was read. */
export type MeasuredKind = "inrush" | "max-hold" | "live" | "first-half-cycle";

/** Volts read beside a reading: at rest before a start, and while the amps were read; null or absent where not noted. */
export interface MeasuredVolts {
  readonly volts?: number | null;
  readonly loadedVolts?: number | null;
}

/** What was read with, so that its own error is one for all it read. */
interface MeasuredWith {
  /** Which meter; absent or empty where nobody said, which is one of its own for each reading. */
  readonly meter?: string | null;
  /** Relative tolerance of the meter; absent for the usual one of a clamp. */
  readonly tolerance?: number;
}

/** One clamp reading with the start it belongs to. */
export interface MeasuredReading extends MeasuredVolts, MeasuredWith {
  readonly id: string;
  readonly kind: MeasuredKind;
  readonly conductor: "common" | "run" | "start" | "supply";
  readonly amps: number;
  /** The start as it was made: source, way, rest, air and what else was on. */
  readonly start: StartCase;
  /** False where the air of the start is taken and was not noted. */
  readonly airNoted?: boolean;
}

/** A start as a meter or logger recorded it: RMS of one cycle after the other on one conductor. */
export interface MeasuredWaveform extends MeasuredVolts, MeasuredWith {
  readonly id: string;
  readonly conductor: "common" | "supply";
  /** Time of each cycle's end after switching on, s, and its RMS, A. */
  readonly cycles: readonly MeasuredCycle[];
  readonly start: StartCase;
}

/** One period of the line. */
export interface MeasuredCycle {
  readonly t: number;
  readonly rmsA: number;
}

/** How long a start as found took to come to speed, told by its sound or counted by a person. */
export interface MeasuredTiming {
  readonly id: string;
  readonly toSpeedS: number;
  readonly by: "ear" | "count";
  readonly start: StartCase;
}

/** Everything measured of one unit. */
export interface CalibrationInput {
  readonly unit: StartCase["unit"];
  readonly windings?: Windings;
  readonly readings: readonly MeasuredReading[];
  readonly waveforms?: readonly MeasuredWaveform[];
  readonly timings?: readonly MeasuredTiming[];
}
