import { tableOf } from "@amp-saver/core/quantity";
import type { Feed } from "../feeds.ts";
import { CLOSING_CHECKS, type FitLog, POWER_CHECKS } from "../kind/fit-log.ts";
import type { Job } from "../kind/job.ts";
import { type Learning, newLearning } from "../kind/learning.ts";
import { demoFitLog, SHEET_RULE } from "./wiring.ts";

const ticked = <K extends string>(names: readonly K[]) => tableOf(names, () => true as const);

/** Steps of the plan for a plain rooftop unit with an overload in common, by their keys, and the minute each was done. */
const STEPS = [
  ["photo as-found", 10],
  ["fit starter-in starter", 19],
  ["lift run-off w-run can.C", 24],
  ["splice run-to-starter starter.RUN-OUT joint1.J w-run w-run starter.RUN-OUT", 32],
  ["land feed-in-its-place starter.FEED can.C tab", 37],
  ["land start-on-herm starter.START can.HERM tab", 41],
  ["land common-tapped starter.REF overload.B piggyback", 49],
  ["photo as-built", 53],
] as const;

/** A visit on which a unit was fitted from the first photo to power, all steps done, from a moment on. */
export function fittedLog(job: Job, feeds: readonly Feed[], from: string): FitLog {
  const at = (minute: number): string => new Date(Date.parse(from) + minute * 60_000).toISOString();
  const work = demoFitLog(job, feeds, from, ["can", "can FAN"]);
  return {
    ...work,
    mounting: {
      ...work.mounting,
      orientation: "upright",
      gapM: 0.08,
      clear: { fan: true, shaft: true, air: true, tubing: true, lid: true, edge: true, water: true },
    },
    steps: Object.fromEntries(STEPS.map(([key, minute]) => [key, { at: at(minute), tugged: true, note: "" }])),
    power: ticked(POWER_CHECKS),
    closing: ticked(CLOSING_CHECKS),
    screwsIn: work.screwsOut,
    events: [
      { at: at(6), what: "proved" },
      { at: at(62), what: "powered" },
    ],
  };
}

/** Learning by the sheet's rule on a strong source, one run a peak, four minutes of rest between. */
export function learnedRuns(job: Job, sourceId: Job["sourceId"], from: string, peaksA: readonly number[]): Learning {
  const at = (run: number, seconds = 0): string => new Date(Date.parse(from) + (run * 270 + seconds) * 1000).toISOString();
  const events = peaksA.flatMap((peakA, k) => [
    [`run-${k}-start`, { at: at(k), what: "start" as const, peakA: null, failed: false, by: "tap" as const }] as const,
    [`run-${k}-stop`, { at: at(k, 30), what: "stop" as const, peakA, failed: false, by: "tap" as const }] as const,
  ]);
  return {
    ...newLearning(from, job),
    rule: SHEET_RULE,
    ruleFrom: "sheet",
    sourceId,
    strongSource: true,
    ecoOff: true,
    events: Object.fromEntries(events),
  };
}
