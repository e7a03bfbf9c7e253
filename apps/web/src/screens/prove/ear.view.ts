import { type Heard, type HeardStart, runsAndRests } from "@amp-saver/core/study/by-ear";
import { type Timing, toSpeedOf } from "@amp-saver/records";
import { EAR } from "../../words/ear.ts";
import { clock } from "../../words/learn.ts";

/** A start that was heard, in a sentence. */
export function heardSentence({ onsetS, toSpeedS, toleranceS, outcome, endS, dropHz, beside }: HeardStart): string {
  const parts = [
    outcome === "ran" ? EAR.outcomes.ran(onsetS, toSpeedS ?? 0, toleranceS) : EAR.outcomes[outcome](onsetS),
    outcome === "ran" && endS !== null ? EAR.ended(endS) : "",
    dropHz === null ? "" : EAR.dropped(dropHz),
    beside ? EAR.beside : "",
  ];
  return parts.filter((part) => part !== "").join(" ");
}

/** Runs and rests that were heard to their end, in a sentence; null where there is none. */
export function runsSentence({ starts }: Heard): string | null {
  const { runS, restS } = runsAndRests(starts);
  return runS.length + restS.length === 0 ? null : EAR.runs(runS.map(clock), restS.map(clock));
}

/** The step under which a recording of a start is kept. */
export const earStep = (side: Timing["when"]): string => `ear ${side}`;

/** What of a start that was heard is kept; null where it came to no speed. */
export function heardOf({ toSpeedS, toleranceS, dropHz }: HeardStart, lineHz: number | null): Timing["heard"] {
  return toSpeedS === null || lineHz === null ? null : { toSpeedS, toleranceS, lineHz, dropHz };
}

/** A time to speed that was kept, in a sentence: a person's own count stands before the ear's. */
export function keptSentence({ heard, countedS }: Timing): string {
  if (countedS !== null) return EAR.keptCount(countedS, heard?.toSpeedS ?? null);
  return heard === null ? "" : EAR.keptEar(heard.toSpeedS, heard.toleranceS);
}

/** The middle of the times that stand, s; null where there is none. */
export function middleToSpeed(timings: readonly Timing[]): number | null {
  const all = timings.flatMap((t) => toSpeedOf(t) ?? []).toSorted((a, b) => a - b);
  return all.length === 0 ? null : ((all[Math.floor((all.length - 1) / 2)] ?? 0) + (all[Math.ceil((all.length - 1) / 2)] ?? 0)) / 2;
}
