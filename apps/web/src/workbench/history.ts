import { type SinceStudy, studySince } from "@amp-saver/core/study/since";
import {
  type AirConditioner,
  grouped,
  type Job,
  type Learning,
  type Photo,
  type Proof,
  type Reading,
  type Source,
  type Wiring,
  type Work,
} from "@amp-saver/records";
import { fittedOn, type Reminder, remindersOf } from "./hand-over.ts";
import { eventsOf, learnView } from "./learning.ts";
import { clampReading } from "./prove-view.ts";
import { spread } from "./statistics.ts";

/** Something that happened to a rig, in figures; worded where it is shown. */
export interface HistoryEvent {
  readonly at: string;
  readonly jobId: string;
  readonly unitId: string;
  readonly what:
    | { readonly code: "begun"; readonly title: string }
    | {
        readonly code: "readings";
        readonly when: Reading["when"];
        readonly live: boolean;
        readonly count: number;
        readonly middleA: number;
      }
    | { readonly code: "proved" | "powered" | "hands" }
    | { readonly code: "steps"; readonly count: number }
    | { readonly code: "learned"; readonly runs: number; readonly lastA: number | null }
    | { readonly code: "test"; readonly source: string | null; readonly well: boolean; readonly minutes: number }
    | { readonly code: "frozen"; readonly reduction: number | null }
    | { readonly code: "photos"; readonly count: number };
}

/** What a history is told from. */
interface HistoryRecords {
  readonly jobs: readonly Job[];
  readonly readings: readonly Reading[];
  readonly works: readonly Work[];
  readonly learnings: readonly Learning[];
  readonly proofs: readonly Proof[];
  readonly photos: readonly Photo[];
  readonly sources: readonly Source[];
}

/** Everything that happened to a rig, latest first: what belongs to one day and one job together stands as one. */
export function rigHistory({ jobs, readings, works, learnings, proofs, photos, sources }: HistoryRecords): readonly HistoryEvent[] {
  const events: HistoryEvent[] = jobs.map(({ createdAt, id, unitId, title }) => ({
    at: createdAt,
    jobId: id,
    unitId,
    what: { code: "begun", title },
  }));
  const together = grouped(readings, (r) => [r.jobId, r.when, r.mode === "live", r.takenAt.slice(0, 10)].join(" "));
  for (const group of together.values()) {
    const { jobId, unitId, when, mode } = group[0]!;
    const at = group.map((r) => r.takenAt).toSorted()[0]!;
    const { count, middle } = spread(group.map((r) => r.amps))!;
    events.push({ at, jobId, unitId, what: { code: "readings", when, live: mode === "live", count, middleA: middle } });
  }
  for (const { jobId, unitId, events: own, steps } of works) {
    for (const { at, what } of own) events.push({ at, jobId, unitId, what: { code: what } });
    const ticks = Object.values(steps).map((s) => s.at);
    if (ticks.length > 0) events.push({ at: ticks.toSorted().at(-1)!, jobId, unitId, what: { code: "steps", count: ticks.length } });
  }
  for (const learning of learnings) {
    const job = jobs.find((j) => j.id === learning.jobId);
    const told = eventsOf(learning);
    const last = told.findLast((e) => e.what === "stop");
    if (job === undefined || last === undefined) continue;
    const { state } = learnView(job, learnings, last.at);
    const { jobId, unitId } = learning;
    const at = new Date(last.at).toISOString();
    events.push({ at, jobId, unitId, what: { code: "learned", runs: state.counted, lastA: state.peaksA.at(-1) ?? null } });
  }
  for (const { jobId, unitId, tests, frozen } of proofs) {
    for (const t of Object.values(tests)) {
      if (t.outcome === null || t.endedAt === null) continue;
      const minutes = (Date.parse(t.endedAt) - Date.parse(t.startedAt)) / 60_000;
      const source = sources.find((s) => s.id === t.sourceId)?.name ?? null;
      events.push({ at: t.endedAt, jobId, unitId, what: { code: "test", source, well: t.outcome === "well", minutes } });
    }
    if (frozen !== null) events.push({ at: frozen.at, jobId, unitId, what: { code: "frozen", reduction: frozen.shown.reduction } });
  }
  const days = grouped(
    photos.filter((p) => p.jobId !== null),
    (p) => `${p.jobId} ${p.createdAt.slice(0, 10)}`,
  );
  for (const group of days.values()) {
    const { jobId, unitId, createdAt } = group[0]!;
    events.push({ at: createdAt, jobId: jobId!, unitId, what: { code: "photos", count: group.length } });
  }
  return events.toSorted((a, b) => (a.at === b.at ? 0 : a.at < b.at ? 1 : -1));
}

/** The looks that come after each unit that was fitted and handed over, soonest first. */
export function comingLooks(
  { jobs, works, readings }: Pick<HistoryRecords, "jobs" | "works" | "readings">,
  today: string,
): readonly (Reminder & { readonly unitId: string; readonly overdue: boolean })[] {
  const last = new Map(jobs.filter((j) => j.done.includes("hand-over")).map((j) => [j.unitId as string, j]));
  return [...last.values()]
    .flatMap((job) => {
      const work = works.find((w) => w.jobId === job.id);
      return remindersOf(work, fittedOn(job, work, readings)).map((r) => ({ ...r, unitId: job.unitId, overdue: r.day < today }));
    })
    .toSorted((a, b) => (a.day < b.day ? -1 : 1));
}

/** What a unit's later visit shows beside the earlier one, and which of its entries were changed since the earlier was proved. */
export interface SinceLast {
  readonly earlier: Job;
  readonly later: Job;
  readonly study: SinceStudy;
  readonly changed: readonly ("unit" | "wiring" | "source")[];
}

/** A unit's last two visits beside each other; null where it had but one. */
export function sinceLast(
  unit: AirConditioner,
  { jobs, readings, proofs, wirings, sources }: HistoryRecords & { readonly wirings: readonly Wiring[] },
): SinceLast | null {
  const own = jobs.filter((j) => j.unitId === unit.id).toSorted((a, b) => (a.createdAt < b.createdAt ? -1 : 1));
  const [earlier, later] = own.slice(-2);
  if (earlier === undefined || later === undefined) return null;
  const of = (job: Job) => readings.filter((r) => r.jobId === job.id).map(clampReading);
  const proved = proofs.find((p) => p.jobId === earlier.id)?.frozen?.at ?? later.createdAt;
  const after = (record: { readonly updatedAt: string } | undefined): boolean => record !== undefined && record.updatedAt > proved;
  const changed = [
    ...(after(unit) ? ["unit" as const] : []),
    ...(after(wirings.find((w) => w.unitId === unit.id)) ? ["wiring" as const] : []),
    ...(sources.some(after) ? ["source" as const] : []),
  ];
  return { earlier, later, study: studySince({ earlier: of(earlier), later: of(later) }), changed };
}
