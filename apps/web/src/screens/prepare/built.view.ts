import { listNets, type Netlist } from "@amp-saver/core/network";
import { checkWiring, type WiringFault } from "@amp-saver/core/study/wiring-check";
import type { WiringPlan } from "@amp-saver/core/study/wiring-plan";
import type { Wiring } from "@amp-saver/records";

/** The wiring as built beside what the family asks for and what was planned. */
export interface BuiltView {
  readonly netlist: Netlist;
  readonly faults: readonly WiringFault[];
  /** Conductors whose ends are not where the plan has them. */
  readonly differing: readonly string[];
  /** Whether it joins what the plan joins, whatever the conductors' ways. */
  readonly asPlanned: boolean;
}

/** Checks the wiring as entered; taken as planned while nothing was entered. */
export function builtView(wiring: Wiring, plan: WiringPlan): BuiltView {
  const netlist = wiring.built ?? plan.finished;
  const planned = new Map(plan.finished.conductors.map((c) => [c.id, c.ends.join(" ")]));
  const retired = new Set(plan.retired);
  return {
    netlist,
    faults: checkWiring(netlist) ?? [],
    differing: netlist.conductors.filter((c) => planned.get(c.id) !== c.ends.join(" ")).map((c) => c.id),
    asPlanned: JSON.stringify(listNets(netlist, retired)) === JSON.stringify(plan.nets),
  };
}
