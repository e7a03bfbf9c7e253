import type { Job } from "./job.ts";
import type { RecordKind } from "./kinds.ts";
import type { AnyRecord } from "./record.ts";
import type { Rig } from "./rig.ts";
import type { Source } from "./source.ts";
import type { AirConditioner } from "./unit.ts";

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
  readonly marginA: number | null;
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
export const SUMMARY_SHAPE = 1;

/** Kinds of record that a summary is derived from. */
const SUMMED: ReadonlySet<RecordKind> = new Set(["rig", "unit", "source", "job"]);

/** Whether a change of this record may change its rig's summary. */
export const isSummed = (record: AnyRecord | null): boolean => record !== null && SUMMED.has(record.kind);

const oldestFirst = (a: { createdAt: string; id: string }, b: { createdAt: string; id: string }): number =>
  a.createdAt.localeCompare(b.createdAt) || a.id.localeCompare(b.id);

/** The summary of a rig; a job whose unit is gone is left out, as everywhere. */
export function summarise(rig: Rig, units: readonly AirConditioner[], sources: readonly Source[], jobs: readonly Job[]): RigSummary {
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
          marginA: answer?.marginA ?? null,
        },
      ];
    }),
  };
}

/** Records by the rig they belong to. */
export function byRig<R extends { readonly rigId: string }>(records: readonly R[]): ReadonlyMap<string, readonly R[]> {
  const groups = new Map<string, R[]>();
  for (const record of records) {
    const group = groups.get(record.rigId);
    if (group === undefined) groups.set(record.rigId, [record]);
    else group.push(record);
  }
  return groups;
}
