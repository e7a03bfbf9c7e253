import { itemAt } from "@amp-saver/core/quantity";
import type { AssumedCode, Room, RoomBy } from "@amp-saver/core/study/motor-start";
import type { CheckView } from "./check.view.ts";

/** Figures of an answer that can be opened. */
export type ExplainedCode =
  | "start-needs"
  | "start-limit"
  | "start-spare"
  | "run-needs"
  | "run-limit"
  | "run-spare"
  | "start-time"
  | "lowest-volts"
  | "first-half-cycle"
  | "inrush"
  | "max-hold";

/** A figure of the answer that can be opened: what it is, by what it is limited, and the figures it rests on. */
export interface Explained {
  readonly code: ExplainedCode;
  readonly value: number;
  readonly unit: "A" | "s" | "V";
  readonly by: RoomBy;
  readonly inputs: readonly AssumedCode[];
}

const MOTOR = ["locked-amps", "running-amps", "run-capacitor", "start-aid", "motor-make-up", "rested", "rest"] as const;
const STARTER = ["starter-limit", "start-capacitor"] as const;
const WIRING = ["shore-volts", "source-ohm", "cord-ohm"] as const;
const LOSSES = ["altitude-loss", "heat-loss", "fuel-loss"] as const;

const LIMIT_INPUTS: Readonly<Record<RoomBy, readonly AssumedCode[]>> = {
  source: [
    "surge-watts",
    "surge-seconds",
    "momentary-limit",
    "drop-out-share",
    "drop-out-seconds",
    "set-make-up",
    ...LOSSES,
    "shore-limit",
  ],
  watts: ["running-watts", ...LOSSES, "shore-limit"],
  breaker: ["breaker"],
  torque: WIRING,
  volts: WIRING,
  manager: WIRING,
  bank: ["battery-volts", "battery-hours", "battery-ohm", "efficiency", "cut-off"],
  bms: ["battery-volts", "battery-hours", "bms-amps", "efficiency"],
  none: [],
};

/** Every figure of an answer with what went into it. */
export function explain(view: CheckView): readonly Explained[] {
  const taken = new Set(view.assumptions.map((a) => a.code));
  const only = (codes: readonly AssumedCode[]): AssumedCode[] => codes.filter((c) => taken.has(c));
  const start = only([...MOTOR, ...STARTER, "fan-amps", "other-loads", ...WIRING]);
  const running = only(["running-amps", "fan-amps", "other-loads", ...WIRING]);
  const { by } = view.start;
  const list: Explained[] = [
    ...side(view.start, ["start-needs", "start-limit", "start-spare"], start, only(LIMIT_INPUTS[by])),
    ...(view.run === null ? [] : side(view.run, ["run-needs", "run-limit", "run-spare"], running, only(LIMIT_INPUTS[view.run.by]))),
  ];
  if (view.startS !== null) list.push({ code: "start-time", value: view.startS, unit: "s", by, inputs: start });
  list.push({ code: "lowest-volts", value: view.lowestV, unit: "V", by, inputs: only([...WIRING, "momentary-limit", "set-make-up"]) });
  list.push({ code: "first-half-cycle", value: view.peaks.firstHalfCycleA, unit: "A", by, inputs: start });
  list.push({ code: "inrush", value: view.peaks.inrush100msA, unit: "A", by, inputs: start });
  list.push({ code: "max-hold", value: view.peaks.maxHoldA, unit: "A", by, inputs: start });
  return list;
}

type Codes = readonly [needs: ExplainedCode, limit: ExplainedCode, spare: ExplainedCode];

/** The figures of the start or the run that there are. */
function side(
  { by, neededA, availableA, spareA }: Room,
  codes: Codes,
  inputs: readonly AssumedCode[],
  limits: readonly AssumedCode[],
): Explained[] {
  const figures = [
    { value: neededA, inputs },
    { value: availableA, inputs: limits },
    { value: spareA, inputs: [...inputs, ...limits] },
  ];
  return figures.flatMap((f, i) =>
    f.value === null ? [] : [{ code: itemAt(codes, i), value: f.value, unit: "A" as const, by, inputs: f.inputs }],
  );
}
