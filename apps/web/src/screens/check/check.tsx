import { missingOf } from "@amp-saver/cases";
import { shownAs } from "@amp-saver/core/figure";
import { formatWith, present } from "@amp-saver/core/quantity";
import type { Turn } from "@amp-saver/core/study/boundary";
import { METHODS } from "@amp-saver/records";
import { useMemo, useState } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Failed } from "../../ui/failed.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { Later } from "../../ui/later.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Evidence, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { answerSentence } from "../../words/answer.ts";
import { CHECK, METHOD_WORDS, MISSING } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { useAssessed } from "../../workers/use-assessed.ts";
import { useTurn } from "../../workers/use-boundary.ts";
import { useSensitivities, useStudy } from "../../workers/use-study.ts";
import { TRIALS, useTrials } from "../../workers/use-trials.ts";
import { roundDown } from "../measure.ts";
import { SmallestPanel } from "../smallest-panel.tsx";
import { Assumed } from "./assumed.tsx";
import { checkView, movedBy, pictureOfStudy } from "./check.view.ts";
import { sameFrame } from "./check-input.ts";
import { ControlDrawer, ControlRail } from "./controls.tsx";
import { Held } from "./held.tsx";
import { pictureOf } from "./picture.ts";
import { Pictures } from "./pictures.tsx";
import { RefineSheet } from "./refine-sheet.tsx";
import { useKept } from "./use-kept.ts";
import { useQuestion } from "./use-question.ts";
import { WhySheet } from "./why-sheet.tsx";

