import type { Quantity } from "../../quantity/index.ts";
import { type Fit, type SourceCase, type StartCase, studyStart } from "../motor-start/index.ts";
import { REMEDY_PARAMS as P } from "./params.ts";

/** Ways to make a unit start and keep running, cheapest kind first. A larger breaker or wire is never one. */
export const REMEDIES = ["as-is", "shed", "hard", "soft", "soft-shed", "other-source", "parallel", "bigger", "bigger-soft"] as const;
export type RemedyCode = (typeof REMEDIES)[number];

/** One remedy, simulated on the same unit, source and day. */
export interface Remedy {
  readonly code: RemedyCode;
  /** Which of the other sources, for that remedy; −1 otherwise. */
  readonly other: number;
  readonly fit: Fit;
  readonly starts: boolean;
  readonly startMarginA: number | null;
  readonly runMarginA: number | null;
  readonly usd: number;
}

export interface RemedyStudy {
  readonly remedies: readonly Remedy[];
  /** Place of the one to take: on this source the cheapest that fits, else the cheapest that just fits; another source only where none does; null when nothing holds. */
  readonly best: number | null;
}

type Tried = { readonly code: RemedyCode; readonly other: number; readonly given: StartCase; readonly usd: number };

/** Simulates every remedy that makes sense for a case, side by side. */
export function studyRemedies(given: StartCase, others: readonly SourceCase[]): RemedyStudy {
  const remedies = candidates(given, others).flatMap(({ code, other, given: tried, usd }) => {
    const study = studyStart(tried);
    if (!study.ok) return [];
    const { result, verdict } = study.value;
    const remedy: Remedy = {
      code,
      other,
      fit: verdict.overall,
      starts: result.status === "started",
      startMarginA: result.start.marginA,
      runMarginA: result.run?.marginA ?? null,
      usd,
    };
    return [remedy];
  });
  return { remedies, best: bestOf(remedies) };
}

function candidates(given: StartCase, others: readonly SourceCase[]): readonly Tried[] {
  const asIs: StartCase = { ...given, method: { kind: "as-found" } };
  const soft: StartCase = { ...given, method: given.method.kind === "soft" ? given.method : { kind: "soft" } };
  const list: Tried[] = [{ code: "as-is", other: -1, given: asIs, usd: 0 }];
  const loaded = given.backgroundA > 0;
  if (loaded) list.push({ code: "shed", other: -1, given: { ...asIs, backgroundA: 0 }, usd: 0 });
  list.push({ code: "hard", other: -1, given: { ...given, method: { kind: "hard" } }, usd: P.kitUsd.value });
  list.push({ code: "soft", other: -1, given: soft, usd: P.starterUsd.value });
  if (loaded) list.push({ code: "soft-shed", other: -1, given: { ...soft, backgroundA: 0 }, usd: P.starterUsd.value });
  others.forEach((source, other) => {
    list.push({ code: "other-source", other, given: { ...asIs, source }, usd: 0 });
  });
  if (given.source.kind === "inverter-generator")
    list.push({ code: "parallel", other: -1, given: { ...asIs, source: grown(given.source, 2) }, usd: P.generatorUsd.value });
  if ("altitudeM" in given.source) {
    const source = grown(given.source, P.biggerFactor.value);
    list.push({ code: "bigger", other: -1, given: { ...asIs, source }, usd: P.generatorUsd.value });
    list.push({ code: "bigger-soft", other: -1, given: { ...soft, source }, usd: P.generatorUsd.value + P.starterUsd.value });
  }
  return list;
}

function grown<S extends SourceCase>(source: S, factor: number): S {
  const times = (q: Quantity | undefined): Quantity | undefined => q && { ...q, value: q.value * factor };
  if (!("altitudeM" in source)) return source;
  const { runningW, surgeW } = source;
  return { ...source, ...(runningW && { runningW: times(runningW) }), ...(surgeW && { surgeW: times(surgeW) }) };
}

const RANK: Readonly<Record<Fit, number>> = { fits: 0, "just-fits": 1, "not-known": 2, "too-much": 3 };

function bestOf(remedies: readonly Remedy[]): number | null {
  return cheapest(remedies, (r) => r.code !== "other-source") ?? cheapest(remedies, (r) => r.code === "other-source");
}

function cheapest(remedies: readonly Remedy[], among: (remedy: Remedy) => boolean): number | null {
  let best: number | null = null;
  remedies.forEach((remedy, i) => {
    if (RANK[remedy.fit] > 1 || !among(remedy)) return;
    const now = best === null ? null : remedies[best]!;
    if (now === null || RANK[remedy.fit] < RANK[now.fit] || (remedy.fit === now.fit && remedy.usd < now.usd)) best = i;
  });
  return best;
}
