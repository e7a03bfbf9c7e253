import { conditionsOf, startCase } from "@amp-saver/cases";
import type { JobBundle } from "../store/queries.ts";
import { isComing } from "../workers/use-latest.ts";
import { usePredicted } from "../workers/use-study.ts";
import { type Proved, proofInput, proveInput } from "./prove/proof.view.ts";

interface LatestProof extends Proved {
  /** Whether what was to be expected is still being worked out. */
  readonly busy: boolean;
}

/** The proof of a job as it stands, with what its readings were expected to show on the source they were taken on. */
export function useProof(bundle: JobBundle): LatestProof {
  const { job, rig, unit, sources, starters, readings } = bundle;
  const own = readings.filter((r) => r.jobId === job.id);
  const plain = proveInput(proofInput(bundle, null));
  const { start } = plain.study.readings;
  const taken = own.find((r) => r.mode === (start?.kind ?? "inrush") && r.sourceId !== null) ?? own.find((r) => r.sourceId !== null);
  const source = sources.find((s) => s.id === (taken?.sourceId ?? job.sourceId));
  const conditions = { ...conditionsOf(rig, job, starters), otherLoadsA: 0, outdoorC: taken?.outdoorC ?? rig.hottestC.value };
  const asFound = startCase(unit, source, "as-found", conditions);
  const soft = startCase(unit, source, "soft", conditions);
  const question =
    asFound.ok && soft.ok
      ? { asFound: asFound.given, soft: soft.given, kind: start?.kind ?? "inrush", conductor: start?.conductor ?? "common" }
      : null;
  const latest = usePredicted(question);
  const proved = latest.answer === undefined ? plain : proveInput(proofInput(bundle, latest.answer));
  return { ...proved, busy: isComing(question, latest) };
}
