import { itemAt } from "@amp-saver/core/quantity";
import { TEXT_MOST, type TUGS } from "@amp-saver/records";
import { format } from "date-fns";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { nowIso } from "../../store/identity.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { useWide } from "../../ui/use-wide.ts";
import { FIT } from "../../words/fit.ts";
import { PREPARE } from "../../words/wiring.ts";
import { provedAt } from "../isolate/isolate.view.ts";
import { Photos } from "../photos/photos.tsx";
import { TakePhoto } from "../photos/take-photo.tsx";
import { MapFrame } from "../prepare/map-frame.tsx";
import { SheetNote } from "../prepare/sheet-note.tsx";
import { StepList } from "../prepare/step-list.tsx";
import { opens } from "../prepare/steps.view.ts";
import { TwoFaces } from "../prepare/two-faces.tsx";
import { wireProof } from "../prepare/wiring.view.ts";
import { type Course, fitCourse, undoCourse } from "./course.ts";
import { stepDone, stepKey, stepsWithoutPhoto, undoneSteps, worthAPhoto } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";
import { ScrewTally } from "./screw-tally.tsx";
import { SoundNotes } from "./sound-notes.tsx";

const SUBJECTS = ["step"] as const;
const NONE: ReadonlySet<string> = new Set();

/** The wiring step by step. */
export function WirePhase(props: FitProps) {
  const course = useMemo(() => fitCourse(props.plan, props.names), [props.plan, props.names]);
  return <StepScreen {...props} course={course} />;
}

/** The way back to as found, step by step. */
export function UndoPhase(props: FitProps) {
  const course = useMemo(() => undoCourse(props.plan, props.names), [props.plan, props.names]);
  return <StepScreen {...props} course={course} />;
}

