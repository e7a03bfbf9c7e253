import { format, parseISO } from "date-fns";
import type { JobBundle } from "../../store/queries.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import type { Reminder } from "../../workbench/hand-over.ts";
import { learnView } from "../../workbench/learning.ts";

/** One source of the limits card, in words. */
export interface LimitRow {
  readonly name: string;
  readonly expected: string;
  readonly tested: string;
}

/** What is said of the starter that was fitted. */
export function starterLines(bundle: JobBundle): readonly string[] {
  const { job, starters, learnings } = bundle;
  const starter = starters.find((s) => s.id === job.starterId);
  const { state, begunMs } = learnView(job, learnings, 0);
  return [
    starter === undefined ? HAND_OVER.noStarter : HAND_OVER.starter(starter.name),
    starter?.delayS == null ? HAND_OVER.noDelay : HAND_OVER.delay(starter.delayS),
    ...(begunMs === null ? [] : [HAND_OVER.learning(state.counted, state.settled)]),
  ];
}

/** Lamp and codes as its sheet's entry says. */
export function lampLines({ job, starters }: JobBundle): readonly string[] {
  return (starters.find((s) => s.id === job.starterId)?.lamps ?? []).map(({ shows, means }) => `${shows}: ${means}`);
}

/** Looks that are due, in words. */
export function lookLines(reminders: readonly Reminder[]): readonly string[] {
  return reminders.map(({ day, what, again, months }) =>
    HAND_OVER.lookLine(format(parseISO(day), "d MMMM yyyy"), HAND_OVER.look[what], again, months),
  );
}
