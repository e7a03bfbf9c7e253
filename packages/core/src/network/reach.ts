import { conductorsAt, farEnd, inReach, type Netlist, partById, partOf, type Terminal } from "./netlist.ts";

/** Every place where one gets at a terminal: itself, or the far ends of the wires on a sealed part. */
export function placesOf(netlist: Netlist, at: Terminal): readonly Terminal[] {
  if (inReach(netlist, at)) return [at];
  return conductorsAt(netlist, at).flatMap((wire) => {
    const end = farEnd(wire, at);
    return end !== null && inReach(netlist, end) ? [end] : [];
  });
}

/** Where one best gets at a terminal: in the box, at what has named terminals, before the supply, and both before the compressor; null where every wire of it is off. */
export function reachOf(netlist: Netlist, at: Terminal): Terminal | null {
  const rank = (end: Terminal): number => {
    const { kind } = partById(netlist, partOf(end));
    return kind === "compressor" ? 3 : kind === "supply" ? 2 : kind === "through" || kind === "splice" ? 1 : 0;
  };
  return placesOf(netlist, at).toSorted((a, b) => rank(a) - rank(b))[0] ?? null;
}
