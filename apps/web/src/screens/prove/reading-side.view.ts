import { type Measure, typedText } from "@amp-saver/core/figure";
import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import type { FitLog, Job, Learning, Reading } from "@amp-saver/records";
import { isSameDay } from "date-fns";
import { powerOnWired } from "../fit/fit.view.ts";
import { earlierVisit } from "../history/history.view.ts";
import { eventsOf } from "../learn/learn.view.ts";

/** What tells whether a unit's starter is in. */
interface SideRecords {
  readonly job: Job;
  readonly jobs: readonly Job[];
  readonly readings: readonly Reading[];
  readonly learnings: readonly Learning[];
  readonly works: readonly FitLog[];
}

/**
 * The side on which the next reading of a job is taken: after the fitting once a run of the starter,
 * a reading after, power back on a wired unit, or an earlier visit that was handed over says so.
 */
export function readingSide({ job, jobs, readings, learnings, works }: SideRecords): Reading["when"] {
  const of = <T extends { readonly jobId: string | null }>(records: readonly T[]): readonly T[] =>
    records.filter((r) => r.jobId === job.id);
  const visited = earlierVisit(job, jobs) !== null;
  const ran = of(learnings).some((l) => eventsOf(l).some((e) => e.what === "stop"));
  const read = of(readings).some((r) => r.when === "after");
  const powered = of(works).some(powerOnWired);
  return visited || ran || read || powered ? "after" : "before";
}

/** The reading whose meter, wire, kind and source the next one of a side takes over: the last of that side, else the last of the other. */
export function likeLast(readings: readonly Reading[], side: Reading["when"]): Reading | null {
  const starts = readings.filter((r) => r.mode !== "live");
  return starts.findLast((r) => r.when === side) ?? starts.at(-1) ?? null;
}

/** The reading of today, at any unit of the rig, whose meter and source the first one of a unit takes over; null where none was taken. */
export function likeToday(readings: readonly Reading[], isToday: (takenAt: string) => boolean): Reading | null {
  return readings.filter((r) => isToday(r.takenAt)).toSorted((a, b) => b.takenAt.localeCompare(a.takenAt))[0] ?? null;
}

/** How the meter is set for the next reading of a side: as for the last start, and for running amps once enough starts are read and these are not. */
export function nextMode(
  readings: readonly Pick<Reading, "when" | "mode">[],
  side: Reading["when"],
  starts: Reading["mode"],
): Reading["mode"] {
  const own = readings.filter((r) => r.when === side);
  const enough = own.filter((r) => r.mode !== "live").length >= READING_PARAMS.wanted.value;
  return enough && own.every((r) => r.mode !== "live") ? "live" : starts;
}

/** The air that was read last today, at whichever unit; null where none was, °C. `isToday` tells of a time whether it is of today. */
export function airToday(readings: readonly Reading[], isToday: (takenAt: string) => boolean): number | null {
  return readings.findLast((r) => r.outdoorC !== null && isToday(r.takenAt))?.outdoorC ?? null;
}

/**
 * How long a unit has rested by what the app was told, min; null where it was not told since the latest start that was
 * read, or so long ago that it may have run since.
 */
export function restCounted(offMs: number, readings: readonly Reading[], nowMs: number): number | null {
  const since = (nowMs - offMs) / 60_000;
  const startedSince = readings.some((r) => r.mode !== "live" && Date.parse(r.takenAt) > offMs);
  return offMs === 0 || startedSince || since < 0 || since > LONGEST_COUNTED_MIN ? null : Math.round(since * 10) / 10;
}

/** A rest longer than this was not watched, min. */
const LONGEST_COUNTED_MIN = 120;

/** What a reading is typed in with. */
export interface ReadingFields {
  readonly amps: string;
  readonly mode: Reading["mode"];
  readonly conductor: Reading["conductor"];
  readonly volts: string;
  readonly rest: string;
  readonly outdoor: string;
  readonly meter: string;
  readonly loadsOn: string;
  readonly source: string;
}

/** What a reading begins with: what stayed the same since the last of its side, else since the rig’s last of the day that `dayMs` falls in. */
export function fieldsBegun(job: Job, readings: readonly Reading[], side: Reading["when"], measure: Measure, dayMs: number): ReadingFields {
  const own = readings.filter((r) => r.jobId === job.id);
  const like = likeLast(own, side);
  const isToday = (iso: string): boolean => isSameDay(new Date(iso), dayMs);
  const air = airToday(readings, isToday);
  const today = likeToday(readings, isToday);
  return {
    amps: "",
    mode: nextMode(own, side, like?.mode ?? "inrush"),
    conductor: like?.conductor ?? "common",
    volts: "",
    rest: "",
    outdoor: air === null ? "" : typedText("outdoorC", measure, air),
    meter: like?.meter ?? today?.meter ?? "",
    loadsOn: "",
    source: like?.sourceId ?? today?.sourceId ?? job.sourceId ?? "",
  };
}
