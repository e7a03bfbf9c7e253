import type { Job } from "./kind/job.ts";
import type { AnyRecord } from "./record.ts";

/** One job as a list shows it. */
export interface JobLine {
  readonly id: string;
  readonly title: string;
  readonly stage: Job["stage"];
  readonly handedOver: boolean;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly unitId: string;
  readonly unitName: string;
  /** The source that is asked about; null for none. */
  readonly sourceName: string | null;
  readonly fit: NonNullable<Job["answer"]>["fit"] | null;
  readonly provisional: boolean;
  readonly spareA: number | null;
}

/** One rig as lists show it: derived from its records whenever one of them changes, and never edited. */
export interface RigSummary {
  readonly id: string;
  readonly shape: number;
  readonly name: string;
  readonly note: string;
  readonly createdAt: string;
  readonly units: readonly string[];
  readonly sources: readonly string[];
  readonly jobs: readonly JobLine[];
}

/** Counts up when a summary's fields change: those of another shape are made anew at the next opening. */
export const SUMMARY_SHAPE = 2;

const oldestFirst = (a: { createdAt: string; id: string }, b: { createdAt: string; id: string }): number =>
  a.createdAt.localeCompare(b.createdAt) || a.id.localeCompare(b.id);

/** The summary of a rig from its records; null where the rig itself is not among them. A job whose unit is gone is left out, as everywhere. */
export function summarise(records: readonly AnyRecord[]): RigSummary | null {
  const rig = records.find((r) => r.kind === "rig");
  if (rig === undefined) return null;
  const units = records.filter((r) => r.kind === "unit");
  const sources = records.filter((r) => r.kind === "source");
  const jobs = records.filter((r) => r.kind === "job");
  return {
    id: rig.id,
    shape: SUMMARY_SHAPE,
    name: rig.name,
    note: rig.note,
    createdAt: rig.createdAt,
    units: units.toSorted(oldestFirst).map((u) => u.name),
    sources: sources.toSorted(oldestFirst).map((s) => s.name),
    jobs: jobs.toSorted(oldestFirst).flatMap((job) => {
      const unit = units.find((u) => u.id === job.unitId);
      if (unit === undefined) return [];
      const { id, title, stage, createdAt, updatedAt, answer } = job;
      return [
        {
          id,
          title,
          stage,
          createdAt,
          updatedAt,
          handedOver: job.done.includes("hand-over"),
          unitId: unit.id,
          unitName: unit.name,
          sourceName: sources.find((s) => s.id === job.sourceId)?.name ?? null,
          fit: answer?.fit ?? null,
          provisional: answer?.provisional ?? false,
          spareA: answer?.spareA ?? null,
        },
      ];
    }),
  };
}

/** Things by a key, in the order they come. */
export function grouped<T, K>(things: readonly T[], keyOf: (thing: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [thing]);
    else group.push(thing);
  }
  return groups;
}
