import { type FollowUp, followUps } from "@amp-saver/core/study/follow-up";
import type { AirConditioner, FitLog, Job, Reading, Rig, Starter } from "@amp-saver/records";
import { addMonths, format, parseISO } from "date-fns";
import { powerOnWired } from "../fit/fit.view.ts";
import type { Proved } from "../prove/proof.view.ts";

/** A look that is due. */
export interface Reminder {
  readonly what: FollowUp["what"];
  /** Day it is due, as yyyy-MM-dd. */
  readonly day: string;
  readonly months: number;
  readonly again: boolean;
}

/** When the starter went in on a visit: its last power where one was noted, else its first reading after, else the job's last change. */
export function fittedOn(job: Job, work: FitLog | undefined, readings: readonly Reading[]): string {
  const powered = work?.events.findLast((e) => e.what === "powered")?.at;
  const after = readings.filter((r) => r.jobId === job.id && r.when === "after").at(0)?.takenAt;
  return powered ?? after ?? job.updatedAt;
}

/**
 * The visit on which the starter went in: the latest up to a job that put power back on what it had
 * wired; where none tells, the first that was handed over, else the job itself.
 */
export function fittingOf(
  job: Job,
  jobs: readonly Job[],
  works: readonly FitLog[],
): { readonly job: Job; readonly work: FitLog | undefined } {
  const fitLogOf = (j: Job): FitLog | undefined => works.find((w) => w.jobId === j.id);
  const visits = jobs
    .filter((j) => j.unitId === job.unitId && j.createdAt <= job.createdAt)
    .toSorted((a, b) => (a.createdAt < b.createdAt ? -1 : 1));
  const wired = visits.findLast((j) => {
    const work = fitLogOf(j);
    return work !== undefined && powerOnWired(work);
  });
  const fitting = wired ?? visits.find((j) => j.done.includes("hand-over")) ?? job;
  return { job: fitting, work: fitLogOf(fitting) };
}

/** Looks that are due after fitting, soonest first. */
export function remindersOf(work: FitLog | undefined, fitted: string): readonly Reminder[] {
  const looks = followUps({ fastening: work?.mounting.fastening ?? "both", roofC: work?.mounting.roofC ?? 65 });
  return looks.map(({ what, months, again }) => ({ what, months, again, day: format(addMonths(parseISO(fitted), months), "yyyy-MM-dd") }));
}

/** The record's essentials in a few lines, for the code on the label. */
export function labelText(rig: Rig, unit: AirConditioner, starter: Starter | undefined, { study }: Proved, fitted: string): string {
  const { start } = study.readings;
  const figure = (a: number | undefined): string => (a === undefined ? "-" : a.toFixed(1));
  return [
    "AMP-SAVER 1",
    rig.name,
    unit.name,
    `fitted ${format(parseISO(fitted), "yyyy-MM-dd")}`,
    `starter ${starter?.name ?? "-"}`,
    `plate ${unit.plateVolts.value} V LRA ${figure(unit.lockedRotorA?.value)} RLA ${figure(unit.ratedLoadA?.value)}`,
    `start A before ${figure(start?.before.medianA)} after ${figure(start?.after.medianA)}`,
    `delay s ${starter?.delayS ?? "-"}`,
  ].join("\n");
}
