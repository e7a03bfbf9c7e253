import { isAid, partById, partOf, type Terminal } from "../../network/index.ts";
import { checkWiring, type WiringFault } from "../wiring-check/index.ts";
import type { PlanStep } from "../wiring-plan/index.ts";
import { type Difference, isMild } from "./difference.ts";
import { judgeJoint, judgeLanding } from "./put-on.ts";
import type { SheetAct, SheetSentence, SheetStep } from "./step.ts";
import { type Judged, type SheetUnit, Table } from "./table.ts";
import { judgeLift, judgeRemoval } from "./take-off.ts";
import { wholeOf } from "./wires.ts";

/** What a sentence of the sheet is beside the plan. */
export interface Beside {
  readonly sentence: SheetSentence;
  /** `otherwise` leads to the same connections; `elsewhere`: another stage asks for it; `open`: it was not understood. */
  readonly verdict: "agrees" | "otherwise" | "disagrees" | "open" | "elsewhere";
  readonly differences: readonly Difference[];
  /** Steps of the plan that do here what the sentence is after, by their place in it. */
  readonly instead: readonly number[];
  /** What following it to the letter would bring about. */
  readonly brings: readonly WiringFault[];
}

/** A maker's sheet beside the plan of one unit. */
export interface SheetBeside {
  readonly sentences: readonly Beside[];
  /** Steps of the plan that change a connection and that no sentence asks for. */
  readonly missing: readonly number[];
}

const WIRING: ReadonlySet<SheetAct> = new Set(["lift", "land", "move", "join", "cut", "remove", "cap"]);
const CHANGES: ReadonlySet<PlanStep["do"]> = new Set(["lift", "land", "move", "cut", "splice", "retire"]);

/** Lays every sentence beside the plan, and follows the sheet to the letter on the circuit to see what it would leave or bring about. */
export function compareSheet(sentences: readonly SheetSentence[], unit: SheetUnit): SheetBeside {
  const table = new Table(unit);
  const read = sentences.map((sentence, n): Beside => {
    const { step } = sentence;
    const bare = { sentence, differences: [], instead: [], brings: [] };
    if (step === null) return { ...bare, verdict: "open" };
    if (!WIRING.has(step.act)) return { ...bare, verdict: "elsewhere" };
    const { differences, instead } = judge(table, step, n);
    for (const k of instead) table.used.add(k);
    return { ...bare, differences, instead, verdict: verdictOf(differences) };
  });
  const missing = table.find((s) => CHANGES.has(s.do)).filter((k) => !table.used.has(k));
  return { sentences: withOutcome(table, read), missing };
}

function judge(table: Table, step: SheetStep, n: number): Judged {
  switch (step.act) {
    case "remove":
      return judgeRemoval(table, step.from, n);
    case "lift":
    case "cut":
      return judgeLift(table, step, n);
    case "land":
      return judgeLanding(table, step.wire, step.to, n);
    case "join":
      return judgeJoint(table, step, n);
    case "move": {
      const off = judgeLift(table, step, n);
      const on = step.to === null ? judgeJoint(table, step, n) : judgeLanding(table, step.wire, step.to, n);
      return { differences: [...off.differences, ...on.differences], instead: [...new Set([...off.instead, ...on.instead])] };
    }
    default:
      return { differences: [], instead: [] };
  }
}

/** What following the sheet to the letter leaves free or brings about goes to the sentence that worked on it last. */
function withOutcome(table: Table, read: readonly Beside[]): readonly Beside[] {
  const free = table.followed.loosened.filter(({ wire, at }) => table.followed.isFree(wire) && !mayStayFree(table, wire, at));
  const faults = checkWiring(table.followed.netlist) ?? [];
  return read.map((one, n): Beside => {
    if (one.verdict === "open" || one.verdict === "elsewhere") return one;
    const left = free.filter((f) => f.by === n).map(({ wire, at }): Difference => ({ code: "left-free", wire, at }));
    const differences = [...one.differences, ...left];
    const verdict = verdictOf(differences);
    return { ...one, differences, verdict, brings: verdict === "disagrees" ? faults.filter((f) => table.toucherOf(f.at) === n) : [] };
  });
}

/** Whether an end may stay free: the plan leaves it free, too, or it only led from one start aid to another. */
function mayStayFree(table: Table, wire: string, at: Terminal): boolean {
  const { asFound, plan } = table.unit;
  const pieces = plan.finished.conductors.filter((c) => wholeOf(c.id) === wire);
  if (pieces.some((c) => c.ends.includes(null))) return true;
  const ends = asFound.conductors.find((c) => c.id === wire)?.ends ?? [at];
  return ends.every((e) => e !== null && isAid(partById(asFound, partOf(e)).kind));
}

function verdictOf(differences: readonly Difference[]): Beside["verdict"] {
  if (differences.length === 0) return "agrees";
  return differences.every(isMild) ? "otherwise" : "disagrees";
}
