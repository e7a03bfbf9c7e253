import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { calendarFile } from "./calendar.ts";

const NOW = "2031-02-01T12:00:00.000Z";
const FIRST = { key: "job-1-first", day: "2031-02-28", months: 1, again: false, summary: "Coach, front; first hot day", text: "" };
const TAPE = { ...FIRST, key: "job-1-tape", day: "2031-07-31", months: 6, again: true };
const YEARLY = { ...FIRST, key: "job-1-yearly", day: "2032-01-31", months: 12, again: true };

const looksOf = (looks: readonly (typeof FIRST)[]): readonly ICAL.Component[] =>
  new ICAL.Component(ICAL.parse(calendarFile(looks, NOW))).getAllSubcomponents("vevent");
const daysOf = (look: typeof FIRST, count: number): string[] => {
  const [component] = looksOf([look]);
  const days = new ICAL.Event(component!).iterator();
  return Array.from({ length: count }, () => days.next().toString());
};

describe("a calendar of looks", () => {
  it("is read back by the calendar library as it was meant: whole days, those that come again with their rule", () => {
    const text = "Learn again when moved.\nOr changed.";
    const events = looksOf([{ ...FIRST, text }, TAPE, YEARLY]).map((c) => new ICAL.Event(c));
    expect(events.map((e) => [e.summary, e.startDate.toString(), e.startDate.isDate, e.isRecurring()])).toEqual([
      ["Coach, front; first hot day", "2031-02-28", true, false],
      ["Coach, front; first hot day", "2031-07-31", true, true],
      ["Coach, front; first hot day", "2032-01-31", true, true],
    ]);
    expect(events[0]!.description).toBe(text);
    expect(new Set(events.map((e) => e.uid)).size).toBe(3);
    expect(daysOf(YEARLY, 2)).toEqual(["2032-01-31", "2033-01-31"]);
  });

  it("comes again on the last of a month that has no such day", () => {
    expect(daysOf({ ...YEARLY, day: "2032-02-28" }, 2)).toEqual(["2032-02-28", "2033-02-28"]);
    expect(daysOf({ ...YEARLY, day: "2032-02-29" }, 5).slice(1)).toEqual(["2033-02-28", "2034-02-28", "2035-02-28", "2036-02-29"]);
    expect(daysOf({ ...TAPE, day: "2032-02-29" }, 3)).toEqual(["2032-02-29", "2032-08-31", "2033-02-28"]);
  });

  it("says so at nine in the morning, and keeps nobody busy", () => {
    for (const component of looksOf([FIRST, TAPE, YEARLY])) {
      expect(component.getFirstPropertyValue("transp")).toBe("TRANSPARENT");
      const alarm = component.getFirstSubcomponent("valarm")!;
      expect(alarm.getFirstPropertyValue("action")).toBe("DISPLAY");
      expect(alarm.getFirstPropertyValue("trigger")!.toString()).toBe("PT9H");
    }
  });

  it("has no line that a name put there", () => {
    const [component] = looksOf([{ ...FIRST, key: "a\r\nEND:VEVENT", summary: "Coach\r\nBEGIN:VALARM\u2028x" }]);
    const event = new ICAL.Event(component!);
    expect([event.uid, event.summary]).toEqual(["a END:VEVENT@amp-saver", "Coach BEGIN:VALARM x"]);
    expect(component!.getAllSubcomponents("valarm")).toHaveLength(1);
  });
});
