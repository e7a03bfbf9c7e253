import { reachOf, type Terminal } from "@amp-saver/core/network";
import {
  type Bleed,
  bleed,
  type ChargedCapacitor,
  capacitorsOf,
  DEAD_PAIRS,
  type DeadEvidence,
  type DeadPair,
  type DeadTask,
  fingerprint,
  ISOLATION_PARAMS,
  judgePair,
  type LocalProof,
  type LockReason,
  lockOf,
  openTasks,
  type PairVerdict,
  runHolds,
  taskName,
} from "@amp-saver/core/study/isolation";
import { judgeSite, type SitePlace, type SiteVerdict, sitePrecautions, siteQuestions } from "@amp-saver/core/study/site";
import {
  type AirConditioner,
  type Feed,
  type FitLog,
  feedsOf,
  type Job,
  type Rig,
  type Source,
  type Wiring,
  wiringOf,
} from "@amp-saver/records";
import { asFoundOf } from "../prepare/wiring.view.ts";

/** Everything the screen of isolating shows. */
export interface IsolationView {
  readonly feeds: readonly Feed[];
  readonly place: SitePlace;
  /** With how long each is bled, and where a sealed one is read; null where its wires are off. */
  readonly capacitors: readonly (ChargedCapacitor & { readonly bleed: Bleed; readonly readAt: readonly [Terminal, Terminal] | null })[];
  readonly pairs: readonly { readonly pair: DeadPair; readonly verdict: PairVerdict | null }[];
  readonly evidence: DeadEvidence;
  readonly open: readonly DeadTask[];
  /** Tasks that are not done, whether or not there is a reason to go on without. */
  readonly undone: readonly DeadTask[];
  readonly site: SiteVerdict;
  /** A leg that a one-pole contactor leaves live; null where none does. */
  readonly liveLeg: "common" | "run" | null;
}

interface IsolationInput {
  readonly rig: Rig;
  readonly unit: AirConditioner;
  /** Every unit of the rig: one roof has the breakers of all. */
  readonly units: readonly AirConditioner[];
  readonly sources: readonly Source[];
  readonly wiring: Wiring;
  readonly work: FitLog;
}

/** What must be off, measured and bled on this rig and unit, and what of it is open. */
export function isolationView({ rig, unit, units, sources, wiring, work }: IsolationInput): IsolationView {
  const place: SitePlace = rig.place === "house" ? "ground" : "roof";
  const isAway = (id: string | undefined): boolean => id !== undefined && work.sources[id]?.away === true;
  const feeds = feedsOf(rig, units, sources).filter(({ goesWith }) => !isAway(goesWith));
  const asFound = asFoundOf(wiring);
  const capacitors = capacitorsOf(asFound, {
    runF: unit.runCapacitorF?.value ?? null,
    startF: unit.startAidF?.value ?? null,
    printed: wiring.printed,
  }).map((c) => {
    const [from, to] = [reachOf(asFound, c.between[0]), reachOf(asFound, c.between[1])];
    return { ...c, bleed: bleed(c), readAt: from === null || to === null ? null : ([from, to] as const) };
  });
  const { system } = wiring.switches;
  const evidence: DeadEvidence = {
    system,
    sources: feeds.map(({ id }) => {
      const { off = false, locked = false, away = false } = work.sources[id] ?? {};
      return { id, off, locked, away };
    }),
    meterBefore: work.meterBefore,
    meterAfter: work.meterAfter,
    pairs: work.pairs,
    capacitors: capacitors.map(({ id }) => ({
      id,
      first: work.capacitors[id]?.first ?? null,
      second: work.capacitors[id]?.second ?? null,
    })),
    overrides: work.overrides,
  };
  const { control, poles, unbroken } = wiring.switches;
  return {
    feeds,
    place,
    capacitors,
    pairs: DEAD_PAIRS[system].map((pair) => {
      const reading = work.pairs[pair];
      return { pair, verdict: reading === undefined ? null : judgePair(pair, reading, system) };
    }),
    evidence,
    open: openTasks(evidence),
    undone: openTasks({ ...evidence, overrides: {} }),
    site: judgeSite(work.site, place),
    liveLeg: control !== "contactor" || poles === 2 ? null : unbroken === "L1-T1" ? "common" : "run",
  };
}

/** Names of the questions that open tasks belong to: off and locked are one answer. */
export function openQuestions({ open }: Pick<IsolationView, "open">): ReadonlySet<string> {
  return new Set(
    open.map((task) => ("id" in task ? (task.task.startsWith("source-") ? `source ${task.id}` : `${task.task} ${task.id}`) : task.task)),
  );
}

/** Whether an answer about a source says that it can feed: then it can feed every unit of the rig. */
export const feedsAgain = ({ off, away = false }: FitLog["sources"][string]): boolean => !off && !away;

