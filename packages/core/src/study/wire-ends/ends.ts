import { type Netlist, partById, partOf, STARTER, type Terminal } from "../../network/index.ts";
import { present } from "../../quantity/index.ts";
import { CRIMP_COLORS, type CrimpColor, PULL_FORCE_N, SPLICES, type SpliceName } from "../../reference/index.ts";
import type { PlanStep } from "../wiring-plan/index.ts";

/** What is crimped on an end. */
const CRIMPS = ["tab", "flag", "piggyback", "ring", "blade", "as the starter’s sheet says"] as const;
export type Crimp = (typeof CRIMPS)[number];

/** What the place asks of the ends. */
export interface Room {
  /** The lid nearly touches the tabs: ends must lie flat. */
  readonly lidLow: boolean;
  /** Every new wire to the can must first pass a boot or a hole too small for a crimped end. */
  readonly boot: boolean;
  /** Leads that come terminated, by their neutral names. */
  readonly terminated: Readonly<Record<string, Crimp>>;
}

/** One end to be made. */
export interface WireEnd {
  readonly conductor: string;
  readonly at: Terminal;
  readonly awg: number;
  readonly crimp: Crimp | null;
  /** A joint instead of a terminal, with how many wires meet in it. */
  readonly splice: { readonly name: SpliceName; readonly wires: number } | null;
  readonly color: CrimpColor | null;
  /** What it must hold when pulled, N; null where the gauge has none. */
  readonly pullN: number | null;
  /** Crimped before the ladder, or bare until it has passed. */
  readonly made: "on the ground" | "after it has passed" | "comes so";
}

/** Every end that the steps ask for, in their order. */
export function wireEnds(begun: Netlist, steps: readonly PlanStep[], room: Room): readonly WireEnd[] {
  const parted = new Map<string, "tab" | "ring" | "cut">();
  const awg = new Map(begun.conductors.map((c) => [c.id, c.awg]));
  const ends: WireEnd[] = [];
  for (const step of steps) {
    const { conductor, at } = step;
    if (conductor === null || at === null) continue;
    if (step.do === "lift") parted.set(conductor, onScrew(begun, at) ? "ring" : "tab");
    if (step.do === "cut" && step.with !== null) {
      for (const piece of [conductor, step.with]) parted.set(piece, "cut");
      awg.set(step.with, awg.get(conductor) ?? 0);
    }
    if (step.do === "land") ends.push(landing(step.with, { conductor, at, awg: awg.get(conductor) ?? 0 }, room, parted.get(conductor)));
    if (step.do === "splice")
      ends.push(...joint(steps, step, parted, awg, room).filter((e) => !ends.some((x) => x.conductor === e.conductor && x.at === e.at)));
  }
  return ends;
}

interface Place {
  readonly conductor: string;
  readonly at: Terminal;
  readonly awg: number;
}

function landing(fitting: string | null, place: Place, room: Room, was: "tab" | "ring" | "cut" | undefined): WireEnd {
  const crimp = ((): Crimp => {
    if (fitting === "starter-terminal") return "as the starter’s sheet says";
    if (fitting === "screw") return "ring";
    if (fitting === "piggyback") return "piggyback";
    return room.lidLow || fitting === "pin" ? "flag" : "tab";
  })();
  const own = was === undefined ? room.terminated[place.conductor.slice(STARTER.length + 1)] : undefined;
  const toCan = fitting === "tab" || fitting === "piggyback";
  return made(place, crimp, null, own === crimp ? "comes so" : room.boot && toCan ? "after it has passed" : "on the ground");
}

function joint(
  steps: readonly PlanStep[],
  { at }: PlanStep,
  parted: ReadonlyMap<string, "tab" | "ring" | "cut">,
  awg: ReadonlyMap<string, number>,
  room: Room,
): readonly WireEnd[] {
  const members = [
    ...new Set(steps.filter((s) => s.do === "splice" && s.at === at).flatMap((s) => [present(s.with), present(s.conductor)])),
  ];
  const gauge = (id: string): number => awg.get(id) ?? 0;
  const blades = members.length === 2 && members.some((id) => parted.get(id) === "tab");
  const name = blades ? "blade pair" : spliceFor(members.map(gauge));
  return members.map((conductor) => {
    const place = { conductor, at: present(at), awg: gauge(conductor) };
    if (!blades) return made(place, null, { name, wires: members.length }, "after it has passed");
    const own = parted.get(conductor) === "tab" ? "comes so" : "on the ground";
    const lead = room.terminated[conductor.slice(STARTER.length + 1)];
    return made(place, "blade", { name, wires: 2 }, lead === "blade" ? "comes so" : own);
  });
}

/** The joint that can be undone where it takes the gauges, else one that is crimped. */
function spliceFor(gauges: readonly number[]): SpliceName {
  const takes = (name: SpliceName): boolean => {
    const { thinnestAwg, thickestAwg, most } = SPLICES[name];
    return gauges.length <= most && gauges.every((g) => g <= thinnestAwg && g >= thickestAwg);
  };
  return takes("lever") ? "lever" : gauges.length > 2 ? "closed end" : "butt";
}

/** Joints that are crimped, and so have a pull to hold. */
const CRIMPED: ReadonlySet<SpliceName> = new Set(["blade pair", "butt", "closed end"]);

function made(place: Place, crimp: Crimp | null, splice: WireEnd["splice"], how: WireEnd["made"]): WireEnd {
  const crimped = crimp !== null && crimp !== "as the starter’s sheet says";
  return {
    ...place,
    crimp,
    splice,
    color: crimped ? crimpColor(place.awg) : null,
    pullN: crimped || (splice !== null && CRIMPED.has(splice.name)) ? (PULL_FORCE_N[place.awg] ?? null) : null,
    made: how,
  };
}

/** The colour of terminal made for a gauge, the larger where two are; null where none is. */
export function crimpColor(awg: number): CrimpColor | null {
  return CRIMP_COLORS.findLast(({ thinnestAwg, thickestAwg }) => awg <= thinnestAwg && awg >= thickestAwg)?.color ?? null;
}

function onScrew(netlist: Netlist, at: Terminal): boolean {
  const { kind } = partById(netlist, partOf(at));
  return kind === "contactor" || kind === "supply";
}
