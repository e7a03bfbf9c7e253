import type { ParamTable } from "../../quantity/index.ts";

/** Proofs that a conductor is the one it is taken for, each independent of the others. */
const PROOFS = ["trace", "diagram", "ohms"] as const;
type ProofKind = (typeof PROOFS)[number];

/** Figures of tracing a conductor. */
const TRACING_PARAMS = {
  endToEndOhm: {
    label: "Most that a conductor may have from end to end",
    unit: "ohm",
    value: 0.2,
    min: 0.01,
    max: 1,
    source: "common practice, no source",
  },
  proofsNeeded: { label: "Independent proofs before a cut", unit: "1", value: 2, min: 1, max: 3, source: "a decision of this product" },
  leastReason: {
    label: "Letters of a reason to cut without them",
    unit: "1",
    value: 12,
    min: 1,
    max: 200,
    source: "a decision of this product",
  },
} as const satisfies ParamTable;

/** A reading along a conductor, as it was taken. */
export interface TraceReading {
  /** Off every terminal at both ends. */
  readonly bothEndsFree: boolean;
  /** End to end, probes taken off; null where only a beep was heard. */
  readonly ohm: number | null;
  /** No path to any other lead. */
  readonly openToOthers: boolean;
}

/** Why a reading proves nothing. */
const TRACE_REFUSALS = ["windings-attached", "beep-only", "not-low", "joined-to-another"] as const;
export type TraceRefusal = (typeof TRACE_REFUSALS)[number];

/** Why a reading does not prove a conductor; null where it does. A beep proves nothing while windings join the pins. */
export function traceRefusal({ bothEndsFree, ohm, openToOthers }: TraceReading): TraceRefusal | null {
  if (!bothEndsFree) return "windings-attached";
  if (ohm === null) return "beep-only";
  if (ohm > TRACING_PARAMS.endToEndOhm.value) return "not-low";
  return openToOthers ? null : "joined-to-another";
}

/** What is on record for a conductor that is to be opened or cut. */
export interface ProofRecord {
  readonly traced: boolean;
  readonly onDiagram: boolean;
  readonly reading: TraceReading | null;
  readonly photos: number;
  /** A reason to go on without the proofs; recorded. */
  readonly override: string | null;
}

/** Whether a cut is released, by what, and what is still missing. */
export interface Release {
  readonly released: boolean;
  readonly by: "proofs" | "override" | null;
  readonly proofs: readonly ProofKind[];
  readonly missing: readonly ("proof" | "photo")[];
}

/** Releases a cut after two independent proofs and a photo, or for a reason that is recorded. */
export function release(record: ProofRecord): Release {
  const proofs = PROOFS.filter((kind) => proves(record, kind));
  const missing = [
    ...(proofs.length < TRACING_PARAMS.proofsNeeded.value ? (["proof"] as const) : []),
    ...(record.photos === 0 ? (["photo"] as const) : []),
  ];
  if (missing.length === 0) return { released: true, by: "proofs", proofs, missing };
  const reasoned = (record.override?.trim().length ?? 0) >= TRACING_PARAMS.leastReason.value;
  return { released: reasoned, by: reasoned ? "override" : null, proofs, missing };
}

function proves({ traced, onDiagram, reading }: ProofRecord, kind: ProofKind): boolean {
  if (kind === "trace") return traced;
  return kind === "diagram" ? onDiagram : reading !== null && traceRefusal(reading) === null;
}
