import { nominalVolts } from "@amp-saver/core/device/compressor-motor";
import type { Netlist } from "@amp-saver/core/network";
import { faradFromUf, withoutUndefined } from "@amp-saver/core/quantity";
import { buildAsFound, PLAIN_CONDENSER, PLAIN_ROOFTOP, STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { COVERS, PRACTICE_FAULTS, type PracticeAct, type PracticeCase, type PracticeFault } from "@amp-saver/core/study/practice";
import { MOST_ACTS, practiceActSchema } from "@amp-saver/records";
import { z } from "zod";
import { type Bounds, PRACTICE_BOUNDS } from "./limits.ts";
import { unitFromFile, unitSchema } from "./start-case.ts";
import { circuitFields, circuitFromFile } from "./wiring-case.ts";

const MOST_SOURCES = 8;

const number = (path: keyof typeof PRACTICE_BOUNDS) => {
  const { min, max }: Bounds = PRACTICE_BOUNDS[path];
  return z.number().min(min).max(max);
};
const id = z.string().min(1).max(80);
const at = z.string().min(1).max(100);

/** Circuits that a case may name: the two plain ones, and those met in the field. */
const TOPOLOGIES: Readonly<Record<string, () => Netlist>> = {
  "rooftop-plain": () => buildAsFound(PLAIN_ROOFTOP),
  "condenser-plain": () => buildAsFound(PLAIN_CONDENSER),
  ...Object.fromEntries(STARTING_POINTS.map(({ id: name, switches }) => [name, () => buildAsFound(switches)])),
};

const faultCode = z.literal(PRACTICE_FAULTS);
const faultSchema = z.union(
  [
    faultCode,
    z.strictObject({
      code: faultCode,
      part: id.exactOptional(),
      conductor: id.exactOptional(),
      at: at.exactOptional(),
      uF: number("faults.uF").exactOptional(),
    }),
  ],
  { error: `must be one of ${PRACTICE_FAULTS.join(", ")}, or an object with such a code` },
);

const sourceSchema = z.strictObject({
  id,
  kind: z.literal(["shore", "inverter", "generator"]),
  volts: number("sources.volts").exactOptional(),
  breakerA: number("sources.breakerA").exactOptional(),
  runningW: number("sources.runningW").exactOptional(),
  surgeW: number("sources.surgeW").exactOptional(),
  auto: z.boolean().exactOptional(),
  eco: z.boolean().exactOptional(),
});

/** The shape of `amp-saver/practice-case`, version 1. */
export const practiceCaseSchema = z.strictObject({
  format: z.literal("amp-saver/practice-case"),
  version: z.literal(1),
  seed: number("seed").int().exactOptional(),
  topology: z.string().max(80).exactOptional(),
  wiring: z.strictObject({ parts: circuitFields.parts, conductors: circuitFields.conductors }).exactOptional(),
  unit: unitSchema,
  sources: z.array(sourceSchema).min(1).max(MOST_SOURCES),
  faults: z.array(faultSchema).max(PRACTICE_FAULTS.length).exactOptional(),
  hiddenScrew: z.literal(COVERS).exactOptional(),
  acts: z.array(practiceActSchema).max(MOST_ACTS),
});
export type PracticeCaseFile = z.infer<typeof practiceCaseSchema>;

/** What a case plays on and the acts, or the line that says what is wrong. */
export function practiceFromFile(file: PracticeCaseFile): { readonly given: PracticeCase; readonly acts: readonly PracticeAct[] } | string {
  const netlist = netlistOf(file);
  if (typeof netlist === "string") return netlist;
  const { unit, sources, faults = [], hiddenScrew, acts, seed = 1 } = file;
  if (unit.lraA === undefined && unit.rlaA === undefined && unit.coolingBtuH === undefined)
    return "unit.lraA is missing (or unit.rlaA, unit.coolingBtuH)";
  const ids = sources.map((s) => s.id);
  const twice = ids.find((one, i) => ids.indexOf(one) !== i);
  if (twice !== undefined) return `sources.id ${JSON.stringify(twice)} stands twice; each source needs an id of its own`;
  const codes = faults.map((f) => (typeof f === "string" ? f : f.code));
  const again = codes.find((one, i) => codes.indexOf(one) !== i);
  if (again !== undefined) return `faults ${JSON.stringify(again)} stands twice`;
  return {
    given: {
      seed,
      netlist,
      unit: unitFromFile({ unit }, unit.hz ?? 60),
      sources: sources.map((s) => ({ ...s, volts: s.volts ?? nominalVolts(unit.volts, unit.hz ?? 60) })),
      faults: faults.map(faultFromFile),
      ...(hiddenScrew !== undefined && { hiddenScrew }),
    },
    acts,
  };
}

function netlistOf({ topology, wiring }: PracticeCaseFile): Netlist | string {
  if ((topology === undefined) === (wiring === undefined)) return "topology or wiring is missing, or both are there: one of them";
  if (wiring !== undefined) return circuitFromFile(wiring);
  const build = topology !== undefined && Object.hasOwn(TOPOLOGIES, topology) ? TOPOLOGIES[topology] : undefined;
  return build === undefined ? `topology must be one of ${Object.keys(TOPOLOGIES).join(", ")}` : build();
}

function faultFromFile(fault: z.infer<typeof faultSchema>): PracticeFault {
  if (typeof fault === "string") return { code: fault };
  const { code, part, conductor, at: end, uF } = fault;
  return { code, ...withoutUndefined({ part, conductor, at: end, farad: uF === undefined ? undefined : faradFromUf(uF) }) };
}
