import { recordWindings } from "../clamp/index.ts";
import { studyLearning } from "../learning/index.ts";
import { prepare, type StartCase, steadyRunning } from "../motor-start/index.ts";
import type { Conductor, ReadingKind } from "../reading/index.ts";
import { studyWaveform } from "../waveform/index.ts";
import type { Predicted } from "./input.ts";

/** A slow maximum's window, s (common practice, no source). */
const MAX_HOLD_S = 0.4;

/** What readings of one kind on one conductor should show before and after, and running; null where a start cannot be simulated. */
export function predictReadings(asFound: StartCase, soft: StartCase, kind: ReadingKind, conductor: Conductor): Predicted {
  const learning = soft.method.kind === "soft" && soft.method.limitA === undefined ? studyLearning(soft) : null;
  const settledA = learning?.ok === true ? learning.value.settledA : null;
  const settled: StartCase = settledA === null ? soft : { ...soft, method: { ...soft.method, kind: "soft", limitA: settledA } };
  const prepared = prepare(asFound);
  const running = prepared.ok ? steadyRunning(prepared.value.input) : null;
  const runningA = running === null ? null : conductor === "supply" ? running.totalA : running.compressorA;
  return { beforeA: reading(asFound, kind, conductor), afterA: reading(settled, kind, conductor), runningA };
}

function reading(given: StartCase, kind: ReadingKind, conductor: Conductor): number | null {
  const prepared = prepare(given);
  if (!prepared.ok) return null;
  const { input } = prepared.value;
  const { amps, sampleHz } = recordWindings(input);
  const found = studyWaveform({ amps: amps[conductor], volts: null, sampleHz, lineHz: input.machine.hz, kind: "instant" });
  if (!found.ok) return null;
  if (kind === "inrush") return found.value.inrushA;
  const windowS = kind === "max-hold" ? MAX_HOLD_S : 0.1;
  return largestWindow(amps[conductor], Math.round(windowS * sampleHz));
}

function largestWindow(amps: Float32Array, span: number): number | null {
  if (amps.length < span) return null;
  let sum = 0;
  let most = 0;
  for (let k = 0; k < amps.length; k++) {
    sum += amps[k]! ** 2 - (k >= span ? amps[k - span]! ** 2 : 0);
    if (k >= span - 1) most = Math.max(most, sum);
  }
  return Math.sqrt(most / span);
}
