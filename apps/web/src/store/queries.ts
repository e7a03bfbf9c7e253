import {
  type AirConditioner,
  asId,
  type FitLog,
  type Job,
  type PracticeRecord,
  type Reading,
  type RecordKind,
  type RecordOf,
  type Rig,
  type RigSummary,
  recordKey,
  type Source,
  type Starter,
} from "@amp-saver/records";
import { useRef } from "react";
import useSWR from "swr";
import { hasSame, type RigBundle, readBundle } from "./bundle.ts";
import { noteKept } from "./kept-before.ts";
import type { History } from "./port.ts";
import { ONCE, useStore } from "./provider.tsx";

/** Everything a job's screens need. */
export interface JobBundle extends RigBundle {
  readonly job: Job;
  readonly unit: AirConditioner;
}

/** A job with its rig, kept up to date; null once it is known to be gone. */
export function useJob(jobId: string): JobBundle | null | undefined {
  const { store } = useStore();
  return useBundle<JobBundle>(["job", jobId], async (before) => {
    const { rigId } = (before?.job.id === jobId ? before.job : await store.get("job", jobId)) ?? {};
    const bundle = rigId && (await readBundle(store, rigId, before));
    const job = bundle?.jobs.find((j) => j.id === jobId);
    const unit = bundle?.units.find((u) => u.id === job?.unitId);
    return job !== undefined && bundle !== undefined && unit !== undefined ? { ...bundle, job, unit } : null;
  });
}

/** A bundle kept up to date, read with what it was before. */
function useBundle<B extends RigBundle>(key: readonly string[], read: (before: B | undefined) => Promise<B | null>): B | null | undefined {
  const shown = useRef<B | null>(undefined);
  const { data } = useSWR(key, () => read(shown.current ?? undefined), { compare: sameFields });
  shown.current = data;
  return data;
}

/** Whether two bundles are of the very same records. */
function sameFields(a: RigBundle | null | undefined, b: RigBundle | null | undefined): boolean {
  return a === b || (a != null && b != null && hasSame(Object.values(a), Object.values(b)));
}

/** Summaries of every rig; undefined while reading. */
export function useSummaries(): readonly RigSummary[] | undefined {
  const { store } = useStore();
  const read = async (): Promise<readonly RigSummary[]> => {
    const rigs = await store.summaries();
    noteKept(rigs.length);
    return rigs;
  };
  return useSWR(["summaries"], read).data;
}

/** What was practiced of every lesson. */
export function usePractices(): readonly PracticeRecord[] {
  const { store } = useStore();
  return useSWR(["practices"], () => store.list("practice")).data ?? NONE_PRACTICED;
}
const NONE_PRACTICED: readonly PracticeRecord[] = [];

/** A job with what its answer is worked out from. */
export interface Asked {
  readonly job: Job;
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly source: Source | undefined;
  readonly starters: readonly Starter[];
}

/** These jobs with what their answers are worked out from. */
export function useAsked(lines: readonly { readonly id: string; readonly rigId: string }[]): readonly Asked[] {
  const { store } = useStore();
  const { data } = useSWR(lines.length === 0 ? null : ["asked", ...lines.map((l) => l.id)], async () => {
    const records = await store.records([...new Set(lines.map((l) => l.rigId))]);
    const byKey = new Map(records.map((r) => [recordKey(r), r]));
    const find = <K extends RecordKind>(kind: K, id: string) => byKey.get(`${kind} ${id}`) as RecordOf[K] | undefined;
    const starters = records.filter((r) => r.kind === "starter");
    return lines.flatMap(({ id }): Asked[] => {
      const job = find("job", id);
      const rig = job && find("rig", job.rigId);
      const unit = job && find("unit", job.unitId);
      if (job === undefined || rig === undefined || unit === undefined) return [];
      return [{ job, rig, unit, source: job.sourceId === null ? undefined : find("source", job.sourceId), starters }];
    });
  });
  return data ?? NONE_ASKED;
}
const NONE_ASKED: readonly Asked[] = [];

/** One rig with all that belongs to it, kept up to date; null once it is known to be gone. */
export function useRig(rigId: string): RigBundle | null | undefined {
  const { store } = useStore();
  return useBundle(["rig", rigId], async (before) => (await readBundle(store, asId("rig", rigId), before)) ?? null);
}

/** What one's own figures are worked out from; undefined while reading. */
export function useOwnRecords():
  | {
      readonly jobs: readonly Job[];
      readonly units: readonly AirConditioner[];
      readonly readings: readonly Reading[];
      readonly works: readonly FitLog[];
    }
  | undefined {
  const { store } = useStore();
  const { data } = useSWR([ONCE, "own-records"], async () => {
    const [jobs, units, readings, works] = await Promise.all([
      store.list("job"),
      store.list("unit"),
      store.list("reading"),
      store.list("work"),
    ]);
    return { jobs, units, readings, works };
  });
  return data;
}

/** Every visit of every rig: one's own times are read from them. */
export function useFitLogs(): readonly FitLog[] {
  const { store } = useStore();
  return useSWR([ONCE, "works"], () => store.list("work")).data ?? NO_FIT_LOGS;
}
const NO_FIT_LOGS: readonly FitLog[] = [];

/** What can be undone and redone now. */
export function useHistory(): History {
  const { store } = useStore();
  return useSWR(["history"], () => store.history()).data ?? { undo: null, redo: null };
}
