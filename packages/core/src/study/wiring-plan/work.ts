import {
  applyMove,
  conductorsAt,
  inReach,
  type Netlist,
  nameOn,
  partById,
  partOf,
  type Terminal,
  terminal,
  type WiringMove,
} from "../../network/index.ts";
import { assert } from "../../quantity/index.ts";
import type { Fitting, PlanStep, StepReason } from "./step.ts";

/** A netlist under change, and the steps that changed it: what is done is written down, what is written down was done. */
export class Work {
  netlist: Netlist;
  readonly steps: PlanStep[] = [];
  private joints = 0;

  constructor(netlist: Netlist) {
    this.netlist = netlist;
  }

  /** Writes down a step that changes no connection. */
  note(
    what: "insulate" | "retire" | "fit" | "tug" | "photo",
    why: StepReason,
    on: { readonly conductor?: string; readonly at?: Terminal; readonly with?: string } = {},
  ): void {
    this.steps.push({ do: what, conductor: on.conductor ?? null, at: on.at ?? null, with: on.with ?? null, why });
  }

  /** Frees the end of a conductor at a terminal: lifted, or cut where it ends in a splice or out of reach. Gives the id of the freed piece. */
  free(conductor: string, at: Terminal, why: StepReason): string {
    if (partById(this.netlist, partOf(at)).kind !== "splice" && inReach(this.netlist, at)) {
      this.change({ do: "lift", conductor, at }, why);
      return conductor;
    }
    return this.cut(conductor, at, why);
  }

  /** Cuts a conductor near a terminal; gives the id of the piece that is not on it. */
  cut(conductor: string, at: Terminal, why: StepReason): string {
    const piece = this.pieceName(conductor);
    this.change({ do: "cut", conductor, at, with: piece }, why);
    return piece;
  }

  /** A free end goes onto a terminal, and is pulled. */
  land(conductor: string, at: Terminal, why: StepReason): void {
    assert(inReach(this.netlist, at), `${at} is out of reach`);
    const fitting = fittingAt(this.netlist, at);
    this.netlist = applyMove(this.netlist, { do: "land", conductor, at });
    this.steps.push({ do: "land", conductor, at, with: fitting, why });
    this.note("tug", why, { conductor, at });
  }

  /** The end at one terminal goes to another, and is pulled. */
  move(conductor: string, from: Terminal, to: Terminal, why: StepReason): void {
    this.change({ do: "move", conductor, at: from, with: to }, why);
    this.note("tug", why, { conductor, at: to });
  }

  /** Free ends are joined in one new splice, each pulled. */
  join(conductors: readonly string[], why: StepReason): void {
    const [first, ...others] = conductors;
    assert(first !== undefined, "a splice has a conductor");
    const at = terminal(this.jointName(), "J");
    for (const conductor of others) this.change({ do: "splice", conductor, at, with: first }, why);
    for (const conductor of conductors) this.note("tug", why, { conductor, at });
    this.note("insulate", "joint", { at });
  }

  /** Frees an end that stays free. */
  put(conductor: string, at: Terminal, why: StepReason): void {
    const piece = this.free(conductor, at, why);
    if (piece !== conductor) this.note("insulate", "free-end", { conductor, at });
    this.note("insulate", "free-end", { conductor: piece, at });
  }

  private change(move: WiringMove, why: StepReason): void {
    this.netlist = applyMove(this.netlist, move);
    this.steps.push({ do: move.do, conductor: move.conductor, at: move.at, with: "with" in move ? move.with : null, why });
  }

  private pieceName(conductor: string): string {
    let n = 2;
    while (this.netlist.conductors.some((c) => c.id === `${conductor}/${n}`)) n++;
    return `${conductor}/${n}`;
  }

  private jointName(): string {
    do this.joints += 1;
    while (this.netlist.parts.some((p) => p.id === `joint${this.joints}`));
    return `joint${this.joints}`;
  }
}

/** How an end is fixed on a terminal as things stand: a tab while one is free, else a piggyback. */
function fittingAt(netlist: Netlist, at: Terminal): Fitting {
  const part = partById(netlist, partOf(at));
  if (part.kind === "starter") return "starter-terminal";
  if (part.kind === "compressor") return "pin";
  if (part.kind === "contactor" || part.kind === "supply") return "screw";
  if (part.kind === "run-capacitor" || part.kind === "fan-capacitor") return (part.tabs?.[nameOn(at)] ?? 1) > 0 ? "tab" : "piggyback";
  return conductorsAt(netlist, at).length === 0 ? "tab" : "piggyback";
}
