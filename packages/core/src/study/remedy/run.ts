import { itemAt } from "../../quantity/index.ts";
import { ASSESS_PARAMS, type Assessment, assess, type Fit } from "../assess/index.ts";
import type { Confidence } from "../confidence/index.ts";
import { type StartCase, type StartStudy, studyStart } from "../motor-start/index.ts";
import { type Candidate, type Choices, candidates } from "./candidates.ts";
import { REMEDY_PARAMS as P } from "./params.ts";

/** One remedy, simulated on the same unit, source and day; judged by its tries once they are in. */
export interface Remedy extends Candidate {
  readonly result: StartStudy["result"];
}

/** Simulates every remedy that makes sense for a case, side by side. */
export function studyRemedies(given: StartCase, choices: Choices): readonly Remedy[] {
  return candidates(given, choices).flatMap((candidate) => {
    const study = studyStart(candidate.given);
    return study.ok ? [{ ...candidate, result: study.value.result }] : [];
  });
}

/** A remedy with its assessment. */
export interface AssessedRemedy extends Candidate {
  readonly assessment: Assessment;
}

/** Judges a remedy. */
export function assessRemedy({ result, ...candidate }: Remedy, tries: Confidence | null): AssessedRemedy {
  return { ...candidate, assessment: assess(result, tries) };
}

/** What to take: places in the list. */
export interface Advice {
  /** The one to take; null where none holds. */
  readonly take: number | null;
  /** The one that works in 95 of 100 where the one to take is a much cheaper one that nearly does. */
  readonly sure: number | null;
}

type Judged = Pick<Candidate, "code" | "usd"> & { readonly assessment: Pick<Assessment, "fit" | "tries"> };

/**
 * What a sensible person would buy: on this source the cheapest that works in 95 of 100 tries; where a
 * much cheaper one works in 80 and more, that one, with the sure one beside it. Where none works so often,
 * the one that does most often; another source only where none does on this one.
 */
export function adviseOf(remedies: readonly Judged[]): Advice {
  const here = advise(remedies, (r) => r.code !== "other-source");
  return here.take === null ? advise(remedies, (r) => r.code === "other-source") : here;
}

function advise(remedies: readonly Judged[], among: (remedy: Judged) => boolean): Advice {
  const places = remedies.flatMap((r, i) => (among(r) ? [i] : []));
  const share = (i: number): number => shareOf(itemAt(remedies, i).assessment);
  const cheapest = (list: readonly number[]): number | null =>
    list.reduce<number | null>((best, i) => (best === null || itemAt(remedies, i).usd < itemAt(remedies, best).usd ? i : best), null);
  const sure = cheapest(places.filter((i) => share(i) >= ASSESS_PARAMS.fitsShare.value));
  if (sure === null) {
    const holding = places.filter((i) => share(i) >= ASSESS_PARAMS.tooMuchShare.value);
    return { take: holding.reduce<number | null>((best, i) => (best === null || share(i) > share(best) ? i : best), null), sure: null };
  }
  const limit = P.muchCheaper.value * itemAt(remedies, sure).usd;
  const near = cheapest(places.filter((i) => share(i) >= P.sureEnough.value && itemAt(remedies, i).usd < limit));
  return near === null ? { take: sure, sure: null } : { take: near, sure };
}

/** Until tries are in, what the centre says stands for a share. */
const SHARE_OF: Readonly<Record<Fit, number>> = { fits: 1, "just-fits": 0.7, "not-known": 0, "too-much": 0 };

function shareOf({ fit, tries }: Judged["assessment"]): number {
  if (tries === null || tries.trials < ASSESS_PARAMS.triesToSay.value) return SHARE_OF[fit];
  return tries.holds / tries.trials;
}
