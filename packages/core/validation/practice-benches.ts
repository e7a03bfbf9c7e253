import { buildAsFound, STARTING_POINTS } from "../src/study/as-found/index.ts";
import {
  actOn,
  type Bench,
  newBench,
  type PracticeAct,
  type PracticeCase,
  type PracticeFault,
  type PracticeStep,
} from "../src/study/practice/index.ts";
import { planWiring } from "../src/study/wiring-plan/index.ts";
import { CONDENSER, ROOFTOP } from "./plates.ts";

export const ptc = STARTING_POINTS.find((p) => p.id === "rooftop-ptc")!;
export const plain = STARTING_POINTS.find((p) => p.id === "rooftop-boot")!;
export const given = (faults: readonly PracticeFault[] = [], more: Partial<PracticeCase> = {}): PracticeCase => ({
  seed: 7,
  netlist: buildAsFound(plain.switches),
  unit: ROOFTOP,
  sources: [{ id: "shore", kind: "shore", volts: 120, breakerA: 30 }],
  faults,
  ...more,
});

export function bench(of: PracticeCase): Bench {
  const made = newBench(of);
  if (!made.ok) throw new Error(made.reason);
  return made.value;
}

/** Plays acts on a new bench; gives the steps and the bench after them. */
export function play(of: PracticeCase, acts: readonly PracticeAct[]): { readonly steps: readonly PracticeStep[]; readonly end: Bench } {
  let now = bench(of);
  const steps = acts.map((act) => {
    const done = actOn(now, act);
    now = done.bench;
    return done.step;
  });
  return { steps, end: now };
}
export const shown = (step: PracticeStep | undefined): number | null => (step !== undefined && "shown" in step ? step.shown : Number.NaN);
export const off: readonly PracticeAct[] = [
  { act: "switch", source: "shore", on: false },
  { act: "lock", source: "shore" },
  { act: "open", cover: "box" },
];
export const volts = (from: string, to: string, range: "volts" | "volts-low-z" | "volts-dc" = "volts-low-z"): PracticeAct => ({
  act: "measure",
  range,
  from,
  to,
});
export const ohms = (from: string, to: string): PracticeAct => ({ act: "measure", range: "ohms", from, to });

export const twoPole = STARTING_POINTS.find((p) => p.id === "condenser-two-pole")!;
export const house: Partial<PracticeCase> = {
  netlist: buildAsFound(twoPole.switches),
  unit: CONDENSER,
  sources: [{ id: "shore", kind: "shore", volts: 240, breakerA: 40 }],
};
export const generator: Partial<PracticeCase> = { sources: [{ id: "set", kind: "generator", volts: 120, runningW: 3600, surgeW: 4500 }] };
export const runs = (source: string): readonly PracticeAct[] => [
  { act: "switch", source, on: false },
  { act: "open", cover: "box" },
  { act: "clamp", conductor: "w-common", mode: "live" },
  { act: "switch", source, on: true },
  { act: "wait", seconds: 40 },
  { act: "call", on: true },
  { act: "wait", seconds: 20 },
  { act: "read" },
];
export const inside: readonly PracticeAct[] = [...off, { act: "open", cover: "terminals" }];

export const starterIn = (id: string) => {
  const point = STARTING_POINTS.find((p) => p.id === id)!;
  const plan = planWiring(buildAsFound(point.switches), { family: point.family, ...point.options });
  if (!plan.ok) throw new Error(plan.reason);
  return plan.value.finished;
};
export const stopOf = (of: PracticeCase, acts: readonly PracticeAct[]) => play(of, acts).end.stopped;
export const started: readonly PracticeAct[] = [
  { act: "call", on: true },
  { act: "wait", seconds: 60 },
];
