import { conditionsOf, startCase } from "@amp-saver/cases";
import type { Timing } from "@amp-saver/records";
import { TIMING_MOST_S } from "@amp-saver/records";
import { editCommit } from "../../store/commands.ts";
import { addTimingCommit, deleteTimingCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { EAR } from "../../words/ear.ts";
import { useStudy } from "../../workers/use-study.ts";
import { SoundList } from "../sound-list.tsx";
import { earStep, keptSentence, middleToSpeed } from "./ear.view.ts";
import { HearFile } from "./hear-file.tsx";
import { ListenLive } from "./listen-live.tsx";

interface ByEarProps {
  readonly bundle: JobBundle;
  readonly side: Timing["when"];
}

/** Time to speed told by the sound of a start, or counted by a person: a reading of its own kind, never taken for amps. */
export function ByEar({ bundle, side }: ByEarProps) {
  const { commit } = useStore();
  const { job } = bundle;
  const timings = bundle.timings.filter((t) => t.jobId === job.id);
  const own = timings.filter((t) => t.when === side);
  const [before, after] = (["before", "after"] as const).map((when) => middleToSpeed(timings.filter((t) => t.when === when)));
  const keep = (told: Pick<Timing, "heard" | "countedS">): void =>
    void commit(addTimingCommit(job, side, { ...told, sourceId: job.sourceId }));
  return (
    <Fold label={EAR.title} ruled>
      <p className="py-1">{EAR.help}</p>
      <ListenLive bundle={bundle} side={side} onKeep={(heard) => keep({ heard, countedS: null })} />
      <SoundList bundle={bundle} step={earStep(side)} />
      <HearFile onKeep={(heard) => keep({ heard, countedS: null })} />
      <NumberField
        key={own.length}
        label={EAR.count}
        kept={null}
        min={0}
        max={TIMING_MOST_S}
        optional
        wrong={EAR.countWrong(TIMING_MOST_S)}
        onNumber={(countedS) => {
          if (countedS !== null) keep({ heard: null, countedS });
        }}
      />
      {own.length > 0 && (
        <section>
          <p className="mt-2 font-semibold">{EAR.kept[side]}</p>
          <ul>
            {own.map((timing, k) => (
              <li key={timing.id} className="border-b border-hair py-1">
                <span className="font-semibold">{keptSentence(timing)}</span>
                {timing.heard !== null && (
                  <NumberField
                    label={EAR.ownCount(k + 1)}
                    kept={timing.countedS}
                    min={0}
                    max={TIMING_MOST_S}
                    optional
                    wrong={EAR.countWrong(TIMING_MOST_S)}
                    onNumber={(countedS) => void commit(editCommit<Timing>(timing, { countedS }))}
                  />
                )}
                <Button look="quiet" onClick={() => void commit(deleteTimingCommit(timing))}>
                  {EAR.remove(k + 1)}
                </Button>
              </li>
            ))}
          </ul>
          <Expected bundle={bundle} side={side} />
        </section>
      )}
      {before != null && after != null && <p className="py-1 font-semibold">{EAR.beside2(before, after)}</p>}
      <p className="py-1 text-ink2">{EAR.sure}</p>
    </Fold>
  );
}

/** The time to speed that the model expects on the job's own source. */
function Expected({ bundle: { rig, unit, job, sources, starters }, side }: ByEarProps) {
  const source = sources.find((s) => s.id === job.sourceId);
  const question = startCase(unit, source, side === "before" ? "as-found" : "soft", conditionsOf(rig, job, starters));
  const { answer } = useStudy(question.ok ? question.given : null);
  const startS = answer?.ok === true ? answer.value.result.startS : null;
  return startS === null ? null : <p className="py-1">{EAR.expected(startS)}</p>;
}
