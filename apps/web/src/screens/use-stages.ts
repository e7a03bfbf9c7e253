import { useMemo } from "react";
import useSWR from "swr";
import type { JobBundle } from "../store/queries.ts";
import type { StageView } from "./stages.view.ts";

/**
 * How far a job has come; null while it is not known. What tells that is loaded when first asked: it
 * knows the plan of the wiring, and the first screen does not wait for it.
 */
export function useStages(bundle: JobBundle | undefined): StageView | null {
  const { data: view } = useSWR("stages", () => import("./stages.view.ts"));
  return useMemo(() => (view === undefined || bundle === undefined ? null : view.stageView(bundle)), [view, bundle]);
}
