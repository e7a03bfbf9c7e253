import type { Headroom, StartResult } from "./result.ts";

/** How a piece sits in its gap. */
export type Fit = "fits" | "just-fits" | "too-much" | "not-known";

export interface Verdict {
  readonly overall: Fit;
  readonly start: Fit;
  readonly run: Fit;
  /** Which of the two decides: the worse, or of equals the one with less to spare. */
  readonly decides: "start" | "run";
}

const RANK: Readonly<Record<Fit, number>> = { fits: 0, "just-fits": 1, "not-known": 2, "too-much": 3 };

/**
 * Judges start and run apart. A start that was made is never too much: where its source folded back,
 * sagged or has nothing left to spare, it only just fits.
 */
export function judge(result: StartResult): Verdict {
  const held = !result.start.foldedBack && !mayTrip(result) && fitOf(result.start) === "fits";
  const start: Fit = result.status !== "started" ? "too-much" : held ? "fits" : "just-fits";
  const stops = result.issues.some((i) => i.severity === "stop" && (i.code.startsWith("run-") || i.code === "surge-time"));
  const run: Fit = stops ? "too-much" : result.run === null ? "not-known" : fitOf(result.run);
  const decides =
    result.status !== "started" ? "start" : RANK[start] === RANK[run] ? smaller(result) : RANK[start] > RANK[run] ? "start" : "run";
  return { overall: decides === "start" ? start : run, start, run, decides };
}

function fitOf(room: Headroom): Fit {
  if (room.marginA === null) return "fits";
  if (room.marginA <= 0) return "too-much";
  return room.marginA > room.toleranceA ? "fits" : "just-fits";
}

function mayTrip(result: StartResult): boolean {
  return result.issues.some((i) => i.code === "breaker-may-trip" || i.code === "engine-badly" || i.code === "contactor-may-drop");
}

function smaller(result: StartResult): "start" | "run" {
  const start = result.start.marginA ?? Number.POSITIVE_INFINITY;
  const run = result.run?.marginA ?? Number.POSITIVE_INFINITY;
  return start < run ? "start" : "run";
}
