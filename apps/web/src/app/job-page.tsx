import { STAGES, type Stage } from "@amp-saver/records";
import { lazy, Suspense } from "react";
import { Navigate, useParams, useSearchParams } from "react-router";
import { otherJob } from "../screens/other-job.ts";
import { useHoldRoof } from "../screens/pair/hold-roof.ts";
import { saveRig } from "../screens/save-rig.ts";
import { useStore } from "../store/provider.tsx";
import { type JobBundle, useJob } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { useKeys } from "../ui/keys.tsx";
import { COMMON } from "../words/common.ts";
import { STAGE_WORDS } from "../words/stages.ts";
import { Page } from "./page.tsx";
import { Place } from "./place.tsx";
import { StageStrip } from "./stage-strip.tsx";

const SurveyScreen = lazy(() => import("../screens/survey/survey.tsx").then((m) => ({ default: m.SurveyScreen })));
const CheckScreen = lazy(() => import("../screens/check/check.tsx").then((m) => ({ default: m.CheckScreen })));
const ChooseScreen = lazy(() => import("../screens/choose/choose.tsx").then((m) => ({ default: m.ChooseScreen })));
const LearnScreen = lazy(() => import("../screens/learn/learn.tsx").then((m) => ({ default: m.LearnScreen })));
const PrepareScreen = lazy(() => import("../screens/prepare/prepare.tsx").then((m) => ({ default: m.PrepareScreen })));
const BeforeScreen = lazy(() => import("../screens/before/before.tsx").then((m) => ({ default: m.BeforeScreen })));
const IsolateScreen = lazy(() => import("../screens/isolate/isolate.tsx").then((m) => ({ default: m.IsolateScreen })));
const FitScreen = lazy(() => import("../screens/fit/fit.tsx").then((m) => ({ default: m.FitScreen })));
const HandOverScreen = lazy(() => import("../screens/hand-over/hand-over.tsx").then((m) => ({ default: m.HandOverScreen })));
const ProveScreen = lazy(() => import("../screens/prove/prove.tsx").then((m) => ({ default: m.ProveScreen })));

/** Parts that stood at another stage, and where they are now. */
const MOVED_PARTS: Readonly<Record<string, string>> = {
  "prepare/find": "fit/find",
  "prepare/check": "fit/check",
  "prove/readings": "prove/after",
};

/** A stage of a job, under the frame that outlives it. */
export function JobPage() {
  const { jobId = "", stage = "", part: named = "" } = useParams();
  const { namesInFiles } = useSettings();
  const { store } = useStore();
  const bundle = useJob(jobId);
  useKeys({ e: () => bundle != null && void saveRig(store, bundle.rig.id, namesInFiles) });
  const known = STAGES.find((s): s is Stage => s === stage);
  const [search] = useSearchParams();
  const part = search.get("part");
  if (known === undefined) return <Navigate to={`/job/${jobId}/survey`} replace />;
  // Addresses of before name the part behind a question mark.
  if (part !== null) return <Navigate to={`/job/${jobId}/${known}/${encodeURIComponent(part)}`} replace />;
  const moved = MOVED_PARTS[`${known}/${named}`];
  if (moved !== undefined) return <Navigate to={`/job/${jobId}/${moved}`} replace />;
  if (bundle == null) {
    return (
      <Place word={STAGE_WORDS[known]}>
        <p className="p-6 text-large">{bundle === null ? COMMON.notFoundRig : COMMON.loading}</p>
      </Place>
    );
  }
  const { rig, unit, job } = bundle;
  const next = otherJob(bundle);
  return (
    <Page
      title={`${STAGE_WORDS[known]}: ${rig.name}, ${unit.name}`}
      cells={[
        { label: COMMON.rig, value: rig.name },
        { label: COMMON.unit, value: unit.name },
        { label: COMMON.job, value: job.title },
      ]}
      line={`${rig.name}, ${unit.name}`}
      other={next === null ? null : { to: `/job/${next.job.id}/${known}`, name: next.unit.name }}
      foot={<StageStrip bundle={bundle} current={known} />}
    >
      <HeldRoof bundle={bundle} />
      <Suspense fallback={<p className="p-6">{COMMON.loading}</p>}>
        {known === "survey" && <SurveyScreen key={job.id} bundle={bundle} />}
        {known === "check" && <CheckScreen key={job.id} bundle={bundle} />}
        {known === "choose" && <ChooseScreen key={job.id} bundle={bundle} />}
        {known === "prepare" && <PrepareScreen key={job.id} bundle={bundle} />}
        {known === "before" && <BeforeScreen key={job.id} bundle={bundle} />}
        {known === "isolate" && <IsolateScreen key={job.id} bundle={bundle} />}
        {known === "fit" && <FitScreen key={job.id} bundle={bundle} />}
        {known === "learn" && <LearnScreen key={job.id} bundle={bundle} />}
        {known === "prove" && <ProveScreen key={job.id} bundle={bundle} />}
        {known === "hand-over" && <HandOverScreen key={job.id} bundle={bundle} />}
      </Suspense>
    </Page>
  );
}

/** The other phone is told of a roof that this one holds as dead. */
function HeldRoof({ bundle }: { readonly bundle: JobBundle }) {
  useHoldRoof(bundle);
  return null;
}
