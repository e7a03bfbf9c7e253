import type { Netlist } from "@amp-saver/core/network";
import { applySteps } from "@amp-saver/core/study/wiring-plan";
import type { WiringNames } from "../../words/wiring.ts";
import { allStates, restoreGroups } from "../prepare/steps.view.ts";
import type { PlanView, StepGroup } from "../prepare/wiring.view.ts";
import { type WordedStep, wordedRestore, wordedSteps } from "../prepare/worded-steps.ts";

/** Steps that are done one after another with hands in the unit. */
export interface Course {
  /** Where they are ticked. */
  readonly ticks: "steps" | "undone";
  readonly groups: readonly StepGroup[];
  readonly worded: readonly WordedStep[];
  /** The circuit before the first, then after each. */
  readonly states: readonly Netlist[];
}

/** The starter goes in. */
export function fitCourse(plan: PlanView, names: WiringNames): Course {
  return { ticks: "steps", groups: plan.groups, worded: wordedSteps(plan, names), states: allStates(plan) };
}

/** The starter comes out: everything back as it was found. */
export function undoCourse(plan: PlanView, names: WiringNames): Course {
  const groups = restoreGroups(plan);
  const states = plan.plan.ok ? [plan.plan.value.finished] : [];
  for (const group of groups) states.push(applySteps(states.at(-1) ?? plan.asFound, [group.main, ...group.rest]));
  return { ticks: "undone", groups, worded: wordedRestore(plan, names), states };
}
