import { applyMove, farEnd, type Netlist, partById, partOf, type Terminal, terminal } from "../../network/index.ts";

/** Pieces cut here are counted from above those of a plan. */
const FIRST_PIECE = 100;

/** A circuit on which a sheet is followed to the letter; what cannot be done is left. */
export class Followed {
  netlist: Netlist;
  /** Ends that came off without the plan's asking for just that, and by which sentence. */
  readonly loosened: { readonly wire: string; readonly at: Terminal; readonly by: number }[] = [];
  private joints = 0;
  private pieces = 0;

  constructor(netlist: Netlist) {
    this.netlist = netlist;
  }

  /** The end of a wire comes off a terminal; `by` is the sentence, null where the plan lifts that very end. */
  lift(wire: string, at: Terminal, by: number | null): void {
    if (this.conductor(wire)?.ends.includes(at) !== true) return;
    this.netlist = applyMove(this.netlist, { do: "lift", conductor: wire, at });
    if (by !== null) this.loosened.push({ wire, at, by });
  }

  /** A start aid comes out with the wires that only served it. */
  remove(part: string, by: number): void {
    const own = this.netlist.conductors.flatMap((wire) =>
      wire.ends.flatMap((at) => (at !== null && partOf(at) === part ? [{ id: wire.id, at, to: farEnd(wire, at) }] : [])),
    );
    for (const { id, at, to } of own) {
      this.lift(id, at, by);
      if (to !== null && ["run-capacitor", "relay", "contactor"].includes(partById(this.netlist, partOf(to)).kind)) this.lift(id, to, by);
    }
  }

  /** A free end goes onto a terminal. */
  land(wire: string, at: Terminal): void {
    if (this.conductor(wire)?.ends.includes(null) === true) this.netlist = applyMove(this.netlist, { do: "land", conductor: wire, at });
  }

  /** Two wires are joined; one with no free end is opened and joined with both its pieces. */
  join(one: string, other: string): void {
    this.joints += 1;
    const at = terminal(`sheet-joint${this.joints}`, "J");
    const pieces = [...this.open(one), ...this.open(other)];
    const [first, ...rest] = pieces;
    if (first === undefined) return;
    for (const piece of rest) this.netlist = applyMove(this.netlist, { do: "splice", conductor: piece, at, with: first });
  }

  /** What of a wire has a free end; cut where it has none. */
  private open(wire: string): readonly string[] {
    const found = this.conductor(wire);
    if (found === undefined) return [];
    if (found.ends.includes(null)) return [wire];
    const at = found.ends[0];
    if (at === null) return [wire];
    this.pieces += 1;
    const piece = `${wire}/${FIRST_PIECE + this.pieces}`;
    this.netlist = applyMove(this.netlist, { do: "cut", conductor: wire, at, with: piece });
    return [wire, piece];
  }

  private conductor(id: string): Netlist["conductors"][number] | undefined {
    return this.netlist.conductors.find((c) => c.id === id);
  }

  /** Whether a wire that came off still has its end free. */
  isFree(wire: string): boolean {
    return this.conductor(wire)?.ends.includes(null) === true;
  }
}
