import { keysOf } from "@amp-saver/core/quantity";
import { STAGES, type Stage } from "@amp-saver/records";
import { lazy, Suspense } from "react";
import { createBrowserRouter, Navigate, Outlet, useParams, useSearchParams } from "react-router";
import { HomeScreen } from "../screens/home/home.tsx";
import { LaterScreen } from "../screens/later/later.tsx";
import { saveRig } from "../screens/save-rig.ts";
import { useStore } from "../store/provider.tsx";
import { useJob, useRig } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { Answer } from "../ui/answer.tsx";
import { useKeys } from "../ui/keys.tsx";
import { COMMON } from "../words/common.ts";
import { DAY } from "../words/day.ts";
import { GUIDE } from "../words/guide-screen.ts";
import { HISTORY } from "../words/history.ts";
import { PLACES } from "../words/home.ts";
import { LATER_PLACES } from "../words/later.ts";
import { ROOF_WORK } from "../words/roof-work.ts";
import { STAGE_WORDS } from "../words/stages.ts";
import { TOGETHER } from "../words/together.ts";
import { Broken } from "./broken.tsx";
import { Page } from "./page.tsx";
import { PlacesStrip } from "./places-strip.tsx";
import { StageStrip } from "./stage-strip.tsx";

const RigsScreen = lazy(() => import("../screens/rigs/rigs.tsx").then((m) => ({ default: m.RigsScreen })));
const SurveyScreen = lazy(() => import("../screens/survey/survey.tsx").then((m) => ({ default: m.SurveyScreen })));
const CheckScreen = lazy(() => import("../screens/check/check.tsx").then((m) => ({ default: m.CheckScreen })));
const ChooseScreen = lazy(() => import("../screens/choose/choose.tsx").then((m) => ({ default: m.ChooseScreen })));
const LearnScreen = lazy(() => import("../screens/learn/learn.tsx").then((m) => ({ default: m.LearnScreen })));
const RigPlanScreen = lazy(() => import("../screens/together/rig-plan.tsx").then((m) => ({ default: m.RigPlanScreen })));
const PrepareScreen = lazy(() => import("../screens/prepare/prepare.tsx").then((m) => ({ default: m.PrepareScreen })));
const BeforeScreen = lazy(() => import("../screens/before/before.tsx").then((m) => ({ default: m.BeforeScreen })));
const IsolateScreen = lazy(() => import("../screens/isolate/isolate.tsx").then((m) => ({ default: m.IsolateScreen })));
const FitScreen = lazy(() => import("../screens/fit/fit.tsx").then((m) => ({ default: m.FitScreen })));
const HandOverScreen = lazy(() => import("../screens/hand-over/hand-over.tsx").then((m) => ({ default: m.HandOverScreen })));
const GuideScreen = lazy(() => import("../screens/guide/guide.tsx").then((m) => ({ default: m.GuideScreen })));
const HistoryScreen = lazy(() => import("../screens/history/history.tsx").then((m) => ({ default: m.HistoryScreen })));
const InstrumentsScreen = lazy(() => import("../screens/instruments/instruments.tsx").then((m) => ({ default: m.InstrumentsScreen })));
const ProveScreen = lazy(() => import("../screens/prove/prove.tsx").then((m) => ({ default: m.ProveScreen })));

function Place({ word, children }: { readonly word: string; readonly children: React.ReactNode }) {
  return (
    <Page title={word} cells={[{ label: COMMON.rig, value: COMMON.allRigs }]} line={word} foot={<PlacesStrip />}>
      <Suspense fallback={<p className="p-6">{COMMON.loading}</p>}>{children}</Suspense>
    </Page>
  );
}

function NotFound() {
  return (
    <Place word={COMMON.notFound}>
      <div className="max-w-[760px] px-4 py-5 min-[62.5rem]:px-6">
        <Answer question={COMMON.notFoundQuestion} parts={[{ text: COMMON.notFound }]} />
      </div>
    </Place>
  );
}

/** Parts that stood at another stage, and where they are now. */
const MOVED_PARTS: Readonly<Record<string, string>> = {
  "prepare/find": "fit/find",
  "prepare/check": "fit/check",
  "prove/readings": "prove/after",
};

function JobPage() {
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
  return (
    <Page
      title={`${STAGE_WORDS[known]}: ${rig.name}, ${unit.name}`}
      cells={[
        { label: COMMON.rig, value: rig.name },
        { label: COMMON.unit, value: unit.name },
        { label: COMMON.job, value: job.title },
      ]}
      line={`${rig.name}, ${unit.name}`}
      foot={<StageStrip bundle={bundle} current={known} />}
    >
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

/** Views of a rig by the end of their address. */
const RIG_VIEWS = { together: TOGETHER.title, history: HISTORY.title, day: DAY.title, work: ROOF_WORK.title } as const;

function RigPage() {
  const { rigId = "", view = "" } = useParams();
  const { namesInFiles } = useSettings();
  const { store } = useStore();
  const bundle = useRig(rigId);
  useKeys({ e: () => bundle != null && void saveRig(store, bundle.rig.id, namesInFiles) });
  const shown = keysOf(RIG_VIEWS).find((v) => v === view);
  if (shown === undefined) return <NotFound />;
  const word = RIG_VIEWS[shown];
  if (bundle == null) {
    return (
      <Place word={word}>
        <p className="p-6 text-large">{bundle === null ? COMMON.notFoundRig : COMMON.loading}</p>
      </Place>
    );
  }
  return (
    <Page
      title={`${word}: ${bundle.rig.name}`}
      cells={[{ label: COMMON.rig, value: bundle.rig.name }]}
      line={bundle.rig.name}
      foot={<PlacesStrip />}
    >
      <Suspense fallback={<p className="p-6">{COMMON.loading}</p>}>
        {shown === "history" ? (
          <HistoryScreen key={bundle.rig.id} bundle={bundle} />
        ) : (
          <RigPlanScreen key={bundle.rig.id} bundle={bundle} view={shown} />
        )}
      </Suspense>
    </Page>
  );
}

/** Every address of the app. */
export function makeRouter() {
  const [home, rigs, instruments, practice] = PLACES;
  return createBrowserRouter([
    {
      element: <Outlet />,
      errorElement: <Broken />,
      children: [
        {
          path: "/",
          element: (
            <Place word={home.word}>
              <HomeScreen />
            </Place>
          ),
        },
        {
          path: "/rigs",
          element: (
            <Place word={rigs.word}>
              <RigsScreen />
            </Place>
          ),
        },
        {
          path: "/instruments",
          element: (
            <Place word={instruments.word}>
              <InstrumentsScreen />
            </Place>
          ),
        },
        {
          path: "/practice",
          element: (
            <Place word={practice.word}>
              <LaterScreen {...LATER_PLACES.practice} />
            </Place>
          ),
        },
        {
          path: "/guide",
          element: (
            <Place word={GUIDE.title}>
              <GuideScreen />
            </Place>
          ),
        },
        { path: "/job/:jobId/:stage?/:part?", element: <JobPage /> },
        { path: "/rig/:rigId/:view", element: <RigPage /> },
        {
          path: "*",
          element: <NotFound />,
        },
      ],
    },
  ]);
}
