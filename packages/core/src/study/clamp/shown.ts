import type { SeededRandom } from "../../numeric/index.ts";
import { itemAt } from "../../quantity/index.ts";
import type { MotorStartInput } from "../motor-start/index.ts";
import type { Conductor, ReadingKind } from "../reading/index.ts";
import { studyWaveform } from "../waveform/index.ts";
import { recordWindings } from "./windings.ts";

/** A slow maximum's window, s (common practice, no source). */
const MAX_HOLD_S = 0.4;
/** Window of an inrush mode, s. */
const WINDOW_S = 0.1;

/**
 * What a meter of this kind shows of a start. A slow maximum's windows begin at a drawn moment, at the best
 * one where nothing is drawn; and whether a starter's ramp begins at its foot, so that the first window
 * sees less of it than the largest, is drawn too: makes differ.
 */
export function meterShows(input: MotorStartInput, kind: ReadingKind, conductor: Conductor, random: SeededRandom | null): number | null {
  const { amps, sampleHz } = recordWindings(input);
  if (kind === "inrush") {
    const found = studyWaveform({ amps: amps[conductor], volts: null, sampleHz, lineHz: input.motor.hz, kind: "instant" });
    const first = found.ok ? found.value.inrushA : null;
    const most = largestWindow(amps[conductor], Math.round(WINDOW_S * sampleHz), 1);
    return random === null || random.next() < 0.5 ? first : most;
  }
  if (kind === "app") return largestWindow(amps[conductor], Math.round(WINDOW_S * sampleHz), 1);
  const span = Math.round(MAX_HOLD_S * sampleHz);
  return random === null
    ? largestWindow(amps[conductor], span, 1)
    : largestWindow(amps[conductor], span, span, Math.floor(random.next() * span));
}

/** Largest RMS of windows that begin every `step` samples from `first` before the start on. */
function largestWindow(amps: Float32Array, span: number, step: number, first = 0): number | null {
  if (amps.length < span) return null;
  const sums = new Float64Array(amps.length + 1);
  for (let k = 0; k < amps.length; k++) sums[k + 1] = itemAt(sums, k) + itemAt(amps, k) ** 2;
  let most = 0;
  for (let from = -first; from + span <= amps.length; from += step)
    most = Math.max(most, itemAt(sums, from + span) - itemAt(sums, Math.max(0, from)));
  return Math.sqrt(most / span);
}
