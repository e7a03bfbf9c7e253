import type { Expected } from "@amp-saver/core/study/reading";
import type { Reading } from "@amp-saver/records";
import { useMemo } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Fold } from "../../ui/fold.tsx";
import { Later } from "../../ui/later.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { BEFORE, PROVE } from "../../words/prove.ts";
import { CallClock } from "../call-clock.tsx";
import { Trouble } from "../trouble.tsx";
import { useProof } from "../use-proof.ts";
import { beforeAnswer, proofAnswer, visitAnswer } from "./answer-of.ts";
import { Coach } from "./coach.tsx";
import { HangTheClamp } from "./hang-the-clamp.tsx";
import { proveView } from "./prove.view.ts";
import { ReadingForm } from "./reading-form.tsx";
import { readingSide } from "./reading-side.view.ts";
import { ReadingsShown } from "./readings-shown.tsx";
import { WrongSide } from "./wrong-side.tsx";

/** Readings of one side, and what both sides show, like with like. */
export function ReadingsPart(props: Omit<ReadingsProps, "expected">) {
  // Two components, so that a slow phone can answer between what each works out.
  return <Readings {...props} expected={useProof(props.bundle).input.predicted?.expected ?? null} />;
}

interface ReadingsProps {
  readonly bundle: JobBundle;
  readonly side: Reading["when"];
  readonly expected: Expected | null;
}

function Readings({ bundle, side, expected }: ReadingsProps) {
  const { job, unit } = bundle;
  const wide = useWide();
  const readings = useMemo(() => bundle.readings.filter((r) => r.jobId === job.id), [bundle.readings, job.id]);
  const view = useMemo(() => proveView(readings, unit, expected), [readings, unit, expected]);
  const { study } = view;
  const visit = useMemo(() => (side === "after" ? visitAnswer(bundle) : null), [side, bundle]);
  const { start } = study;
  const few = study.few.length === 2 ? PROVE.bothSides : study.few.map((s) => PROVE.sides[s]).join("");
  // Where it is narrow, all of it comes in frames: what is asked, the form and its conditions, what helps, and last what was read.
  const drawn = (
    <ReadingsShown bundle={bundle} side={side} view={view} shown={visit?.view ?? view} sides={visit === null ? "work" : "visits"} />
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
      <Rail later>
        <div className="grid gap-3 sideways:grid-cols-2 sideways:items-start">
          <div className="grid gap-3">
            {side === "before" && <HangTheClamp bundle={bundle} />}
            {readingSide(bundle) !== side && <WrongSide bundle={bundle} side={side} />}
            <div className="sideways:order-last">
              <Caution title={PROVE.liveTitle}>{PROVE.liveText}</Caution>
            </div>
            <Coach bundle={bundle} side={side} readings={readings} view={view} />
          </div>
          <Later atOnce={wide}>
            <ReadingForm bundle={bundle} side={side} />
          </Later>
        </div>
        <Later atOnce={wide} frames={3}>
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
        </Later>
      </Rail>
      {!wide && (
        <div className="min-w-0 border-t-[1.5px] border-ink px-4 pb-4">
          <Later frames={5}>{drawn}</Later>
        </div>
      )}
    </StageFrame>
  );
}
