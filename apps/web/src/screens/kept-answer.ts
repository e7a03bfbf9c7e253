import { keysOf } from "@amp-saver/core/quantity";
import type { Assessment } from "@amp-saver/core/study/assess";
import { CORE_VERSION } from "@amp-saver/core/version";
import type { Job } from "@amp-saver/records";

/** The answer of a job as it is kept for lists: what the assessment says, and nothing judged again. The only writer of one. */
export function keptAnswer(
  { sourceId, method }: Pick<Job, "sourceId" | "method">,
  assessment: Assessment,
  at: string,
): NonNullable<Job["answer"]> | null {
  if (sourceId === null) return null;
  return { ...shownAnswer(assessment), sourceId, method, at, coreVersion: CORE_VERSION };
}

/** What a list shows of an assessment. */
export interface ShownAnswer {
  readonly fit: Assessment["fit"];
  readonly provisional: boolean;
  readonly decides: Assessment["decides"];
  readonly spareA: number | null;
  readonly tries: number;
  readonly holds: number;
}

/** The fit, what decides and what is to spare of it to a tenth of an amp, and the tries. */
export function shownAnswer({ fit, provisional, decides, start, run, tries }: Assessment): ShownAnswer {
  const side = decides === null ? null : decides === "start" ? start : run;
  const spareA = side?.spareA == null ? null : Math.round(side.spareA * 10) / 10;
  return { fit, provisional, decides, spareA, tries: tries?.trials ?? 0, holds: tries?.holds ?? 0 };
}

/** Whether a kept answer says the same as an assessment. */
export function saysTheSame(answer: Job["answer"], assessment: Assessment): boolean {
  if (answer === null) return false;
  const shown = shownAnswer(assessment);
  return keysOf(shown).every((key) => answer[key] === shown[key]);
}
