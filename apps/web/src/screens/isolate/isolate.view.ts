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
import { judgeSite, SITE_QUESTIONS, type SiteVerdict } from "@amp-saver/core/study/site";
import type { AirConditioner, FitLog, Rig, Source, Wiring } from "@amp-saver/records";
import { asFoundOf } from "../prepare/wiring.view.ts";

/** Something that can feed the circuit, to be switched off and locked. */
interface FeedItem {
  readonly id: string;
  readonly name: string | null;
  readonly kind: Source["type"] | "breakers" | "fuse" | "disconnect";
}

/** Volts printed on capacitors where nobody read them; common practice, no source. */
const PRINTED_V = { run: 370, fan: 370, start: 330 } as const;
/** Farads of a fan's section and of a start capacitor where nobody read them; common practice, no source. */
const USUAL_FAN_F = 7.5e-6;
const USUAL_START_F = 200e-6;
const USUAL_RUN_F = 45e-6;

/** Everything the screen of isolating shows. */
export interface IsolationView {
  readonly feeds: readonly FeedItem[];
  readonly capacitors: readonly (ChargedCapacitor & { readonly bleed: Bleed })[];
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
  readonly sources: readonly Source[];
  readonly wiring: Wiring;
  readonly work: FitLog;
}

/** What must be off, measured and bled on this rig and unit, and what of it is open. */
export function isolationView({ rig, unit, sources, wiring, work }: IsolationInput): IsolationView {
  const extras: readonly FeedItem["kind"][] = rig.place === "house" ? ["disconnect"] : ["breakers", "fuse"];
  const feeds: readonly FeedItem[] = [
    ...sources.map((s) => ({ id: s.id, name: s.name, kind: s.type })),
    ...extras.map((kind) => ({ id: kind, name: null, kind })),
  ];
  const capacitors = capacitorsOf(asFoundOf(wiring), {
    farad: { run: unit.runCapacitorF?.value ?? USUAL_RUN_F, fan: USUAL_FAN_F, start: unit.startAidF?.value ?? USUAL_START_F },
    printedV: PRINTED_V,
  }).map((c) => ({ ...c, bleed: bleed(c) }));
  const { system } = wiring.switches;
  const evidence: DeadEvidence = {
    system,
    sources: feeds.map(({ id }) => ({ id, off: work.sources[id]?.off ?? false, locked: work.sources[id]?.locked ?? false })),
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
    capacitors,
    pairs: DEAD_PAIRS[system].map((pair) => {
      const reading = work.pairs[pair];
      return { pair, verdict: reading === undefined ? null : judgePair(pair, reading, system) };
    }),
    evidence,
    open: openTasks(evidence),
    undone: openTasks({ ...evidence, overrides: {} }),
    site: judgeSite(work.site),
    liveLeg: control !== "contactor" || poles === 2 ? null : unbroken === "L1-T1" ? "common" : "run",
  };
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
/** Questions before anyone climbs. */
export const SITE_LIST = SITE_QUESTIONS;
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
