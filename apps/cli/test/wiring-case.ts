import { check } from "../src/check.ts";

export type Case = Record<string, unknown>;
export type Wire = { id: string; color: string; awg: number; ends: [string | null, string | null] };
export type Step = { do: string; conductor: string; at: string; with: string };

export const run = (given: Case): Case & { nets: string[][]; steps: Step[]; faults: { code: string; at: string[]; symptom: string }[] } => {
  const outcome = check(JSON.stringify(given));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  return JSON.parse(outcome.out);
};
export const wire = (id: string, from: string | null, to: string | null, awg = 12): Wire => ({ id, color: "grey", awg, ends: [from, to] });

/** A rooftop unit drawn by hand: start capacitor whose terminal 1 also carries a fan wire, and a PTC. */
export const PARTS = [
  { id: "in", kind: "supply" },
  { id: "rel", kind: "relay" },
  { id: "ol", kind: "through" },
  { id: "comp", kind: "compressor" },
  { id: "can", kind: "run-capacitor", tabs: { C: 1, HERM: 0, FAN: 0 } },
  { id: "sc", kind: "start-capacitor" },
  { id: "ptc", kind: "ptc" },
  { id: "fan", kind: "fan-motor" },
];
export const WIRES = [
  wire("hot", "in.L", "rel.COM"),
  wire("com", "rel.NO", "ol.A"),
  wire("com2", "ol.B", "comp.C"),
  wire("neu", "in.N", "can.C"),
  wire("run", "comp.R", "can.C"),
  wire("start", "comp.S", "can.HERM"),
  wire("a1", "can.C", "sc.1", 14),
  wire("a2", "sc.2", "ptc.1", 14),
  wire("a3", "ptc.2", "can.HERM", 14),
  wire("fan1", "rel.NO", "fan.C", 16),
  wire("fan2", "fan.M", "sc.1", 16),
  wire("fan3", "fan.A", "can.FAN", 16),
  wire("g1", "in.G", "comp.G"),
  wire("g2", "in.G", "fan.G", 16),
];
export const plan = (family: string, parts: unknown = PARTS, conductors: unknown = WIRES): Case => ({
  format: "amp-saver/wiring-case",
  version: 1,
  parts,
  conductors,
  starter: { family },
});

/** A wiring with a starter in it, as a case to be checked. */
export const built = (conductors: readonly Wire[], family = "F4", parts: readonly object[] = PARTS): Case => ({
  format: "amp-saver/wiring-check",
  version: 1,
  parts: [...parts, { id: "starter", kind: "starter", family }],
  conductors,
});
