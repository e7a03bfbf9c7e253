import { conductorsAt, type Netlist, netsOf, partById, partOf, type Terminal } from "../../network/index.ts";
import type { PlanStep, WiringPlan } from "../wiring-plan/index.ts";
import type { Difference } from "./difference.ts";
import { Followed } from "./follow.ts";
import { type PlacesHere, placesHere } from "./places.ts";
import type { SheetWire } from "./step.ts";
import { factoryWires, isStarters, wholeOf } from "./wires.ts";

/** What a sheet is laid beside: the circuit as found, the same with the starter beside it, and the plan. */
export interface SheetUnit {
  readonly asFound: Netlist;
  readonly begun: Netlist;
  readonly plan: WiringPlan;
}

/** What one act of a sheet comes to. */
export interface Judged {
  readonly differences: readonly Difference[];
  /** Steps of the plan that do what it is after. */
  readonly instead: readonly number[];
}

/** Whether a step takes an end off. */
export const opens = (s: PlanStep): boolean => s.do === "lift" || s.do === "cut" || s.do === "move";

/** The unit on the table: what is where, what the plan makes of it, and how far the sheet was followed. */
export class Table {
  readonly places: PlacesHere;
  readonly followed: Followed;
  /** Steps of the plan that a sentence already asked for. */
  readonly used = new Set<number>();
  private readonly nets: ReturnType<typeof netsOf>;
  private readonly touched = new Map<number, Set<string>>();

  readonly unit: SheetUnit;

  constructor(unit: SheetUnit) {
    this.unit = unit;
    this.places = placesHere(unit.asFound, compressorCan(unit.asFound));
    this.nets = netsOf(unit.plan.finished);
    this.followed = new Followed(unit.begun);
  }

  /** Places in the plan of the steps that fit. */
  find(fits: (step: PlanStep) => boolean): readonly number[] {
    return this.unit.plan.steps.flatMap((step, k) => (fits(step) ? [k] : []));
  }

  /** The whole wire a step of the plan works on. */
  wireOf(step: number): string {
    return wholeOf(this.unit.plan.steps[step]?.conductor ?? "");
  }

  /** A sentence worked on wires or terminals. */
  touch(n: number, ...what: readonly string[]): void {
    const set = this.touched.get(n) ?? new Set<string>();
    for (const one of what) set.add(one);
    this.touched.set(n, set);
  }

  /** The sentence that last worked on a terminal or on a wire that ends there. */
  toucherOf(terminals: readonly Terminal[]): number | undefined {
    const on = new Set(terminals.flatMap((t) => [t, ...conductorsAt(this.unit.begun, t).map((c) => wholeOf(c.id))]));
    return [...this.touched.keys()].toReversed().find((n) => [...(this.touched.get(n) ?? [])].some((one) => on.has(one)));
  }

  /** Ends of a lead, of its jumper, or of a wire and its pieces when all is done by the plan. */
  endsWhenDone(who: string): readonly Terminal[] {
    const own = this.unit.plan.finished.conductors.filter((c) => wholeOf(c.id) === who || c.id === who.replace(/^starter\./, "jumper."));
    const ends = own.flatMap((c) => c.ends.filter((e): e is Terminal => e !== null));
    return ends.length > 0 ? ends : isStarters(who) ? [who] : [];
  }

  /** Whether a lead or wire is joined with a terminal when all is done by the plan. */
  placed(who: string, at: Terminal): boolean {
    return this.endsWhenDone(who).some((end) => this.nets.same(end, at));
  }

  /** Whether two leads or wires are joined when all is done by the plan. */
  joined(one: string, other: string): boolean {
    return this.endsWhenDone(other).some((end) => this.placed(one, end));
  }

  /** What the plan joins a lead or wire with. */
  elsewhere(who: string): Difference {
    const by = [...new Set(this.endsWhenDone(who).flatMap((end) => this.nets.with(end)))].filter(
      (t) => t !== who && !["splice", "starter"].includes(partById(this.unit.plan.finished, partOf(t)).kind),
    );
    return isStarters(who) ? { code: "lead-elsewhere", lead: who, by } : { code: "wire-elsewhere", wire: who, by };
  }

  /** Factory wires of a color, anywhere. */
  ofColor(color: string): readonly string[] {
    return factoryWires({ color, lead: null, toward: null, starters: false }, null, this.unit.asFound, this.places).map((c) => c.id);
  }

  /** A wire that nothing of the unit fits; `here` is what the plan means. */
  notTold(wire: SheetWire, here: string | null = null): readonly Difference[] {
    if (wire.color === null) return [{ code: "wire-not-told", wire }];
    return [{ code: "color-not-there", color: wire.color, wire: here, others: this.ofColor(wire.color).filter((id) => id !== here) }];
  }
}

/** The run capacitor whose HERM is joined with the compressor's S. */
function compressorCan(netlist: Netlist): string {
  const nets = netsOf(netlist);
  const pin = netlist.parts.find((p) => p.kind === "compressor");
  const cans = netlist.parts.filter((p) => p.kind === "run-capacitor");
  return (cans.find((p) => pin !== undefined && nets.same(`${p.id}.HERM`, `${pin.id}.S`)) ?? cans[0])?.id ?? "";
}
