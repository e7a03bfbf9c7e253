import { conditionsOf, startCase } from "@amp-saver/cases";
import { useState } from "react";
import { Link } from "react-router";
import { LearningPicture } from "../../chart/learning-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { JobBundle } from "../../store/queries.ts";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { MISSING } from "../../words/check.ts";
import { expectSentence, LEARN, learnSentence } from "../../words/learn.ts";
import { useLearning } from "../../workers/use-study.ts";
import { BeforeStart } from "./before-start.tsx";
import type { LearnPartProps } from "./learn-part-props.ts";
import { RunButtons } from "./run-buttons.tsx";
import { TimerPanel } from "./timer-panel.tsx";
import { TurnsList } from "./turns-list.tsx";
import { useConduct } from "./use-conduct.ts";
import { WaitingPanel } from "./waiting-panel.tsx";

/** Learn: runs and rests conducted, each peak on the rule, and whether silence is a wait or a fault. */
export function LearnScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, rig, unit, sources, starters } = bundle;
  const [aloud, setAloud] = useState(true);
  const instruments = useInstruments();
  const conduct = useConduct(bundle, instruments.displays, aloud);
  const { state, learning } = conduct.own;
  useWakeLock(conduct.views.some((v) => v.state.now.phase !== "done" && v.begunMs !== null));
  const source = sources.find((s) => s.id === job.sourceId);
  const question = startCase(unit, source, "soft", conditionsOf(rig, job, starters));
  const { answer: expected } = useLearning(question.ok ? question.given : null);
  const [frame, width] = useWidth<HTMLDivElement>();
  const starter = starters.find((s) => s.id === job.starterId);
  const part: LearnPartProps = { bundle, conduct, starter, instruments };
  const last = expected?.starts.at(-1);
  return (
    <div className="grid min-h-full min-[1000px]:grid-cols-[1fr_400px]">
      <div className="min-w-0">
        <div className="px-4 py-3 min-[1000px]:px-6">
          <Answer question={LEARN.question(unit.name)} parts={learnSentence(state, learning.rule.mostRuns)} />
        </div>
        <TimerPanel view={conduct.own} now={conduct.now} />
        <RunButtons bundle={bundle} conduct={conduct} />
        <div ref={frame} className="px-4 py-3 min-[1000px]:px-6">
          {width > 0 && (expected != null || state.peaksA.length > 0) && (
            <LearningPicture
              width={width}
              peaksA={state.peaksA}
              starts={expected?.starts ?? []}
              directA={expected?.directA ?? null}
              settledAt={expected?.settledAt ?? null}
            />
          )}
          {question.ok && expected != null && last !== undefined && (
            <>
              <p className="mt-3">{expectSentence({ ...expected, lastA: last.peakA, tripped: expected.starts.some((s) => s.tripped) })}</p>
              <p className="text-[15.5px] text-ink2">{LEARN.sure}</p>
              <p className="mt-2 text-[15.5px]">
                <b>{LEARN.restTitle}.</b> {LEARN.rest(expected.restartsHot)} <b>{LEARN.breakerTitle}.</b>{" "}
                {LEARN.breaker(Math.max(-1, ...expected.starts.map((s) => s.breakerHeat ?? -1)))}
              </p>
            </>
          )}
          {!question.ok && (
            <Link to={`/job/${job.id}/survey`} className="mt-4 inline-flex min-h-[52px] items-center bg-ink px-5 font-semibold text-face">
              {MISSING[question.missing].action}
            </Link>
          )}
        </div>
      </div>
      <aside className="border-ink bg-bench px-4 pb-6 max-[999px]:border-t-[1.5px] min-[1000px]:border-l-[1.5px] min-[1000px]:px-5">
        <WaitingPanel {...part} />
        <BeforeStart {...part} />
        <LinkPick {...part} />
        <Tick label={LEARN.sound} ticked={aloud} onChange={setAloud} />
        <TurnsList {...part} />
      </aside>
    </div>
  );
}

/** Which instrument tells the starts of this unit; a finger where none does. */
function LinkPick({ bundle: { job }, conduct, instruments }: LearnPartProps) {
  const links = instruments.list?.filter((i) => i.kind === "starter-link") ?? [];
  const { link } = conduct.own.learning;
  if (links.length === 0 && link === null) return null;
  return (
    <>
      <Pick
        label={LEARN.linkPick}
        value={link ?? ""}
        options={[{ value: "", word: LEARN.linkNone }, ...links.map(({ id, name }) => ({ value: id, word: name }))]}
        onChange={(id) => conduct.save(job, { link: id === "" ? null : id }, "link")}
      />
      {link !== null && (!instruments.displays.has(link) || instruments.connection === "lost") && (
        <p className="font-semibold text-lead">{LEARN.linkLost}</p>
      )}
    </>
  );
}
