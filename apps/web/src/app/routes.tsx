import { lazy, Suspense } from "react";
import { createBrowserRouter, Outlet } from "react-router";
import { HomeScreen } from "../screens/home/home.tsx";
import { LaterScreen } from "../screens/later/later.tsx";
import { COMMON } from "../words/common.ts";
import { GUIDE } from "../words/guide-screen.ts";
import { PLACES } from "../words/home.ts";
import { LATER_PLACES } from "../words/later.ts";
import { Broken } from "./broken.tsx";
import { NotFound, Place } from "./place.tsx";

const JobPage = lazy(() => import("./job-page.tsx").then((m) => ({ default: m.JobPage })));
const RigPage = lazy(() => import("./rig-page.tsx").then((m) => ({ default: m.RigPage })));
const RigsScreen = lazy(() => import("../screens/rigs/rigs.tsx").then((m) => ({ default: m.RigsScreen })));
const GuideScreen = lazy(() => import("../screens/guide/guide.tsx").then((m) => ({ default: m.GuideScreen })));
const InstrumentsScreen = lazy(() => import("../screens/instruments/instruments.tsx").then((m) => ({ default: m.InstrumentsScreen })));

const WAITS = <p className="p-6">{COMMON.loading}</p>;

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
        {
          path: "/job/:jobId/:stage?/:part?",
          element: (
            <Suspense fallback={WAITS}>
              <JobPage />
            </Suspense>
          ),
        },
        {
          path: "/rig/:rigId/:view",
          element: (
            <Suspense fallback={WAITS}>
              <RigPage />
            </Suspense>
          ),
        },
        {
          path: "*",
          element: <NotFound />,
        },
      ],
    },
  ]);
}
