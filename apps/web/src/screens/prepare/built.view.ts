import { type Conductor, listNets, type Netlist } from "@amp-saver/core/network";
import { checkWiring, type WiringFault } from "@amp-saver/core/study/wiring-check";
import type { FitLog, Wiring } from "@amp-saver/records";
import { stepDone, stepKey } from "../fit/fit.view.ts";
import type { PlanView } from "./wiring.view.ts";

/** The wiring as built beside what the family asks for and what was planned. */
export interface BuiltView {
  readonly netlist: Netlist;
  readonly faults: readonly WiringFault[];
  /** Conductors whose ends are not where the plan has them. */
  readonly differing: readonly string[];
  /** Conductors of the work that nobody confirmed: neither by the steps that moved them, nor by eye, nor by entering their ends. */
  readonly unconfirmed: readonly string[];
  /** What was noted at steps that were done otherwise, as long as no wire was entered otherwise. */
  readonly otherwise: readonly string[];
  /** Whether it joins what the plan joins, whatever the conductors' ways. */
  readonly asPlanned: boolean;
}

type Evidence = Pick<FitLog, "steps" | "confirmed">;

/** Name under which a conductor is confirmed: with its ends, so that a changed plan does not inherit it. */
export function wireKey({ id, ends }: Conductor): string {
  return [id, ...ends].join(" ").slice(0, 160);
}

/** Checks the wiring as built: what was entered by hand, else the plan, as far as steps or eyes confirm it. Null without a plan. */
export function builtView(wiring: Wiring, view: PlanView, work: Evidence | undefined): BuiltView | null {
  const { plan } = view;
  if (!plan.ok) return null;
  const netlist = wiring.built ?? plan.value.finished;
  const planned = new Map(plan.value.finished.conductors.map((c) => [c.id, c.ends.join(" ")]));
  const retired = new Set(plan.value.retired);
  const differing = netlist.conductors.filter((c) => planned.get(c.id) !== c.ends.join(" ")).map((c) => c.id);
  const begun = new Map(view.begun.conductors.map((c) => [c.id, c.ends.join(" ")]));
  const touched = netlist.conductors.filter((c) => begun.get(c.id) !== c.ends.join(" "));
  return {
    netlist,
    faults: checkWiring(netlist) ?? [],
    differing,
    unconfirmed: touched.filter((c) => !differing.includes(c.id) && !confirmed(c, view, work)).map((c) => c.id),
    otherwise: wiring.built === null ? Object.values(work?.steps ?? {}).flatMap(({ note }) => (note === "" ? [] : [note])) : [],
    asPlanned: JSON.stringify(listNets(netlist, retired)) === JSON.stringify(plan.value.nets),
  };
}

/** Whether every step that touches a conductor is ticked as planned, or somebody looked at it since. */
function confirmed(wire: Conductor, { groups }: PlanView, work: Evidence | undefined): boolean {
  if (work === undefined) return false;
  if (work.confirmed[wireKey(wire)] !== undefined) return true;
  const touching = groups.filter(
    ({ main, rest, members }) =>
      [main, ...rest].some((s) => s.conductor === wire.id || (s.do === "cut" && s.with === wire.id)) || members.includes(wire.id),
  );
  const ticks = touching.map((group) => work.steps[stepKey(group)]);
  return ticks.length > 0 && ticks.every((tick) => stepDone(tick) && tick?.note === "");
}
