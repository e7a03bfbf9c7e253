import { itemAt, present } from "@amp-saver/core/quantity";
import { spread } from "@amp-saver/core/study/own-record";
import { matchReadings } from "@amp-saver/core/study/reading";
import { type SinceStudy, studySince } from "@amp-saver/core/study/since";
import {
  type AirConditioner,
  clampReading,
  type FitLog,
  grouped,
  type Job,
  type Learning,
  type Photo,
  type Proof,
  type Reading,
  type Source,
  type Wiring,
} from "@amp-saver/records";
import { fittedOn, fittingOf, type Reminder, remindersOf } from "../hand-over/hand-over.view.ts";
import { eventsOf, learnView } from "../learn/learn.view.ts";
import { type ProveView, proveView } from "../prove/prove.view.ts";

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
        /** Whether the proof rests on them; the others are kept and left out. */
        readonly counts: boolean;
      }
    | { readonly code: "proved" | "powered" | "hands" | "handed-over" }
    | { readonly code: "steps"; readonly count: number }
    | { readonly code: "learned"; readonly runs: number; readonly lastA: number | null }
    | { readonly code: "test"; readonly source: string | null; readonly well: boolean; readonly minutes: number }
    | { readonly code: "frozen"; readonly reduction: number | null }
    | { readonly code: "photos"; readonly count: number };
}

/** What a history is told from. */
interface HistoryRecords {
  readonly units: readonly AirConditioner[];
  readonly jobs: readonly Job[];
  readonly readings: readonly Reading[];
  readonly works: readonly FitLog[];
  readonly learnings: readonly Learning[];
  readonly proofs: readonly Proof[];
  readonly photos: readonly Photo[];
  readonly sources: readonly Source[];
}

/** Everything that happened to a rig, latest first: what belongs to one day and one job together stands as one. */
export function rigHistory({ units, jobs, readings, works, learnings, proofs, photos, sources }: HistoryRecords): readonly HistoryEvent[] {
  const events: HistoryEvent[] = jobs.map(({ createdAt, id, unitId, title }) => ({
    at: createdAt,
    jobId: id,
    unitId,
    what: { code: "begun", title },
  }));
  for (const { handedOverAt, id, unitId } of jobs)
    if (handedOverAt !== undefined) events.push({ at: handedOverAt, jobId: id, unitId, what: { code: "handed-over" } });
  const out = leftOut(units, readings);
  const alike = (r: Reading): string =>
    [r.jobId, r.when, r.mode === "live", r.takenAt.slice(0, 10), ...(out.has(r.id) ? ["left out"] : [r.mode, r.conductor])].join(" ");
  for (const group of grouped(readings, alike).values()) {
    const { id, jobId, unitId, when, mode } = itemAt(group, 0);
    const at = itemAt(group.map((r) => r.takenAt).toSorted(), 0);
    const { count, middle } = present(spread(group.map((r) => r.amps)));
    const what = { code: "readings" as const, when, live: mode === "live", count, middleA: middle, counts: !out.has(id) };
    events.push({ at, jobId, unitId, what });
  }
  for (const { jobId, unitId, events: own, steps } of works) {
    for (const { at, what } of own) events.push({ at, jobId, unitId, what: { code: what } });
    const ticks = Object.values(steps).map((s) => s.at);
    if (ticks.length > 0)
      events.push({ at: present(ticks.toSorted().at(-1)), jobId, unitId, what: { code: "steps", count: ticks.length } });
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
    const { jobId, unitId, createdAt } = itemAt(group, 0);
    events.push({ at: createdAt, jobId: present(jobId), unitId, what: { code: "photos", count: group.length } });
  }
  return events.toSorted((a, b) => (a.at === b.at ? 0 : a.at < b.at ? 1 : -1));
}

/** Readings that the proof of their job leaves out. */
function leftOut(units: readonly AirConditioner[], readings: readonly Reading[]): ReadonlySet<string> {
  const judged = [...grouped(readings, (r) => r.jobId).values()].flatMap((own) => {
    const lockedRotorA = units.find((u) => u.id === itemAt(own, 0).unitId)?.lockedRotorA?.value ?? null;
    return matchReadings({ readings: own.map(clampReading), lockedRotorA }).leftOut;
  });
  return new Set(judged.map((l) => l.id));
}

/** The looks that come after each unit that was fitted and handed over, soonest first. */
export function comingLooks(
  { jobs, works, readings }: Pick<HistoryRecords, "jobs" | "works" | "readings">,
  today: string,
): readonly (Reminder & { readonly unitId: string; readonly overdue: boolean })[] {
  const last = new Map(jobs.filter((j) => j.done.includes("hand-over")).map((j) => [j.unitId, j]));
  return [...last.values()]
    .flatMap((job) => {
      const own = works.find((w) => w.jobId === job.id);
      return remindersOf(fittingOf(job, jobs, works).work, fittedOn(job, own, readings)).map((r) => ({
        ...r,
        unitId: job.unitId,
        overdue: r.day < today,
      }));
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

const oldestFirst = (a: Job, b: Job): number => (a.createdAt < b.createdAt ? -1 : 1);

/** The latest job of the same unit that was handed over before this one began; null on a first visit. */
export function earlierVisit(job: Job, jobs: readonly Job[]): Job | null {
  const earlier = jobs.filter((j) => j.unitId === job.unitId && j.createdAt < job.createdAt && j.done.includes("hand-over"));
  return earlier.toSorted(oldestFirst).at(-1) ?? null;
}

/** Start and running amps of a visit beside those of an earlier one. */
export function sinceVisit(earlier: Job, later: Job, readings: readonly Reading[], unit: AirConditioner): SinceStudy {
  const of = (job: Job) => readings.filter((r) => r.jobId === job.id).map(clampReading);
  return studySince({ earlier: of(earlier), later: of(later), lockedRotorA: unit.lockedRotorA?.value ?? null });
}

/** What two visits show beside each other: readings with the starter in, those of the earlier as the side before. */
export function visitView(earlier: Job, later: Job, readings: readonly Reading[], unit: AirConditioner): ProveView {
  const then = readings.filter((r) => r.jobId === earlier.id && r.when === "after").map((r) => ({ ...r, when: "before" as const }));
  const now = readings.filter((r) => r.jobId === later.id && r.when === "after");
  return proveView([...then, ...now], unit);
}

/** A unit's latest job beside the visit before; null where there was none. */
export function sinceLast(
  unit: AirConditioner,
  { jobs, readings, proofs, wirings, sources }: HistoryRecords & { readonly wirings: readonly Wiring[] },
): SinceLast | null {
  const later = jobs
    .filter((j) => j.unitId === unit.id)
    .toSorted(oldestFirst)
    .at(-1);
  const earlier = later && earlierVisit(later, jobs);
  if (later === undefined || earlier == null) return null;
  const proved = proofs.find((p) => p.jobId === earlier.id)?.frozen?.at ?? later.createdAt;
  const after = (record: { readonly updatedAt: string } | undefined): boolean => record !== undefined && record.updatedAt > proved;
  const changed = [
    ...(after(unit) ? ["unit" as const] : []),
    ...(after(wirings.find((w) => w.unitId === unit.id)) ? ["wiring" as const] : []),
    ...(sources.some(after) ? ["source" as const] : []),
  ];
  return { earlier, later, study: sinceVisit(earlier, later, readings, unit), changed };
}
