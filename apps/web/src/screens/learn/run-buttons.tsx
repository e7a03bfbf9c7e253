import { readTyped, typedText } from "@amp-saver/core/figure";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Fold } from "../../ui/fold.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { LEARN } from "../../words/learn.ts";
import { isHeld, learningSource, stopKeys } from "./learn.view.ts";
import { StrongTicks } from "./strong-ticks.tsx";
import type { Conduct } from "./use-conduct.ts";

/** What can be told now, the likeliest biggest; the peak of the run just made. */
export function RunButtons({ bundle, conduct }: { readonly bundle: JobBundle; readonly conduct: Conduct }) {
  const { job } = bundle;
  const { own, tell, save } = conduct;
  const { measure } = useSettings();
  const { state, learning } = own;
  const phase = state.now.phase;
  const held = isHeld(own, learningSource(bundle, learning));
  const keys = stopKeys(learning, state);
  const peak = (key: string, run: number) => (
    <TextField
      numeric
      key={key}
      label={LEARN.peak(run)}
      kept={textOf(learning.events[key]?.peakA)}
      onText={(text) => {
        const typed = readTyped("readingA", measure, text);
        if (!typed.ok && text.trim() !== "") return LEARN.badPeak(typed.limits);
        const event = { ...learning.events[key], peakA: typed.ok ? typed.value : null };
        save(job, {}, `peak ${key}`, { events: { [key]: event } });
        return null;
      }}
    />
  );
  const textOf = (peakA: number | null | undefined): string => (peakA == null ? "" : typedText("readingA", measure, peakA));
  const last = keys.at(-1);
  const say = (what: "call" | "start" | "stop", failed = false) => tell(own, job, what, { failed });
  return (
    <div className="grid gap-2 px-4 py-3 min-[62.5rem]:px-6">
      {held && (
        <>
          <p className="font-semibold">{LEARN.notStrong}</p>
          <StrongTicks bundle={bundle} conduct={conduct} />
        </>
      )}
      {phase === "ready" && state.calledMs === null && (
        <>
          <RoofButton main power disabled={held} onClick={() => say("call")}>
            {LEARN.call}
          </RoofButton>
          <RoofButton power disabled={held} onClick={() => say("start")}>
            {LEARN.started}
          </RoofButton>
        </>
      )}
      {phase === "ready" && state.calledMs !== null && (
        <>
          <RoofButton main power onClick={() => say("start")}>
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
      {last !== undefined && phase !== "running" && peak(last, keys.length)}
      {keys.length > 1 && <Fold label={LEARN.earlierPeaks}>{keys.slice(0, -1).map((key, k) => peak(key, k + 1))}</Fold>}
    </div>
  );
}
