import type { Netlist } from "../../network/index.ts";
import { SeededRandom } from "../../numeric/index.ts";
import { itemAt, quantity } from "../../quantity/index.ts";
import { buildAsFound, STARTING_POINTS } from "../as-found/index.ts";
import type { UnitCase } from "../motor-start/index.ts";
import type { PracticeCase, PracticeFaultCode, PracticeSource } from "./case.ts";

/** What a lesson asks for besides that nothing hurts. */
export type Goal = "proven-dead" | "all-found" | "runs";

/** A lesson: what may be hidden in it, on which wirings and sources, and what it asks for. */
export interface Lesson {
  readonly id: string;
  /** One of each list is hidden. */
  readonly hides: readonly (readonly PracticeFaultCode[])[];
  readonly wirings: readonly string[];
  readonly fedBy: "shore" | "generator";
  readonly goals: readonly Goal[];
}

const PLAIN = ["rooftop-boot", "rooftop-common-cut"] as const;
const AIDED = ["rooftop-boot", "rooftop-common-cut", "rooftop-hard-start"] as const;
const RUNS = ["proven-dead", "all-found", "runs"] as const;
const lesson = (id: string, hides: Lesson["hides"], more: Partial<Lesson> = {}): Lesson => ({
  id,
  hides,
  wirings: PLAIN,
  fedBy: "shore",
  goals: hides.length === 0 ? ["proven-dead"] : ["proven-dead", "all-found"],
  ...more,
});

/** From one’s first measurement to an afternoon’s work: each asks for one thing more than the one before. */
export const LESSONS: readonly Lesson[] = [
  lesson("is-it-dead", [], { wirings: AIDED }),
  lesson("it-feeds-again", [["inverter-feeds-again", "auto-start"]]),
  lesson("which-pole-is-hot", [["hot-neutral-reversed", "neutral-open"]]),
  lesson("volts-that-are-none", [["stray-volts"]]),
  lesson("it-stays-charged", [["capacitor-rebounds"]]),
  lesson("which-wire-is-which", [["run-start-swapped", "wrong-herm"]]),
  lesson("capacitor-and-aid", [["capacitor-weak", "aid-left-in"]]),
  lesson("windings", [["overload-open", "winding-to-case"]]),
  lesson("a-joint-that-does-not-hold", [["bad-crimp", "orphan"]]),
  lesson("amps-tell", [["dirty-coil", "low-volts", "energy-manager-waits"]], { goals: RUNS }),
  lesson("a-small-source", [["weak-source", "eco-mode", "source-overload", "thin-cord"]], { fedBy: "generator" }),
  lesson(
    "a-whole-afternoon",
    [
      ["inverter-feeds-again", "auto-start"],
      ["hot-neutral-reversed", "stray-volts"],
      ["dirty-coil", "energy-manager-waits"],
    ],
    { goals: RUNS },
  ),
];

/** Insulation that a wire may have: it proves nothing. */
const COLORS = ["black", "white", "red", "blue", "yellow", "brown", "orange", "purple"] as const;

/** Plates that are met (sizes from memory), by amps of a locked rotor, rated load and fan, and µF of the run capacitor. */
const PLATES = [
  [63, 13.2, 2.5, 45],
  [56, 11.8, 2.2, 40],
  [68, 14, 2.8, 45],
] as const;

/** The case that a lesson hides under a seed: the same seed always hides the same. */
export function drawLesson({ hides, wirings, fedBy }: Lesson, seed: number): PracticeCase {
  const random = new SeededRandom(seed);
  const one = <T>(of: readonly T[]): T => itemAt(of, Math.floor(random.next() * of.length));
  const wiring = one(wirings);
  const point = STARTING_POINTS.find((p) => p.id === wiring);
  if (point === undefined) throw new Error(`there is no wiring ${wiring}`);
  const sources: readonly PracticeSource[] =
    fedBy === "shore"
      ? [{ id: "shore", kind: "shore", volts: 120, breakerA: 30 }]
      : [{ id: "generator", kind: "generator", volts: 120, runningW: 3600, surgeW: 4500 }];
  return {
    seed,
    netlist: recolored(buildAsFound(point.switches), one),
    unit: plateOf(one(PLATES)),
    sources,
    faults: hides.map((codes) => ({ code: one(codes) })),
  };
}

function recolored(netlist: Netlist, one: (of: typeof COLORS) => string): Netlist {
  return { ...netlist, conductors: netlist.conductors.map((c) => (c.color === "green" ? c : { ...c, color: one(COLORS) })) };
}

function plateOf([lockedRotorA, ratedLoadA, fanA, microfarad]: (typeof PLATES)[number]): UnitCase {
  return {
    plateVolts: 115,
    hz: 60,
    lockedRotorA: quantity(lockedRotorA, "plate"),
    ratedLoadA: quantity(ratedLoadA, "plate"),
    fanA: quantity(fanA, "plate"),
    runCapacitorF: quantity(microfarad * 1e-6, "plate"),
    startAidF: 0,
  };
}
