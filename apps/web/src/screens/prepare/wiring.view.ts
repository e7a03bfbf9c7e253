import { FAMILY_LEADS, type Family, type Netlist, soundNetlist } from "@amp-saver/core/network";
import { KeptAnswers, present, type Result } from "@amp-saver/core/quantity";
import { buildAsFound } from "@amp-saver/core/study/as-found";
import { lookAlikes, type ProofRecord, type Release, release, traceRefusal } from "@amp-saver/core/study/tracing";
import { measuredPins, type Ohms, type PinName, solveWindings, type WindingFault, type Windings } from "@amp-saver/core/study/windings";
import { type Crimp, terminalKit, type WireEnd, wireEnds } from "@amp-saver/core/study/wire-ends";
import {
  type BlockReason,
  JUMPER,
  type PlanOptions,
  type PlanStep,
  planWiring,
  type WiringPlan,
  withStarter,
} from "@amp-saver/core/study/wiring-plan";
import type { AirConditioner, Photo, Starter, Wiring } from "@amp-saver/records";

/** The circuit as found: as corrected by hand, else as the switches say. */
export function asFoundOf({ corrected, switches }: Pick<Wiring, "corrected" | "switches">): Netlist {
  return corrected ?? buildAsFound(switches);
}

/** Compressor pins that the ohms give to the conductors said to be on the labelled leads. */
export function measuredOf(wiring: Wiring): Readonly<Record<string, PinName>> {
  const solved = windingsOf(wiring);
  return solved?.ok === true ? measuredPins(solved.value.pins, wiring.leads) : {};
}

/** Whether what leads to common must be lengthened: as said, else where common sits in a second box. */
export function needsJumper({ jumper, switches }: Pick<Wiring, "jumper" | "switches">): boolean {
  return jumper ?? switches.secondBox;
}

/** The part that sits in the second box, which is what switches common; null where there is one box. */
export function farBox({ switches }: Pick<Wiring, "switches">): string | null {
  if (!switches.secondBox) return null;
  return { contactor: "k", board: "board", relay: "relay" }[switches.control];
}

/** What the planner is asked: family and ways of the record, leads of the starter that the job asks about. */
function optionsOf(wiring: Wiring, starter: Starter | undefined): PlanOptions {
  const leads = Object.entries(starter?.leads ?? {}).map(([name, { color, awg }]) => [name, { color, awg }] as const);
  return {
    family: familyOf(wiring, starter),
    leads: Object.fromEntries(leads),
    ...(wiring.run !== null && { run: wiring.run }),
    ...(wiring.common !== null && { common: wiring.common }),
    ...(wiring.tap !== null && { tap: wiring.tap }),
    ...(wiring.aid !== null && { aid: wiring.aid }),
    jumper: needsJumper(wiring),
    ...(starter?.extensionAwg !== undefined && { jumperAwg: starter.extensionAwg }),
    measured: measuredOf(wiring),
  };
}

/** The sheet's family where the starter asked about has one, else what was chosen. */
export function familyOf(wiring: Wiring, starter: Starter | undefined): Family {
  return starter?.family ?? wiring.family;
}

/** One thing to do with what belongs to it: its tugs and caps, and all wires of a joint. */
export interface StepGroup {
  readonly main: PlanStep;
  readonly rest: readonly PlanStep[];
  /** Wires that meet in its joint; none elsewhere. */
  readonly members: readonly string[];
  readonly conductors: readonly string[];
  readonly terminals: readonly string[];
}

/** Steps gathered into things to do one after another. */
export function groupSteps(steps: readonly PlanStep[]): readonly StepGroup[] {
  const groups: { main: PlanStep; rest: PlanStep[] }[] = [];
  for (const step of steps) {
    const last = groups.at(-1);
    const belongs =
      step.do === "tug" || step.do === "insulate" || (step.do === "splice" && last?.main.do === "splice" && last.main.at === step.at);
    if (belongs && last !== undefined) last.rest.push(step);
    else groups.push({ main: step, rest: [] });
  }
  return groups.map(({ main, rest }) => {
    const splices = [main, ...rest].filter((s) => s.do === "splice");
    const members = [...new Set(splices.flatMap((s) => [present(s.with), present(s.conductor)]))];
    return {
      main,
      rest,
      members,
      conductors: [
        ...new Set([
          ...members,
          ...(main.conductor === null ? [] : [main.conductor]),
          ...(main.do === "cut" && main.with !== null ? [main.with] : []),
        ]),
      ],
      terminals: [main.at, main.do === "move" ? main.with : null].filter((t) => t !== null),
    };
  });
}

/** Everything the plan's screen and sheet show. */
export interface PlanView {
  readonly options: PlanOptions;
  readonly asFound: Netlist;
  /** As found with the starter beside it: what the steps begin from. */
  readonly begun: Netlist;
  readonly plan: Result<WiringPlan, BlockReason>;
  readonly groups: readonly StepGroup[];
  readonly ends: readonly WireEnd[];
  readonly kit: ReturnType<typeof terminalKit>;
  /** Conductors that are opened or cut: those to prove first. */
  readonly opened: readonly string[];
  /** Gauge of what lengthens a lead. */
  readonly jumperAwg: number;
  readonly cuts: number;
  readonly moved: number;
  /** What the kit needs besides: a wire between two boxes, a short one under a board's tab. */
  readonly extras: readonly ("jumper" | "pigtail")[];
}

/** Plans that are kept: a page and its strip of stages ask for the same one. */
const MOST_KEPT = 8;
const kept = new KeptAnswers<PlanView>(MOST_KEPT);

