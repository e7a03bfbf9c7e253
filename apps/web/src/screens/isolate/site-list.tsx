import type { OwnMinutes } from "@amp-saver/core/study/site";
import type { FitLog } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import { type IsolationView, siteList } from "./isolate.view.ts";

interface SiteListProps {
  readonly work: FitLog;
  readonly view: IsolationView;
  readonly minutes: number;
  readonly own: OwnMinutes | null;
  readonly save: SaveFitLog;
}

/** Go or no-go before anyone climbs. */
export function SiteList({ work, view: { site, place }, minutes, own, save }: SiteListProps) {
  const against = site.against.map((q) => ISOLATE.against(place, q)).filter((w) => w !== undefined);
  return (
    <section className="mt-5">
      <SectionHeading>{ISOLATE.site}</SectionHeading>
      {siteList(place).map((question) => (
        <Choice<"yes" | "no" | "">
          key={question}
          label={ISOLATE.siteAsk(place, question)}
          value={work.site[question] === undefined ? "" : work.site[question] ? "yes" : "no"}
          options={[
            { value: "yes", word: ISOLATE.yes },
            { value: "no", word: ISOLATE.no },
          ]}
          onChange={(value) => save({}, `site ${question}`, { site: { [question]: value === "yes" } })}
        />
      ))}
      <p className="py-2 font-semibold">
        {site.unanswered.length > 0 ? ISOLATE.siteOpen(site.unanswered.length) : site.go ? ISOLATE.goes(minutes) : null}
        {own !== null && <span className="block">{ISOLATE.ownTime(own)}</span>}
        {against.length > 0 && <span className="block text-lead">{ISOLATE.noGo(against)}</span>}
        <span className="block">{ISOLATE.who[site.who]}</span>
        {site.noSparks && <span className="block text-lead">{ISOLATE.noSparks}</span>}
      </p>
    </section>
  );
}
