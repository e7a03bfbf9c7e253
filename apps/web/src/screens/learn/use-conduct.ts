import type { Display } from "@amp-saver/instruments";
import type { Job, Learning } from "@amp-saver/records";
import { useCallback, useEffect, useRef } from "react";
import { type Changing, learningCommit } from "../../store/commands.ts";
import { newId } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { sharedNowMs } from "../../store/shared-clock.ts";
import { useNow } from "../../store/use-now.ts";
import { alertWith } from "../../ui/alert.ts";
import { LEARN } from "../../words/learn.ts";
import { type LearnView, learnView, nextEventKey } from "./learn.view.ts";

type Told = Partial<Pick<Learning["events"][string], "peakA" | "failed" | "by">>;

/** How an event of a job's learning is told, and how anything else of it is changed. */
export interface Conduct {
  readonly views: readonly (LearnView & { readonly job: Job; readonly unitName: string })[];
  readonly own: LearnView;
  readonly now: number;
  readonly tell: (view: LearnView, job: Job, what: Learning["events"][string]["what"], told?: Told) => void;
  readonly save: (
    job: Job,
    change: Changing<Learning>,
    field: string,
    entries?: Readonly<Record<string, Readonly<Record<string, unknown>>>>,
  ) => void;
}

/** Conducts the learning runs of this job and of those that take turns with it; all times follow from what is kept. */
export function useConduct(bundle: JobBundle, displays: ReadonlyMap<string, Display>, aloud: boolean): Conduct {
  const { commit } = useStore();
  useNow(1);
  const now = sharedNowMs();
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
      const event = { at: new Date(sharedNowMs()).toISOString(), what, peakA: null, failed: false, by: "tap" as const, ...told };
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

/** What a link was last seen to say of a start: how much it had learned before, and whether it ran since. */
interface Followed {
  readonly learned: number;
  readonly ran: boolean;
}

/**
 * Starts and stops that a starter's own link tells: what it shows is set beside what is kept, so that
 * nothing is told twice and nothing is lost while an earlier word is still being written.
 */
function useLinks(views: Views, displays: ReadonlyMap<string, Display>, tell: Conduct["tell"]): void {
  const waiting = useRef(new Map<string, number>());
  const followed = useRef(new Map<string, Followed>());
  useEffect(() => {
    for (const view of views) {
      const { job, learning, state } = view;
      const display = learning.link === null ? undefined : displays.get(learning.link);
      const count = Object.keys(learning.events).length;
      if (display?.kind !== "starter-link" || waiting.current.get(job.id) === count || state.now.phase === "done") continue;
      const runs = display.status === "starting" || display.status === "running";
      const running = state.now.phase === "running";
      const seen = followed.current.get(job.id);
      const say = (what: "call" | "start" | "stop", told: Told = {}): void => {
        waiting.current.set(job.id, count);
        tell(view, job, what, { by: "link", ...told });
      };
      if (runs && !running) {
        followed.current.set(job.id, { learned: display.learned, ran: display.status === "running" });
        say("start");
      } else if (runs && seen !== undefined && !seen.ran && display.status === "running") {
        followed.current.set(job.id, { ...seen, ran: true });
      } else if (!runs && running && startedBy(learning) === "link") {
        const ran = seen === undefined || seen.ran || display.learned > seen.learned;
        say("stop", { peakA: display.lastPeakA, failed: !ran || display.status === "fault" });
      } else if (display.status === "delay" && !running && state.calledMs === null && state.now.phase === "ready") say("call");
    }
  }, [views, displays, tell]);
}

/** Who told the latest start of a job's learning. */
function startedBy({ events }: Learning): "tap" | "link" | undefined {
  const key = Object.keys(events)
    .toSorted()
    .findLast((k) => events[k]?.what === "start");
  return key === undefined ? undefined : events[key]?.by;
}

/** Draws attention once when a run or a rest is over. */
function useAlerts(views: Views, aloud: boolean): void {
  const phases = useRef(new Map<string, string>());
  useEffect(() => {
    for (const { job, state, unitName } of views) {
      const over = state.now.phase === "running" && sharedNowMs() >= state.now.untilMs;
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
