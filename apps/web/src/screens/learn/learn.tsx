import { conditionsOf, startCase } from "@amp-saver/cases";
import { useMemo, useState } from "react";
import { LearningPicture } from "../../chart/learning-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { MISSING } from "../../words/check.ts";
import { FIT } from "../../words/fit.ts";
import { againstSentence, expectSentence, LEARN, learnSentence } from "../../words/learn.ts";
import { useLearning, usePredicted } from "../../workers/use-study.ts";
import { Trouble } from "../trouble.tsx";
import { predictQuestion } from "../use-proof.ts";
import { BeforeStart } from "./before-start.tsx";
import { isHeld, lastAgainst, learningSource } from "./learn.view.ts";
import type { LearnPartProps } from "./learn-part-props.ts";
import { rangeOpened } from "./range-opened.ts";
import { RunButtons } from "./run-buttons.tsx";
import { TimerPanel } from "./timer-panel.tsx";
import { TurnsList } from "./turns-list.tsx";
import { useConduct } from "./use-conduct.ts";
import { WaitingPanel } from "./waiting-panel.tsx";

/** Learn: runs and rests conducted, each peak on the rule, and whether silence is a wait or a fault. */
export function LearnScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, rig, unit, starters } = bundle;
  const { measure } = useSettings();
  const [aloud, setAloud] = useState(true);
  const instruments = useInstruments();
  const conduct = useConduct(bundle, instruments.displays, aloud);
  const { state, learning } = conduct.own;
  useWakeLock(conduct.views.some((v) => v.state.now.phase !== "done" && v.begunMs !== null));
  const source = learningSource(bundle, learning);
  const question = startCase(unit, source, "soft", { ...conditionsOf(rig, job, starters), otherLoadsA: 0 });
  const byApp = learning.link !== null;
  const predict = useMemo(() => predictQuestion(bundle, byApp ? "app" : null, source), [bundle, byApp, source]);
  const { answer: expected } = useLearning(
    predict === null ? null : { given: predict.soft, watched: { kind: predict.kind, conductor: predict.conductor } },
  );
  const range = usePredicted(predict).answer?.expected ?? null;
  const opened =
    range === null ? null : rangeOpened(range, { unit, job, source, outdoorC: predict?.soft.outdoorC ?? rig.hottestC.value }, measure);
  const [frame, width] = useWidth<HTMLDivElement>();
  const starter = starters.find((s) => s.id === job.starterId);
  const part: LearnPartProps = { bundle, conduct, starter, instruments };
  const last = expected?.starts.at(-1);
  const starts = expected?.starts.map((s) => ({ ...s, peakA: s.shownA })) ?? [];
  const against = range === null ? null : lastAgainst(conduct.own, range.after);
  return (
    <StageFrame>
      <div className="min-w-0">
        <Evidence>
          <Answer guide="learn" question={LEARN.question(unit.name)} parts={learnSentence(state, learning.rule.mostRuns)} />
        </Evidence>
        <TimerPanel view={conduct.own} now={conduct.now} held={isHeld(conduct.own, source)} />
        <RunButtons bundle={bundle} conduct={conduct} />
        <Evidence ref={frame}>
          {width > 0 && (expected != null || state.peaksA.length > 0) && (
            <LearningPicture
              width={width}
              peaksA={state.peaksA}
              starts={starts}
              directA={expected?.directShownA ?? null}
              settledAt={expected?.settledAt ?? null}
            />
          )}
          {question.ok && expected != null && last !== undefined && (
            <>
              <p className="mt-3">{expectSentence({ settledAt: expected.settledAt, tripped: expected.starts.some((s) => s.tripped) })}</p>
              {range !== null && (
                <p>
                  {LEARN.shows(LEARN.kinds[range.kind], range.after.low, range.after.high)}{" "}
                  {against !== null && againstSentence(against.lastA, against.how, range.after)}
                </p>
              )}
              {opened !== null && <OpenFigure {...opened} />}
              <p className="text-body text-ink2">{LEARN.sure}</p>
              <p className="mt-2 text-body">
                <b>{LEARN.restTitle}.</b> {LEARN.rest(expected.restartsHot)} <b>{LEARN.breakerTitle}.</b>{" "}
                {LEARN.breaker(Math.max(-1, ...expected.starts.map((s) => s.breakerHeat ?? -1)))}
              </p>
            </>
          )}
          {!question.ok && (
            <LinkButton to={`/job/${job.id}/survey`} className="mt-4">
              {MISSING[question.missing].action}
            </LinkButton>
          )}
        </Evidence>
      </div>
      <Rail later>
        <SheetSays {...part} />
        <WaitingPanel {...part} />
        <Trouble bundle={bundle} />
        <BeforeStart {...part} />
        <LinkPick {...part} />
        <Tick label={LEARN.sound} ticked={aloud} onChange={setAloud} />
        <TurnsList {...part} />
      </Rail>
    </StageFrame>
  );
}

/** What the starter's own sheet says about learning, beside what the app counts by. */
function SheetSays({ bundle: { job, starters } }: LearnPartProps) {
  const sheet = starters.find((s) => s.id === job.starterId)?.learning;
  return sheet === undefined || sheet === "" ? null : (
    <p className="border-l-[3px] border-ink pl-2 font-semibold">{FIT.sheetSays(sheet)}</p>
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
