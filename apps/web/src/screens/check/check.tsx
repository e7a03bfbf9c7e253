import { formatWith } from "@amp-saver/core/quantity";
import { METHODS } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { answerSentence, CHECK, METHOD_WORDS, MISSING } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { otherLoadsOf, sameFrame } from "../../workbench/check-input.ts";
import { checkView, withTrials } from "../../workbench/check-view.ts";
import { roundDown, shownAs } from "../../workbench/measure.ts";
import { useGlances, useStudy, useSurroundings } from "../../workers/use-study.ts";
import { TRIALS, useTrials } from "../../workers/use-trials.ts";
import { Assumed } from "./assumed.tsx";
import { ControlDrawer, ControlRail } from "./controls.tsx";
import { Held } from "./held.tsx";
import { pictureOf } from "./picture.ts";
import { Pictures } from "./pictures.tsx";
import { RefineSheet } from "./refine-sheet.tsx";
import type { Thresholds } from "./surroundings.ts";
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
  const compared = useGlances(input.glances);
  const other = useStudy(input.against);
  const surroundings = useSurroundings(given);
  const rail = useWide();
  const [why, setWhy] = useState(false);
  const [refine, setRefine] = useState(false);
  const source = sources.find((s) => s.id === job.sourceId);
  const engine = source?.type === "generator";
  const trials = useTrials(given);
  const tried = trials.tried === study.answered ? trials.confidence : null;
  const view = useMemo(
    () => (study.answer ? withTrials(checkView(study.answer, method, engine), tried) : null),
    [study.answer, method, engine, tried],
  );
  useKept(bundle, view, study.busy || trials.running);
  const cycle = <T,>(list: readonly T[], now: T): T | undefined => list[(list.indexOf(now) + 1) % list.length];
  useKeys({
    w: () => setWhy(true),
    s: () => {
      const next = cycle(sources, source ?? sources.at(-1)!);
      if (next !== undefined) question.keep({ sourceId: next.id });
    },
    m: () => question.keep({ method: cycle(METHODS, method) ?? method }),
    b: () => question.keep({ against: against === null ? (METHODS.find((m) => m !== method) ?? null) : null }),
    l: () => document.getElementById("loads")?.focus(),
    t: () => document.getElementById("outdoor")?.focus(),
    a: () => document.getElementById("altitude")?.focus(),
  });

  const asked = CHECK.question(rail ? unit.name : null, source?.name ?? null);
  const missing = input.chosen.ok ? (study.answer === null ? "no-motor" : null) : input.chosen.missing;
  const over = useMemo(() => (other.answer && against !== null ? { study: other.answer, method: against } : null), [other.answer, against]);
  const answeredLoadsA = useMemo(() => otherLoadsOf(study.answered), [study.answered]);
  const picture = useMemo(() => view && pictureOf(view, over, answeredLoadsA, unit, source), [view, over, answeredLoadsA, unit, source]);
  const inView = { outdoor: shownAs("hottestC", measure), altitude: shownAs("altitudeM", measure) };
  const around = useMemo(
    () => (sameFrame(surroundings.answered, given) ? surroundings.answer : undefined),
    [surroundings.answered, surroundings.answer, given],
  );
  const turn = roundTurn(around?.thresholds, measure);
  const text = (shown: typeof inView.outdoor, value: number | null | undefined): string | null =>
    value == null ? null : formatWith(shown.fromSi(value), 0, shown.unit);
  const hot = text(inView.outdoor, turn?.outdoorC);
  const high = text(inView.altitude, turn?.altitudeM);
  const parts =
    missing === null && view !== null
      ? answerSentence({ code: view.code, figures: view.figures, decides: view.decides, method, shore: source?.type === "shore" })
      : [{ text: missing === null ? COMMON.working : MISSING[missing].answer }];
  const controls = { bundle, question, view, glances: compared.answer, turn };
  const decidingGap = view === null ? null : view[view.decides];
  return (
    <div className="grid min-h-full min-[1000px]:grid-cols-[1fr_370px]">
      <div className="flex min-w-0 flex-col px-4 py-3 min-[1000px]:px-6">
        <Answer
          question={asked}
          parts={parts}
          sure={
            view !== null && missing === null ? (
              <>
                <Held confidence={tried} running={trials.running} most={TRIALS} onStop={trials.stop} />{" "}
                {view.overall === "too-much" ? CHECK.noMore : CHECK.thresholds(hot, high, turn !== undefined)}{" "}
                {tried === null && decidingGap !== null && decidingGap !== undefined && CHECK.known(decidingGap.toleranceA)}
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
        {missing !== null && (
          <Link
            to={`/job/${job.id}/survey`}
            className="mt-4 inline-flex min-h-[52px] items-center self-start bg-ink px-5 font-semibold text-face"
          >
            {MISSING[missing].action}
          </Link>
        )}
        {view !== null && picture !== null && missing === null && given !== null && (
          <Pictures
            rigName={bundle.rig.name}
            view={view}
            picture={picture}
            over={over && { lasts: checkView(over.study, over.method).lasts, label: METHOD_WORDS[over.method] }}
            chosenLabel={METHOD_WORDS[method]}
            breakerA={source?.type === "shore" ? (view.assumptions.find((a) => a.code === "breaker")?.value ?? null) : null}
            sentence={parts.map((p) => p.text).join("")}
            given={given}
            mapAxis={source?.type === "generator" || source?.type === "inverter-generator" ? "altitude" : "loads"}
          />
        )}
        {!rail && (
          <div className="-mx-4 mt-3">
            <ControlDrawer {...controls} />
          </div>
        )}
        {view !== null && missing === null && (
          <Assumed
            view={view}
            surroundings={around}
            onAll={() => setWhy(true)}
            onRefine={bundle.readings.some((r) => r.unitId === unit.id) || unit.mainOhm !== undefined ? () => setRefine(true) : null}
            refinedBy={unit.fitted?.readings ?? null}
          />
        )}
      </div>
      {rail && <ControlRail {...controls} />}
      <RefineSheet bundle={bundle} open={refine} onOpenChange={setRefine} />
      {view !== null && <WhySheet open={why} onOpenChange={setWhy} view={view} onBreaker={source?.type === "shore"} confidence={tried} />}
    </div>
  );
}

function roundTurn(turn: Thresholds | undefined, measure: "us" | "si"): Thresholds | undefined {
  if (turn === undefined) return undefined;
  const round = (name: "hottestC" | "altitudeM", value: number | null): number | null =>
    value === null ? null : roundDown(name, measure, value);
  return { outdoorC: round("hottestC", turn.outdoorC), altitudeM: round("altitudeM", turn.altitudeM) };
}
