import { wiringOf } from "@amp-saver/records";
import { useMemo } from "react";
import type { JobBundle } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { wiringNames } from "../words/wiring.ts";
import { farBox, planView } from "./prepare/wiring.view.ts";

/** How the unit of a job is wired, the starter asked about, the plan, and the names of its parts. */
export function useUnitWiring({ unit, job, wirings, starters }: JobBundle) {
  const { measure } = useSettings();
  const wiring = useMemo(() => wiringOf(wirings, unit), [wirings, unit]);
  const starter = starters.find((s) => s.id === job.starterId);
  const plan = useMemo(() => planView(wiring, starter), [wiring, starter]);
  const names = useMemo(
    () => wiringNames(plan.asFound, plan.plan.ok ? plan.plan.value.finished : null, measure, farBox(wiring)),
    [plan, measure, wiring],
  );
  return { wiring, starter, plan, names };
}
