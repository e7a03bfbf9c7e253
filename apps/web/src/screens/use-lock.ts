import { type FitLog, newFitLog, type Wiring } from "@amp-saver/records";
import { useMemo, useRef } from "react";
import { type Changing, fitLogCommit } from "../store/commands.ts";
import { newId, nowIso } from "../store/identity.ts";
import { useLocalProof } from "../store/local-proof.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { useNow } from "../store/use-now.ts";
import { countedFitLog, declared, isolationView, lockNow, NO_EVIDENCE } from "./isolate/isolate.view.ts";
import type { SaveFitLog } from "./save-fit-log.ts";

const MOST_EVENTS = 500;

/**
 * The visit of a job as it counts on this device, whether its work is open, and what changes that. Evidence
 * counts only in the measuring that was begun here since power was last on; the first figure after that
 * begins a new one and leaves the earlier figures out.
 */
export function useLock({ job, rig, unit, sources, works }: JobBundle, wiring: Wiring, everyS: number) {
  const { commit } = useStore();
  const [local, setLocal] = useLocalProof(job.id);
  const now = useNow(everyS);
  const stored = useMemo(() => works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job), [works, job]);
  const work = useMemo(() => countedFitLog(stored, local, now), [stored, local, now]);
  const view = useMemo(() => isolationView({ rig, unit, sources, wiring, work }), [rig, unit, sources, wiring, work]);
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
  const log = (what: FitLog["events"][number]["what"]): void => {
    const event = { at: nowIso(), what };
    void commit(fitLogCommit(job, (kept) => ({ events: [...kept.events, event].slice(-MOST_EVENTS) }), `event ${what}`));
  };
  const declare = (): void => {
    setLocal((old) => old && declared(view, old, Date.now()));
    log("proved");
  };
  /** Power is back, or other hands take over: what was measured counts no longer. */
  const relock = (what: "powered" | "hands"): void => {
    setLocal(() => null);
    log(what);
  };
  return { work, view, lock, proof: local, now, save, saveEvidence, declare, relock };
}
