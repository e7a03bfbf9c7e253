import { type FollowUp, followUps } from "@amp-saver/core/study/follow-up";
import type { AirConditioner, FitLog, Job, Reading, Rig, Source, Starter } from "@amp-saver/records";
import { FORMULA } from "@amp-saver/records/exchange";
import { addMonths, format, parseISO } from "date-fns";
import ICAL from "ical.js";
import Papa from "papaparse";
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

/** Days that every month has. */
const DAYS_OF_ALL = 28;

/** When a look comes again; where some month of its round has no such day, on the last of the month. */
function ruleOf({ day, months }: Reminder): string {
  const inRound = Array.from({ length: 12 }, (_, k) => addMonths(parseISO(day), k * months));
  const short = Number(day.slice(8)) > DAYS_OF_ALL && inRound.some((d) => format(d, "dd") !== day.slice(8));
  return `FREQ=MONTHLY;INTERVAL=${months}${short ? ";BYMONTHDAY=-1" : ""}`;
}

/** It is said at nine in the morning of the day. */
function alarmOf(text: string): ICAL.Component {
  const alarm = new ICAL.Component("valarm");
  alarm.updatePropertyWithValue("action", "DISPLAY");
  alarm.updatePropertyWithValue("description", text);
  alarm.updatePropertyWithValue("trigger", ICAL.Duration.fromString("PT9H"));
  return alarm;
}

/** A text without the ends of lines and other signs that would end an entry of the calendar. */
const oneLine = (text: string): string => text.replaceAll(/[\p{Cc}\u2028\u2029]+/gu, " ");

/** Reminders as a calendar file, one whole-day event each that keeps nobody busy, those that come again as a rule. */
export function reminderFile(
  reminders: readonly Reminder[],
  words: { readonly summary: (r: Reminder) => string; readonly text: string },
  uid: string,
  now: string,
): string {
  const calendar = new ICAL.Component(["vcalendar", [], []]);
  calendar.updatePropertyWithValue("prodid", "-//Amp Saver//Hand-over//EN");
  calendar.updatePropertyWithValue("version", "2.0");
  for (const reminder of reminders) {
    const component = new ICAL.Component("vevent");
    const event = new ICAL.Event(component);
    event.uid = oneLine(`${uid}-${reminder.what}@amp-saver`);
    event.summary = oneLine(words.summary(reminder));
    event.description = words.text;
    event.startDate = ICAL.Time.fromDateString(reminder.day);
    component.updatePropertyWithValue("dtstamp", ICAL.Time.fromJSDate(new Date(now), true));
    component.updatePropertyWithValue("transp", "TRANSPARENT");
    if (reminder.again) component.updatePropertyWithValue("rrule", ICAL.Recur.fromString(ruleOf(reminder)));
    component.addSubcomponent(alarmOf(event.summary));
    calendar.addSubcomponent(component);
  }
  return calendar.toString();
}

/** Readings of a job as CSV, SI, one a line. */
export function readingsCsv(readings: readonly Reading[], sources: readonly Source[]): string {
  const fields = [
    "taken at",
    "when",
    "kind",
    "conductor",
    "amps",
    "volts",
    "rest min",
    "outdoor °C",
    "source",
    "meter",
    "what was on",
    "learned runs",
  ];
  const data = readings.map((r) => [
    r.takenAt,
    r.when,
    r.mode,
    r.conductor,
    r.amps,
    r.volts ?? "",
    r.restMin ?? "",
    r.outdoorC ?? "",
    sources.find((s) => s.id === r.sourceId)?.name ?? "",
    r.meter,
    r.loadsOn ?? "",
    r.learned ?? "",
  ]);
  return `${Papa.unparse({ fields, data }, { escapeFormulae: FORMULA })}\r\n`;
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
