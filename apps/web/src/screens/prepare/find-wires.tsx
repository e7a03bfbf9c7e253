import { Link } from "react-router";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useInstruments } from "../../store/use-instruments.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Caution } from "../../ui/caution.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { PREPARE } from "../../words/wiring.ts";
import { FIND } from "../../words/wiring-find.ts";
import { Asked } from "../asked.tsx";
import { Photos } from "../photos/photos.tsx";
import { useLock } from "../use-lock.ts";
import { FindEnd, proofQuestions, useWindingQuestions } from "./find-questions.tsx";
import { LeadWiresForm, OhmsContradict } from "./lead-wires.tsx";
import { LEAD_LABELS } from "./leads.view.ts";
import { shownOhm } from "./ohms.view.ts";
import type { PartProps } from "./part-props.ts";
import { ProofForm, type ProofProps } from "./proof-form.tsx";
import { type OhmsProps, WindingsForm } from "./windings-form.tsx";
import { windingsOpened } from "./windings-opened.ts";
import { windingFigures, windingsOf } from "./wiring.view.ts";

const SUBJECTS = ["as-found", "diagram"] as const;
/** Figures this close are the same reading. */
const SAME_OHM = 0.0005;

/** Find the wires: pins by three resistances, conductors by tracing with both ends free. */
export function FindWires({ bundle, wiring, view, names, save }: PartProps) {
  const { commit } = useStore();
  const { unit, photos } = bundle;
  const { displays } = useInstruments();
  const wide = useWide();
  const { lock } = useLock(bundle, wiring, 5);
  const solved = windingsOf(wiring);
  const pins = solved?.ok === true ? solved.value.pins : null;
  const parts =
    solved === null
      ? FIND.waiting
      : solved.ok
        ? FIND.solved(solved.value.pins.run, solved.value.pins.start, solved.value.pins.common)
        : FIND.faults[solved.reason](solved.where);
  const figures = solved?.ok === true ? windingFigures(solved.value) : null;
  const used =
    figures !== null &&
    Math.abs((unit.mainOhm?.value ?? 0) - (figures.mainOhm?.value ?? -1)) < SAME_OHM &&
    Math.abs((unit.startOhm?.value ?? 0) - (figures.startOhm?.value ?? -1)) < SAME_OHM;
  const ohms: OhmsProps = { wiring, save, shownOhm: lock === null ? shownOhm(displays) : null };
  const proofs = view.opened.map((id): ProofProps => ({ id, wiring, photos, asFound: view.asFound, names, save }));
  const lead = { wiring, view, names, save };
  const leads = LEAD_LABELS.length === Object.keys(wiring.leads).length;
  const questions = [
    ...useWindingQuestions(ohms),
    { id: "leads", group: FIND.leads, done: leads || solved?.ok !== true, content: <LeadWiresForm {...lead} /> },
    ...proofs.flatMap(proofQuestions),
  ];
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="fit"
          question={FIND.question}
          parts={parts}
          sure={solved?.ok === true ? FIND.sure(solved.value.mainOhm, solved.value.startOhm, names.measure) : FIND.notSure}
        />
        <OhmsContradict {...lead} />
        <div className="mt-3 max-w-[760px]">
          <Caution title={PREPARE.caution}>
            {PREPARE.cautionText}{" "}
            {lock !== null && (
              <b className="block">
                {FIND.notDead}{" "}
                <Link to={`/job/${bundle.job.id}/isolate`} className="underline underline-offset-4">
                  {FIND.toIsolate}
                </Link>
              </b>
            )}
          </Caution>
        </div>
        {wide ? (
          <>
            <SectionHeading spaced>{FIND.proofs}</SectionHeading>
            <p className="py-1 text-body">{FIND.proofsHelp}</p>
            {view.opened.length === 0 && <p className="py-1">{FIND.nothingToProve}</p>}
            {proofs.map((proof) => (
              <ProofForm key={proof.id} {...proof} />
            ))}
          </>
        ) : (
          <Asked label={FIND.question} questions={questions} end={<FindEnd proofs={proofs} />} />
        )}
        <Photos bundle={bundle} subjects={SUBJECTS} />
      </Evidence>
      <Rail>
        <SectionHeading>{FIND.order}</SectionHeading>
        <ol className="list-decimal py-1 pl-6 text-body">
          {FIND.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        {wide && <WindingsForm {...ohms} />}
        {wide && solved?.ok === true && (
          <section className="mt-3">
            <SectionHeading>{FIND.leads}</SectionHeading>
            <LeadWiresForm {...lead} />
          </section>
        )}
        {solved?.ok === true && (
          <div className="mt-3">
            {windingsOpened(wiring, solved.value, names.measure).map((opened) => (
              <OpenFigure key={opened.name} {...opened} />
            ))}
          </div>
        )}
        {figures !== null && pins !== null && (
          <div className="mt-3">
            {used ? (
              <p className="font-semibold">{FIND.used}</p>
            ) : (
              <Button look="primary" onClick={() => void commit(editCommit(unit, figures, "windings"))}>
                {FIND.use}
              </Button>
            )}
          </div>
        )}
      </Rail>
    </StageFrame>
  );
}
