import { FAMILIES, type Netlist, PART_KINDS, soundNetlist } from "@amp-saver/core/network";
import { AID_WAYS, COMMON_WAYS, RUN_WAYS, TAP_WAYS } from "@amp-saver/core/study/wiring-plan";
import { lineNamed } from "@amp-saver/records";
import { z } from "zod";
import { type Bounds, WIRING_BOUNDS } from "./limits.ts";

/** Most parts and conductors of one circuit: far more than any unit has. */
const MOST_PARTS = 200;
const MOST_CONDUCTORS = 500;

const number = (path: keyof typeof WIRING_BOUNDS) => {
  const { min, max }: Bounds = WIRING_BOUNDS[path];
  return z.int().min(min).max(max);
};

const id = z.string().min(1).max(80);
const tabs = z
  .strictObject({
    C: number("parts.tabs").exactOptional(),
    HERM: number("parts.tabs").exactOptional(),
    FAN: number("parts.tabs").exactOptional(),
  })
  .exactOptional();
const PLAIN = PART_KINDS.filter(
  (kind) => kind !== "contactor" && kind !== "starter" && kind !== "run-capacitor" && kind !== "fan-capacitor",
);

const partSchema = z.discriminatedUnion(
  "kind",
  [
    z.strictObject({
      id,
      kind: z.literal("contactor"),
      poles: z.literal([1, 2]).exactOptional(),
      unbroken: z.literal(["L1-T1", "L2-T2"]).exactOptional(),
    }),
    z.strictObject({ id, kind: z.literal("starter"), family: z.literal(FAMILIES) }),
    z.strictObject({ id, kind: z.literal(["run-capacitor", "fan-capacitor"]), tabs, sealed: z.boolean().exactOptional() }),
    z.strictObject({ id, kind: z.literal(PLAIN) }),
  ],
  { error: `must be one of ${PART_KINDS.join(", ")}` },
);

/** Files that call the module's LINE otherwise still read. */
const end = z.string().max(100).transform(lineNamed).nullable();

const conductorSchema = z.strictObject({
  id,
  color: z.string().min(1).max(40),
  awg: number("conductors.awg"),
  ends: z.tuple([end, end]),
});

/** Parts and conductors of a circuit, wherever a file has one. */
export const circuitFields = {
  parts: z.array(partSchema).max(MOST_PARTS),
  conductors: z.array(conductorSchema).max(MOST_CONDUCTORS),
};
const circuit = { version: z.literal(1), ...circuitFields };

/** The shape of `amp-saver/wiring-case`, version 1. */
export const wiringCaseSchema = z.strictObject({
  format: z.literal("amp-saver/wiring-case"),
  ...circuit,
  starter: z.strictObject({
    family: z.literal(FAMILIES),
    run: z.literal(RUN_WAYS).exactOptional(),
    common: z.literal(COMMON_WAYS).exactOptional(),
    tap: z.literal(TAP_WAYS).exactOptional(),
    aid: z.literal(AID_WAYS).exactOptional(),
    jumper: z.boolean().exactOptional(),
  }),
});

/** The shape of `amp-saver/wiring-check`, version 1. */
export const wiringCheckSchema = z.strictObject({ format: z.literal("amp-saver/wiring-check"), ...circuit });

type CircuitFile = Pick<z.infer<typeof wiringCheckSchema>, "parts" | "conductors">;

/** A circuit as core wants it, or the line that says what is wrong. */
export function circuitFromFile({ parts, conductors }: CircuitFile): Netlist | string {
  const netlist = {
    parts,
    conductors,
  };
  const sound = soundNetlist(netlist);
  return sound.ok ? sound.value : `${sound.where} ${REFUSED[sound.reason]}`;
}

const REFUSED = {
  "part-twice": "stands twice; each part needs an id of its own",
  "conductor-twice": "stands twice; each conductor needs an id of its own",
  "unknown-part": "is on no part of this case",
  "unknown-terminal": "is no terminal of that kind of part",
  "one-terminal-twice": "must be two different terminals",
  "two-systems": "has both neutral and two lines connected: L and N, or L1 and L2",
  "unbroken-missing": "is missing: L1-T1 or L2-T2, as the contactor has one pole",
  "unbroken-extra": "must be left out: both poles break",
} as const;
