import { canonical } from "@amp-saver/core/quantity";
import {
  PROOF_PARAMS,
  type Predicted,
  type ProofInput,
  type ProofStudy,
  type SourceShown,
  studyProof,
  studyRuns,
} from "@amp-saver/core/study/proof";
import { CORE_VERSION } from "@amp-saver/core/version";
import {
  type AirConditioner,
  clampReading,
  type Job,
  type Learning,
  type Proof,
  type Reading,
  type Rig,
  runTests,
  shownBy,
} from "@amp-saver/records";
import { learnView } from "../learn/learn.view.ts";

/** Minutes a run on a source is asked to last. */
export const GOAL_MIN = PROOF_PARAMS.goalMin.value;

export type Test = Proof["tests"][string];

/** Everything of a job that a proof rests on. */
interface ProofRecords {
  readonly job: Job;
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly readings: readonly Reading[];
  readonly learnings: readonly Learning[];
  readonly proofs: readonly Proof[];
}

/** The proof of a job as kept; null before anything of it is. */
export function resultProof({ job, proofs }: Pick<ProofRecords, "job" | "proofs">): Proof | null {
  return proofs.find((p) => p.jobId === job.id) ?? null;
}

/** The question that core answers about a job. */
export function proofInput(records: ProofRecords, predicted: Predicted | null): ProofInput {
  const { job, rig, unit, readings, learnings } = records;
  const { state, begunMs } = learnView(job, learnings, 0);
  return {
    readings: { readings: readings.filter((r) => r.jobId === job.id).map(clampReading), lockedRotorA: unit.lockedRotorA?.value ?? null },
    predicted,
    learned: begunMs === null ? null : { runs: state.counted, settled: state.settled },
    tests: runTests(resultProof(records)?.tests ?? {}),
    hottestC: rig.hottestC.value,
  };
}

/** A question and its answer. */
export interface Proved {
  readonly input: ProofInput;
  readonly study: ProofStudy;
}

/** Works a proof out. */
export function proveInput(input: ProofInput): Proved {
  return { input, study: studyProof(input) };
}

/** A proof frozen with its inputs and the version that worked it out. */
export function freeze(input: ProofInput, study: ProofStudy, at: string): NonNullable<Proof["frozen"]> {
  return {
    at,
    coreVersion: CORE_VERSION,
    input: JSON.parse(JSON.stringify(input)),
    shown: shownBy(study.readings),
  };
}

/** Shares nearer than this are the same worked out on two machines. */
const ALIKE = 1e-5;

/** Works a frozen proof out again: whether it still shows the same, and whether something was added since. */
export function thaw(
  frozen: NonNullable<Proof["frozen"]>,
  now: ProofInput,
): { readonly study: ProofStudy; readonly same: boolean; readonly since: boolean } {
  const study = studyProof(frozen.input as ProofInput);
  const again = shownBy(study.readings);
  const { shown } = frozen;
  const near = (a: number | null, b: number | null): boolean => a === b || (a !== null && b !== null && Math.abs(a - b) < ALIKE);
  const same =
    again.verdict === shown.verdict &&
    near(again.reduction, shown.reduction) &&
    (shown.low === null || (near(again.low, shown.low) && near(again.high, shown.high)));
  const plain = (input: unknown): string => canonical({ ...(input as ProofInput), predicted: null });
  return { study, same, since: plain(now) !== plain(frozen.input) };
}

/** What the ended runs of a job show, one row a source. */
export const runsShown = (proof: Proof | null): readonly SourceShown[] => studyRuns(runTests(proof?.tests ?? {}));

/** The run that is on now; null for none. */
export function runningTest(proof: Proof | null): { readonly key: string; readonly test: Test } | null {
  const found = Object.entries(proof?.tests ?? {}).find(([, t]) => t.outcome === null);
  return found === undefined ? null : { key: found[0], test: found[1] };
}
