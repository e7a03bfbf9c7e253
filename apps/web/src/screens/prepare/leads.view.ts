import { type Netlist, nameOn } from "@amp-saver/core/network";
import { exchangedWires, LABELS, onMeasuredPins, type WrongPin, wrongPins } from "@amp-saver/core/study/windings";
import type { Wiring } from "@amp-saver/records";
import { measuredOf } from "./wiring.view.ts";

/** How the lifted leads are labelled. */
export const LEAD_LABELS = LABELS;

/** Wires that end on compressor C, R or S: those that a labelled lead may be. */
export function pinWires(asFound: Netlist): readonly string[] {
  const pins = new Set(
    asFound.parts.filter((p) => p.kind === "compressor").flatMap((p) => ["C", "R", "S"].map((name) => `${p.id}.${name}`)),
  );
  return asFound.conductors.filter((c) => c.ends.some((e) => e !== null && pins.has(e))).map((c) => c.id);
}

/** What the ohms contradict, and the circuit set right in either way; null where they agree. */
export function pinsContradicted(
  wiring: Wiring,
  asFound: Netlist,
): { readonly wrong: readonly WrongPin[]; readonly exchanged: Netlist; readonly pinsMoved: Netlist } | null {
  const measured = measuredOf(wiring);
  const wrong = wrongPins(asFound, measured);
  if (wrong.length === 0) return null;
  return { wrong, exchanged: exchangedWires(asFound, measured), pinsMoved: onMeasuredPins(asFound, measured) };
}

/** Wires of the equipment ground, which the map does not draw. */
export function groundWires(netlist: Netlist): readonly string[] {
  return netlist.conductors.filter((c) => c.ends.some((e) => e !== null && nameOn(e) === "G")).map((c) => c.id);
}
