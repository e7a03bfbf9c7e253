import type { Netlist } from "@amp-saver/core/network";
import type { Result } from "@amp-saver/core/quantity";
import { checkWiring } from "@amp-saver/core/study/wiring-check";
import type { BlockReason, PlanStep, StepReason, WiringPlan } from "@amp-saver/core/study/wiring-plan";

/** The result object of `amp-saver/wiring-case`, version 1. */
export function planToFile(plan: Result<WiringPlan, BlockReason>): object {
  const head = { format: "amp-saver/wiring-result", version: 1 };
  if (!plan.ok) {
    const issues = [{ code: plan.reason, severity: "stop", at: plan.where }];
    return { ...head, status: "blocked", steps: [], nets: [], retired: [], issues };
  }
  const { steps, nets, retired } = plan.value;
  return { ...head, status: "planned", steps: steps.map((step) => ({ ...withoutWhy(step), say: say(step) })), nets, retired, issues: [] };
}

/** The result object of `amp-saver/wiring-check`, or the line that says what is missing. */
export function faultsToFile(netlist: Netlist): object | string {
  const count = (kind: string): number => netlist.parts.filter((p) => p.kind === kind).length;
  for (const kind of ["starter", "compressor"] as const) if (count(kind) !== 1) return `parts must hold exactly one ${kind}`;
  return { format: "amp-saver/wiring-check-result", version: 1, faults: checkWiring(netlist) };
}

function withoutWhy({ why: _why, ...step }: PlanStep) {
  return step;
}

const FOR: Readonly<Record<StepReason, string>> = {
  "as-found": "as found, before anything moves",
  "aid-off": "the start aid comes out of the circuit",
  "orphan-kept": "it shared the start aid's terminal and keeps its connection",
  "aid-retired": "bolted in, both ends insulated and labelled",
  "aid-removed": "taken out, kept to undo the install",
  "starter-in": "after a dry fit",
  "run-off": "the run conductor leaves its place",
  "run-to-starter": "the starter feeds compressor R",
  "feed-in-its-place": "the starter is fed where R was",
  "start-on-herm": "beside the conductor of compressor S, which stays",
  "common-opened": "common is opened",
  "common-to-starter": "the starter feeds compressor C",
  "common-fed": "the starter is fed where common was",
  "common-tapped": "the starter reads common",
  "common-cut-to-tap": "for the splice of three",
  "jumper-run": "from the far box along the factory loom",
  "jumper-joined": "the jumper lengthens the lead",
  "link-to-starter": "the link from the contactor feeds the module",
  "second-link-off": "the contactor must not feed the can past the module",
  "capacitor-fed": "the module feeds the can",
  "pin-wires-joined": "what shared the pin stays joined",
  "free-end": "a free end",
  joint: "the joint, outside the compressor's terminal cover",
  "joint-undone": "the joint is undone",
  "back-in-place": "back where it was",
  "starter-out": "the starter comes out",
  "aid-back": "the start aid goes back in",
  "as-built": "as built",
  "undo-begins": "before anything is undone",
  "undo-done": "as it was found",
};

/** One step as a plain sentence. */
function say({ do: what, conductor, at, with: other, why }: PlanStep): string {
  const head = ((): string => {
    switch (what) {
      case "lift":
        return `Lift ${conductor} off ${at}`;
      case "land":
        return `Put ${conductor} on ${at} (${other})`;
      case "move":
        return `Move ${conductor} from ${at} to ${other}`;
      case "cut":
        return `Cut ${conductor} near ${at}; the other piece is ${other}`;
      case "splice":
        return `Join ${conductor} with ${other} at ${at}`;
      case "insulate":
        return conductor === null ? `Insulate ${at}` : `Insulate the end of ${conductor} that was at ${at}`;
      case "retire":
        return why === "aid-removed" ? `Take out ${other}` : `Retire ${other}`;
      case "fit":
        return `Fit ${other}`;
      case "tug":
        return `Tug ${conductor} at ${at}`;
      case "photo":
        return "Take a photo";
    }
  })();
  return `${head}: ${FOR[why]}.`;
}
