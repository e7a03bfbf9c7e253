import type { RecordKind } from "./kinds.ts";
import type { Step } from "./migrate.ts";

/** A step that only adds fields which may be missing. */
const asItWas: Step = (old) => old;

/** Answers are judged otherwise now and worked out anew; no other loads stood for nobody having said. */
const answeredAnew: Step = (old) => ({ ...old, answer: null, otherLoadsA: old.otherLoadsA === 0 ? null : old.otherLoadsA });

type Plain = Readonly<Record<string, unknown>>;

/** A proof frozen before ranges were told: air and meter were not kept, nor the range it showed. */
const frozenWithRange: Step = (old) => {
  const frozen = old.frozen as { readonly input: Plain; readonly shown: Plain } | null;
  if (frozen === null) return old;
  const { readings, predicted } = frozen.input as { readonly readings: Plain; readonly predicted: Plain | null };
  const { verdict, reduction } = frozen.shown;
  return {
    ...old,
    frozen: {
      ...frozen,
      input: {
        ...frozen.input,
        readings: { ...readings, readings: (readings.readings as readonly Plain[]).map((r) => ({ ...r, outdoorC: null, meter: "" })) },
        predicted: predicted && { ...predicted, expected: null },
      },
      shown: { verdict, reduction, low: null, high: null },
    },
  };
};

/** Newest version of each kind and the steps that lead to it from version 1. */
export const RECORD_VERSIONS: Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Step>> }>> = {
  rig: { newest: 2, steps: { 1: asItWas } },
  unit: { newest: 5, steps: { 1: asItWas, 2: asItWas, 3: asItWas, 4: asItWas } },
  source: { newest: 4, steps: { 1: asItWas, 2: asItWas, 3: asItWas } },
  job: { newest: 4, steps: { 1: asItWas, 2: asItWas, 3: answeredAnew } },
  reading: { newest: 2, steps: { 1: asItWas } },
  starter: { newest: 3, steps: { 1: asItWas, 2: asItWas } },
  load: { newest: 1, steps: {} },
  photo: { newest: 1, steps: {} },
  wiring: { newest: 2, steps: { 1: asItWas } },
  work: { newest: 2, steps: { 1: asItWas } },
  sound: { newest: 1, steps: {} },
  learning: { newest: 1, steps: {} },
  waveform: { newest: 2, steps: { 1: asItWas } },
  proof: { newest: 2, steps: { 1: frozenWithRange } },
};
