import { isHighVolts } from "@amp-saver/core/reference";
import {
  type AirConditioner,
  type AnyRecord,
  type FitLog,
  type Job,
  type Learning,
  type Load,
  newFitLog,
  newGenerator,
  newInverter,
  newJob,
  newLearning,
  newLoad,
  newPractice,
  newProof,
  newRig,
  newShore,
  newStarter,
  newUnit,
  newWiring,
  type PracticeRecord,
  type Proof,
  type Rig,
  type Source,
  type Starter,
  type Wiring,
} from "@amp-saver/records";
import { ownRecords, type RigBundle } from "./bundle.ts";
import { type Added, added, away, birth, put } from "./changes.ts";
import { nowIso } from "./identity.ts";
import { laidInto } from "./onto.ts";
import type { Commit, Patch } from "./port.ts";

/** What is asked before it has a name: a rig with one unit, what feeds it where that is said, and the job that asks. */
export interface Asked {
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly source: Source | null;
  readonly job: Job;
}

/** Nothing asked yet; the rig is called `rigName` until it has a name. */
export function newAsked(rigName: string, unitName: string, jobTitle: string): Asked {
  const rig = newRig(birth(), rigName);
  const unit = newUnit(birth(), rig.id, unitName);
  return { rig, unit, source: null, job: newJob(birth(), rig.id, unit.id, jobTitle) };
}

/** Keeps what was asked under the name of its rig. */
export function newRigCommit(name: string, { rig, unit, source, job }: Asked): Commit {
  const fed = source === null ? [] : [source];
  const records = [{ ...rig, name }, unit, ...fed, { ...job, sourceId: source?.id ?? null }];
  return { label: "new-rig", changes: records.map(put) };
}

/** Some fields of a record; undefined takes one away. */
export type Fields<R> = { readonly [K in keyof R]?: R[K] | undefined };

/** Fields of a record, or how they follow from what is kept by the time they are saved. */
export type Changing<R> = Fields<R> | ((kept: R) => Fields<R>);

/** Some fields of a record changed; what is answered in a named field makes one step to undo, and is laid into what is kept by then. */
export function editCommit<R extends AnyRecord>(record: R, change: Changing<R>, field?: string): Commit {
  const { kind, id } = record;
  if (field === undefined) return { label: "edit", changes: [{ kind, id, patch: dated(change) }] };
  const answered = typeof change === "function" ? change : (kept: R) => onto(kept, record, change);
  return { label: "edit", changes: [{ kind, id, patch: dated(answered) }], mergeKey: `${kind} ${id} ${field}` };
}

function onto<R extends AnyRecord>(kept: R, seen: R, change: Fields<R>): Fields<R> {
  const laid = { ...change };
  for (const name in change) Object.assign(laid, { [name]: laidInto(kept[name], seen[name], change[name]) });
  return laid;
}

function dated<R extends AnyRecord>(change: Changing<R>): Patch["patch"] {
  const updatedAt = nowIso();
  return typeof change === "function" ? (kept) => ({ ...change(kept as R), updatedAt }) : { ...change, updatedAt };
}

/** The latest answers of jobs, saved without a step to undo. */
export function answersCommit(answers: readonly { readonly job: Job; readonly answer: Job["answer"] }[]): Commit {
  return { label: "answer", silent: true, changes: answers.map(({ job, answer }) => ({ kind: "job", id: job.id, patch: { answer } })) };
}

/** A further unit of a rig, with a job of its own that asks about the source asked about before. */
export function addUnitCommit(bundle: RigBundle, unitName: string, jobTitle: string): { readonly commit: Commit; readonly jobId: string } {
  const unit = newUnit(birth(), bundle.rig.id, unitName);
  const sourceId = bundle.jobs.at(-1)?.sourceId ?? bundle.sources[0]?.id ?? null;
  const job: Job = { ...newJob(birth(), bundle.rig.id, unit.id, jobTitle), sourceId };
  return { commit: { label: "add-unit", changes: [put(unit), put(job)] }, jobId: job.id };
}

/** A further visit to the unit of a job: what was asked stays asked, what was done is still to be looked at. */
export function nextVisitCommit(job: Job, title: string): { readonly commit: Commit; readonly jobId: string } {
  const { sourceId, method, starterId, otherLoadsA, outdoorC, altitudeM } = job;
  const fresh = newJob(birth(), job.rigId, job.unitId, title);
  const next: Job = {
    ...fresh,
    stage: "prove",
    sourceId,
    method,
    otherLoadsA,
    outdoorC,
    altitudeM,
    ...(starterId != null && { starterId }),
  };
  return { commit: { label: "next-visit", changes: [put(next)] }, jobId: next.id };
}

/** A new job that asks the same of a unit of the same rig; what was read and done stays with the old one. */
export function duplicateJobCommit(job: Job, unitId: AirConditioner["id"]): { readonly commit: Commit; readonly jobId: string } {
  const { against, limitA, aidStaysIn, sourceId, method, starterId, otherLoadsA, outdoorC, altitudeM } = job;
  const next: Job = {
    ...newJob(birth(), job.rigId, unitId, job.title),
    stage: "check",
    sourceId,
    method,
    against,
    limitA: unitId === job.unitId ? limitA : null,
    otherLoadsA,
    outdoorC,
    altitudeM,
    ...(starterId != null && { starterId }),
    ...(aidStaysIn !== undefined && unitId === job.unitId && { aidStaysIn }),
  };
  return { commit: { label: "duplicate-job", changes: [put(next)] }, jobId: next.id };
}

