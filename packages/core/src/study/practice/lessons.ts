import { type Netlist, terminal, terminalsOf } from "../../network/index.ts";
import { SeededRandom } from "../../numeric/index.ts";
import { itemAt, quantity } from "../../quantity/index.ts";
import { buildAsFound, STARTING_POINTS } from "../as-found/index.ts";
import type { UnitCase } from "../motor-start/index.ts";
import { type FED_BY, PRACTICE_FAULTS, type PracticeCase, type PracticeFaultCode, type PracticeSource, SEED_MOST } from "./case.ts";
import { RUNNING } from "./course.ts";
import { canHide } from "./faults.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** What a lesson asks for besides that nothing hurts. */
export type Goal = "proven-dead" | "all-found" | "runs";

/** A lesson: what may be hidden in it, on which wirings and sources, and what it asks for. */
export interface Lesson {
  readonly id: string;
  /** One of each list is hidden. */
  readonly hides: readonly (readonly PracticeFaultCode[])[];
  readonly wirings: readonly string[];
  readonly fedBy: (typeof FED_BY)[number];
  readonly goals: readonly Goal[];
}

/** Wirings that can be practised on. */
export const PRACTICE_WIRINGS: readonly string[] = STARTING_POINTS.map((p) => p.id);
const those = (which: (switches: (typeof STARTING_POINTS)[number]["switches"]) => boolean): readonly string[] =>
  STARTING_POINTS.filter((p) => which(p.switches)).map((p) => p.id);
const ROOFTOPS = those(({ system }) => system === 120);
/** Nothing but the run capacitor across the windings. */
const UNAIDED = those(({ aid }) => aid === "none");
const RUNS = ["proven-dead", "all-found", "runs"] as const;
const lesson = (id: string, hides: Lesson["hides"], more: Partial<Lesson> = {}): Lesson => ({
  id,
  hides,
  wirings: PRACTICE_WIRINGS,
  fedBy: "shore",
  goals: hides.length === 0 ? ["proven-dead"] : ["proven-dead", "all-found"],
  ...more,
});

