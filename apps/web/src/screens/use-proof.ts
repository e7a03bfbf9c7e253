import { conditionsOf, startCase } from "@amp-saver/cases";
import { matchReadings, type ReadingKind } from "@amp-saver/core/study/reading";
import type { Source } from "@amp-saver/records";
import { useMemo } from "react";
import type { JobBundle } from "../store/queries.ts";
import type { PredictQuestion } from "../workers/study.worker.ts";
import { isComing } from "../workers/use-latest.ts";
import { usePredicted } from "../workers/use-study.ts";
import { type Proved, proofInput, proveInput } from "./prove/proof.view.ts";

interface LatestProof extends Proved {
  /** Whether what was to be expected is still being worked out. */
  readonly busy: boolean;
}

/** What readings of a job are asked to show: which kind, on which wire, on the source they were taken on, or on one that is named. */
export function predictQuestion(bundle: JobBundle, kind: ReadingKind | null = null, on?: Source): PredictQuestion | null {
  const { job, rig, unit, sources, starters } = bundle;
  const taken = proofInput(bundle, null).readings;
  const own = taken.readings;
  const usual = matchReadings(taken).start[0] ?? own.findLast((r) => r.kind !== "live") ?? null;
  const asked = kind ?? usual?.kind ?? "inrush";
  const like = own.find((r) => r.kind === asked && r.sourceId !== null) ?? own.find((r) => r.sourceId !== null);
  const source = on ?? sources.find((s) => s.id === (like?.sourceId ?? job.sourceId));
  const conditions = { ...conditionsOf(rig, job, starters), otherLoadsA: 0, outdoorC: like?.outdoorC ?? rig.hottestC.value };
  const asFound = startCase(unit, source, "as-found", conditions);
  const soft = startCase(unit, source, "soft", conditions);
  if (!asFound.ok || !soft.ok) return null;
  return { asFound: asFound.given, soft: soft.given, kind: asked, conductor: usual?.conductor ?? "common" };
}

/** The proof of a job as it stands, with what its readings were expected to show on the source they were taken on. */
export function useProof(bundle: JobBundle): LatestProof {
  const question = useMemo(() => predictQuestion(bundle), [bundle]);
  const latest = usePredicted(question);
  const answer = latest.answer ?? null;
  const proved = useMemo(() => proveInput(proofInput(bundle, answer)), [bundle, answer]);
  return { ...proved, busy: isComing(question, latest) };
}
