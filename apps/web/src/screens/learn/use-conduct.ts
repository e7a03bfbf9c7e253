import type { Display } from "@amp-saver/instruments";
import type { Job, Learning } from "@amp-saver/records";
import { useCallback, useEffect, useRef } from "react";
import { learningCommit } from "../../store/commands.ts";
import { newId } from "../../store/identity.ts";
import { useNow } from "../../store/local-proof.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { alertWith } from "../../ui/alert.ts";
import { LEARN } from "../../words/learn.ts";
import { type LearnView, learnView, nextEventKey } from "../../workbench/learning.ts";

type Told = Partial<Pick<Learning["events"][string], "peakA" | "failed" | "by">>;

/** How an event of a job's learning is told, and how anything else of it is changed. */
export interface Conduct {
  readonly views: readonly (LearnView & { readonly job: Job; readonly unitName: string })[];
  readonly own: LearnView;
  readonly now: number;
  readonly tell: (view: LearnView, job: Job, what: Learning["events"][string]["what"], told?: Told) => void;
  readonly save: (
    job: Job,
    change: Partial<Learning>,
    field: string,
    entries?: Readonly<Record<string, Readonly<Record<string, unknown>>>>,
  ) => void;
}

/** Conducts the learning runs of this job and of those that take turns with it; all times follow from what is kept. */
export function useConduct(bundle: JobBundle, displays: ReadonlyMap<string, Display>, aloud: boolean): Conduct {
  const { commit } = useStore();
  const now = useNow(1);
  const { job, jobs, units, learnings } = bundle;
  const taking = jobs.filter((j) => j.id === job.id || learnings.some((l) => l.jobId === j.id && l.together));
  const views = taking.map((j) => ({
    ...learnView(j, learnings, now),
    job: j,
    unitName: units.find((u) => u.id === j.unitId)?.name ?? "",
  }));
  const own = views.find((v) => v.job.id === job.id) ?? learnView(job, learnings, now);

  const save: Conduct["save"] = useCallback(
    (of, change, field, entries) => void commit(learningCommit(of, change, field, entries)),
    [commit],
  );
  const tell: Conduct["tell"] = useCallback(
    (view, of, what, told = {}) => {
      const key = nextEventKey(view.learning, newId<string>());
      const event = { at: new Date(Date.now()).toISOString(), what, peakA: null, failed: false, by: "tap" as const, ...told };
      save(of, {}, `event ${key}`, { events: { [key]: event } });
    },
    [save],
  );
  useLinks(views, displays, tell);
  useAlerts(views, aloud);
  useClockBack(views, tell);
  return { views, own, now, tell, save };
}

type Views = Conduct["views"];

/** Starts and stops that a starter's own link tells. */
function useLinks(views: Views, displays: ReadonlyMap<string, Display>, tell: Conduct["tell"]): void {
  const told = useRef(new Map<string, string>());
  useEffect(() => {
    for (const view of views) {
      const { link } = view.learning;
      const display = link === null ? undefined : displays.get(link);
      if (display?.kind !== "starter-link") continue;
      const before = told.current.get(view.job.id);
      told.current.set(view.job.id, display.status);
      if (before === undefined || before === display.status) continue;
      const runs = display.status === "starting" || display.status === "running";
      const running = view.state.now.phase === "running";
      if (runs && !running) tell(view, view.job, "start", { by: "link" });
      else if (!runs && running)
        tell(view, view.job, "stop", { by: "link", peakA: display.lastPeakA, failed: before === "starting" || display.status === "fault" });
      else if (display.status === "delay" && view.state.calledMs === null) tell(view, view.job, "call", { by: "link" });
    }
  }, [views, displays, tell]);
}

/** Draws attention once when a run or a rest is over. */
function useAlerts(views: Views, aloud: boolean): void {
  const phases = useRef(new Map<string, string>());
  useEffect(() => {
    for (const { job, state, unitName } of views) {
      const over = state.now.phase === "running" && Date.now() >= state.now.untilMs;
      const phase = over ? "over" : state.now.phase;
      const before = phases.current.get(job.id);
      phases.current.set(job.id, phase);
      if (!aloud || before === undefined || before === phase) continue;
      if (phase === "over") alertWith(LEARN.sayOff(unitName));
      if (phase === "ready" && before === "resting") alertWith(LEARN.sayOn(unitName));
    }
  }, [views, aloud]);
}

/** A clock that was set back is noted once; rest and run begin anew there. */
function useClockBack(views: Views, tell: Conduct["tell"]): void {
  const noted = useRef(new Set<string>());
  useEffect(() => {
    for (const view of views) {
      if (!view.state.clockBack) noted.current.delete(view.job.id);
      else if (!noted.current.has(view.job.id)) {
        noted.current.add(view.job.id);
        tell(view, view.job, "clock");
      }
    }
  }, [views, tell]);
}
