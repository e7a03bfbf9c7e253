import type { JobBundle } from "../../store/queries.ts";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { BEFORE } from "../../words/prove.ts";
import { useLock } from "../use-lock.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";

/** The clamp is hung on a dead unit: where it is not proven dead, the way there; where it is, what to do and that power is back. */
export function HangTheClamp({ bundle }: { readonly bundle: JobBundle }) {
  const { wiring } = useUnitWiring(bundle);
  const { lock, relock } = useLock(bundle, wiring, 5);
  return (
    <section className="border-[1.5px] border-ink bg-face px-3 py-2">
      <SectionHeading>{BEFORE.hang}</SectionHeading>
      {lock === null ? (
        <>
          <ol className="list-decimal py-1 pl-6">
            {BEFORE.hangSteps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
          <RoofButton onClick={() => relock("powered")}>{BEFORE.powered}</RoofButton>
        </>
      ) : (
        <>
          <p className="py-1">{BEFORE.hangDead}</p>
          <LinkButton to={`/job/${bundle.job.id}/isolate`}>{BEFORE.toIsolate}</LinkButton>
        </>
      )}
    </section>
  );
}
