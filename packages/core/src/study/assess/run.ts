import type { Confidence } from "../confidence/index.ts";
import { type Finding, isRule, type Room, type StartResult, tightest } from "../motor-start/index.ts";
import { ASSESS_PARAMS as P } from "./params.ts";

/** How a piece goes into its gap. */
export const FITS = ["fits", "just-fits", "too-much", "not-known"] as const;
export type Fit = (typeof FITS)[number];

/** The start, or the run, judged: its fit, and what is to spare at the centre of what is known. */
export interface AssessedSide extends Room {
  readonly fit: Fit;
}

/** What tries an assessment counts. */
type Tries = Pick<Confidence, "trials" | "holds" | "starts" | "interval">;

/** One judgement of one case, that everything shows and nothing judges again. */
export interface Assessment {
  readonly fit: Fit;
  /** True until enough tries are in: the central case speaks alone. */
  readonly provisional: boolean;
  /** Which of the two decides; null where nothing is known. */
  readonly decides: "start" | "run" | null;
  readonly start: AssessedSide;
  /** Null where it does not come to running. */
  readonly run: AssessedSide | null;
  readonly leastVolts: number | null;
  readonly findings: readonly Finding[];
  /** True where only a rule of the code keeps it from fitting. */
  readonly capped: boolean;
  readonly tries: Tries | null;
}

const RANK: Readonly<Record<Fit, number>> = { fits: 0, "just-fits": 1, "not-known": 2, "too-much": 3 };

/** The worse of two fits. */
export function worse(a: Fit, b: Fit): Fit {
  return RANK[a] >= RANK[b] ? a : b;
}

/** The fit of a share of tries that work. */
export function fitOfShare(share: number): Fit {
  if (share >= P.fitsShare.value) return "fits";
  return share < P.tooMuchShare.value ? "too-much" : "just-fits";
}

/** Whether more tries could still tell on which side of that share a case lies: its interval spans it. */
export function undecided([low, high]: readonly [number, number]): boolean {
  return [P.fitsShare.value, P.tooMuchShare.value].some((turn) => low < turn && high >= turn);
}

/**
 * Judges a case by its tries: fits from 95 of 100 on, too much below 50, just fits between. Until a
 * hundred are in, the central case of the same members speaks, provisionally. A broken rule of the code
 * caps the fit at just fits; nothing else decides.
 */
export function assess(result: StartResult, confidence: Confidence | null): Assessment {
  const enough = confidence !== null && confidence.trials >= P.triesToSay.value;
  const judged = enough ? byTries(result, confidence) : byCentre(result);
  const rule = result.findings.some(isRule);
  const capped = rule && judged.fit === "fits";
  const decides = capped ? "run" : judged.decides;
  const fit = capped ? "just-fits" : judged.fit;
  const side = (room: Room, which: "start" | "run"): AssessedSide => ({
    ...room,
    fit: which === decides ? worse(judged[which], fit) : judged[which],
  });
  return {
    fit,
    provisional: !enough,
    decides,
    start: side(result.start, "start"),
    run: result.run && side(result.run, "run"),
    leastVolts: result.leastVolts,
    findings: result.findings,
    capped,
    tries: confidence,
  };
}

interface Judged {
  readonly fit: Fit;
  readonly start: Fit;
  readonly run: Fit;
  readonly decides: "start" | "run";
}

function byTries(result: StartResult, { trials, starts, holds }: Confidence): Judged {
  const fit = fitOfShare(holds / trials);
  const start = fitOfShare(starts / trials);
  const run = starts === 0 ? "not-known" : fitOfShare(holds / starts);
  const decides = fit === "fits" ? tightest(result) : trials - starts > starts - holds ? "start" : "run";
  return { fit, start, run, decides };
}

function byCentre(result: StartResult): Judged {
  const { status, start: startRoom, run: runRoom, findings } = result;
  const stops = (of: "start" | "run"): boolean =>
    findings.some((f) => f.severity === "stop" && (f.code.startsWith("run-") ? "run" : "start") === of);
  const start = status !== "started" || stops("start") ? "too-much" : fitOfRoom(startRoom);
  const run = stops("run") ? "too-much" : runRoom === null ? "not-known" : fitOfRoom(runRoom);
  const decides = tightest(result);
  const fit = start === "too-much" ? start : worse(start, run);
  return { fit, start, run, decides: fit === "too-much" ? (start === "too-much" ? "start" : "run") : decides };
}

/** A room of more than the figures may be off fits. */
function fitOfRoom({ spareA, toleranceA }: Room): Fit {
  if (spareA === null) return "fits";
  if (spareA < 0) return "too-much";
  return spareA > toleranceA ? "fits" : "just-fits";
}
