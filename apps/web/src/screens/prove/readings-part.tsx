import { conditionsOf, startCase } from "@amp-saver/cases";
import { shownAs } from "@amp-saver/core/figure";
import { formatAmps, formatPercent, formatWith } from "@amp-saver/core/quantity";
import type { Reading } from "@amp-saver/records";
import { ReadingsPicture } from "../../chart/readings-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Fold } from "../../ui/fold.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { OPENED } from "../../words/explain.ts";
import { BEFORE, LEFT_OUT_WORDS, PROVE } from "../../words/prove.ts";
import { useStudy } from "../../workers/use-study.ts";
import { CallClock } from "../call-clock.tsx";
import { Trouble } from "../trouble.tsx";
import { useProof } from "../use-proof.ts";
import { AlikeTable } from "./alike-table.tsx";
import { beforeAnswer, proofAnswer, visitAnswer } from "./answer-of.ts";
import { ByEar } from "./by-ear.tsx";
import { Coach } from "./coach.tsx";
import { HangTheClamp } from "./hang-the-clamp.tsx";
import { proveView, runningVerdict } from "./prove.view.ts";
import { ReadingForm } from "./reading-form.tsx";
import { ReadingList } from "./reading-list.tsx";
import { readingSide } from "./reading-side.view.ts";
import { readingsDrawn } from "./readings-drawn.ts";
import { Waveforms } from "./waveforms.tsx";
import { WrongSide } from "./wrong-side.tsx";

/** Readings of one side, and what both sides show, like with like. */
export function ReadingsPart({ bundle, side }: { readonly bundle: JobBundle; readonly side: Reading["when"] }) {
  const { job, unit } = bundle;
  const { measure } = useSettings();
  const wide = useWide();
  const readings = bundle.readings.filter((r) => r.jobId === job.id);
  const view = proveView(readings, unit, useProof(bundle).input.predicted?.expected ?? null);
  const { study } = view;
  const visit = side === "after" ? visitAnswer(bundle) : null;
  const shown = visit?.view ?? view;
  const [frame, width] = useWidth<HTMLDivElement>();
  const { start } = study;
  const instruments = useInstruments();
  const lastLive = readings.findLast((r) => r.mode === "live");
  const source = bundle.sources.find((s) => s.id === (lastLive?.sourceId ?? job.sourceId));
  const conditions = conditionsOf(bundle.rig, job, bundle.starters);
  const question = startCase(unit, source, "as-found", { ...conditions, outdoorC: lastLive?.outdoorC ?? conditions.outdoorC });
  const { answer } = useStudy(lastLive !== undefined && question.ok ? question.given : null);
  const verdict = runningVerdict(readings, view, unit, answer?.ok === true ? (answer.value.result.running?.compressorA ?? null) : null);
  const few = study.few.length === 2 ? PROVE.bothSides : study.few.map((s) => PROVE.sides[s]).join("");
  const drawn = (
    <>
      <div ref={frame} className="mt-4">
        {(shown.before.length > 0 || readings.length > 0) && width > 0 && (
          <ReadingsPicture width={width} sides={visit === null ? "work" : "visits"} {...readingsDrawn(shown)} />
        )}
      </div>
      <div className="mt-3 grid gap-6 min-[51.25rem]:grid-cols-2">
        {shown.alike.length > 0 && (
          <AlikeTable
            rows={shown.alike}
            bundle={bundle}
            outdoorText={(c) => formatWith(shownAs("outdoorC", measure).fromSi(c), 0, shownAs("outdoorC", measure).unit)}
          />
        )}
        {readings.length > 0 && (
          <ReadingList
            readings={readings}
            sources={bundle.sources}
            leftOut={new Map(view.leftOut.map((l) => [l.reading.id, LEFT_OUT_WORDS[l.reason]]))}
          />
        )}
      </div>
      {start !== null && (
        <div className="mt-2 max-w-[620px]">
          <OpenFigure
            name={OPENED.reduction}
            value={formatPercent(start.reduction)}
            formula={OPENED.reductionFormula}
            inputs={[
              { text: OPENED.reductionInputs.before(formatAmps(start.before.medianA), start.before.count), origin: "measured" },
              { text: OPENED.reductionInputs.after(formatAmps(start.after.medianA), start.after.count), origin: "measured" },
              { text: OPENED.reductionInputs.range(formatPercent(start.low), formatPercent(start.high)), origin: "measured" },
            ]}
          />
        </div>
      )}
      {start?.kind === "inrush" && <p className="mt-2">{PROVE.foot}</p>}
      {start !== null && start.meters !== "same" && <p className="mt-2">{PROVE.meters[start.meters]}</p>}
      {start?.atSameVolts != null && (
        <p className="mt-2">{PROVE.sameVolts(start.atSameVolts.beforeV, start.atSameVolts.afterV, start.atSameVolts.reduction)}</p>
      )}
      {verdict !== null && verdict !== "not-known" && <p className="mt-1">{PROVE.runningWords[verdict]}</p>}
      <Waveforms bundle={bundle} side={side} />
      <ByEar bundle={bundle} side={side} />
    </>
  );
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide={side === "before" ? "before" : "prove"}
          question={side === "before" ? BEFORE.question(unit.name) : (visit?.question ?? PROVE.question(unit.name))}
          parts={side === "before" ? beforeAnswer(view) : (visit?.parts ?? proofAnswer(bundle, study))}
          sure={
            side === "before" ? (
              view.before.length === 0 ? (
                BEFORE.sure
              ) : (
                BEFORE.sureRead
              )
            ) : (
              <>
                {start !== null && PROVE.sure(start.before.count, start.after.count, start.low, start.high)}{" "}
                {start !== null && study.few.length > 0 && PROVE.few(few)} {visit?.sure}
              </>
            )
          }
        />
        {wide && drawn}
      </Evidence>
      <Rail>
        <div className="grid gap-3 sideways:grid-cols-2 sideways:items-start">
          <div className="grid gap-3">
            {side === "before" && <HangTheClamp bundle={bundle} />}
            {readingSide(bundle) !== side && <WrongSide bundle={bundle} side={side} />}
            <div className="sideways:order-last">
              <Caution title={PROVE.liveTitle}>{PROVE.liveText}</Caution>
            </div>
            <Coach bundle={bundle} side={side} readings={readings} view={view} />
          </div>
          <ReadingForm bundle={bundle} side={side} instruments={instruments} />
        </div>
        {side === "after" && (
          <Fold label={PROVE.silent} ruled className="mt-4">
            <CallClock bundle={bundle} />
          </Fold>
        )}
        <Trouble bundle={bundle} />
        <div className="mt-4 flex flex-col gap-3">
          <Caution title={PROVE.chargeTitle}>{PROVE.chargeText}</Caution>
          <p className="text-body">
            <b>{PROVE.howTitle}.</b> {PROVE.how}
          </p>
        </div>
      </Rail>
      {!wide && <div className="min-w-0 border-t-[1.5px] border-ink px-4 pb-4">{drawn}</div>}
    </StageFrame>
  );
}
