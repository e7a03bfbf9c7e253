import type { RigBundle } from "../../store/bundle.ts";
import { PAIR } from "../../words/pair.ts";
import { learnView } from "../learn/learn.view.ts";
import { clockOf } from "./pair.view.ts";

/** What the learning runs ask of whoever is below, next first; null where none has begun or all are done. */
export function belowSentence({ jobs, units, learnings }: Pick<RigBundle, "jobs" | "units" | "learnings">, nowMs: number): string | null {
  const begun = jobs
    .filter((job) => learnings.some((l) => l.jobId === job.id && Object.keys(l.events).length > 0))
    .map((job) => ({ name: units.find((u) => u.id === job.unitId)?.name ?? "", now: learnView(job, learnings, nowMs).state.now }));
  const iso = (ms: number): string => clockOf(new Date(ms).toISOString());
  const running = begun.find(({ now }) => now.phase === "running");
  if (running?.now.phase === "running") return PAIR.belowRuns(running.name, iso(running.now.untilMs));
  const resting = begun.flatMap(({ name, now }) => (now.phase === "resting" ? [{ name, untilMs: now.untilMs }] : []));
  const [next] = resting.toSorted((a, b) => a.untilMs - b.untilMs);
  if (next !== undefined) return PAIR.belowRests(next.name, iso(next.untilMs));
  return begun.some(({ now }) => now.phase === "ready") ? PAIR.belowReady : null;
}
