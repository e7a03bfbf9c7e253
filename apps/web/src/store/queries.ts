import type {
  AirConditioner,
  AnyRecord,
  Job,
  Learning,
  Load,
  Photo,
  Proof,
  Reading,
  Rig,
  RigId,
  RigSummary,
  Sound,
  Source,
  Starter,
  Waveform,
  Wiring,
  Work,
} from "@amp-saver/records";
import useSWR from "swr";
import type { History, RecordStore } from "./port.ts";
import { ONCE, useStore } from "./provider.tsx";

/** One rig with all that belongs to it. */
export interface RigBundle {
  readonly rig: Rig;
  readonly units: readonly AirConditioner[];
  readonly sources: readonly Source[];
  readonly loads: readonly Load[];
  readonly jobs: readonly Job[];
  readonly readings: readonly Reading[];
  /** What was photographed; the pixels are asked for one by one. */
  readonly photos: readonly Photo[];
  /** How each unit is wired, where somebody has looked. */
  readonly wirings: readonly Wiring[];
  /** Visits on the roof, one a job. */
  readonly works: readonly Work[];
  /** Spoken notes; the sound is asked for one by one. */
  readonly sounds: readonly Sound[];
  /** Learning runs, one record a job. */
  readonly learnings: readonly Learning[];
  /** Starts that were recorded; the samples are asked for one by one. */
  readonly waveforms: readonly Waveform[];
  /** Proofs, one a job. */
  readonly proofs: readonly Proof[];
  /** The catalogue, which belongs to every rig. */
  readonly starters: readonly Starter[];
}

/** Every record that belongs to a rig, itself first; the catalogue apart. */
export function ownRecords(bundle: RigBundle): AnyRecord[] {
  const { rig, units, sources, loads, jobs, readings, photos, wirings, works, sounds, learnings, waveforms, proofs } = bundle;
  return [
    rig,
    ...units,
    ...sources,
    ...loads,
    ...jobs,
    ...readings,
    ...photos,
    ...wirings,
    ...works,
    ...sounds,
    ...learnings,
    ...waveforms,
    ...proofs,
  ];
}

const oldestFirst = (a: { createdAt: string; id: string }, b: { createdAt: string; id: string }): number =>
  a.createdAt.localeCompare(b.createdAt) || a.id.localeCompare(b.id);

/** Reads a rig whole; undefined when it is not kept. */
export async function readBundle(store: RecordStore, rigId: RigId): Promise<RigBundle | undefined> {
  const rig = await store.get("rig", rigId);
  if (rig === undefined) return undefined;
  const [units, sources, loads, jobs, readings, photos, wirings, works, sounds, learnings, waveforms, proofs, starters] = await Promise.all(
    [
      store.list("unit", rigId),
      store.list("source", rigId),
      store.list("load", rigId),
      store.list("job", rigId),
      store.list("reading", rigId),
      store.list("photo", rigId),
      store.list("wiring", rigId),
      store.list("work", rigId),
      store.list("sound", rigId),
      store.list("learning", rigId),
      store.list("waveform", rigId),
      store.list("proof", rigId),
      store.list("starter"),
    ],
  );
  return {
    rig,
    units: units.toSorted(oldestFirst),
    sources: sources.toSorted(oldestFirst),
    loads: loads.toSorted(oldestFirst),
    jobs: jobs.toSorted(oldestFirst),
    starters: starters.toSorted(oldestFirst),
    photos: photos.toSorted(oldestFirst),
    wirings: wirings.toSorted(oldestFirst),
    works: works.toSorted(oldestFirst),
    sounds: sounds.toSorted(oldestFirst),
    learnings: learnings.toSorted(oldestFirst),
    waveforms: waveforms.toSorted(oldestFirst),
    proofs: proofs.toSorted(oldestFirst),
    readings: readings.toSorted((a, b) => a.takenAt.localeCompare(b.takenAt) || a.id.localeCompare(b.id)),
  };
}

/** Everything a job's screens need. */
export interface JobBundle extends RigBundle {
  readonly job: Job;
  readonly unit: AirConditioner;
}

/** A job with its rig, kept up to date; null once it is known to be gone. */
export function useJob(jobId: string): JobBundle | null | undefined {
  const { store } = useStore();
  const { data } = useSWR(["job", jobId], async (): Promise<JobBundle | null> => {
    const job = await store.get("job", jobId);
    const bundle = job && (await readBundle(store, job.rigId));
    const unit = bundle?.units.find((u) => u.id === job?.unitId);
    return job !== undefined && bundle !== undefined && unit !== undefined ? { ...bundle, job, unit } : null;
  });
  return data;
}

/** Summaries of every rig; undefined while reading. */
export function useSummaries(): readonly RigSummary[] | undefined {
  const { store } = useStore();
  return useSWR(["summaries"], () => store.summaries()).data;
}

/** A job with what its answer is worked out from. */
export interface Asked {
  readonly job: Job;
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly source: Source | undefined;
  readonly starters: readonly Starter[];
}

/** These jobs with what their answers are worked out from. */
export function useAsked(jobIds: readonly string[]): readonly Asked[] {
  const { store } = useStore();
  const { data } = useSWR(jobIds.length === 0 ? null : ["asked", ...jobIds], async () => {
    const starters = await store.list("starter");
    const all = await Promise.all(
      jobIds.map(async (id): Promise<Asked | null> => {
        const job = await store.get("job", id);
        if (job === undefined) return null;
        const [rig, unit, source] = await Promise.all([
          store.get("rig", job.rigId),
          store.get("unit", job.unitId),
          job.sourceId === null ? undefined : store.get("source", job.sourceId),
        ]);
        return rig === undefined || unit === undefined ? null : { job, rig, unit, source, starters };
      }),
    );
    return all.filter((a) => a !== null);
  });
  return data ?? NONE_ASKED;
}
const NONE_ASKED: readonly Asked[] = [];

/** One rig with all that belongs to it, kept up to date; null once it is known to be gone. */
export function useRig(rigId: string): RigBundle | null | undefined {
  const { store } = useStore();
  return useSWR(["rig", rigId], async () => (await readBundle(store, rigId as RigId)) ?? null).data;
}

/** What one's own figures are worked out from; undefined while reading. */
export function useOwnRecords():
  | {
      readonly jobs: readonly Job[];
      readonly units: readonly AirConditioner[];
      readonly readings: readonly Reading[];
      readonly works: readonly Work[];
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
export function useWorks(): readonly Work[] {
  const { store } = useStore();
  return useSWR([ONCE, "works"], () => store.list("work")).data ?? NO_WORKS;
}
const NO_WORKS: readonly Work[] = [];

/** What can be undone and redone now. */
export function useHistory(): History {
  const { store } = useStore();
  return useSWR(["history"], () => store.history()).data ?? { undo: null, redo: null };
}
