import { remembered } from "@amp-saver/core/quantity";
import { buildAsFound, PLAIN_ROOFTOP } from "@amp-saver/core/study/as-found";
import type { UnitCase } from "@amp-saver/core/study/motor-start";
import { actOn, newBench, type PracticeAct, type PracticeFault, type PracticeStep } from "@amp-saver/core/study/practice";
import type { DisplayOf } from "../message.ts";
import type { Probes } from "./bench-message.ts";

type Range = DisplayOf<"multimeter">["range"];

/** What lies between the probes: a unit, what feeds it, and what is wrong with it. */
interface MeterQuestion {
  readonly unit: UnitCase;
  /** Volts of the supply; null with everything off. */
  readonly volts: number | null;
  readonly strays: boolean;
  /** What a weak run capacitor has left, F; null for a good one. */
  readonly weakF: number | null;
  readonly range: Range;
  readonly between: Exclude<Probes, "together">;
}

const POINTS: Readonly<Record<MeterQuestion["between"], readonly [string, string]>> = {
  "R-S": ["comp.R", "comp.S"],
  "R-C": ["comp.R", "comp.C"],
  "C-S": ["comp.C", "comp.S"],
  "R-case": ["comp.R", "comp.G"],
  "L-N": ["supply.L", "supply.N"],
  "L-G": ["supply.L", "supply.G"],
  "N-G": ["supply.N", "supply.G"],
  "can C-HERM": ["can.C", "can.HERM"],
};
const RANGES = {
  ohm: "ohms",
  continuity: "continuity",
  volts: "volts",
  "volts-low-impedance": "volts-low-z",
  "dc-volts": "volts-dc",
  capacitance: "capacitance",
} as const satisfies Readonly<Record<Range, string>>;

const lifted = (at: string): PracticeAct => ({ act: "lift", conductor: "all", at });
/** Open and lifted off, as windings and capacitors are measured. */
const LIFTED: readonly PracticeAct[] = [
  { act: "switch", source: "shore", on: false },
  { act: "open", cover: "box" },
  { act: "open", cover: "terminals" },
  ...["comp.R", "comp.S", "comp.C", "can.HERM", "can.C"].map(lifted),
];
const OFF: readonly PracticeAct[] = LIFTED.slice(0, 2);
const MOST_KEPT = 40;

/** What core’s practice bench shows between the probes: the same circuit that a learner measures; null where nothing connects. */
export const meterShows = remembered(({ unit, volts, strays, weakF, range, between }: MeterQuestion): number | null => {
  const netlist = buildAsFound(PLAIN_ROOFTOP);
  const weak: readonly PracticeFault[] = weakF === null ? [] : [{ code: "capacitor-weak", farad: weakF }];
  const faults: readonly PracticeFault[] = [...weak, ...(strays ? [{ code: "stray-volts" } as const] : [])];
  const sources = [{ id: "shore", kind: "shore", volts: volts ?? unit.plateVolts, breakerA: 30 }] as const;
  const begun = newBench({ seed: 1, netlist, unit, sources, faults });
  if (!begun.ok) return null;
  const onUnit = !POINTS[between][0].startsWith("supply");
  const before = onUnit ? LIFTED : volts === null ? OFF : [];
  const [from, to] = POINTS[between];
  const bench = before.reduce((now, act) => actOn(now, act).bench, begun.value);
  const step: PracticeStep = actOn(bench, { act: "measure", range: RANGES[range], from, to }).step;
  return "shown" in step ? step.shown : null;
}, MOST_KEPT);
