import type { StartCase } from "../motor-start/index.ts";
import { type Fit, studyStart } from "../motor-start/index.ts";
import { type Candidate, type Choices, candidates } from "./candidates.ts";

/** One remedy, simulated on the same unit, source and day. */
export interface Remedy extends Candidate {
  readonly fit: Fit;
  readonly starts: boolean;
  readonly startMarginA: number | null;
  readonly runMarginA: number | null;
}

export interface RemedyStudy {
  readonly remedies: readonly Remedy[];
  /** Place of the one to take: on this source the cheapest that fits, else the cheapest that just fits; another source only where none does; null when nothing holds. */
  readonly best: number | null;
}

/** Simulates every remedy that makes sense for a case, side by side. */
export function studyRemedies(given: StartCase, choices: Choices): RemedyStudy {
  const remedies = candidates(given, choices).flatMap((candidate) => {
    const study = studyStart(candidate.given);
    if (!study.ok) return [];
    const { result, verdict } = study.value;
    const remedy: Remedy = {
      ...candidate,
      fit: verdict.overall,
      starts: result.status === "started",
      startMarginA: result.start.marginA,
      runMarginA: result.run?.marginA ?? null,
    };
    return [remedy];
  });
  return { remedies, best: bestRemedy(remedies) };
}

const RANK: Readonly<Record<Fit, number>> = { fits: 0, "just-fits": 1, "not-known": 2, "too-much": 3 };

/** Place of the remedy to take; see `RemedyStudy.best`. */
export function bestRemedy(remedies: readonly Ranked[]): number | null {
  return cheapest(remedies, (r) => r.code !== "other-source") ?? cheapest(remedies, (r) => r.code === "other-source");
}

type Ranked = Pick<Remedy, "code" | "fit" | "usd">;

function cheapest(remedies: readonly Ranked[], among: (remedy: Ranked) => boolean): number | null {
  let best: number | null = null;
  remedies.forEach((remedy, i) => {
    if (RANK[remedy.fit] > 1 || !among(remedy)) return;
    const now = best === null ? null : remedies[best]!;
    if (now === null || RANK[remedy.fit] < RANK[now.fit] || (remedy.fit === now.fit && remedy.usd < now.usd)) best = i;
  });
  return best;
}
