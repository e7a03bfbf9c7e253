import { keysOf } from "@amp-saver/core/quantity";
import { lazy, Suspense } from "react";
import { useParams } from "react-router";
import { saveRig } from "../screens/save-rig.ts";
import { useStore } from "../store/provider.tsx";
import { useRig } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { useKeys } from "../ui/keys.tsx";
import { COMMON } from "../words/common.ts";
import { DAY } from "../words/day.ts";
import { HISTORY } from "../words/history.ts";
import { ROOF_WORK } from "../words/roof-work.ts";
import { TOGETHER } from "../words/together.ts";
import { Page } from "./page.tsx";
import { NotFound, Place } from "./place.tsx";
import { PlacesStrip } from "./places-strip.tsx";

const RigPlanScreen = lazy(() => import("../screens/together/rig-plan.tsx").then((m) => ({ default: m.RigPlanScreen })));
const HistoryScreen = lazy(() => import("../screens/history/history.tsx").then((m) => ({ default: m.HistoryScreen })));

/** Views of a rig by the end of their address. */
const RIG_VIEWS = { together: TOGETHER.title, history: HISTORY.title, day: DAY.title, work: ROOF_WORK.title } as const;

/** A view of a rig, under the frame that outlives it. */
export function RigPage() {
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
