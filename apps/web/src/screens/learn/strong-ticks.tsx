import type { JobBundle } from "../../store/queries.ts";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { LEARN } from "../../words/learn.ts";
import { learningSource, mayEco } from "./learn.view.ts";
import type { Conduct } from "./use-conduct.ts";

/** The source it learns on, and the answers that let the first run begin. */
export function StrongTicks({ bundle, conduct: { own, save } }: { readonly bundle: JobBundle; readonly conduct: Conduct }) {
  const { job, sources } = bundle;
  const { learning } = own;
  const source = learningSource(bundle, learning);
  return (
    <>
      {sources.length > 1 && (
        <Pick
          label={LEARN.source}
          value={source?.id ?? ""}
          options={sources.map(({ id, name }) => ({ value: id, word: name }))}
          onChange={(id) => save(job, { sourceId: sources.find((s) => s.id === id)?.id ?? null }, "sourceId")}
        />
      )}
      <Tick
        label={LEARN.strong}
        ticked={learning.strongSource}
        onChange={(strongSource) => save(job, { strongSource, sourceId: source?.id ?? null }, "strongSource")}
      />
      {mayEco(source) && <Tick label={LEARN.eco} ticked={learning.ecoOff} onChange={(ecoOff) => save(job, { ecoOff }, "ecoOff")} />}
    </>
  );
}
