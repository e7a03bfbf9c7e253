import type { FitLog } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { Question } from "../asked.tsx";
import { type IsolationView, openQuestions } from "./isolate.view.ts";

/** What can be told of something that feeds. */
const FEED_STATES = ["locked", "off", "away", "on"] as const;
type FeedState = (typeof FEED_STATES)[number];

/** What each of them is kept as. */
export const FEED_ANSWERS: Readonly<Record<FeedState, FitLog["sources"][string]>> = {
  locked: { off: true, locked: true, away: false },
  off: { off: true, locked: false, away: false },
  away: { off: false, locked: false, away: true },
  on: { off: false, locked: false, away: false },
};

function stateOf(kept: FitLog["sources"][string] | undefined): FeedState | "" {
  if (kept === undefined) return "";
  if (kept.away === true) return "away";
  return kept.off ? (kept.locked ? "locked" : "off") : kept.locked ? "" : "on";
}

/** One answer for everything that can feed the circuit of this rig. */
export function feedQuestions(
  view: IsolationView,
  work: FitLog,
  nameOf: (id: string) => string,
  save: (id: string, answer: FitLog["sources"][string]) => void,
): readonly Question[] {
  const open = openQuestions(view);
  return view.feeds.map(({ id, kind }) => ({
    id: `feed ${id}`,
    group: ISOLATE.feeds,
    done: !open.has(`source ${id}`),
    content: (
      <div className="border-b border-hair pb-1.5">
        <Choice<FeedState | "">
          label={nameOf(id)}
          value={stateOf(work.sources[id])}
          options={FEED_STATES.map((state) => ({ value: state, word: ISOLATE.feedStates(kind)[state] }))}
          onChange={(state) => state !== "" && save(id, FEED_ANSWERS[state])}
        />
        <p className="text-small text-ink2">{ISOLATE.feedHelp(view.place, kind)}</p>
      </div>
    ),
  }));
}
