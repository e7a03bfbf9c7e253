import { type FitLog, type Job, newFitLog, type Wiring } from "@amp-saver/records";
import { useMemo, useRef } from "react";
import { type Changing, fitLogCommit } from "../store/commands.ts";
import { newId, nowIso } from "../store/identity.ts";
import { forgetProof, useLocalProof, useLocalProofs } from "../store/local-proof.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { useNow } from "../store/use-now.ts";
import {
  countedFitLog,
  declared,
  feedsAgain,
  fromRoof,
  isolationView,
  lockNow,
  NO_EVIDENCE,
  ofTheRoof,
  roofProof,
} from "./isolate/isolate.view.ts";
import type { SaveFitLog } from "./save-fit-log.ts";

const MOST_EVENTS = 500;
type Event = FitLog["events"][number]["what"];

/**
 * The visit of a job as it counts on this device, whether its work is open, and what changes that. Evidence
 * counts only in the measuring that was begun here since power was last on; the first figure after that
 * begins a new one and leaves the earlier figures out.
 */
export function useLock(bundle: JobBundle, wiring: Wiring, everyS: number) {
  const { job, rig, unit, units, sources, works, jobs, wirings } = bundle;
  const { commit } = useStore();
  const others = jobs.filter((j) => j.id !== job.id).map((j) => j.id);
  const proofOf = useLocalProofs(others);
  const [local, setLocal] = useLocalProof(job.id);
  const now = useNow(everyS);
  const stored = useMemo(() => works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job), [works, job]);
  const work = useMemo(() => countedFitLog(stored, local, now), [stored, local, now]);
  const view = useMemo(() => isolationView({ rig, unit, units, sources, wiring, work }), [rig, unit, units, sources, wiring, work]);
  const lock = lockNow(view, local, now);
  /** The visit as it stood when a measuring was begun: until that is read back, further figures belong to it. */
  const begunOn = useRef<FitLog | null>(null);

  const save: SaveFitLog = (change, field, entries, fresh) => {
    if (lock === null) setLocal((old) => old && { ...old, at: Date.now() });
    return commit(fitLogCommit(job, change, field, entries, fresh));
  };
  const saveEvidence: SaveFitLog = (change, field, entries, fresh) => {
    const at = Date.now();
    if (begunOn.current === stored || work === stored) {
      setLocal((old) => old && { ...old, at });
      return commit(fitLogCommit(job, change, field, entries, fresh));
    }
    begunOn.current = stored;
    const run = newId<string>();
    setLocal(() => ({ run, evidence: null, at }));
    const anew: Changing<FitLog> = (kept) => ({ ...NO_EVIDENCE, run, ...(typeof change === "function" ? change(kept) : change) });
    return commit(fitLogCommit(job, anew, field, entries, fresh));
  };
  const feedsOpen = view.open.some(ofTheRoof);
  const roof = lock === null || !feedsOpen ? null : roofProof(job, { rig, units, sources, wirings, jobs, works, proofOf, nowMs: now });
  /** Goes on under the proof that another unit of this rig was given: what is the roof's is not asked again. */
  const shareRoof = (): void => {
    if (roof === null) return;
    const run = newId<string>();
    begunOn.current = stored;
    setLocal(() => ({ run, evidence: null, at: Date.now() }));
    void commit(fitLogCommit(job, (kept) => ({ ...fromRoof(roof, kept), run }), "roof proof"));
  };
  const log = (what: Event, of: Job = job): void => {
    const event = { at: nowIso(), what };
    void commit(fitLogCommit(of, (kept) => ({ events: [...kept.events, event].slice(-MOST_EVENTS) }), `event ${what}`));
  };
  /** What was proven for the rig's other units counts no longer either. */
  const lockOthers = (what: Event): void => {
    for (const other of jobs) {
      if (other.id === job.id || proofOf(other.id) === null) continue;
      forgetProof(other.id);
      log(what, other);
    }
  };
  /** One answer about what feeds the rig; where it can feed again, it can for every unit. */
  const saveFeed = (id: string, answer: FitLog["sources"][string]): void => {
    if (feedsAgain(answer)) lockOthers("powered");
    void saveEvidence({}, `source ${id}`, { sources: { [id]: answer } });
  };
  const declare = (): void => {
    setLocal((old) => old && declared(view, old, Date.now()));
    log("proved");
  };
  /** Power is back, or other hands take over: what was measured counts no longer, for any unit of the rig. */
  const relock = (what: "powered" | "hands"): void => {
    setLocal(() => null);
    lockOthers(what);
    log(what);
  };
  return { work, view, lock, proof: local, now, roof, shareRoof, save, saveEvidence, saveFeed, declare, relock };
}
