import { canonical } from "../../quantity/index.ts";
import { ISOLATION_PARAMS as P } from "./params.ts";

/** Pairs to measure by system: reversed polarity leaves neutral hot behind an open breaker. */
export const DEAD_PAIRS = { 120: ["L-N", "L-G", "N-G"], 240: ["L1-L2", "L1-G", "L2-G"] } as const;
export type DeadPair = (typeof DEAD_PAIRS)[120 | 240][number];

/** One reading between two conductors; `lowImpedance` is the meter's range. */
export interface PairReading {
  readonly volts: number;
  readonly lowImpedance: boolean;
}

/** What a reading says. */
const PAIR_VERDICTS = ["dead", "not-dead", "stray", "floating", "reversed"] as const;
export type PairVerdict = (typeof PAIR_VERDICTS)[number];

/** Half the system's volts to ground within this share is a floating neutral; common practice, no source. */
const HALF_SHARE = 0.2;

/**
 * Judges one reading: below the limit on low impedance is dead and nothing else is; a few volts on high
 * impedance may be stray and are measured again; about half the volts to ground is a floating neutral.
 * A sign tells which lead is where and nothing of the danger, so only the magnitude counts.
 */
export function judgePair(pair: DeadPair, { volts, lowImpedance }: PairReading, system: 120 | 240): PairVerdict {
  const shown = Math.abs(volts);
  if (lowImpedance && shown < P.deadV.value) return "dead";
  const toGround = pair.endsWith("-G");
  if (pair === "N-G" && shown > 0.7 * system) return "reversed";
  const half = toGround && Math.abs(shown - system / 2) < HALF_SHARE * (system / 2);
  if (half) return "floating";
  return !lowImpedance && shown < P.strayV.value ? "stray" : "not-dead";
}

/** Everything that was written down while proving dead. */
export interface DeadEvidence {
  readonly system: 120 | 240;
  /** Everything that can feed the circuit; `away` is not connected and not here today. */
  readonly sources: readonly { readonly id: string; readonly off: boolean; readonly locked: boolean; readonly away: boolean }[];
  /** Volts the meter showed outside the rig, before and after. */
  readonly meterBefore: number | null;
  readonly meterAfter: number | null;
  readonly pairs: Readonly<Partial<Record<DeadPair, PairReading>>>;
  readonly capacitors: readonly { readonly id: string; readonly first: number | null; readonly second: number | null }[];
  /** Why one goes on without something; recorded. */
  readonly overrides: Readonly<Record<string, string>>;
}

/** What is still open, in the order it is done. */
export type DeadTask =
  | { readonly task: "source-off" | "source-locked"; readonly id: string }
  | { readonly task: "meter-before" | "meter-after" }
  | { readonly task: "pair"; readonly id: DeadPair; readonly verdict: PairVerdict | null }
  | { readonly task: "first-discharge" | "second-discharge"; readonly id: string };

/** Letters of a reason that is one. */
const LEAST_REASON = 12;

/** Name under which a task may be overridden. */
export function taskName(task: DeadTask): string {
  return "id" in task ? `${task.task} ${task.id}` : task.task;
}

/** Tasks that are neither done nor overridden with a reason; empty is dead and discharged. */
export function openTasks(evidence: DeadEvidence): readonly DeadTask[] {
  const { sources, meterBefore, meterAfter, pairs, capacitors, system } = evidence;
  const proved = (volts: number | null): boolean => volts !== null && Math.abs(volts) >= P.meterProofV.value;
  const below = (volts: number | null): boolean => volts !== null && Math.abs(volts) < P.dischargedV.value;
  const all: readonly (DeadTask | null)[] = [
    ...sources.map((s) => (s.off || s.away ? null : { task: "source-off" as const, id: s.id })),
    ...sources.map((s) => (s.locked || s.away ? null : { task: "source-locked" as const, id: s.id })),
    proved(meterBefore) ? null : { task: "meter-before" as const },
    ...DEAD_PAIRS[system].map((id) => {
      const reading = pairs[id];
      const verdict = reading === undefined ? null : judgePair(id, reading, system);
      return verdict === "dead" ? null : { task: "pair" as const, id, verdict };
    }),
    proved(meterAfter) ? null : { task: "meter-after" as const },
    ...capacitors.map((c) => (below(c.first) ? null : { task: "first-discharge" as const, id: c.id })),
    ...capacitors.map((c) => (below(c.second) ? null : { task: "second-discharge" as const, id: c.id })),
  ];
  return all.filter((t) => t !== null).filter((t) => (evidence.overrides[taskName(t)]?.trim().length ?? 0) < LEAST_REASON);
}

/** What this device knows of the proof: never from a file, never undone. */
export interface LocalProof {
  /** The measuring that was begun here; what was written down in another proves nothing. */
  readonly run: string;
  /** Fingerprint of the evidence it was declared dead for; null while it is measured. */
  readonly evidence: string | null;
  /** When it was last measured or worked under, ms. */
  readonly at: number;
}

/** Why work is locked; null where it is open. */
export type LockReason = "tasks-open" | "not-proved-here" | "evidence-changed" | "long-break";

/** Whether evidence written down in a run counts: measured on this device, since power was last on, without a long break. */
export function runHolds(run: string | undefined, proof: LocalProof | null, nowMs: number): boolean {
  return proof !== null && run === proof.run && !tooOld(proof, nowMs);
}

function tooOld({ at }: LocalProof, nowMs: number): boolean {
  return nowMs - at > P.breakMin.value * 60_000 || at > nowMs + 60_000;
}

/** Whether work on the circuit is open now. */
export function lockOf(evidence: DeadEvidence, proof: LocalProof | null, nowMs: number): LockReason | null {
  if (proof !== null && proof.evidence !== null && tooOld(proof, nowMs)) return "long-break";
  if (openTasks(evidence).length > 0) return "tasks-open";
  if (proof === null || proof.evidence === null) return "not-proved-here";
  return proof.evidence === fingerprint(evidence) ? null : "evidence-changed";
}

/** Text that changes with anything in the evidence. */
export function fingerprint(evidence: DeadEvidence): string {
  return canonical(evidence);
}
