import { type Job, withDone } from "@amp-saver/records";
import { lazy, useState } from "react";
import { Link, useNavigate } from "react-router";
import { addUnitCommit, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { SheetBehind } from "../../ui/sheet-behind.tsx";
import { HOME, RIGS } from "../../words/home.ts";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { SURVEY } from "../../words/survey.ts";
import { PatternOffer } from "../library/pattern-offer.tsx";
import { Photos } from "../photos/photos.tsx";
import { KeepReader } from "./keep-reader.tsx";
import { RigForm } from "./rig-form.tsx";
import { SourcesForm } from "./sources-form.tsx";
import { surveyState } from "./survey.view.ts";
import { UnitForm } from "./unit-form.tsx";

const loadPlateSheet = () => import("./plate-sheet.tsx");
const PlateSheet = lazy(() => loadPlateSheet().then((m) => ({ default: m.PlateSheet })));

const PLATE = ["plate"] as const;
const OTHERS = ["diagram", "other"] as const;

/** Survey: the unit from its plate, the rig, and what feeds it. */
export function SurveyScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { commit, epoch } = useStore();
  const navigate = useNavigate();
  const { job, unit, sources } = bundle;
  const [reading, setReading] = useState<string | null>(null);
  const read = bundle.photos.find(({ id }) => id === reading);
  const state = surveyState(
    unit,
    sources.find((s) => s.id === job.sourceId),
  );
  const parts = state.code === "enough" ? SURVEY.enough(state.read, state.typical) : SURVEY[state.code];
  const leave = (): void => {
    if (job.done.includes("survey")) return;
    const edit = editCommit<Job>(job, (kept) => ({ done: withDone(kept, "survey"), stage: "check" }));
    void commit({ ...edit, silent: true });
  };
  return (
    <StageFrame beside>
      <Evidence>
        <Answer
          guide="survey"
          question={SURVEY.question}
          parts={parts}
          sure={SURVEY.sure}
          extra={
            state.code === "enough" && (
              <Link
                to={`/job/${job.id}/check`}
                onClick={leave}
                className="inline-flex min-h-[48px] shrink-0 items-center bg-ink px-4 font-semibold text-face max-[43.6875rem]:hidden"
              >
                {SURVEY.goCheck}
              </Link>
            )
          }
        />
        <Photos bundle={bundle} title={PLATE_PHOTO.byCamera} subjects={PLATE} onRead={setReading} />
        <KeepReader />
        <UnitForm key={`${unit.id} ${epoch}`} unit={unit} />
        <PatternOffer bundle={bundle} />
        <Button
          className="mt-4"
          onClick={() => {
            const made = addUnitCommit(bundle, RIGS.unitName(bundle.units.length + 1), HOME.jobTitle);
            void commit(made.commit).then((result) => result.ok && navigate(`/job/${made.jobId}/survey`));
          }}
        >
          {SURVEY.addUnit}
        </Button>
        <Photos bundle={bundle} subjects={OTHERS} onRead={setReading} />
        <SheetBehind open={read !== undefined} load={loadPlateSheet}>
          <Sheet open={read !== undefined} onOpenChange={() => setReading(null)} title={PLATE_PHOTO.title}>
            {read !== undefined && <PlateSheet key={read.id} bundle={bundle} photo={read} />}
          </Sheet>
        </SheetBehind>
        <div className="mt-4 max-w-[720px]">
          <Caution title={SURVEY.plateCaution}>{SURVEY.plateCautionText}</Caution>
        </div>
      </Evidence>
      <Rail>
        <SourcesForm key={`sources ${epoch}`} bundle={bundle} />
        <RigForm key={`${bundle.rig.id} ${epoch}`} rig={bundle.rig} />
        {state.code === "enough" && (
          <Link
            to={`/job/${job.id}/check`}
            onClick={leave}
            className="mt-5 flex min-h-[62px] items-center justify-center bg-ink text-large font-semibold text-face min-[43.75rem]:hidden"
          >
            {SURVEY.goCheck}
          </Link>
        )}
      </Rail>
    </StageFrame>
  );
}
