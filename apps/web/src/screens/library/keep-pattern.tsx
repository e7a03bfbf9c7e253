import { keepPatternCommit } from "../../store/library-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { LIBRARY } from "../../words/library.ts";
import { patternFor } from "./library.view.ts";
import { usePatterns } from "./use-patterns.ts";

/** Keeps what was learned of a unit under its model, without any name. */
export function KeepPattern({ bundle: { job, unit, wirings, works } }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const known = patternFor(usePatterns(), unit.model);
  if (unit.model.trim() === "") return <p className="py-2 text-ink2">{LIBRARY.noModel}</p>;
  if (known !== undefined && Object.hasOwn(known.works, job.id)) return <p className="py-2 font-semibold">{LIBRARY.kept}</p>;
  const wiring = wirings.find((w) => w.unitId === unit.id);
  const work = works.find((w) => w.jobId === job.id);
  return (
    <RoofButton onClick={() => void commit(keepPatternCommit(known, job, unit, wiring, work))}>
      {known === undefined ? LIBRARY.keep(unit.model) : LIBRARY.keepMore(known.model, Object.keys(known.works).length)}
    </RoofButton>
  );
}