/** Check: will it start and keep running, on this source, this way, on this day. */
export function CheckScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, unit, sources } = bundle;
  const { measure } = useSettings();
  const question = useQuestion(bundle);
  const { input, method, against } = question;
  const given = input.chosen.ok ? input.chosen.given : null;
  const study = useStudy(given);
  const compared = useAssessed(input.glances);
  const other = useStudy(input.against);
  const sensitivities = useSensitivities(given);
  const reach = useTurn(given);
  const rail = useWide();
  const [why, setWhy] = useState(false);
  const [refine, setRefine] = useState(false);
  const source = sources.find((s) => s.id === job.sourceId);
  const engine = source?.type === "generator";
  const trials = useTrials(given);
  const tried = trials.tried === study.answered ? trials.confidence : null;
  const studied = study.answer?.ok === true ? study.answer.value : null;
  const drawn = useMemo(() => studied && pictureOfStudy(studied, method, engine), [studied, method, engine]);
  const view = useMemo(() => studied && drawn && checkView(studied, tried, drawn), [studied, tried, drawn]);
  const moved = useMemo(() => (why ? movedBy(trials.trials) : []), [why, trials.trials]);
  useKept(bundle, view?.assessment ?? null, study.busy || trials.running);
  const cycle = <T,>(list: readonly T[], now: T): T | undefined => list[(list.indexOf(now) + 1) % list.length];
  useKeys({
    w: () => setWhy(true),
    s: () => {
      const next = cycle(sources, source ?? present(sources.at(-1)));
      if (next !== undefined) question.keep({ sourceId: next.id });
    },
    m: () => question.keep({ method: cycle(METHODS, method) ?? method }),
    b: () => question.keep({ against: against === null ? (METHODS.find((m) => m !== method) ?? null) : null }),
    l: () => document.getElementById("loads")?.focus(),
    t: () => document.getElementById("outdoor")?.focus(),
    a: () => document.getElementById("altitude")?.focus(),
  });

  const asked = CHECK.question(rail ? unit.name : null, source?.name ?? null);
  const missing = input.chosen.ok ? (study.answer?.ok === false ? missingOf(study.answer.reason) : null) : input.chosen.missing;
  const over = useMemo(
    () => (other.answer?.ok === true && against !== null ? { study: other.answer.value, method: against } : null),
    [other.answer, against],
  );
  const picture = useMemo(() => view && pictureOf(view, over, source), [view, over, source]);
  const inView = { outdoor: shownAs("outdoorC", measure), altitude: shownAs("altitudeM", measure) };
  const turn = roundTurn(sameFrame(reach.answered, given) ? reach.turn : undefined, measure);
  const text = (shown: typeof inView.outdoor, value: number | null | undefined): string | null =>
    value == null ? null : formatWith(shown.fromSi(value), 0, shown.unit);
  const hot = text(inView.outdoor, turn?.outdoorC);
  const high = text(inView.altitude, turn?.altitudeM);
  const parts =
    missing === null && view !== null
      ? answerSentence(view.assessment, source?.type ?? "shore")
      : [{ text: missing === null ? (study.failed === null ? COMMON.working : COMMON.failed) : MISSING[missing].answer }];
  const controls = { bundle, question, view, compared, turn };
  return (
    <StageFrame>
      <Evidence className="flex flex-col">
        <Answer
          question={asked}
          parts={parts}
          sure={
            view !== null && missing === null ? (
              <>
                <Held confidence={tried} running={trials.running} most={TRIALS} onStop={trials.stop} />{" "}
                {view.assessment.fit === "too-much" ? "" : CHECK.thresholds(hot, high, turn !== undefined)}{" "}
                {view.assessment.leastVolts !== null && view.assessment.fit !== "too-much" && CHECK.leastVolts(view.assessment.leastVolts)}
              </>
            ) : undefined
          }
          extra={
            view !== null && (
              <Button keyCap="W" onClick={() => setWhy(true)}>
                {COMMON.why}
              </Button>
            )
          }
        />
        {study.failed !== null && <Failed text={study.failed} onAgain={study.again} />}
        {trials.failed !== null && <Failed text={trials.failed} onAgain={trials.again} />}
        {missing !== null && (
          <LinkButton to={`/job/${job.id}/survey`} className="mt-4 self-start">
            {MISSING[missing].action}
          </LinkButton>
        )}
        {view !== null && picture !== null && missing === null && given !== null && (
          <Pictures
            rigName={bundle.rig.name}
            view={view}
            picture={picture}
            over={over && { lasts: pictureOfStudy(over.study, over.method).lasts, label: METHOD_WORDS[over.method] }}
            chosenLabel={METHOD_WORDS[method]}
            breakerA={source?.type === "shore" ? (view.assumptions.find((a) => a.code === "breaker")?.value ?? null) : null}
            sentence={parts.map((p) => p.text).join("")}
            given={given}
            mapAxis={source?.type === "generator" || source?.type === "inverter-generator" ? "altitude" : "loads"}
          />
        )}
        {!rail && (
          <div className="-mx-4 mt-3">
            <Later>
              <ControlDrawer {...controls} />
            </Later>
          </div>
        )}
        {view !== null && missing === null && (
          <Later atOnce={rail}>
            <Assumed
              sizeOnly={unit.lockedRotorA === undefined && unit.ratedLoadA === undefined}
              view={view}
              sensitivities={sameFrame(sensitivities.answered, given) ? sensitivities.answer : undefined}
              tried={trials.running ? null : trials.trials}
              onAll={() => setWhy(true)}
              onRefine={bundle.readings.some((r) => r.unitId === unit.id) || unit.mainOhm !== undefined ? () => setRefine(true) : null}
              refinedBy={unit.fitted?.readings ?? null}
            />
            <SmallestPanel bundle={bundle} />
          </Later>
        )}
      </Evidence>
      {rail && <ControlRail {...controls} />}
      <RefineSheet bundle={bundle} open={refine} onOpenChange={setRefine} />
      {view !== null && <WhySheet open={why} onOpenChange={setWhy} view={view} confidence={tried} moved={moved} />}
    </StageFrame>
  );
}

function roundTurn(turn: Turn | undefined, measure: "us" | "si"): Turn | undefined {
  if (turn === undefined) return undefined;
  const round = (name: "outdoorC" | "altitudeM", value: number | null): number | null =>
    value === null ? null : roundDown(name, measure, value);
  return { outdoorC: round("outdoorC", turn.outdoorC), altitudeM: round("altitudeM", turn.altitudeM) };
}
