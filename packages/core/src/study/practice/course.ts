import { reachOf } from "../../network/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
import { LEARNING_RUN_PARAMS } from "../learning-runs/index.ts";
import type { PrepareFailure } from "../motor-start/index.ts";
import { type Bench, newBench } from "./bench.ts";
import type { PracticeAct, PracticeCase, PracticeFaultCode } from "./case.ts";
import { ProofKeeper } from "./debrief.ts";
import { bleedAndRead, lookDead, offAndOpen, proveDead } from "./expert.ts";
import { commonOf, runCapacitorAt, supplyPairs } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";
import { actOn } from "./run.ts";

/** Faults that a supply shows while it is live, before anything is opened. */
export const LIVE: ReadonlySet<PracticeFaultCode> = new Set(["hot-neutral-reversed", "neutral-open", "low-volts"]);
/** Faults that a source shows by itself once another is off. */
export const BY_ITSELF: ReadonlySet<PracticeFaultCode> = new Set(["inverter-feeds-again", "auto-start"]);
/** Faults that only a start or a run shows. */
export const RUNNING: ReadonlySet<PracticeFaultCode> = new Set([
  "thin-cord",
  "dirty-coil",
  "energy-manager-waits",
  "not-rested",
  "weak-source",
  "eco-mode",
  "source-overload",
]);

/** Faults that only minutes show. */
const SLOW: ReadonlySet<PracticeFaultCode> = new Set(["source-overload", "energy-manager-waits"]);

/** Times that a charge which comes back is bled again before somebody gives up. */
const BLEEDS_MOST = 6;
/** An expert at work on a bench: does acts and keeps them. */
class Expert {
  readonly acts: PracticeAct[] = [];
  readonly keeper = new ProofKeeper();
  bench: Bench;

  constructor(bench: Bench) {
    this.bench = bench;
  }

  do(acts: readonly PracticeAct[]): void {
    for (const act of acts) {
      const done = actOn(this.bench, act);
      this.keeper.take(this.bench, this.acts.length, act, done.step);
      this.bench = done.bench;
      this.acts.push(act);
    }
  }
}

/** A short course that proves a case dead, finds all that is hidden in it, and lets it run where `runs`. */
export function expertCourse(given: PracticeCase, runs: boolean): Result<readonly PracticeAct[], PrepareFailure | "no-compressor"> {
  const begun = newBench(given);
  if (!begun.ok) return begun;
  const expert = new Expert(begun.value);
  const codes = given.faults.map((f) => f.code);
  const pairs = supplyPairs(expert.bench.netlist);
  const measured = (range: "volts" | "volts-low-z"): readonly PracticeAct[] =>
    pairs.map(([from, to]) => ({ act: "measure", range, from, to }));
  if (codes.some((code) => LIVE.has(code))) expert.do(measured("volts-low-z"));
  if (codes.includes("not-rested"))
    expert.do([
      { act: "call", on: true },
      ...measured("volts-low-z").slice(0, 1),
      { act: "call", on: false },
      { act: "wait", seconds: LEARNING_RUN_PARAMS.leastRestS.value },
    ]);
  if (codes.some((code) => BY_ITSELF.has(code)))
    expert.do([...firstOff(expert.bench), { act: "wait", seconds: P.expertFeedsS.value }, ...measured("volts-low-z")]);
  expert.do(offAndOpen(expert.bench));
  if (codes.includes("stray-volts")) expert.do(measured("volts"));
  expert.do(proveDead(expert.bench));
  for (let k = 0; k < BLEEDS_MOST && expert.keeper.lacks(expert.bench).length > 0; k++) expert.do(bleedAndRead(expert.bench));
  const run = runs || codes.some((code) => RUNNING.has(code));
  const common = commonOf(expert.bench);
  if (run && common !== undefined) expert.do([{ act: "clamp", conductor: common, mode: "live" }]);
  else {
    const tab = runCapacitorAt(expert.bench.netlist, "C");
    expert.do([{ act: "touch", at: reachOf(expert.bench.netlist, tab) ?? tab }]);
  }
  for (const code of codes) expert.do(lookDead(expert.bench, code) ?? []);
  const named = (): Result<readonly PracticeAct[], never> => {
    expert.do(codes.map((code) => ({ act: "say", code })));
    return ok(expert.acts);
  };
  if (!run) return named();
  const [source] = given.sources;
  expert.do([
    { act: "unlock", source: source?.id ?? "" },
    { act: "switch", source: source?.id ?? "", on: true },
    { act: "wait", seconds: P.expertFeedsS.value },
    { act: "call", on: true },
    { act: "wait", seconds: P.expertRunsS.value },
    { act: "read" },
    ...measured("volts-low-z").slice(0, 1),
  ]);
  if (codes.some((code) => SLOW.has(code))) expert.do([{ act: "wait", seconds: P.expertGivesWayS.value }, { act: "read" }]);
  return named();
}

/** What feeds now, off and locked. */
function firstOff({ made, switches }: Bench): readonly PracticeAct[] {
  const first = made.given.sources.find((s) => switches.get(s.id)?.on === true);
  return first === undefined
    ? []
    : [
        { act: "switch", source: first.id, on: false },
        { act: "lock", source: first.id },
      ];
}
