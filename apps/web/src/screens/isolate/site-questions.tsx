import type { FitLog } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { ASKED } from "../../words/asked.ts";
import { ISOLATE } from "../../words/isolate.ts";
import type { Question, RestOfThem } from "../asked.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { type IsolationView, siteList, siteToBegin } from "./isolate.view.ts";

/** Go or no-go before anyone begins, as questions. */
export function siteQuestionsOf({ place }: IsolationView, work: FitLog, save: SaveFitLog): readonly Question[] {
  return siteList(place).map((question) => ({
    id: `site ${question}`,
    group: ISOLATE.site,
    done: work.site[question] !== undefined,
    content: (
      <Choice<"yes" | "no" | "">
        label={ISOLATE.siteAsk(place, question)}
        value={work.site[question] === undefined ? "" : work.site[question] ? "yes" : "no"}
        options={[
          { value: "yes", word: ISOLATE.yes },
          { value: "no", word: ISOLATE.no },
        ]}
        onChange={(value) => save({}, `site ${question}`, { site: { [question]: value === "yes" } })}
      />
    ),
  }));
}

/** What must be so before anyone begins, answered at once; who does it and what is in the unit are asked one by one. */
export function siteRest({ place }: IsolationView, work: FitLog, save: SaveFitLog): RestOfThem {
  const open = siteToBegin(place).filter((question) => work.site[question] === undefined);
  return {
    open: open.map((question) => ({ id: `site ${question}`, name: ISOLATE.siteAsk(place, question) })),
    label: ASKED.allSo,
    onAll: () => void save({}, "site rest", { site: Object.fromEntries(open.map((question) => [question, true])) }),
  };
}
