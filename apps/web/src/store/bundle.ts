import type {
  AirConditioner,
  AnyRecord,
  Job,
  Learning,
  Load,
  Photo,
  Proof,
  Reading,
  RecordKind,
  RecordOf,
  Rig,
  RigId,
  Sound,
  Source,
  Starter,
  Waveform,
  Wiring,
  Work,
} from "@amp-saver/records";
import type { RecordStore } from "./port.ts";

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
  const all = await store.records([rigId]);
  const of = <K extends RecordKind>(kind: K): RecordOf[K][] =>
    (all.filter((r) => r.kind === kind) as unknown as RecordOf[K][]).toSorted(oldestFirst);
  const rig = of("rig").find((r) => r.id === rigId);
  if (rig === undefined) return undefined;
  return {
    rig,
    units: of("unit"),
    sources: of("source"),
    loads: of("load"),
    jobs: of("job"),
    starters: of("starter"),
    photos: of("photo"),
    wirings: of("wiring"),
    works: of("work"),
    sounds: of("sound"),
    learnings: of("learning"),
    waveforms: of("waveform"),
    proofs: of("proof"),
    readings: of("reading").toSorted((a, b) => a.takenAt.localeCompare(b.takenAt) || a.id.localeCompare(b.id)),
  };
}