/** One step a screen: what to do, the map with just this step lit, what it is not, the next, and the big button. */
function StepScreen({ bundle, work, wiring, view, plan, names, proof, save, course }: FitProps & { readonly course: Course }) {
  const { job, photos } = bundle;
  const wide = useWide();
  const awake = useWakeLock(true);
  const { ticks, groups, worded, states } = course;
  const undone = undoneSteps(course, work, ticks);
  const [chosen, setChosen] = useState<number | null>(null);
  const [note, setNote] = useKeptText("differs");
  const [differs, setDiffers] = useState(note !== "");
  const at = Math.min(chosen ?? undone[0] ?? worded.length - 1, worded.length - 1);
  const group = groups[at];
  const step = worded[at];
  if (!plan.plan.ok || group === undefined || step === undefined)
    return (
      <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
        <Answer guide="fit" question={FIT.question} parts={FIT.noPlan} />
        <LinkButton to={`/job/${job.id}/prepare/plan`} main className="mt-4">
          {FIT.toPrepare}
        </LinkButton>
      </div>
    );
  const lit = { conductors: new Set(group.conductors), terminals: new Set(group.terminals) };
  const key = stepKey(group);
  const tick = work[ticks][key];
  const done = stepDone(tick) ? tick : undefined;
  const pulls = group.rest.some((s) => s.do === "tug");
  const unproved = plan.opened.filter((id) => !wireProof(wiring, photos, id).release.released);
  const barred = ticks === "steps" && opens(plan, at, unproved);
  const moved = tick?.tug === "moved";
  const keep = (said: string, tug: (typeof TUGS)[number]): void => {
    const kept = { at: nowIso(), tugged: pulls, note: said.trim(), ...(pulls && { tug }) };
    save({}, `step ${key}`, { [ticks]: { [key]: kept } });
    setChosen(tug === "moved" ? at : null);
    if (tug === "moved") return;
    setDiffers(false);
    setNote("");
  };
  const held = moved ? "remade" : "held";
  const takeBack = (): void => {
    save({}, `step ${key}`, { [ticks]: { [key]: undefined } });
    setChosen(at);
  };
  const next = worded[at + 1];
  const ended = undone.length === 0 && chosen === null;
  const parts = !ended ? [{ text: step.sentence }] : ticks === "steps" ? FIT.allDone : FIT.undoDone;
  const keeps = group.main.do === "photo" && done === undefined && !barred && !differs ? { onKept: () => keep("", held) } : {};
  const unseen = stepsWithoutPhoto({ groups: [group] }, photos, job.unitId).length > 0;
  // On a phone what is to be photographed is asked for where the step stands.
  const first = !wide && !ended && (group.main.do === "photo" ? done === undefined : worthAPhoto(group) && unseen);
  const bar = barred && (
    <p role="alert" className="py-2 font-semibold text-lead">
      {FIT.unproved}{" "}
      <Link to={`/job/${job.id}/fit/find`} className="underline underline-offset-4">
        {FIT.toFind}
      </Link>
    </p>
  );
  const act = done === undefined && (
    <>
      {moved && <p className="font-semibold text-lead">{FIT.remake}</p>}
      <RoofButton main disabled={barred} onClick={() => keep("", held)}>
        {moved ? FIT.remade : pulls ? FIT.tugged : FIT.done}
      </RoofButton>
    </>
  );
  const goOn = undone.length === 0 && (
    <LinkButton to={`/job/${job.id}/fit/${ticks === "steps" ? "power" : "close"}`} main className={wide ? "mt-4" : ""}>
      {ticks === "steps" ? FIT.phases.power : FIT.phases.close}
    </LinkButton>
  );
  const side = work.leftHanded ? "min-[62.5rem]:order-first" : "";
  return (
    <StageFrame>
      <Evidence>
        <p className="flex flex-wrap justify-between gap-x-4 bg-bench px-2 py-1 text-body font-semibold">
          <span>{proof !== null && FIT.dead(format(provedAt(work, proof), "H:mm"), view.feeds.length)}</span>
          <span className="figure">{FIT.stepOf(at + 1, worded.length)}</span>
        </p>
        <Answer
          guide="fit"
          question={ticks === "steps" ? FIT.question : FIT.undoQuestion}
          parts={parts}
          acts={
            !wide && (
              <>
                {act}
                {goOn}
                {bar}
                {/* It goes once the photo is kept, and moves no button by that. */}
                {first && <TakePhoto key={`take ${key}`} bundle={bundle} subjects={SUBJECTS} step={key} large {...keeps} />}
              </>
            )
          }
          {...(step.not !== null && { sure: <b className="text-lead">{step.not}</b> })}
        />
        <TwoFaces bundle={bundle} wiring={wiring} plan={plan} names={names} lit={lit}>
          <MapFrame
            netlist={itemAt(states, at + 1)}
            states={states}
            names={names}
            label={PREPARE.mapLabel(PREPARE.states.todo)}
            fileName={`step-${at + 1}`}
            lit={lit}
            fresh={NONE}
            compact
          />
        </TwoFaces>
        {next !== undefined && <p className="py-2 text-body text-ink2">{FIT.after(at + 2, next.sentence)}</p>}
        {wide && bar}
        <div className={`grid gap-3 py-3 ${work.leftHanded ? "text-left" : ""}`}>
          {done === undefined ? (
            <>
              {wide && act}
              {pulls && !moved && (
                <RoofButton disabled={barred} onClick={() => keep("", "moved")}>
                  {FIT.moved}
                </RoofButton>
              )}
            </>
          ) : (
            <RoofButton onClick={takeBack}>{FIT.undo}</RoofButton>
          )}
          <div className={`grid grid-cols-2 gap-3 ${work.leftHanded ? "[direction:rtl]" : ""}`}>
            <RoofButton disabled={at === 0} onClick={() => setChosen(at - 1)}>
              {FIT.skipBack}
            </RoofButton>
            <RoofButton disabled={at >= worded.length - 1} onClick={() => setChosen(at + 1)}>
              {FIT.skipOn}
            </RoofButton>
          </div>
          <RoofButton onClick={() => setDiffers(!differs)}>{FIT.different}</RoofButton>
        </div>
        {differs && (
          <div className="border-l-[3px] border-ink pl-2">
            <TextField
              label={FIT.note}
              kept={note}
              most={TEXT_MOST.note}
              onText={(text) => {
                setNote(text);
                return text.trim() === "" ? FIT.noteMissing : null;
              }}
            />
            <RoofButton disabled={barred || note.trim() === "" || note.length > TEXT_MOST.note} onClick={() => keep(note, held)}>
              {FIT.doneDifferently}
            </RoofButton>
            <Link to={`/job/${job.id}/fit/check`} className="inline-flex min-h-[48px] items-center underline underline-offset-4">
              {FIT.asBuilt}
            </Link>
          </div>
        )}
        {done !== undefined && done.note !== "" && <p className="py-1 text-body">{FIT.noted(done.note)}</p>}
        <SheetNote bundle={bundle} view={plan} />
        <SoundNotes key={key} bundle={bundle} step={key} />
        {worthAPhoto(group) && <p className="mt-3 font-semibold">{unseen ? FIT.photoWanted : FIT.photoThere}</p>}
        <Photos key={`photos ${key}`} bundle={bundle} subjects={SUBJECTS} step={key} onlyShown={first} {...keeps} />
        {wide && goOn}
        {ticks === "undone" && ended && (
          <Button look="quiet" onClick={() => save({ steps: {}, undone: {}, confirmed: {} }, "undone")}>
            {FIT.clearSteps}
          </Button>
        )}
      </Evidence>
      <Rail className={side}>
        {wide && <StepList steps={worded.map((s, k) => ({ ...s, done: !undone.includes(k) }))} at={at} onAt={setChosen} />}
        <ScrewTally work={work} save={save} />
        <Tick label={FIT.left} ticked={work.leftHanded} onChange={(leftHanded) => save({ leftHanded }, "leftHanded")} />
        {awake && <p className="py-2 text-small text-ink2">{FIT.awake}</p>}
      </Rail>
    </StageFrame>
  );
}
