import { allTerminals, type Terminal } from "../../network/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
import type { PrepareFailure } from "../motor-start/index.ts";
import { type Bench, newBench, sectionsNow } from "./bench.ts";
import type { Danger, PracticeAct, PracticeCase, PracticeFaultCode, PracticeStep } from "./case.ts";
import { type HandsIn, ProofKeeper, type Unproven } from "./debrief.ts";
import { withoutFault } from "./faults.ts";
import { handsOn } from "./measure.ts";
import { commonOf } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";
import { actOn } from "./run.ts";

/** Acts played from the beginning: what each showed, what they prove, what is left unproven, and how the bench stands. */
export interface Practice {
  readonly steps: readonly PracticeStep[];
  readonly stopped: { readonly act: number; readonly code: Danger } | null;
  readonly found: readonly PracticeFaultCode[];
  readonly missed: readonly PracticeFaultCode[];
  readonly end: Bench;
  /** Every time hands went in, with what was not proven by then. */
  readonly handsIn: readonly HandsIn[];
  /** What is not proven at the end, were hands to go in then. */
  readonly lacks: readonly Unproven[];
  /** Acts that read the clamp on another wire than compressor common, whose amps the plate gives. */
  readonly readElsewhere: readonly number[];
  /** Faults that were named, there or not. */
  readonly said: readonly PracticeFaultCode[];
}

/** Differences that no meter tells apart, by unit. */
const FLOORS = { V: 2, ohm: 0.25, F: 1e-6, A: 0.5 } as const;

/** Whether a person with the same meter would notice that two steps differ. */
function differs(a: PracticeStep, b: PracticeStep): boolean {
  if ("shown" in a && "shown" in b) {
    if (a.shown === null || b.shown === null) return a.shown !== b.shown;
    return Math.abs(a.shown - b.shown) > Math.max(FLOORS[a.unit], P.noticedShare.value * Math.max(Math.abs(a.shown), Math.abs(b.shown)));
  }
  return "did" in a && "did" in b && a.cameOff !== b.cameOff;
}

/** Acts that a fault can be proven by: what somebody looks at. */
const LOOKS: ReadonlySet<PracticeAct["act"]> = new Set(["measure", "read", "tug"]);

/**
 * Plays acts on a case. A fault is proven by the first act that shows something else than it would show on the same bench
 * without that fault: nothing is found by its colour, and nothing by luck.
 */
export function playPractice(given: PracticeCase, acts: readonly PracticeAct[]): Result<Practice, PrepareFailure | "no-compressor"> {
  const begun = newBench(given);
  if (!begun.ok) return begun;
  let now = begun.value;
  const shadows = new Map<PracticeFaultCode, Bench>();
  for (const fault of given.faults) {
    const without = newBench(withoutFault(given, fault));
    if (without.ok) shadows.set(fault.code, without.value);
  }
  const steps: PracticeStep[] = [];
  const proof = new ProofKeeper();
  const proven = new Set<PracticeFaultCode>();
  const readElsewhere: number[] = [];
  let stopped: Practice["stopped"] = null;
  for (const [i, act] of acts.entries()) {
    const done = actOn(now, act);
    proof.take(now, i, act, done.step);
    if (act.act === "read" && "shown" in done.step && now.clamp?.conductor !== commonOf(now)) readElsewhere.push(i);
    now = done.bench;
    steps.push(done.step);
    for (const [code, shadow] of shadows) {
      const other = actOn(shadow, act);
      shadows.set(code, other.bench);
      if (LOOKS.has(act.act) && now.stopped === null && differs(done.step, other.step)) {
        proven.add(code);
        shadows.delete(code);
      }
    }
    if (now.stopped !== null && stopped === null) stopped = { act: i, code: now.stopped };
  }
  const codes = given.faults.map((f) => f.code);
  return ok({
    steps,
    stopped,
    found: codes.filter((code) => proven.has(code)),
    missed: codes.filter((code) => !proven.has(code)),
    end: now,
    handsIn: proof.all(),
    readElsewhere,
    lacks: proof.lacks(now),
    said: [...new Set(acts.flatMap((act) => (act.act === "say" ? [act.code] : [])))],
  });
}

/** How a bench stands: terminals that would hurt, parts that are charged, and whether the compressor turns. */
export function standing(bench: Bench): {
  readonly live: readonly Terminal[];
  readonly charged: readonly { readonly part: string; readonly volts: number }[];
  readonly running: boolean;
} {
  const volts = new Map<string, number>();
  for (const { id, part } of sectionsNow(bench)) {
    const charge = Math.abs(bench.charges.get(id)?.volts ?? 0);
    volts.set(part, Math.max(volts.get(part) ?? 0, charge));
  }
  return {
    live: allTerminals(bench.netlist).filter((at) => handsOn(bench, at) === "live-touched"),
    charged: [...volts].filter(([, v]) => v >= 1).map(([part, v]) => ({ part, volts: v })),
    running: bench.motor.phase === "on" && bench.motor.radS > 0,
  };
}
