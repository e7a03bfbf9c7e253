import type { AirConditioner, FitLog, Job, Reading, Rig, Source } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import ICAL from "ical.js";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { freeze, proofInput, proveInput, thaw } from "../prove/proof.view.ts";
import { fittedOn, labelText, readingsCsv, reminderFile, remindersOf } from "./hand-over.view.ts";

const records = demoRecords();
const one = <R>(id: string): R => records.find((r) => r.id === id) as R;
const job = one<Job>("demo-front-job");
const unit = one<AirConditioner>("demo-front");
const rig = one<Rig>("demo-tin-lantern");
const readings = records.filter((r): r is Reading => r.kind === "reading" && r.jobId === job.id);
const sources = records.filter((r): r is Source => r.kind === "source");
const proved = proveInput(proofInput({ job, rig, unit, readings, learnings: [], proofs: [] }, null));

describe("reminders", () => {
  const fitted = "2031-01-31T10:00:00.000Z";
  const tape = { mounting: { fastening: "tape", roofC: 70 } } as FitLog;

  it("fall on the day of the month, or its last where that month is shorter", () => {
    expect(remindersOf(tape, fitted).map((r) => [r.what, r.day])).toEqual([
      ["first-heat", "2031-02-28"],
      ["tape", "2031-07-31"],
      ["yearly", "2032-01-31"],
    ]);
  });

  it("are read back by the calendar library as they were meant: whole days, those that come again with their rule", () => {
    const words = { summary: (r: { what: string }) => `Coach, front; ${r.what}, look`, text: "Learn again when moved.\nOr changed." };
    const text = reminderFile(remindersOf(tape, fitted), words, "job-1", "2031-02-01T12:00:00.000Z");
    const calendar = new ICAL.Component(ICAL.parse(text));
    const events = calendar.getAllSubcomponents("vevent").map((c) => new ICAL.Event(c));
    expect(events.map((e) => [e.summary, e.startDate.toString(), e.startDate.isDate, e.isRecurring()])).toEqual([
      ["Coach, front; first-heat, look", "2031-02-28", true, false],
      ["Coach, front; tape, look", "2031-07-31", true, true],
      ["Coach, front; yearly, look", "2032-01-31", true, true],
    ]);
    expect(events[0]!.description).toBe("Learn again when moved.\nOr changed.");
    const days = events[2]!.iterator();
    days.next();
    expect(days.next().toString()).toBe("2033-01-31");
    expect(new Set(events.map((e) => e.uid)).size).toBe(3);
  });

  it("come again on the last of a month that has no such day, say so at nine, and keep nobody busy", () => {
    const words = { summary: () => "Look", text: "" };
    const eventsOf = (fittedAt: string) =>
      new ICAL.Component(ICAL.parse(reminderFile(remindersOf(tape, fittedAt), words, "job-1", fittedAt))).getAllSubcomponents("vevent");
    const next = (component: ICAL.Component, count: number): string[] => {
      const days = new ICAL.Event(component).iterator();
      return Array.from({ length: count }, () => days.next().toString());
    };
    const leap = eventsOf("2031-02-28T12:00:00.000Z").at(-1)!;
    expect(next(leap, 2)).toEqual(["2032-02-28", "2033-02-28"]);
    const leapDay = eventsOf("2032-02-29T12:00:00.000Z");
    expect(next(leapDay.at(-1)!, 4)).toEqual(["2033-02-28", "2034-02-28", "2035-02-28", "2036-02-28"]);
    const half = eventsOf("2031-08-31T12:00:00.000Z")[1]!;
    expect(next(half, 3)).toEqual(["2032-02-29", "2032-08-31", "2033-02-28"]);
    for (const component of leapDay) {
      expect(component.getFirstPropertyValue("transp")).toBe("TRANSPARENT");
      const alarm = component.getFirstSubcomponent("valarm")!;
      expect(alarm.getFirstPropertyValue("action")).toBe("DISPLAY");
      expect(alarm.getFirstPropertyValue("trigger")!.toString()).toBe("PT9H");
    }
  });

  it("count from first power, else from the first after reading", () => {
    const work = { events: [{ at: "2031-03-01T08:00:00.000Z", what: "powered" }] } as unknown as FitLog;
    expect(fittedOn(job, work, readings)).toBe("2031-03-01T08:00:00.000Z");
    expect(fittedOn(job, undefined, readings)).toBe(readings.find((r) => r.when === "after")!.takenAt);
    expect(fittedOn(job, undefined, [])).toBe(job.updatedAt);
  });
});

describe("readings as CSV", () => {
  it("come back as they were, names with commas in them too", () => {
    const odd = { ...readings[0]!, meter: 'clamp "B", old', loadsOn: "fridge, lights" };
    const { data } = Papa.parse<Record<string, string>>(readingsCsv([odd, ...readings.slice(1)], sources).trim(), { header: true });
    expect(data).toHaveLength(readings.length);
    expect(data[0]).toMatchObject({ amps: "62.1", meter: 'clamp "B", old', "what was on": "fridge, lights", source: "Pedestal, 30 A" });
    expect(data.map((d) => Number(d.amps))).toEqual(readings.map((r) => r.amps));
  });
});

describe("the label's code", () => {
  it("holds what the next person needs, in under 300 letters", () => {
    const text = labelText(rig, unit, undefined, proved, "2026-06-21T18:41:00.000Z");
    expect(text.split("\n").slice(0, 4)).toEqual(["AMP-SAVER 1", "Tin Lantern", "Front, over the darkroom", "fitted 2026-06-21"]);
    expect(text).toContain("start A before 62.6 after 21.8");
    expect(text.length).toBeLessThan(300);
  });
});

describe("a frozen proof", () => {
  const frozen = freeze(proved.input, proved.study, "2026-06-21T18:41:00.000Z");

  it("is worked out again from its own inputs, whatever was added since", () => {
    expect(thaw(frozen, proved.input)).toMatchObject({ same: true, since: false });
    const more = proofInput({ job, rig, unit, readings: readings.slice(0, -1), learnings: [], proofs: [] }, null);
    expect(thaw(frozen, more)).toMatchObject({ same: true, since: true });
  });

  it("is the same after a file has put its fields in another order", () => {
    const turned = JSON.parse(JSON.stringify(frozen), (_key, value: unknown) =>
      typeof value === "object" && value !== null && !Array.isArray(value) ? Object.fromEntries(Object.entries(value).toReversed()) : value,
    ) as typeof frozen;
    expect(thaw(turned, proved.input)).toMatchObject({ same: true, since: false });
  });

  it("says so where it no longer shows the same", () => {
    expect(thaw({ ...frozen, shown: { ...frozen.shown, reduction: 0.7 } }, proved.input).same).toBe(false);
  });
});