/** A further source; the job asks about it from now on. */
export function addSourceCommit(bundle: RigBundle, job: Job, type: Source["type"], name: string, unit: AirConditioner): Commit {
  const source = newSource(type, bundle.rig.id, name);
  const volts = { ...source.volts, value: isHighVolts(unit.plateVolts.value) ? 240 : 120 };
  return {
    label: "add-source",
    changes: [put({ ...source, volts }), { kind: "job", id: job.id, patch: { sourceId: source.id, updatedAt: nowIso() } }],
  };
}

/** A source of a kind, of which nothing is known yet. */
export function newSource(type: Source["type"], rigId: Rig["id"], name: string): Source {
  if (type === "shore") return newShore(birth(), rigId, name);
  return type === "inverter" ? newInverter(birth(), rigId, name) : newGenerator(birth(), rigId, name, type);
}

/** A further entry of the starter catalogue, for the volts of a unit; the job asks about it from now on. */
export function addStarterCommit(job: Job, unit: AirConditioner, name: string): Added {
  const entry = newStarter(birth(), name);
  const starter: Starter = isHighVolts(unit.plateVolts.value) ? { ...entry, leastV: 200, mostV: 250 } : entry;
  const changes: Commit["changes"] = [put(starter), { kind: "job", id: job.id, patch: { starterId: starter.id, updatedAt: nowIso() } }];
  return { commit: { label: "add-starter", changes }, id: starter.id };
}

/** Takes a starter out of the catalogue; of all jobs those that asked about it ask about none. */
export function deleteStarterCommit(all: readonly Job[], starter: Starter): Commit {
  const jobs = all
    .filter((job) => job.starterId === starter.id)
    .map((job) => put({ ...job, starterId: null, answer: null, updatedAt: nowIso() }));
  return { label: "delete-starter", changes: [away(starter), ...jobs] };
}

/** A further load of a rig, with what is known of it. */
export function addLoadCommit(rig: Rig, name: string, known: Partial<Load>): Added {
  return added("add-load", { ...newLoad(birth(), rig.id, name), ...known });
}

/** Loads of a list that was read, in one step. */
export function importLoadsCommit(rig: Rig, rows: readonly (Partial<Load> & { readonly name: string })[]): Commit {
  return { label: "import-loads", changes: rows.map((row) => put({ ...newLoad(birth(), rig.id, row.name), ...row })) };
}

/** Takes a load away. */
export function deleteLoadCommit(load: Load): Commit {
  return { label: "delete-load", changes: [away(load)] };
}

/** Takes a source away; jobs that asked about it ask about none. */
export function deleteSourceCommit(bundle: RigBundle, source: Source): Commit {
  const jobs = bundle.jobs
    .filter((job) => job.sourceId === source.id)
    .map((job) => put({ ...job, sourceId: null, answer: null, updatedAt: nowIso() }));
  const readings = bundle.readings.filter((r) => r.sourceId === source.id).map((r) => put({ ...r, sourceId: null, updatedAt: nowIso() }));
  return { label: "delete-source", changes: [away(source), ...jobs, ...readings] };
}

/** Takes a rig away with all that belongs to it. */
export function deleteRigCommit(bundle: RigBundle): Commit {
  return { label: "delete-rig", changes: ownRecords(bundle).map(away) };
}

/** Entries of fields that are objects: only these change. */
export type Entries = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/** What is known of a unit's wiring changed; the record begins with its first change. */
export function wiringCommit(
  unit: AirConditioner,
  change: Changing<Wiring>,
  field: string,
  entries: Entries = {},
  fresh: Entries = {},
): Commit {
  return begunCommit(newWiring(nowIso(), unit), change, field, entries, fresh);
}

/** What is known of a visit changed; the record begins with its first change. */
export function fitLogCommit(job: Job, change: Changing<FitLog>, field: string, entries: Entries = {}, fresh: Entries = {}): Commit {
  return begunCommit(newFitLog(nowIso(), job), change, field, entries, fresh);
}

/** Something of a job's learning runs changed; the record begins with its first change. */
export function learningCommit(job: Job, change: Changing<Learning>, field: string, entries: Entries = {}): Commit {
  return begunCommit(newLearning(nowIso(), job), change, field, entries);
}

/** Something of a job's proof changed; the record begins with its first change. */
export function proofCommit(job: Job, change: Partial<Proof>, field: string, entries: Entries = {}): Commit {
  return begunCommit(newProof(nowIso(), job), change, field, entries);
}

/** Runs of a lesson turned into the next; nothing to undo. */
export function practiceCommit(lesson: string, turn: (runs: PracticeRecord["runs"]) => PracticeRecord["runs"]): Commit {
  const begun = newPractice(nowIso(), lesson);
  return { ...begunCommit<PracticeRecord>(begun, ({ runs }) => ({ runs: turn(runs) }), "runs", {}), silent: true };
}

function begunCommit<R extends Wiring | FitLog | Learning | Proof | PracticeRecord>(
  begun: R,
  change: Changing<R>,
  field: string,
  entries: Entries,
  fresh: Entries = {},
): Commit {
  const { kind, id } = begun;
  return {
    label: "edit",
    changes: [
      { kind, id, absent: begun },
      { kind, id, patch: dated(change), entries, fresh },
    ],
    mergeKey: `${kind} ${id} ${field}`,
  };
}

/** Everything of a file that was read, in one step. */
export function importCommit(records: readonly AnyRecord[], gone: readonly AnyRecord[] = []): Commit {
  return { label: "import", changes: [...records.map(put), ...gone.map(away)] };
}
