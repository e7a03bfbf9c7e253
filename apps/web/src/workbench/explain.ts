import type { AssumedCode } from "@amp-saver/core/study/motor-start";
import type { CheckView } from "./check-view.ts";

/** A figure of the answer that can be opened: what it is, and the figures it rests on. */
export interface Explained {
  readonly code:
    | "start-asked"
    | "start-limit"
    | "start-spare"
    | "run-asked"
    | "run-limit"
    | "run-spare"
    | "start-time"
    | "lowest-volts"
    | "first-half-cycle"
    | "inrush"
    | "max-hold";
  readonly value: number;
  readonly unit: "A" | "s" | "V";
  /** Which formula applies, by what limits. */
  readonly by: "breaker" | "watts" | "any";
  readonly inputs: readonly AssumedCode[];
}

const MOTOR = ["locked-amps", "running-amps", "run-capacitor", "start-aid", "motor-make-up", "rested", "rest"] as const;
const STARTER = ["starter-limit", "start-capacitor"] as const;
const WIRING = ["shore-volts", "source-ohm", "cord-ohm"] as const;
const LOSSES = ["altitude-loss", "heat-loss", "fuel-loss"] as const;

/** Every figure of an answer with what went into it. */
export function explain(view: CheckView, onBreaker: boolean): readonly Explained[] {
  const by = onBreaker ? "breaker" : "watts";
  const taken = new Set(view.assumptions.map((a) => a.code));
  const only = (codes: readonly AssumedCode[]): AssumedCode[] => codes.filter((c) => taken.has(c));
  const start = only([...MOTOR, ...STARTER, "fan-amps", "other-loads", ...WIRING]);
  const list: Explained[] = [{ code: "start-asked", value: view.start.neededA, unit: "A", by, inputs: start }];
  const limitInputs = only(
    onBreaker
      ? ["breaker"]
      : ["surge-watts", "surge-seconds", "momentary-limit", "drop-out-share", "drop-out-seconds", "set-make-up", ...LOSSES, "shore-limit"],
  );
  if (view.start.availableA !== null) list.push({ code: "start-limit", value: view.start.availableA, unit: "A", by, inputs: limitInputs });
  if (view.start.spareA !== null)
    list.push({ code: "start-spare", value: view.start.spareA, unit: "A", by: "any", inputs: [...start, ...limitInputs] });
  if (view.run !== null) {
    const running = only(["running-amps", "fan-amps", "other-loads", ...WIRING]);
    list.push({ code: "run-asked", value: view.run.neededA, unit: "A", by: "any", inputs: running });
    const runInputs = only(onBreaker ? ["breaker"] : ["running-watts", ...LOSSES, "shore-limit"]);
    if (view.run.availableA !== null) list.push({ code: "run-limit", value: view.run.availableA, unit: "A", by, inputs: runInputs });
    if (view.run.spareA !== null)
      list.push({ code: "run-spare", value: view.run.spareA, unit: "A", by: "any", inputs: [...running, ...runInputs] });
  }
  if (view.startS !== null) list.push({ code: "start-time", value: view.startS, unit: "s", by: "any", inputs: start });
  list.push({
    code: "lowest-volts",
    value: view.lowestV,
    unit: "V",
    by: "any",
    inputs: only([...WIRING, "momentary-limit", "set-make-up"]),
  });
  list.push({ code: "first-half-cycle", value: view.peaks.firstHalfCycleA, unit: "A", by: "any", inputs: start });
  list.push({ code: "inrush", value: view.peaks.inrush100msA, unit: "A", by: "any", inputs: start });
  list.push({ code: "max-hold", value: view.peaks.maxHoldA, unit: "A", by: "any", inputs: start });
  return list;
}
