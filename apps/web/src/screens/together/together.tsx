import { askable, MOST_TOGETHER, togetherQuestion } from "@amp-saver/cases";
import type { Source } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { LegsPicture } from "../../chart/legs-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { RigBundle } from "../../store/bundle.ts";
import { useStore } from "../../store/provider.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Failed } from "../../ui/failed.tsx";
import { FitList } from "../../ui/fit-list.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import type { FitName } from "../../ui/verdict-glyph.tsx";
import { CHECK } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { PICTURES } from "../../words/pictures.ts";
import { TOGETHER, togetherSentence } from "../../words/together.ts";
import { useTogether } from "../../workers/use-study.ts";
import { Findings } from "./findings.tsx";
import { LimitsCard } from "./limits-card.tsx";
import { LoadList } from "./load-list.tsx";
import { Matrix } from "./matrix.tsx";
import { gapsOf, ruleOf, softUnits, spareOf } from "./plan.ts";

/** What may run together on each source of a rig, what must go off, and the card to hand on. */
export function TogetherScreen({ bundle }: { readonly bundle: RigBundle }) {
  const { rig, units, jobs, loads, sources, starters } = bundle;
  const { epoch } = useStore();
  const [unitsOff, setUnitsOff] = useState<ReadonlySet<string>>(new Set());
  const [turned, setTurned] = useState<ReadonlyMap<string, boolean>>(new Map());
  const softly = useMemo(() => softUnits(bundle, Date.now()), [bundle]);
  const unlearned = useMemo(
    () => new Set<string>(softly.filter(({ unit, learned }) => !(turned.get(unit.id) ?? learned)).map(({ unit }) => unit.id)),
    [softly, turned],
  );
  const [lockOut, setLockOut] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const [frame, width] = useWidth<HTMLDivElement>();
  const questions = useMemo(
    () => sources.map((source) => togetherQuestion({ rig, units, jobs, loads, starters, unitsOff, unlearned }, source)),
    [rig, units, jobs, loads, sources, starters, unitsOff, unlearned],
  );
  const { answer, failed, again } = useTogether(questions.some((q) => askable(q) !== null) ? questions.map(askable) : null);
  useKeys({ p: () => globalThis.print() });

  const first = questions.findIndex((q) => q !== null);
  const at = Math.max(0, chosen === null ? first : sources.findIndex((s) => s.id === chosen));
  const source: Source | undefined = sources[at];
  const study = answer?.[at] ?? null;
  const question = questions[at] ?? null;
  const names = new Map<string, string>([...units, ...loads].map((r) => [r.id, r.name]));
  const nameOf = (id: string): string => names.get(id) ?? id;
  const failing = study?.starts.find((s) => s.assessment?.fit === "too-much");
  const parts =
    source === undefined || question === null
      ? [{ text: TOGETHER.nothing }]
      : askable(question) === null
        ? [{ text: TOGETHER.tooManyOn(MOST_TOGETHER) }]
        : study === null
          ? [{ text: COMMON.working }]
          : togetherSentence({
              fit: study.fit,
              status: study.budget.status,
              shed: study.budget.shed.map(nameOf),
              spareA: spareOf(study),
              rule: ruleOf(study),
              startFails: failing === undefined ? null : nameOf(failing.id),
            });
  const fitOf = (id: string): FitName | null => {
    const on = answer?.[sources.findIndex((s) => s.id === id)];
    return on ? on.fit : answer === undefined ? null : "not-known";
  };
  const job = jobs[0];
  return (
    <StageFrame>
      <Evidence>
        <Answer guide="together" question={TOGETHER.question(source?.name ?? "–")} parts={parts} sure={TOGETHER.sure} />
        {question === null && job !== undefined && (
          <LinkButton to={`/job/${job.id}/survey`} className="mt-4">
            {TOGETHER.toSurvey}
          </LinkButton>
        )}
        {failed !== null && <Failed text={failed} onAgain={again} />}
        <div ref={frame} className="mt-3 min-w-0">
          {study !== null && question !== null && width > 0 && (
            <LegsPicture width={width} gaps={gapsOf(study, question.given)} label={TOGETHER.pictureLabel} ruleLabel={PICTURES.amps} />
          )}
        </div>
        {study !== null && question !== null && source !== undefined && (
          <>
            <Findings study={study} question={question} source={source} bundle={bundle} lockOut={lockOut} nameOf={nameOf} />
            <Matrix
              bundle={bundle}
              sources={sources}
              studies={answer ?? []}
              impossible={questions.map((q) => q?.impossible ?? [])}
              unitsOff={unitsOff}
              onUnit={(id, on) => setUnitsOff((old) => new Set(on ? [...old].filter((u) => u !== id) : [...old, id]))}
            />
            <div className="mt-4">
              <Button onClick={() => globalThis.print()} keyCap="P">
                {TOGETHER.print}
              </Button>
            </div>
            <LimitsCard rig={rig.name} source={source.name} study={study} question={question} nameOf={nameOf} />
          </>
        )}
      </Evidence>
      <Rail className="print:hidden">
        <h2 className="text-body text-ink2">{CHECK.source}</h2>
        <FitList items={sources} fitOf={fitOf} chosen={source?.id ?? null} onChoose={setChosen} />
        <div className="mt-3">
          {softly.map(({ unit }) => (
            <Choice
              key={unit.id}
              label={TOGETHER.starterOf(unit.name)}
              value={unlearned.has(unit.id) ? "unlearned" : "learned"}
              options={[
                { value: "learned", word: TOGETHER.learned },
                { value: "unlearned", word: TOGETHER.unlearned },
              ]}
              onChange={(value) => setTurned((old) => new Map(old).set(unit.id, value === "learned"))}
            />
          ))}
        </div>
        {units.length > 1 && (
          <Choice
            label={TOGETHER.lockOut}
            value={lockOut ? "locked" : "free"}
            options={(["free", "locked"] as const).map((value) => ({ value, word: TOGETHER.lockOuts[value] }))}
            onChange={(value) => setLockOut(value === "locked")}
          />
        )}
        <LoadList key={`loads ${epoch}`} bundle={bundle} />
      </Rail>
    </StageFrame>
  );
}
