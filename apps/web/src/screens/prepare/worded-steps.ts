import type { WiringNames } from "../../words/wiring.ts";
import { PLAN, stepSentence } from "../../words/wiring-plan.ts";
import { notThis, restoreGroups } from "./steps.view.ts";
import type { PlanView, StepGroup } from "./wiring.view.ts";

/** A step in words. */
export interface WordedStep {
  readonly id: string;
  readonly sentence: string;
  readonly not: string | null;
  /** Opens or cuts a conductor that is not proved yet. */
  readonly unproved?: boolean;
  readonly done?: boolean;
}

const NOT = { pin: PLAN.notPin, can: PLAN.notCan, coil: PLAN.notCoil, cover: PLAN.noSpliceUnderCover } as const;

/** Every step of a plan in words, with the mistake it invites. */
export function wordedSteps(view: PlanView, names: WiringNames): readonly WordedStep[] {
  return view.groups.map((group) => worded(group, view, names));
}

/** The way back in words. */
export function wordedRestore(view: PlanView, names: WiringNames): readonly WordedStep[] {
  return restoreGroups(view).map((group) => ({ ...worded(group, view, names), not: null }));
}

function worded(group: StepGroup, view: PlanView, names: WiringNames): WordedStep {
  const { main, members } = group;
  const end = view.ends.find((e) => e.conductor === main.conductor && e.at === main.at);
  const joint = view.ends.find((e) => e.at === main.at && e.splice !== null)?.splice?.name ?? null;
  const not = notThis(group, view.plan.ok ? view.plan.value.finished : view.asFound);
  return {
    id: [main.do, main.why, main.conductor, main.at, main.with].join(" "),
    sentence: stepSentence(main, members, joint, end?.crimp ?? null, names),
    not: not === null ? null : NOT[not],
  };
}
