import { readTyped, typedText } from "@amp-saver/core/figure";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { LEARN } from "../../words/learn.ts";
import { lastStopKey } from "./learn.view.ts";
import type { Conduct } from "./use-conduct.ts";

/** What can be told now, the likeliest biggest; the peak of the run just made. */
export function RunButtons({ bundle: { job }, conduct }: { readonly bundle: JobBundle; readonly conduct: Conduct }) {
  const { own, tell, save } = conduct;
  const { measure } = useSettings();
  const { state, learning } = own;
  const phase = state.now.phase;
  const begun = state.counted + state.failed > 0;
  const held = !begun && !(learning.strongSource && learning.ecoOff);
  const lastKey = lastStopKey(learning, state);
  const lastPeak = lastKey === null ? null : (learning.events[lastKey]?.peakA ?? null);
  const say = (what: "call" | "start" | "stop", failed = false) => tell(own, job, what, { failed });
  return (
    <div className="grid gap-2 px-4 py-3 min-[1000px]:px-6">
      {held && <p className="font-semibold">{LEARN.notStrong}</p>}
      {phase === "ready" && state.calledMs === null && (
        <>
          <RoofButton main disabled={held} onClick={() => say("call")}>
            {LEARN.call}
          </RoofButton>
          <RoofButton disabled={held} onClick={() => say("start")}>
            {LEARN.started}
          </RoofButton>
        </>
      )}
      {phase === "ready" && state.calledMs !== null && (
        <>
          <RoofButton main onClick={() => say("start")}>
            {LEARN.started}
          </RoofButton>
          <RoofButton onClick={() => say("stop")}>{LEARN.neverStarted}</RoofButton>
        </>
      )}
      {phase === "running" && (
        <>
          <RoofButton main onClick={() => say("stop")}>
            {LEARN.stopped}
          </RoofButton>
          <RoofButton onClick={() => say("stop", true)}>{LEARN.failed}</RoofButton>
        </>
      )}
      {phase === "resting" && <RoofButton onClick={() => say("start")}>{LEARN.early}</RoofButton>}
      {phase === "done" && (
        <LinkButton to={`/job/${job.id}/prove`} main>
          {LEARN.toProve}
        </LinkButton>
      )}
      {lastKey !== null && phase !== "running" && (
        <TextField
          numeric
          key={lastKey}
          label={LEARN.peak(state.counted)}
          kept={lastPeak === null ? "" : typedText("readingA", measure, lastPeak)}
          onText={(text) => {
            const typed = readTyped("readingA", measure, text);
            if (!typed.ok && text.trim() !== "") return LEARN.badPeak(typed.limits);
            const event = { ...learning.events[lastKey], peakA: typed.ok ? typed.value : null };
            save(job, {}, `peak ${lastKey}`, { events: { [lastKey]: event } });
            return null;
          }}
        />
      )}
    </div>
  );
}
