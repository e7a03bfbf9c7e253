import type { RecordKind } from "./identity.ts";
import type { Step } from "./migrate.ts";

/** Newest version of each kind and the steps that lead to it from version 1. */
export const RECORD_VERSIONS: Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Step>> }>> = {
  rig: { newest: 1, steps: {} },
  unit: { newest: 1, steps: {} },
  source: { newest: 1, steps: {} },
  job: { newest: 1, steps: {} },
  reading: { newest: 1, steps: {} },
};
