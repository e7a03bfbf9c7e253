import { format, parseISO } from "date-fns";
import { Link } from "react-router";
import { eventSentence } from "../../words/history.ts";
import type { HistoryEvent } from "./history.view.ts";

interface EventListProps {
  readonly events: readonly HistoryEvent[];
  readonly nameOf: (unitId: string) => string;
}

/** A rig's events under their days, each leading to its job. */
export function EventList({ events, nameOf }: EventListProps) {
  const days = [...new Set(events.map((e) => format(parseISO(e.at), "yyyy-MM-dd")))];
  return (
    <ol>
      {days.map((day) => (
        <li key={day} className="grid gap-x-4 border-b border-hair py-1.5 min-[43.75rem]:grid-cols-[130px_1fr]">
          <span className="figure text-body">{format(parseISO(day), "d MMM yyyy")}</span>
          <ul>
            {events
              .filter((e) => format(parseISO(e.at), "yyyy-MM-dd") === day)
              .map((event, k) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: told anew from the records each time
                <li key={k} className="flex gap-3">
                  <span className="figure w-[64px] shrink-0 text-small text-ink2">{format(parseISO(event.at), "H:mm")}</span>
                  <span>
                    {eventSentence(event)}{" "}
                    <Link to={`/job/${event.jobId}`} className="text-ink2 underline underline-offset-4">
                      {nameOf(event.unitId)}
                    </Link>
                  </span>
                </li>
              ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}
