import { applyMove, type Netlist, type Terminal, type WiringMove } from "../../network/index.ts";

/** Why a step is taken; the interface words it. */
const STEP_REASONS = [
  "as-found",
  "aid-off",
  "orphan-kept",
  "aid-retired",
  "aid-removed",
  "starter-in",
  "run-off",
  "run-to-starter",
  "feed-in-its-place",
  "start-on-herm",
  "common-opened",
  "common-to-starter",
  "common-fed",
  "common-tapped",
  "common-cut-to-tap",
  "jumper-run",
  "jumper-joined",
  "link-to-starter",
  "second-link-off",
  "capacitor-fed",
  "pin-wires-joined",
  "free-end",
  "joint",
  "joint-undone",
  "back-in-place",
  "starter-out",
  "aid-back",
  "undo-begins",
  "undo-done",
  "as-built",
] as const;
export type StepReason = (typeof STEP_REASONS)[number];

/** How an end is fixed where it lands. */
export const FITTINGS = ["tab", "piggyback", "screw", "starter-terminal", "pin"] as const;
export type Fitting = (typeof FITTINGS)[number];

/**
 * One thing to do. `lift`, `land`, `cut`, `splice` and `move` change connections as `WiringMove` says;
 * `with` of `land` is the fitting. The others: `insulate` a free end of `conductor` (at the conductor's
 * `at` before it came off), `retire` the part `with`, `fit` the starter or jumper `with`, `tug` the end of
 * `conductor` at `at`, `photo`.
 */
export interface PlanStep {
  readonly do: "lift" | "land" | "cut" | "splice" | "move" | "insulate" | "retire" | "fit" | "tug" | "photo";
  readonly conductor: string | null;
  readonly at: Terminal | null;
  readonly with: string | null;
  readonly why: StepReason;
}

/** The change of connection a step makes; null for one that makes none. */
function moveOf(step: PlanStep): WiringMove | null {
  const { conductor, at } = step;
  if (conductor === null || at === null) return null;
  switch (step.do) {
    case "lift":
    case "land":
      return { do: step.do, conductor, at };
    case "move":
    case "cut":
    case "splice":
      return step.with === null ? null : { do: step.do, conductor, at, with: step.with };
    default:
      return null;
  }
}

/** The netlist after steps, taken one by one. */
export function applySteps(netlist: Netlist, steps: readonly PlanStep[]): Netlist {
  return steps.reduce((now, step) => {
    const move = moveOf(step);
    return move === null ? now : applyMove(now, move);
  }, netlist);
}
