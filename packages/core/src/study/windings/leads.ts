import { type Conductor, type Netlist, nameOn, partById, partOf, type Terminal, terminal } from "../../network/index.ts";
import { keysOf } from "../../quantity/index.ts";
import type { Label, Windings } from "./solve.ts";

/** The conductor on each of the leads labelled a, b and c, where it was said. */
export type LeadWires = Readonly<Partial<Record<Label, string>>>;

/** Names of the compressor's pins. */
const PIN_NAMES = ["C", "R", "S"] as const;
export type PinName = (typeof PIN_NAMES)[number];

/** The pin that the ohms give to each conductor on a labelled lead. */
export function measuredPins({ common, run, start }: Windings["pins"], wires: LeadWires): Readonly<Record<string, PinName>> {
  const named = { C: common, R: run, S: start } as const;
  return Object.fromEntries(
    keysOf(named).flatMap((pin) => {
      const wire = wires[named[pin]];
      return wire === undefined ? [] : [[wire, pin] as const];
    }),
  );
}

/** A conductor that the circuit as found has on another pin than the ohms say. */
export interface WrongPin {
  readonly conductor: string;
  readonly found: PinName;
  readonly reads: PinName;
}

/** Every conductor of which the circuit as found and the ohms say different pins; one that is on no pin is none of them. */
export function wrongPins(netlist: Netlist, measured: Readonly<Record<string, PinName>>): readonly WrongPin[] {
  return netlist.conductors.flatMap(({ id, ends }) => {
    const [reads, found] = [measured[id], pinAmong(netlist, ends)];
    return reads === undefined || found === null || found.name === reads ? [] : [{ conductor: id, found: found.name, reads }];
  });
}

/** The circuit with every such conductor's end on the pin that the ohms say, its far end left where it is. */
export function onMeasuredPins(netlist: Netlist, measured: Readonly<Record<string, PinName>>): Netlist {
  const conductors = netlist.conductors.map((wire) => {
    const [reads, found] = [measured[wire.id], pinAmong(netlist, wire.ends)];
    if (reads === undefined || found === null) return wire;
    const [a, b] = wire.ends;
    const to = terminal(partOf(found.at), reads);
    return { ...wire, ends: a === found.at ? ([to, b] as const) : ([a, to] as const) };
  });
  return { ...netlist, conductors };
}

/** The circuit with whole wires taken for one another: each measured one runs where the one on its pin was thought to run. */
export function exchangedWires(netlist: Netlist, measured: Readonly<Record<string, PinName>>): Netlist {
  const wireOn = new Map<PinName, Conductor>();
  for (const pin of PIN_NAMES) {
    const here = netlist.conductors.filter((wire) => pinAmong(netlist, wire.ends)?.name === pin);
    const main = here.find((wire) => measured[wire.id] !== undefined) ?? here[0];
    if (main !== undefined) wireOn.set(pin, main);
  }
  const runs = new Map<string, PinName>();
  for (const { id } of wireOn.values()) {
    const reads = measured[id];
    if (reads !== undefined && wireOn.has(reads)) runs.set(id, reads);
  }
  for (const [pin, { id }] of wireOn) {
    if (runs.has(id)) continue;
    const free = [pin, ...wireOn.keys()].find((p) => ![...runs.values()].includes(p));
    if (free !== undefined) runs.set(id, free);
  }
  const conductors = netlist.conductors.map((wire) => {
    const pin = runs.get(wire.id);
    const like = pin === undefined ? undefined : wireOn.get(pin);
    return like === undefined ? wire : { ...wire, ends: like.ends };
  });
  return { ...netlist, conductors };
}

function pinAmong(netlist: Netlist, ends: readonly (Terminal | null)[]): { readonly at: Terminal; readonly name: PinName } | null {
  for (const at of ends) {
    if (at === null || partById(netlist, partOf(at)).kind !== "compressor") continue;
    const name = nameOn(at);
    if (name === "C" || name === "R" || name === "S") return { at, name };
  }
  return null;
}
