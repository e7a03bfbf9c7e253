import type { RecordKind } from "./kinds.ts";
import type { Step } from "./migrate.ts";

/** A step that only adds fields which may be missing. */
const asItWas: Step = (old) => old;

/** Newest version of each kind and the steps that lead to it from version 1. */
export const RECORD_VERSIONS: Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Step>> }>> = {
  rig: { newest: 2, steps: { 1: asItWas } },
  unit: { newest: 3, steps: { 1: asItWas, 2: asItWas } },
  source: { newest: 3, steps: { 1: asItWas, 2: asItWas } },
  job: { newest: 3, steps: { 1: asItWas, 2: asItWas } },
  reading: { newest: 2, steps: { 1: asItWas } },
  starter: { newest: 3, steps: { 1: asItWas, 2: asItWas } },
  load: { newest: 1, steps: {} },
  photo: { newest: 1, steps: {} },
  wiring: { newest: 1, steps: {} },
  work: { newest: 2, steps: { 1: asItWas } },
  sound: { newest: 1, steps: {} },
  learning: { newest: 1, steps: {} },
  waveform: { newest: 1, steps: {} },
  proof: { newest: 1, steps: {} },
};
