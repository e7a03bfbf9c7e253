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

/** The wires of the three leads once one more is told: with two of three wires told, the third lead is on the third. */
export function leadsTold(
  leads: Wiring["leads"],
  label: (typeof LEAD_LABELS)[number],
  wire: string | undefined,
  wires: readonly string[],
): Wiring["leads"] {
  const told: Wiring["leads"] = { ...leads, [label]: wire };
  const blank = LEAD_LABELS.filter((l) => told[l] === undefined);
  const left = wires.filter((id) => LEAD_LABELS.every((l) => told[l] !== id));
  const [last, only] = [blank[0], left[0]];
  const sure = wire !== undefined && wires.length === LEAD_LABELS.length && blank.length === 1 && left.length === 1;
  return { [label]: wire, ...(sure && last !== undefined && { [last]: only }) };
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
