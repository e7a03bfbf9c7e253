import type { OwnMinutes } from "@amp-saver/core/study/site";
import { ISOLATE } from "../../words/isolate.ts";
import type { IsolationView } from "./isolate.view.ts";

interface SiteVerdictProps {
  readonly view: IsolationView;
  readonly minutes: number;
  readonly own: OwnMinutes | null;
}

/** Go or no-go by the answers given, and who should do it. */
export function SiteVerdict({ view: { site, place }, minutes, own }: SiteVerdictProps) {
  const against = site.against.map((q) => ISOLATE.against(place, q)).filter((w) => w !== undefined);
  return (
    <p className="py-2 font-semibold">
      {site.unanswered.length > 0 ? ISOLATE.siteOpen(site.unanswered.length) : site.go ? ISOLATE.goes(minutes) : null}
      {own !== null && <span className="block">{ISOLATE.ownTime(own)}</span>}
      {against.length > 0 && <span className="block text-lead">{ISOLATE.noGo(against)}</span>}
      <span className="block">{ISOLATE.who[site.who]}</span>
      {site.noSparks && <span className="block text-lead">{ISOLATE.noSparks}</span>}
    </p>
  );
}
