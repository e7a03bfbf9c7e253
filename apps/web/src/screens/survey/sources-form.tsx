import type { Source } from "@amp-saver/records";
import { Link } from "react-router";
import { addSourceCommit, deleteSourceCommit, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { SURVEY } from "../../words/survey.ts";
import { TOGETHER } from "../../words/together.ts";
import { SourceForm } from "./source-form.tsx";

/** What feeds the rig; the one the job asks about lies open. */
export function SourcesForm({ bundle }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const { job, rig, unit, sources } = bundle;
  const add = (type: Source["type"], name: string): void => void commit(addSourceCommit(bundle, job, type, name, unit));
  return (
    <section>
      <SectionHeading>{SURVEY.sources}</SectionHeading>
      {sources.length === 0 && <p className="py-2 text-ink2">{SURVEY.noSource}</p>}
      <ul>
        {sources.map((source) => {
          const open = source.id === job.sourceId;
          return (
            <li key={source.id} className="border-b border-hair">
              <button
                type="button"
                aria-expanded={open}
                onClick={() => void commit(editCommit(job, { sourceId: open ? null : source.id, answer: null }))}
                className={`flex min-h-[34px] w-full items-center px-2 text-left font-semibold pointer-coarse:min-h-[48px] ${open ? "bg-ink text-face" : ""}`}
              >
                {source.name}
              </button>
              {open && <SourceForm source={source} onDelete={() => void commit(deleteSourceCommit(bundle, source))} />}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => add("shore", SURVEY.shoreName(unit.plateVolts.value))}>{SURVEY.addShore}</Button>
        <Button onClick={() => add("inverter-generator", SURVEY.generatorName)}>{SURVEY.addGenerator}</Button>
        <Button onClick={() => add("inverter", SURVEY.inverterName)}>{SURVEY.addInverter}</Button>
      </div>
      <Link
        to={`/rig/${rig.id}/together`}
        state={{ from: `/job/${job.id}/survey` }}
        className="mt-3 inline-block underline underline-offset-4 pointer-coarse:py-3"
      >
        {TOGETHER.open}
      </Link>
    </section>
  );
}