/** From one’s first measurement to an afternoon’s work: each asks for one thing more than the one before. */
export const LESSONS: readonly Lesson[] = [
  lesson("is-it-dead", []),
  lesson("it-feeds-again", [["inverter-feeds-again", "auto-start"]]),
  lesson("which-pole-is-hot", [["hot-neutral-reversed", "neutral-open"]], { wirings: ROOFTOPS }),
  lesson("volts-that-are-none", [["stray-volts"]]),
  lesson("it-stays-charged", [["capacitor-rebounds"]], { wirings: UNAIDED }),
  lesson("which-wire-is-which", [["run-start-swapped", "wrong-herm"]]),
  lesson("capacitor-and-aid", [["capacitor-weak", "aid-left-in"]], { wirings: UNAIDED }),
  lesson("windings", [["overload-open", "winding-to-case"]]),
  lesson("a-joint-that-does-not-hold", [["bad-crimp", "orphan"]]),
  lesson("amps-tell", [["dirty-coil", "low-volts", "energy-manager-waits"]], { goals: RUNS, wirings: ROOFTOPS }),
  lesson("a-small-source", [["weak-source", "eco-mode", "source-overload", "thin-cord"]], { fedBy: "generator", wirings: ROOFTOPS }),
  lesson(
    "a-whole-afternoon",
    [
      ["inverter-feeds-again", "auto-start"],
      ["hot-neutral-reversed", "stray-volts"],
      ["dirty-coil", "energy-manager-waits"],
    ],
    { goals: RUNS, wirings: ROOFTOPS },
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
const CONDENSER_PLATES = [
  [77, 15.4, 1.4, 45],
  [96, 19.9, 1.2, 55],
  [58, 12.2, 1, 40],
] as const;

/** A lesson of a unit that somebody puts together: its wiring, its source, and what is wrong with it. */
export function ownLesson({ wiring, fedBy, faults }: OwnUnit): Lesson {
  const runs = faults.some((code) => RUNNING.has(code));
  const goals: readonly Goal[] = [
    "proven-dead",
    ...(faults.length === 0 ? [] : (["all-found"] as const)),
    ...(runs ? (["runs"] as const) : []),
  ];
  return {
    id: "own",
    hides: faults.map((code) => [code]),
    wirings: [wiring],
    fedBy,
    goals: runs && cannotRun(faults) ? goals.slice(0, 2) : goals,
  };
}

/** Faults that do not let a unit be left running. */
const STOPS: ReadonlySet<PracticeFaultCode> = new Set(["weak-source", "eco-mode", "source-overload", "thin-cord"]);
const cannotRun = (faults: readonly PracticeFaultCode[]): boolean => faults.some((code) => STOPS.has(code));

/** What somebody chooses of a unit of one’s own. */
export interface OwnUnit {
  readonly wiring: string;
  readonly fedBy: (typeof FED_BY)[number];
  readonly faults: readonly PracticeFaultCode[];
}

/** A day’s lesson and the number of its unit, from a day counted from any fixed one: the same day, the same unit. */
export function dailyUnit(day: number): { readonly lesson: Lesson; readonly seed: number } {
  const random = new SeededRandom(day);
  return { lesson: itemAt(LESSONS, Math.floor(random.next() * LESSONS.length)), seed: 1 + Math.floor(random.next() * SEED_MOST) };
}

/** Switches of a wiring by its id. */
function switchesOf(wiring: string): (typeof STARTING_POINTS)[number]["switches"] {
  const point = STARTING_POINTS.find((p) => p.id === wiring);
  if (point === undefined) throw new Error(`there is no wiring ${wiring}`);
  return point.switches;
}

/** What feeds a unit. */
function sourcesOf(netlist: Netlist, fedBy: Lesson["fedBy"]): readonly PracticeSource[] {
  const two = isTwoPole(netlist);
  const volts = two ? 240 : 120;
  return fedBy === "shore"
    ? [{ id: "shore", kind: "shore", volts, breakerA: two ? 40 : 30 }]
    : [{ id: "generator", kind: "generator", volts, runningW: two ? 7000 : 3600, surgeW: two ? 9000 : 4500 }];
}

const isTwoPole = (netlist: Netlist): boolean =>
  netlist.parts.some((part) => part.kind === "supply" && terminalsOf(part, netlist).includes(terminal(part.id, "L1")));

/** What can be hidden in a unit of this wiring on this source. */
export function faultsFor({ wiring, fedBy }: Pick<OwnUnit, "wiring" | "fedBy">): readonly PracticeFaultCode[] {
  const netlist = buildAsFound(switchesOf(wiring));
  return PRACTICE_FAULTS.filter((code) => canHide({ netlist, sources: sourcesOf(netlist, fedBy) }, code));
}

/** The case that a lesson hides under a seed: the same seed always hides the same, of what its wiring can have. */
export function drawLesson({ hides, wirings, fedBy }: Lesson, seed: number): PracticeCase {
  const random = new SeededRandom(seed);
  const one = <T>(of: readonly T[]): T => itemAt(of, Math.floor(random.next() * of.length));
  const switches = switchesOf(one(wirings));
  const netlist = recolored(buildAsFound(switches), one);
  const two = isTwoPole(netlist);
  const sources = sourcesOf(netlist, fedBy);
  const hidden = hides.map((codes) => codes.filter((code) => canHide({ netlist, sources }, code))).filter((codes) => codes.length > 0);
  return {
    seed,
    netlist,
    unit: two ? plateOf(one(CONDENSER_PLATES), 230) : plateOf(one(PLATES), 115),
    sources,
    faults: hidden.map((codes) => ({ code: one(codes) })),
    ...hiddenScrew(random.next()),
    diagram: switches.colors,
  };
}

/** Covers that a hidden screw holds, in so many of a hundred units. */
function hiddenScrew(drawn: number): Pick<PracticeCase, "hiddenScrew"> {
  if (drawn < P.screwBoxShare.value) return { hiddenScrew: "box" };
  return drawn > 1 - P.screwTerminalsShare.value ? { hiddenScrew: "terminals" } : {};
}

function recolored(netlist: Netlist, one: (of: typeof COLORS) => string): Netlist {
  return { ...netlist, conductors: netlist.conductors.map((c) => (c.color === "green" ? c : { ...c, color: one(COLORS) })) };
}

function plateOf(
  [lockedRotorA, ratedLoadA, fanA, microfarad]: (typeof PLATES | typeof CONDENSER_PLATES)[number],
  plateVolts: UnitCase["plateVolts"],
): UnitCase {
  return {
    plateVolts,
    hz: 60,
    lockedRotorA: quantity(lockedRotorA, "plate"),
    ratedLoadA: quantity(ratedLoadA, "plate"),
    fanA: quantity(fanA, "plate"),
    runCapacitorF: quantity(microfarad * 1e-6, "plate"),
    startAidF: 0,
  };
}