/** What fed at today’s last proof was off and locked, or away, every one: as it was told, and when it was proven; null where some of it was not, or something is told anew already. */
export function feedsBefore(
  view: Pick<IsolationView, "feeds">,
  work: FitLog,
  stored: FitLog,
  today: (ms: number) => boolean,
): { readonly at: number; readonly sources: FitLog["sources"] } | null {
  const proved = stored.events.findLast((e) => e.what === "proved");
  const at = proved === undefined ? null : Date.parse(proved.at);
  if (at === null || !today(at) || Object.keys(work.sources).length > 0) return null;
  const told = stored.sources;
  const rests = (id: string): boolean => told[id]?.away === true || (told[id]?.off === true && told[id].locked);
  const asked = view.feeds.filter(({ goesWith }) => goesWith === undefined || told[goesWith]?.away !== true);
  if (!asked.every(({ id }) => rests(id))) return null;
  return { at, sources: Object.fromEntries(Object.entries(told).filter(([id]) => asked.some((f) => f.id === id))) };
}

/** Evidence before anything is measured. */
export const NO_EVIDENCE = { sources: {}, meterBefore: null, meterAfter: null, pairs: {}, capacitors: {}, overrides: {} } as const;

/** A visit as it counts on this device now: evidence of another measuring is left out. */
export function countedFitLog(work: FitLog, proof: LocalProof | null, nowMs: number): FitLog {
  return runHolds(work.run, proof, nowMs) ? work : { ...work, ...NO_EVIDENCE };
}

/** Whether work is open on this device now. */
export function lockNow(view: IsolationView, proof: LocalProof | null, nowMs: number): LockReason | null {
  return lockOf(view.evidence, proof, nowMs);
}

/** The proof with the evidence as it stands declared dead. */
export function declared(view: IsolationView, proof: LocalProof, nowMs: number): LocalProof {
  return { ...proof, evidence: fingerprint(view.evidence), at: nowMs };
}

/** Name of an open task, under which a reason is kept. */
export const nameOfTask = taskName;
/** Questions before anyone begins, at a place. */
export const siteList = siteQuestions;
/** Those of them that must be so before anyone begins. */
export const siteToBegin = sitePrecautions;

/** A proof of this rig that holds on this device: whose it is, when it was given, and what was written down for it. */
export interface RoofProof {
  readonly unitName: string;
  readonly at: number;
  readonly work: FitLog;
}

/** What is known of a rig's jobs on this device. */
interface RoofInput {
  readonly rig: Rig;
  readonly units: readonly AirConditioner[];
  readonly sources: readonly Source[];
  readonly wirings: readonly Wiring[];
  readonly jobs: readonly Job[];
  readonly works: readonly FitLog[];
  readonly deadProofOf: (jobId: string) => LocalProof | null;
  readonly nowMs: number;
}

/** The proof that another unit of this rig is worked under now: its sources are off for this unit too. Null where there is none. */
export function roofProof(job: Job, { jobs, works, units, wirings, deadProofOf, nowMs, ...rest }: RoofInput): RoofProof | null {
  for (const other of jobs) {
    const unit = units.find((u) => u.id === other.unitId);
    const work = works.find((w) => w.jobId === other.id);
    const proof = deadProofOf(other.id);
    if (other.unitId === job.unitId || unit === undefined || work === undefined || proof === null) continue;
    const wiring = wiringOf(wirings, unit);
    const view = isolationView({ ...rest, unit, units, wiring, work: countedFitLog(work, proof, nowMs) });
    if (lockNow(view, proof, nowMs) === null) return { unitName: unit.name, at: provedAt(work, proof), work };
  }
  return null;
}

/** Whether a task belongs to the roof: done for one unit of the rig, it is done for all. */
export function ofTheRoof({ task }: DeadTask): boolean {
  return task === "source-off" || task === "source-locked" || task === "meter-before";
}

/** What another unit's proof gives this one: sources and the meter as proved before. Pairs, capacitors and the meter after stay each unit's own. */
export function fromRoof({ work }: RoofProof, kept: FitLog): Partial<FitLog> {
  const shared = Object.entries(work.overrides).filter(([name]) => name.startsWith("source-"));
  return {
    ...NO_EVIDENCE,
    sources: work.sources,
    meterBefore: work.meterBefore,
    overrides: Object.fromEntries(shared),
    site: { ...work.site, ...kept.site },
  };
}

/** Today's answers about the place, given for another unit of the rig; null where nobody gave any today. */
export function siteToday(
  job: Job,
  { jobs, works, units }: Pick<RoofInput, "jobs" | "works" | "units">,
  sameDay: (iso: string) => boolean,
): { readonly unitName: string; readonly site: FitLog["site"] } | null {
  const others = works.filter((w) => w.jobId !== job.id && Object.keys(w.site).length > 0 && sameDay(w.updatedAt));
  const latest = others.toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt))[0];
  if (latest === undefined) return null;
  const unitId = jobs.find((j) => j.id === latest.jobId)?.unitId;
  return { unitName: units.find((u) => u.id === unitId)?.name ?? "", site: latest.site };
}
/** Seconds between the two readings of a capacitor. */
const AGAIN_S = ISOLATION_PARAMS.againS.value;

/** Seconds until a capacitor may be read again; 0 when it may. */
export function againIn(firstAt: string | null, nowMs: number): number {
  return firstAt === null ? 0 : Math.max(0, Math.ceil(AGAIN_S - (nowMs - Date.parse(firstAt)) / 1000));
}

/** When the proof that holds was given, ms: work under it does not move that. */
export function provedAt({ events }: FitLog, proof: LocalProof): number {
  const given = events.findLast((e) => e.what === "proved")?.at;
  return given === undefined ? proof.at : Date.parse(given);
}
