import { judgeMounting, type MountingVerdict, mountingChecks } from "@amp-saver/core/study/mounting";
import {
  FINDING_STATES,
  judgeOpening,
  type OpeningFinding,
  openingFindings,
  SCREW_HIDERS,
  SCREW_PLACES,
  screwsMissing,
} from "@amp-saver/core/study/opening";
import { type OwnMinutes, ownMinutes, usualMinutes } from "@amp-saver/core/study/site";
import { CLOSING_CHECKS, type FitLog, type Photo, POWER_CHECKS } from "@amp-saver/records";

import type { PlanView, StepGroup } from "../prepare/wiring.view.ts";

/** Minutes the plan usually takes. */
export function planMinutes({ groups }: PlanView): number {
  return usualMinutes(groups.flatMap((g) => [g.main, ...g.rest]));
}

/** Name under which a step is ticked: what it does to what, so that a changed plan does not inherit a tick. */
export function stepKey({ main, members }: StepGroup): string {
  return [main.do, main.why, main.conductor, main.at, main.with, ...members]
    .filter((s) => s !== null)
    .join(" ")
    .slice(0, 160);
}

/** Whether a step is done: ticked, and what was tugged did not move. */
export function stepDone(tick: FitLog["steps"][string] | undefined): boolean {
  return tick !== undefined && tick.tug !== "moved";
}

/** Places of the steps that are not done, in their order; of the way back by its own ticks. */
export function undoneSteps({ groups }: Pick<PlanView, "groups">, work: FitLog, ticks: "steps" | "undone" = "steps"): readonly number[] {
  return groups.flatMap((group, k) => (stepDone(work[ticks][stepKey(group)]) ? [] : [k]));
}

/** Whether a photo of a step proves what nobody sees later: the box as it is, a joint before it is insulated, an end on its terminal. */
export function worthAPhoto({ main }: StepGroup): boolean {
  return main.do === "photo" || main.do === "splice" || main.do === "land" || main.do === "move";
}

/** Steps of a plan that a photo would prove and none does, by their keys; a photo as found or as built serves its own step. */
export function stepsWithoutPhoto({ groups }: Pick<PlanView, "groups">, photos: readonly Photo[], unitId: string): readonly string[] {
  const own = photos.filter((p) => p.unitId === unitId);
  return groups
    .filter(worthAPhoto)
    .filter((group) => !own.some((p) => p.step === stepKey(group) || (group.main.do === "photo" && p.of === group.main.why)))
    .map(stepKey);
}

/** Whether power came back on what a visit had wired. */
export function powerOnWired({ steps, events }: FitLog): boolean {
  const ticks = Object.values(steps);
  return ticks.length > 0 && events.some((e) => e.what === "powered" && ticks.every((s) => s.at < e.at));
}

/** What speaks against the place as it was answered, and what is open. */
export function mountingOf({ mounting }: FitLog): MountingVerdict {
  return judgeMounting(mounting);
}

/** Whether work may go on past mounting: nothing speaks against the place, or somebody gave a reason to go on. */
export function mountingAllows(work: FitLog): boolean {
  return mountingOf(work).against.length === 0 || work.mountReason.trim() !== "";
}

/** What is looked at when the starter is mounted, by where it sits. */
export const mountingList = mountingChecks;
/** What is ticked before power goes on, and what is watched for after. */
export const BEFORE_POWER = POWER_CHECKS.slice(0, 3);
export const AFTER_POWER = POWER_CHECKS.slice(3);

/** What is not closed yet: ticks open, and screws missing in all places (negative: too many in one and none missing elsewhere). */
export function closingState(work: FitLog): { readonly open: number; readonly screws: number } {
  const left = [work.screwsOut - work.screwsIn, ...screwsMissing(work.screws).map(([, count]) => count)];
  const missing = left.filter((n) => n > 0).reduce((sum, n) => sum + n, 0);
  const over = left.filter((n) => n < 0).reduce((sum, n) => sum + n, 0);
  return { open: closingList(work).filter((c) => work.closing[c] !== true).length, screws: missing > 0 ? missing : over };
}

/** What was found on opening, judged by whether the unit has a contactor. */
export function openingOf(
  work: FitLog,
  plan: Pick<PlanView, "asFound">,
): ReturnType<typeof judgeOpening> & { readonly list: readonly OpeningFinding[] } {
  const contactor = plan.asFound.parts.some((p) => p.kind === "contactor");
  return { ...judgeOpening(work.found, contactor), list: openingFindings(contactor) };
}

/** What is looked for and where screws come out. */
export const OPENING_LISTS = { states: FINDING_STATES, places: SCREW_PLACES, hiders: SCREW_HIDERS } as const;
/** Screws that are out and not back in, by place. */
export const missingScrews = screwsMissing;

/** What is ticked at the end; fixing is among it only where it waited for the test. */
export function closingList(work: FitLog): readonly (typeof CLOSING_CHECKS)[number][] {
  return CLOSING_CHECKS.filter((c) => c !== "fixed" || work.fixLast !== false);
}

/** Minutes the plan's steps take by the hours of earlier visits' ticks; null where too few were timed. */
export function ownPlanMinutes({ groups }: PlanView, works: readonly FitLog[]): OwnMinutes | null {
  const visits = works.map(({ steps }) => Object.values(steps).map(({ at }) => Date.parse(at)));
  return ownMinutes(visits, groups.length);
}
