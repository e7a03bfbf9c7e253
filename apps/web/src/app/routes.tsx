import { lazy, Suspense } from "react";
import { BrowserRouter, Route, Routes, useLocation } from "react-router";
import { usePair } from "../pairing/current.ts";
import { isLinked } from "../pairing/link-key.ts";
import { HomeScreen } from "../screens/home/home.tsx";
import { COMMON } from "../words/common.ts";
import { GUIDE } from "../words/guide-screen.ts";
import { PLACES } from "../words/home.ts";
import { LIBRARY } from "../words/library.ts";
import { Broken } from "./broken.tsx";
import { NotFound, Place } from "./place.tsx";

const JobPage = lazy(() => import("./job-page.tsx").then((m) => ({ default: m.JobPage })));
const RigPage = lazy(() => import("./rig-page.tsx").then((m) => ({ default: m.RigPage })));
const RigsScreen = lazy(() => import("../screens/rigs/rigs.tsx").then((m) => ({ default: m.RigsScreen })));
const LibraryScreen = lazy(() => import("../screens/library/library.tsx").then((m) => ({ default: m.LibraryScreen })));
const GuideScreen = lazy(() => import("../screens/guide/guide.tsx").then((m) => ({ default: m.GuideScreen })));
const PracticeScreen = lazy(() => import("../screens/practice/practice.tsx").then((m) => ({ default: m.PracticeScreen })));
const LessonScreen = lazy(() => import("../screens/practice/lesson.tsx").then((m) => ({ default: m.LessonScreen })));
const PairScreen = lazy(() => import("../screens/pair/pair.tsx").then((m) => ({ default: m.PairScreen })));
const JoinScreen = lazy(() => import("../screens/pair/join.tsx").then((m) => ({ default: m.JoinScreen })));
const HelperScreen = lazy(() => import("../screens/pair/helper.tsx").then((m) => ({ default: m.HelperScreen })));
const InstrumentsScreen = lazy(() => import("../screens/instruments/instruments.tsx").then((m) => ({ default: m.InstrumentsScreen })));

const PairLayer = lazy(() => import("../screens/pair/layer.tsx").then((m) => ({ default: m.PairLayer })));

const WAITS = <p className="p-6">{COMMON.loading}</p>;

/** Every address of the app. */
export function Addresses() {
  return (
    <BrowserRouter>
      <Views />
    </BrowserRouter>
  );
}

function Views() {
  const [home, rigs, instruments, practice] = PLACES;
  const { pathname } = useLocation();
  return (
    <Broken place={pathname}>
      <Routes>
        <Route
          path="/"
          element={
            <Place word={home.word}>
              <HomeScreen />
            </Place>
          }
        />
        <Route
          path="/rigs"
          element={
            <Place word={rigs.word}>
              <RigsScreen />
            </Place>
          }
        />
        {["/pair", "/pair/:rigId"].map((path) => (
          <Route
            key={path}
            path={path}
            element={
              <Place word={COMMON.twoPhones}>
                <Suspense fallback={WAITS}>
                  <PairScreen />
                </Suspense>
              </Place>
            }
          />
        ))}
        {["/join", "/join/:code"].map((path) => (
          <Route
            key={path}
            path={path}
            element={
              <Suspense fallback={WAITS}>
                <JoinScreen />
              </Suspense>
            }
          />
        ))}
        <Route
          path="/helper"
          element={
            <Suspense fallback={WAITS}>
              <HelperScreen />
            </Suspense>
          }
        />
        <Route
          path="/library"
          element={
            <Place word={LIBRARY.title}>
              <LibraryScreen />
            </Place>
          }
        />
        <Route
          path="/instruments"
          element={
            <Place word={instruments.word}>
              <InstrumentsScreen />
            </Place>
          }
        />
        <Route
          path="/practice"
          element={
            <Place word={practice.word}>
              <PracticeScreen />
            </Place>
          }
        />
        <Route
          path="/practice/:lesson"
          element={
            <Place word={practice.word}>
              <LessonScreen />
            </Place>
          }
        />
        <Route
          path="/guide"
          element={
            <Place word={GUIDE.title}>
              <GuideScreen />
            </Place>
          }
        />
        <Route
          path="/job/:jobId/:stage?/:part?"
          element={
            <Suspense fallback={WAITS}>
              <JobPage />
            </Suspense>
          }
        />
        <Route
          path="/rig/:rigId/:view"
          element={
            <Suspense fallback={WAITS}>
              <RigPage />
            </Suspense>
          }
        />
        <Route path="*" element={<NotFound />} />
      </Routes>
      <PairGate />
    </Broken>
  );
}

/** Loaded only where this device is, or was before a reload, linked to another. */
function PairGate() {
  const paired = usePair();
  const linked = paired !== null || isLinked();
  return linked ? (
    <Suspense fallback={null}>
      <PairLayer />
    </Suspense>
  ) : null;
}
