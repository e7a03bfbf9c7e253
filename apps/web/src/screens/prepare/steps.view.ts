import type { Netlist } from "@amp-saver/core/network";
import { present } from "@amp-saver/core/quantity";
import { applySteps, restorePlan } from "@amp-saver/core/study/wiring-plan";
import { groupSteps, type PlanView, type StepGroup } from "./wiring.view.ts";

/** The circuit as found, then after each step; the starter is there from the step that fits it on. */
export function allStates({ asFound, begun, groups }: PlanView): readonly Netlist[] {
  const states = [begun];
  for (const group of groups) states.push(applySteps(present(states.at(-1)), [group.main, ...group.rest]));
  const fitted = groups.findIndex((g) => g.main.do === "fit");
  return states.map((state, k) => (k <= fitted ? withoutStarter(state, asFound) : state));
}

function withoutStarter(state: Netlist, asFound: Netlist): Netlist {
  const parts = new Set(asFound.parts.map((p) => p.id));
  return {
    parts: state.parts.filter((p) => parts.has(p.id) || p.kind === "splice"),
    conductors: state.conductors.filter((c) => !/^(starter|jumper)\./.test(c.id)),
  };
}

/** The way back, gathered like the way there. */
export function restoreGroups({ plan }: PlanView): readonly StepGroup[] {
  return plan.ok ? groupSteps(restorePlan(plan.value.finished, plan.value.steps)) : [];
}

/** Which mistake a step invites, by what it touches. */
export function notThis({ main }: StepGroup, netlist: Netlist): "pin" | "can" | "coil" | "cover" | null {
  const at = main.do === "move" ? main.with : main.at;
  if (at === null) return null;
  const kind = netlist.parts.find((p) => p.id === at.slice(0, at.lastIndexOf(".")))?.kind;
  if (main.do === "splice") return "cover";
  if (main.do !== "land" && main.do !== "move") return null;
  if (kind === "run-capacitor" && at.endsWith(".C")) return "pin";
  if (kind === "compressor") return "can";
  return kind === "contactor" || kind === "control" ? "coil" : null;
}

/** Whether a step opens or cuts one of these conductors. */
export function opens({ groups }: PlanView, at: number, ids: readonly string[]): boolean {
  const main = groups[at]?.main;
  if (main === undefined || (main.do !== "lift" && main.do !== "cut" && main.do !== "move")) return false;
  return ids.includes((main.conductor ?? "").replace(/\/\d+$/, ""));
}
