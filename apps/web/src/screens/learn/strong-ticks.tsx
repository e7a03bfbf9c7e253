import type { Job } from "@amp-saver/records";
import { Tick } from "../../ui/tick.tsx";
import { LEARN } from "../../words/learn.ts";
import type { Conduct } from "./use-conduct.ts";

/** The two answers that let the first run begin. */
export function StrongTicks({ job, conduct: { own, save } }: { readonly job: Job; readonly conduct: Conduct }) {
  const { learning } = own;
  return (
    <>
      <Tick
        label={LEARN.strong}
        ticked={learning.strongSource}
        onChange={(strongSource) => save(job, { strongSource, sourceId: job.sourceId }, "strongSource")}
      />
      <Tick label={LEARN.eco} ticked={learning.ecoOff} onChange={(ecoOff) => save(job, { ecoOff }, "ecoOff")} />
    </>
  );
}
