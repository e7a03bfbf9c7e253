import { ok, type Result } from "../../quantity/index.ts";
import type { PrepareFailure } from "../motor-start/index.ts";
import { type Bench, fedBy } from "./bench.ts";
import type { Cover, PracticeAct, PracticeCase, PracticeFaultCode } from "./case.ts";
import { BY_ITSELF, LIVE, RUNNING } from "./course.ts";
import type { Unproven } from "./debrief.ts";
import { lookDead } from "./expert.ts";
import { playPractice, standing } from "./judge.ts";
import type { Lesson } from "./lessons.ts";
import { supplyPairs } from "./names.ts";

/** What an expert would do next, told to a learner who asks. */
export type Hint =
  | { readonly code: Unproven | "open-box" | "open-terminals" | "search" | "off-and-wait" | "run" | "name" | "done" }
  | { readonly code: "measure"; readonly act: Extract<PracticeAct, { readonly act: "measure" }> };

/** The next thing to do in a lesson after these acts. */
export function hintFor(lesson: Lesson, given: PracticeCase, acts: readonly PracticeAct[]): Result<Hint, PrepareFailure | "no-compressor"> {
  const played = playPractice(given, acts);
  if (!played.ok) return played;
  const { end, missed, lacks, said } = played.value;
  const begun = end.made.given.sources.some(({ id }) => end.switches.get(id)?.on !== true);
  const live = missed.find((code) => LIVE.has(code));
  if (live !== undefined && (!begun || fedBy(end) !== null)) return ok(pairOf(end, "volts-low-z"));
  if (missed.includes("not-rested") && !begun) return ok({ code: "run" });
  if (missed.some((code) => BY_ITSELF.has(code))) return ok({ code: "off-and-wait" });
  const ready = played.value.handsIn.some(({ unproven }) => unproven.length === 0);
  if (!ready && lacks.length > 0) return ok({ code: lacks[0] ?? "pairs" });
  if (!ready && !end.open.has("box")) return ok(toOpen(end, "box"));
  const next = missed.find((code) => !RUNNING.has(code));
  if (next !== undefined) return ok(lookFor(end, next));
  if (missed.length > 0 || (lesson.goals.includes("runs") && !standing(end).running)) return ok({ code: "run" });
  return ok({ code: given.faults.every(({ code }) => said.includes(code)) ? "done" : "name" });
}

function lookFor(bench: Bench, code: PracticeFaultCode): Hint {
  if (!bench.open.has("box")) return toOpen(bench, "box");
  if (code === "stray-volts") return pairOf(bench, "volts");
  const acts = lookDead(bench, code) ?? [];
  if (acts.some((a) => a.act === "open" && a.cover === "terminals") && !bench.open.has("terminals")) return toOpen(bench, "terminals");
  const act = acts.findLast((a) => a.act === "measure");
  return act === undefined ? pairOf(bench, "volts-low-z") : { code: "measure", act };
}

function toOpen({ made, screwFound }: Bench, cover: Cover): Hint {
  if (made.given.hiddenScrew === cover && !screwFound) return { code: "search" };
  return { code: cover === "box" ? "open-box" : "open-terminals" };
}

function pairOf(bench: Bench, range: "volts" | "volts-low-z"): Hint {
  const [from = "", to = ""] = supplyPairs(bench.netlist)[0] ?? [];
  return { code: "measure", act: { act: "measure", range, from, to } };
}