/** Plans the wiring of a unit from its record. */
export function planView(wiring: Wiring, starter: Starter | undefined): PlanView {
  const asked = JSON.stringify([wiring, starter]);
  const view = kept.get(asked) ?? planned(wiring, starter);
  kept.set(asked, view);
  return view;
}

function planned(wiring: Wiring, starter: Starter | undefined): PlanView {
  const asFound = asFoundOf(wiring);
  const options = optionsOf(wiring, starter);
  const plan = planWiring(asFound, options);
  const begun = withStarter(asFound, options);
  const steps = plan.ok ? plan.value.steps : [];
  const ends = wireEnds(begun, steps, {
    lidLow: wiring.lidLow,
    boot: wiring.switches.boot,
    terminated: terminatedOf(starter),
    own: wiring.own,
    ...(wiring.joint !== null && { joint: wiring.joint }),
  });
  const touched = steps.filter((s) => s.do === "lift" || s.do === "cut" || s.do === "move");
  const aids = new Set(["aid-off", "orphan-kept"]);
  const opened = touched.filter((s) => !aids.has(s.why)).map((s) => present(s.conductor).replace(/\/\d+$/, ""));
  return {
    options,
    asFound,
    begun,
    plan,
    groups: groupSteps(steps),
    ends,
    kit: terminalKit(ends),
    opened: [...new Set(opened)],
    jumperAwg: options.jumperAwg ?? JUMPER.awg,
    cuts: steps.filter((s) => s.do === "cut").length,
    moved: new Set(touched.map((s) => s.conductor)).size,
    extras: extrasOf(wiring, options, begun, steps),
  };
}

/** A lead that cannot reach common in the far box needs a jumper; a piggyback on a board's tab under a low lid a pigtail. */
function extrasOf({ lidLow }: Wiring, { jumper }: PlanOptions, begun: Netlist, steps: readonly PlanStep[]): PlanView["extras"] {
  if (steps.length === 0) return [];
  const onBoard = (at: string | null): boolean =>
    begun.parts.some((p) => (p.kind === "relay" || p.kind === "through") && at?.startsWith(`${p.id}.`));
  const pigtail = lidLow && steps.some((s) => s.do === "land" && s.with === "piggyback" && onBoard(s.at));
  return [...(jumper === true ? (["jumper"] as const) : []), ...(pigtail ? (["pigtail"] as const) : [])];
}

function terminatedOf(starter: Starter | undefined): Readonly<Record<string, Crimp>> {
  const ends = Object.entries(starter?.leads ?? {}).flatMap(([name, { end }]) => (end === "bare" ? [] : [[name, end] as const]));
  return Object.fromEntries(ends);
}

/** Leads of a family. */
export function leadsOf(family: Family): readonly string[] {
  return FAMILY_LEADS[family];
}

/** What the readings say of the pins; null while one is missing. */
export function windingsOf({ windings: w }: Wiring): Result<Windings, WindingFault> | null {
  if (w.toCase.a || w.toCase.b || w.toCase.c || (w.ab !== null && w.bc !== null && w.ca !== null)) {
    const path = (there: boolean): Ohms => (there ? 0 : "open");
    return solveWindings({
      ab: w.ab ?? "open",
      bc: w.bc ?? "open",
      ca: w.ca ?? "open",
      probesOhm: w.probesOhm,
      countOhm: w.countOhm,
      toCase: { a: path(w.toCase.a), b: path(w.toCase.b), c: path(w.toCase.c) },
      windingC: w.windingC,
    });
  }
  return null;
}

/** Resistances for the start study, with the meter's resolution as tolerance. */
export function windingFigures(windings: Windings): Pick<AirConditioner, "mainOhm" | "startOhm"> {
  const figure = (value: number, tolerance: number) => ({ value, from: "measured" as const, tolerance: Math.min(2, tolerance) });
  return { mainOhm: figure(windings.mainOhm, windings.mainTolerance), startOhm: figure(windings.startOhm, windings.startTolerance) };
}

const NO_PROOF: Omit<ProofRecord, "photos"> = { traced: false, onDiagram: false, reading: null, override: null };

/** What is on record for a conductor, and whether it may be opened. */
export function wireProof(
  wiring: Wiring,
  photos: readonly Photo[],
  id: string,
): { readonly record: Omit<ProofRecord, "photos">; readonly release: Release } {
  const record = wiring.proofs[id] ?? NO_PROOF;
  const count = photos.filter((p) => p.unitId === wiring.unitId && (p.of === "as-found" || p.of === "diagram")).length;
  return { record, release: release({ ...record, photos: count }) };
}

/** Wires that look like one, by its colour. */
export function likenesses(netlist: Netlist, id: string): ReturnType<typeof lookAlikes> {
  return lookAlikes(netlist, id);
}

/** A circuit with one conductor changed, added or taken out; a refusal where it would make no sense. */
export function corrected(
  netlist: Netlist,
  id: string,
  change: Partial<Netlist["conductors"][number]> | null,
): ReturnType<typeof soundNetlist> {
  const conductors =
    change === null
      ? netlist.conductors.filter((c) => c.id !== id)
      : netlist.conductors.map((c) => (c.id === id ? { ...c, ...change } : c));
  return soundNetlist({ ...netlist, conductors });
}

/** A circuit with a further wire, free at both ends. */
export function withWire(netlist: Netlist): { readonly netlist: Netlist; readonly id: string } {
  let n = 1;
  while (netlist.conductors.some((c) => c.id === `wire-${n}`)) n++;
  const id = `wire-${n}`;
  const conductor = { id, color: "black", awg: 12, ends: [null, null] } as const;
  return { id, netlist: { ...netlist, conductors: [...netlist.conductors, conductor] } };
}

/** Why a reading along a conductor proves nothing; null where it does. */
export const refusalOf = traceRefusal;
