import { applyMove, type Netlist, STARTER, type Terminal, terminal, type WiringMove } from "../../network/index.ts";
import type { PlanStep, StepReason } from "./step.ts";

/** The way back to as found from finished work and the steps that led there: each undone in reverse order, a cut by a splice of its pieces. */
export function restorePlan(finished: Netlist, taken: readonly PlanStep[]): readonly PlanStep[] {
  const back = new WayBack(finished);
  back.note("photo", "undo-begins", null);
  for (const [k, step] of taken.map((s, i) => [i, s] as const).toReversed()) {
    const earlier = taken.slice(0, k);
    back.undo(step, !earlier.some((s) => s.do === "splice" && s.at === step.at));
  }
  back.note("photo", "undo-done", null);
  return back.steps;
}

class WayBack {
  readonly steps: PlanStep[] = [];
  private netlist: Netlist;
  private joints = 0;

  constructor(netlist: Netlist) {
    this.netlist = netlist;
  }

  note(what: "photo" | "fit" | "retire", why: StepReason, part: string | null): void {
    this.steps.push({ do: what, conductor: null, at: null, with: part, why });
  }

  /** Undoes one step; `opens` says that it was the first splice at its joint. */
  undo({ do: what, conductor, at, with: other }: PlanStep, opens: boolean): void {
    if (what === "retire") this.note("fit", "aid-back", other);
    if (what === "fit") this.note("retire", "starter-out", STARTER);
    if (conductor === null || at === null) return;
    if (what === "land") this.lift(conductor, at, "starter-out");
    if (what === "lift") this.change({ do: "land", conductor: this.piece(conductor, null), at });
    if (what === "move" && other !== null) this.change({ do: "move", conductor: this.piece(conductor, other), at: other, with: at });
    if (what === "splice") {
      this.lift(conductor, at, "joint-undone");
      if (opens && other !== null) this.lift(other, at, "joint-undone");
    }
    if (what === "cut" && other !== null) {
      this.joints += 1;
      this.change({ do: "splice", conductor, at: terminal(`restored${this.joints}`, "J"), with: other });
    }
  }

  /** The piece of a conductor that carries an end: it may have been cut since. */
  private piece(conductor: string, end: Terminal | null): string {
    const pieces = this.netlist.conductors.filter((c) => c.id === conductor || c.id.startsWith(`${conductor}/`));
    return pieces.find((c) => c.ends.includes(end))?.id ?? conductor;
  }

  private lift(conductor: string, at: Terminal, why: StepReason): void {
    const id = this.piece(conductor, at);
    this.netlist = applyMove(this.netlist, { do: "lift", conductor: id, at });
    this.steps.push({ do: "lift", conductor: id, at, with: null, why });
  }

  private change(move: Extract<WiringMove, { do: "land" | "move" | "splice" }>): void {
    this.netlist = applyMove(this.netlist, move);
    const { conductor, at } = move;
    const on = move.do === "move" ? move.with : at;
    this.steps.push({ do: move.do, conductor, at, with: move.do === "land" ? null : move.with, why: "back-in-place" });
    for (const id of move.do === "splice" ? [conductor, move.with] : [conductor])
      this.steps.push({ do: "tug", conductor: id, at: on, with: null, why: "back-in-place" });
  }
}
