import { addMonths, format, parseISO } from "date-fns";
import ICAL from "ical.js";

/** A look of a calendar: due on a day, and where it comes again, every so many months. */
export interface CalendarLook {
  /** Name that no other look of the file bears. */
  readonly key: string;
  /** Day it is due, as yyyy-MM-dd. */
  readonly day: string;
  readonly months: number;
  readonly again: boolean;
  readonly summary: string;
  readonly text: string;
}

/** Days that every month has. */
const DAYS_OF_ALL = 28;

/** When a look comes again; where some month of its round has no such day, on the last of the month. */
function ruleOf({ day, months }: CalendarLook): string {
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

/** Looks as a calendar file, one whole-day event each that keeps nobody busy, those that come again as a rule; `now` is ISO time. */
export function calendarFile(looks: readonly CalendarLook[], now: string): string {
  const calendar = new ICAL.Component(["vcalendar", [], []]);
  calendar.updatePropertyWithValue("prodid", "-//Amp Saver//Hand-over//EN");
  calendar.updatePropertyWithValue("version", "2.0");
  for (const look of looks) {
    const component = new ICAL.Component("vevent");
    const event = new ICAL.Event(component);
    event.uid = oneLine(`${look.key}@amp-saver`);
    event.summary = oneLine(look.summary);
    event.description = look.text;
    event.startDate = ICAL.Time.fromDateString(look.day);
    component.updatePropertyWithValue("dtstamp", ICAL.Time.fromJSDate(new Date(now), true));
    component.updatePropertyWithValue("transp", "TRANSPARENT");
    if (look.again) component.updatePropertyWithValue("rrule", ICAL.Recur.fromString(ruleOf(look)));
    component.addSubcomponent(alarmOf(event.summary));
    calendar.addSubcomponent(component);
  }
  return calendar.toString();
}
