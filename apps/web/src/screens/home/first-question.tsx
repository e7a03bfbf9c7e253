import { conditionsOf, startCase } from "@amp-saver/cases";
import { shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import type { Source } from "@amp-saver/records";
import { useState } from "react";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Failed } from "../../ui/failed.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { answerSentence } from "../../words/answer.ts";
import { CHECK, MISSING } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { FIRST, HOME } from "../../words/home.ts";
import { useAssessments } from "../../workers/use-assessed.ts";
import { FigureInput } from "../figure-input.tsx";
import { fedBy, useFirstAsked, withFigure } from "./first-asked.ts";
import { LazySheet } from "./lazy-sheet.tsx";

const KINDS = ["inverter-generator", "generator", "shore", "inverter"] as const satisfies readonly Source["type"][];
const PLATE = ["coolingW", "lockedRotorA", "ratedLoadA"] as const;

interface FirstQuestionProps {
  /** What else an empty logbook offers. */
  readonly children: React.ReactNode;
}

/** The question itself, before anything has a name: size or plate, what feeds it, and the answer above. Naming it keeps it. */
export function FirstQuestion({ children }: FirstQuestionProps) {
  const [asked, ask] = useFirstAsked();
  const [naming, setNaming] = useState(false);
  const { measure } = useSettings();
  const { rig, unit, source, job } = asked;
  const question = startCase(unit, source ?? undefined, job.method, conditionsOf(rig, job, []));
  const { assessments, failed, again } = useAssessments(question.ok ? [question.given] : null);
  const assessment = assessments[0] ?? null;
  const parts = !question.ok
    ? [{ text: question.missing === "plate-amps" || question.missing === "source" ? FIRST.ask : MISSING[question.missing].answer }]
    : assessment === null || source === null
      ? [{ text: COMMON.working }]
      : answerSentence(assessment, source.type);
  const tries = assessment?.tries ?? null;
  const air = shownAs("outdoorC", measure);
  useKeys({ n: () => setNaming(true) });
  return (
    <>
      <Answer
        guide="check"
        question={FIRST.question}
        parts={parts}
        sure={
          tries === null
            ? FIRST.sure
            : `${CHECK.held(tries.holds, tries.trials, null)} ${FIRST.asFound(formatWith(air.fromSi(rig.hottestC.value), 0, air.unit))}`
        }
      />
      {failed !== null && <Failed text={failed} onAgain={again} />}
      <div className="mt-4 grid max-w-[820px] gap-x-8 gap-y-4 min-[43.75rem]:grid-cols-2">
        <section aria-label={FIRST.unit}>
          <h2 className="border-b-[1.5px] border-ink pb-1 font-bold">{FIRST.unit}</h2>
          {PLATE.map((name) => (
            <FigureInput
              key={name}
              name={name}
              usual="plate"
              figure={unit[name]}
              onChange={(figure) => ask({ ...asked, unit: withFigure(unit, { [name]: figure }) })}
              placeholder={FIRST.unknown}
            />
          ))}
        </section>
        <section aria-label={FIRST.feeds}>
          <h2 className="border-b-[1.5px] border-ink pb-1 font-bold">{FIRST.feeds}</h2>
          <Choice
            label={FIRST.feeds}
            hideLabel
            value={source?.type ?? ""}
            options={KINDS.map((value) => ({ value, word: FIRST.kinds[value] }))}
            onChange={(type) => type !== "" && ask(fedBy(asked, type))}
          />
          {source !== null && <SourceFigures source={source} onChange={(next) => ask({ ...asked, source: next })} />}
        </section>
      </div>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button look={question.ok ? "primary" : "plain"} keyCap="N" className="min-h-[52px]" onClick={() => setNaming(true)}>
          {question.ok ? FIRST.keep : HOME.newRig}
        </Button>
        {children}
      </div>
      <LazySheet
        open={naming}
        onOpenChange={setNaming}
        asked={{ what: asked, stage: question.ok ? "check" : "survey", onKept: () => ask(null) }}
      />
    </>
  );
}

interface SourceFiguresProps {
  readonly source: Source;
  readonly onChange: (source: Source) => void;
}

/** The one or two figures of a source that a first answer needs. */
function SourceFigures({ source, onChange }: SourceFiguresProps) {
  if (source.type === "shore")
    return (
      <FigureInput
        name="breakerA"
        usual="plate"
        figure={source.breakerA}
        onChange={(breakerA) => onChange(withFigure(source, { breakerA }))}
      />
    );
  return (
    <>
      <FigureInput
        name="runningW"
        usual="sheet"
        figure={source.runningW}
        onChange={(runningW) => onChange(withFigure(source, { runningW }))}
      />
      <FigureInput
        name="surgeW"
        usual="sheet"
        figure={source.surgeW}
        onChange={(surgeW) => onChange(withFigure(source, { surgeW }))}
        placeholder={FIRST.unknown}
      />
    </>
  );
}
