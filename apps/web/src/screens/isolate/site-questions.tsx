import type { FitLog } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { Question } from "../asked.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { type IsolationView, siteList } from "./isolate.view.ts";

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
