import { FAMILY_LEADS, type Family, PART_TERMINALS, type PartKind } from "./kinds.ts";

/** A terminal by name, for example `can.HERM`. */
export type Terminal = string;

/** A part of the circuit. */
export interface Part {
  readonly id: string;
  readonly kind: PartKind;
  /** Of a contactor: how many poles break; one leaves the other bridged. */
  readonly poles?: 1 | 2;
  readonly unbroken?: "L1-T1" | "L2-T2";
  /** Free tabs by terminal, where they were counted. */
  readonly tabs?: Readonly<Record<string, number>>;
  /** Whether its terminals are out of reach: nothing can be lifted off or landed on them. */
  readonly sealed?: boolean;
  /** Of a starter. */
  readonly family?: Family;
}

/** A wire with its insulation, gauge and both ends; an end that is null is free and insulated. */
export interface Conductor {
  readonly id: string;
  readonly color: string;
  readonly awg: number;
  readonly ends: readonly [Terminal | null, Terminal | null];
}

/** Parts and the conductors between them. */
export interface Netlist {
  readonly parts: readonly Part[];
  readonly conductors: readonly Conductor[];
}

/** Name of a part's terminal. */
export function terminal(part: string, name: string): Terminal {
  return `${part}.${name}`;
}

/** The part a terminal is on. */
export function partOf(name: Terminal): string {
  return name.slice(0, name.lastIndexOf("."));
}

/** A terminal's own name on its part. */
export function nameOn(name: Terminal): string {
  return name.slice(name.lastIndexOf(".") + 1);
}

/**
 * Terminals a part has in this netlist. A supply has the terminals of its system, a starter those of its
 * family, a run capacitor FAN only where it is a dual one: something ends there or its tabs were counted.
 */
export function terminalsOf(part: Part, netlist: Netlist): readonly Terminal[] {
  const used = (name: string): boolean => netlist.conductors.some((c) => c.ends.includes(terminal(part.id, name)));
  const names = ((): readonly string[] => {
    if (part.kind === "supply") return used("L1") || used("L2") ? ["L1", "L2", "G"] : ["L", "N", "G"];
    if (part.kind === "starter") return FAMILY_LEADS[part.family ?? "F4"];
    if (part.kind === "run-capacitor" && !used("FAN") && part.tabs?.FAN === undefined) return ["C", "HERM"];
    return PART_TERMINALS[part.kind];
  })();
  return names.map((name) => terminal(part.id, name));
}

/** Every terminal of a netlist, splices included. */
export function allTerminals(netlist: Netlist): readonly Terminal[] {
  return netlist.parts.flatMap((part) => terminalsOf(part, netlist));
}

/** The part with an id; a programmer's error where there is none. */
export function partById(netlist: Netlist, id: string): Part {
  const part = netlist.parts.find((p) => p.id === id);
  if (part === undefined) throw new Error(`no part ${id}`);
  return part;
}

/** Whether a hand gets at a terminal. */
export function inReach(netlist: Netlist, at: Terminal): boolean {
  return partById(netlist, partOf(at)).sealed !== true;
}

/** Conductors with an end on a terminal. */
export function conductorsAt(netlist: Netlist, at: Terminal): readonly Conductor[] {
  return netlist.conductors.filter((c) => c.ends.includes(at));
}

/** The end of a conductor other than the one on `at`. */
export function farEnd({ ends }: Conductor, at: Terminal): Terminal | null {
  return ends[0] === at ? ends[1] : ends[0];
}
