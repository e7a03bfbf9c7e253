import { ISOLATION_PARAMS } from "@amp-saver/core/study/isolation";
import { wiringOf } from "@amp-saver/records";
import type { RigBundle } from "../../store/bundle.ts";
import { ISOLATE } from "../../words/isolate.ts";
import { PAIR } from "../../words/pair.ts";
import { isolationView } from "../isolate/isolate.view.ts";
import { learnView } from "../learn/learn.view.ts";
import { GOAL_MIN, runningTest } from "../prove/proof.view.ts";
import { clockOf } from "./pair.view.ts";

type Rig = Pick<RigBundle, "rig" | "jobs" | "units" | "sources" | "wirings" | "works" | "learnings" | "proofs">;

const MINUTE_MS = 60_000;
const iso = (ms: number): string => clockOf(new Date(ms).toISOString());
const nameOf = ({ units }: Pick<Rig, "units">, unitId: string): string => units.find((u) => u.id === unitId)?.name ?? "";

/** What the job asks of whoever is below, next first: a run or rest, a run test, a source to switch off; null where it asks nothing. */
export function belowSentence(rig: Rig, nowMs: number): string | null {
  return runSentence(rig, nowMs) ?? testSentence(rig) ?? feedSentence(rig, nowMs);
}

function runSentence({ jobs, units, learnings }: Rig, nowMs: number): string | null {
  const begun = jobs
    .filter((job) => learnings.some((l) => l.jobId === job.id && Object.keys(l.events).length > 0))
    .map((job) => ({ name: nameOf({ units }, job.unitId), now: learnView(job, learnings, nowMs).state.now }));
  const running = begun.find(({ now }) => now.phase === "running");
  if (running?.now.phase === "running") return PAIR.belowRuns(running.name, iso(running.now.untilMs));
  const resting = begun.flatMap(({ name, now }) => (now.phase === "resting" ? [{ name, untilMs: now.untilMs }] : []));
  const [next] = resting.toSorted((a, b) => a.untilMs - b.untilMs);
  if (next !== undefined) return PAIR.belowRests(next.name, iso(next.untilMs));
  return begun.some(({ now }) => now.phase === "ready") ? PAIR.belowReady : null;
}

function testSentence({ jobs, units, proofs }: Rig): string | null {
  for (const job of jobs) {
    const running = runningTest(proofs.find((p) => p.jobId === job.id) ?? null);
    if (running === null) continue;
    return PAIR.belowTest(nameOf({ units }, job.unitId), iso(Date.parse(running.test.startedAt) + GOAL_MIN * MINUTE_MS));
  }
  return null;
}

/** While a unit is being isolated on the other phone: the next thing that still feeds it. */
function feedSentence({ rig, jobs, units, sources, wirings, works }: Rig, nowMs: number): string | null {
  for (const job of jobs) {
    const unit = units.find((u) => u.id === job.unitId);
    const work = works.find((w) => w.jobId === job.id);
    const since = nowMs - Date.parse(work?.updatedAt ?? "");
    if (unit === undefined || work?.run === undefined || !(since < ISOLATION_PARAMS.breakMin.value * MINUTE_MS)) continue;
    const wiring = wiringOf(wirings, unit);
    const view = isolationView({ rig, unit, units, sources, wiring, work });
    const open = view.open.find((task) => task.task === "source-off" || task.task === "source-locked");
    const feed = view.feeds.find(({ id }) => open !== undefined && "id" in open && open.id === id);
    if (feed !== undefined) return PAIR.belowFeed(ISOLATE.feed(feed.kind, feed.of));
  }
  return null;
}
