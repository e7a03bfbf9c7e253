import { Tick } from "../../ui/tick.tsx";
import { LEARN } from "../../words/learn.ts";
import { Waiting } from "../waiting.tsx";
import { learningSource } from "./learn.view.ts";
import type { LearnPartProps } from "./learn-part-props.ts";

/** Waiting or faulty between the call and the start of a run. */
export function WaitingPanel({ bundle, conduct, starter, instruments }: LearnPartProps) {
  const { job } = bundle;
  const { own, now, save } = conduct;
  const { learning, state } = own;
  return (
    <Waiting
      bundle={bundle}
      starter={starter}
      source={learningSource(bundle, learning)}
      waits={learning.waits}
      instruments={instruments}
      elapsedS={state.calledMs === null ? null : (now - state.calledMs) / 1000}
    >
      <Tick
        label={LEARN.thermostatJustOff}
        ticked={learning.waits.thermostatJustOff}
        onChange={(yes) => save(job, {}, "thermostatJustOff", { waits: { thermostatJustOff: yes } })}
      />
    </Waiting>
  );
}
