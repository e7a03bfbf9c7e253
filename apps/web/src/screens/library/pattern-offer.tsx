import type { Pattern } from "@amp-saver/records";
import { format, parseISO } from "date-fns";
import { useState } from "react";
import { editCommit, fitLogCommit, wiringCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { LIBRARY } from "../../words/library.ts";
import { circuitTaken, PATTERN_GROUPS, type PatternGroup, patternFor, patternLines, plateTaken } from "./library.view.ts";
import { PatternGroupLines } from "./pattern-group.tsx";
import { PatternPhotos } from "./pattern-photos.tsx";
import { usePatterns } from "./use-patterns.ts";

/** What one knows of a unit's model, to be looked at and taken over group by group; nothing where the model is new. */
export function PatternOffer({ bundle }: { readonly bundle: JobBundle }) {
  const pattern = patternFor(usePatterns(), bundle.unit.model);
  if (pattern === undefined || Object.hasOwn(pattern.works, bundle.job.id)) return null;
  return <Offer key={pattern.id} bundle={bundle} pattern={pattern} />;
}

function Offer({ bundle: { job, unit }, pattern }: { readonly bundle: JobBundle; readonly pattern: Pattern }) {
  const { commit } = useStore();
  const { measure } = useSettings();
  const [taken, setTaken] = useState<ReadonlySet<PatternGroup>>(new Set());
  const lines = patternLines(pattern, unit, measure);
  const works = Object.values(pattern.works).toSorted((a, b) => a.at.localeCompare(b.at));
  const last = works.at(-1);
  const { wiring, fitted } = pattern;
  const take: Readonly<Record<Exclude<PatternGroup, "kit">, () => void>> = {
    plate: () => void commit(editCommit(unit, plateTaken(pattern, unit))),
    wiring: () => wiring !== null && void commit(wiringCommit(unit, circuitTaken(wiring), "library")),
    fitted: () =>
      fitted !== null &&
      void commit(fitLogCommit(job, ({ mounting }) => ({ mounting: { ...fitted.mounting, clear: mounting.clear } }), "library", {}, {})),
  };
  return (
    <section className="mt-4 max-w-[720px]" aria-label={LIBRARY.from}>
      <SectionHeading>{LIBRARY.from}</SectionHeading>
      <p className="py-1 font-semibold">
        {last === undefined ? LIBRARY.imported : LIBRARY.done(works.length, format(parseISO(last.at), "d MMM yyyy"), last.minutes)}
      </p>
      {pattern.note !== "" && <p className="py-1">{pattern.note}</p>}
      {PATTERN_GROUPS.filter((group) => lines[group].length > 0).map((group) => (
        <div key={group}>
          <PatternGroupLines group={group} lines={lines[group]} />
          {group === "kit" ? null : taken.has(group) ? (
            <p role="status" className="py-1 font-semibold">
              {LIBRARY.taken}
            </p>
          ) : (
            <RoofButton
              onClick={() => {
                take[group]();
                setTaken(new Set([...taken, group]));
              }}
            >
              {LIBRARY.take[group]}
            </RoofButton>
          )}
        </div>
      ))}
      <PatternPhotos pattern={pattern} />
    </section>
  );
}
