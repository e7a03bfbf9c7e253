import type { LocalProof, LockReason } from "@amp-saver/core/study/isolation";
import type { AirConditioner, FitLog, Job, Wiring } from "@amp-saver/records";
import type { RigBundle } from "../../store/bundle.ts";
import { type Changing, fitLogCommit } from "../../store/commands.ts";
import type { Commit, StoreResult } from "../../store/port.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import {
  countedFitLog,
  declared,
  feedsAgain,
  fromRoof,
  type IsolationView,
  isolationView,
  lockNow,
  NO_EVIDENCE,
  ofTheRoof,
  type RoofProof,
  roofProof,
} from "./isolate.view.ts";

const MOST_EVENTS = 500;
type Event = FitLog["events"][number]["what"];

/** The proofs of dead on this device, by job. */
interface DeadProofs {
  readonly of: (jobId: string) => LocalProof | null;
  /** Turns a job's proof into the next; null takes it back. */
  readonly turn: (jobId: string, next: (old: LocalProof | null) => LocalProof | null) => void;
}

/** What a lock rests on: the rig as it is kept, the job’s own wiring, the proofs on this device, and the time. */
interface LockInput {
  readonly job: Job;
  readonly bundle: Pick<RigBundle, "rig" | "units" | "sources" | "wirings" | "jobs" | "works">;
  readonly unit: AirConditioner;
  readonly wiring: Wiring;
  readonly stored: FitLog;
  readonly deadProofOf: DeadProofs["of"];
  readonly nowMs: number;
}

/** The visit as it counts on this device, what of it is open, whether work is locked, and another unit’s proof to go on under. */
export function lockState({ job, bundle, unit, wiring, stored, deadProofOf, nowMs }: LockInput) {
  const { rig, units, sources, wirings, jobs, works } = bundle;
  const proof = deadProofOf(job.id);
  const work = countedFitLog(stored, proof, nowMs);
  const view = isolationView({ rig, unit, units, sources, wiring, work });
  const lock = lockNow(view, proof, nowMs);
  const asked = lock !== null && view.open.some(ofTheRoof);
  const roof = asked ? roofProof(job, { rig, units, sources, wirings, jobs, works, deadProofOf, nowMs }) : null;
  return { work, view, lock, proof, roof };
}

/** What a lock is kept with: the job, what counts of its visit now, and where its changes go. */
export interface LockGiven {
  readonly job: Job;
  /** Every job of the rig. */
  readonly jobs: readonly Job[];
  /** The visit as it is kept, and as it counts on this device. */
  readonly stored: FitLog;
  readonly work: FitLog;
  readonly view: IsolationView;
  readonly lock: LockReason | null;
  /** Another unit's proof that this one may go on under. */
  readonly roof: RoofProof | null;
  /** The visit as it stood when a measuring was begun: until that is read back, further figures belong to it. */
  readonly begunOn: { current: FitLog | null };
  readonly proofs: DeadProofs;
  readonly commit: (commit: Commit) => Promise<StoreResult>;
  readonly newRun: () => string;
  readonly nowMs: () => number;
}

/** Everything that changes whether work on a unit is open. */
export interface LockKeeper {
  /** Saves what is done under the proof, which holds an hour from the last of it. */
  readonly save: SaveFitLog;
  /** Saves what was measured; the first after power was on begins a new measuring and leaves earlier figures out. */
  readonly saveEvidence: SaveFitLog;
  /** One answer about what feeds the rig; where it can feed again, it can for every unit. */
  readonly saveFeed: (id: string, answer: FitLog["sources"][string]) => void;
  /** Goes on under the proof that another unit of this rig was given: what is the roof's is not asked again. */
  readonly shareRoof: () => void;
  readonly declare: () => void;
  /** Power is back, or other hands take over: what was measured counts no longer, for any unit of the rig. */
  readonly relock: (what: "powered" | "hands") => void;
}

/** The keeper of one job's lock. */
export function lockKeeper(given: LockGiven): LockKeeper {
  const { job, jobs, stored, work, view, lock, roof, begunOn, proofs, commit, newRun, nowMs } = given;
  const turn = (next: (old: LocalProof | null) => LocalProof | null): void => proofs.turn(job.id, next);
  const touch = (): void => turn((old) => old && { ...old, at: nowMs() });
  const begin = (): string => {
    const run = newRun();
    begunOn.current = stored;
    turn(() => ({ run, evidence: null, at: nowMs() }));
    return run;
  };
  const save: SaveFitLog = (change, field, entries, fresh) => {
    if (lock === null) touch();
    return commit(fitLogCommit(job, change, field, entries, fresh));
  };
  const saveEvidence: SaveFitLog = (change, field, entries, fresh) => {
    if (begunOn.current === stored || work === stored) {
      touch();
      return commit(fitLogCommit(job, change, field, entries, fresh));
    }
    const run = begin();
    const anew: Changing<FitLog> = (kept) => ({ ...NO_EVIDENCE, run, ...(typeof change === "function" ? change(kept) : change) });
    return commit(fitLogCommit(job, anew, field, entries, fresh));
  };
  const log = (what: Event, of: Job = job): void => {
    const event = { at: new Date(nowMs()).toISOString(), what };
    void commit(fitLogCommit(of, (kept) => ({ events: [...kept.events, event].slice(-MOST_EVENTS) }), `event ${what}`));
  };
  const lockOthers = (what: Event): void => {
    for (const other of jobs) {
      if (other.id === job.id || proofs.of(other.id) === null) continue;
      proofs.turn(other.id, () => null);
      log(what, other);
    }
  };
  return {
    save,
    saveEvidence,
    saveFeed: (id, answer) => {
      if (feedsAgain(answer)) lockOthers("powered");
      void saveEvidence({}, `source ${id}`, { sources: { [id]: answer } });
    },
    shareRoof: () => {
      if (roof === null) return;
      const run = begin();
      void commit(fitLogCommit(job, (kept) => ({ ...fromRoof(roof, kept), run }), "roof proof"));
    },
    declare: () => {
      turn((old) => old && declared(view, old, nowMs()));
      log("proved");
    },
    relock: (what) => {
      turn(() => null);
      lockOthers(what);
      log(what);
    },
  };
}
