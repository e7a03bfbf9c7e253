import { FAMILIES, PART_KINDS } from "@amp-saver/core/network";
import { keysOf, tableOf } from "@amp-saver/core/quantity";
import { isHighVolts, SPLICES } from "@amp-saver/core/reference";
import {
  COLORED,
  CONTROLS,
  FAN_CAPACITORS,
  FOUND_AIDS,
  PLAIN_CONDENSER,
  PLAIN_ROOFTOP,
  RUN_PLACES,
  UNBROKEN_POLES,
} from "@amp-saver/core/study/as-found";
import { START_PARTS } from "@amp-saver/core/study/start-parts";
import { LABELS } from "@amp-saver/core/study/windings";
import { OWN_ENDS } from "@amp-saver/core/study/wire-ends";
import { AID_WAYS, COMMON_WAYS, RUN_WAYS, TAP_WAYS } from "@amp-saver/core/study/wiring-plan";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { asId, rigId, unitId } from "../identity.ts";
import { lineNamed } from "../line-named.ts";
import type { Step } from "../migrate.ts";
import { TEXT_MOST } from "../text-limits.ts";
import type { AirConditioner } from "./unit.ts";

const name = z.string().min(1).max(80);
const color = z.string().trim().min(1).max(TEXT_MOST.color);
const tabs = z.number().int().min(0).max(10);

/** What a look into the unit answered. */
const switchesSchema = z.strictObject({
  system: z.literal([120, 240]),
  control: z.literal(CONTROLS),
  poles: z.literal([1, 2]),
  unbroken: z.literal(UNBROKEN_POLES),
  overload: z.boolean(),
  freeze: z.boolean(),
  plug: z.boolean(),
  commonJoint: z.boolean(),
  runAt: z.literal(RUN_PLACES),
  aid: z.literal(FOUND_AIDS),
  aidJunction: z.boolean(),
  fan: z.literal(FAN_CAPACITORS),
  heater: z.boolean(),
  heatPump: z.boolean(),
  secondBox: z.boolean(),
  lookAlike: z.boolean(),
  freeC: tabs,
  freeHerm: tabs,
  sealed: z.boolean(),
  boot: z.boolean(),
  colors: z.strictObject(tableOf(COLORED, () => color)),
});

const partSchema = z.strictObject({
  id: name,
  kind: z.literal(PART_KINDS),
  poles: z.literal([1, 2]).exactOptional(),
  unbroken: z.literal(UNBROKEN_POLES).exactOptional(),
  tabs: z.record(z.string().max(10), tabs).exactOptional(),
  sealed: z.boolean().exactOptional(),
  family: z.literal(FAMILIES).exactOptional(),
});
const end = z.string().max(100).nullable();
const conductorSchema = z.strictObject({ id: name, color, awg: z.number().int().min(0).max(26), ends: z.tuple([end, end]).readonly() });

/** A circuit corrected by hand. */
const netlistSchema = z.strictObject({
  parts: z.array(partSchema).max(200).readonly(),
  conductors: z.array(conductorSchema).max(500).readonly(),
});

/** Counts that meters have on their lowest range, ohm; the last is a four-wire reading's. */
export const OHM_COUNTS = [0.1, 0.01, 0.001] as const;

const ohms = z.union([bounded("windingOhm"), z.literal("open")]).nullable();

/** Most ohms of a start part that are believed. */
const MOST_PART = 1_000_000;

/** What is on record for a conductor that is to be opened or cut. */
const proofSchema = z.strictObject({
  traced: z.boolean(),
  onDiagram: z.boolean(),
  reading: z.strictObject({ bothEndsFree: z.boolean(), ohm: z.number().min(0).max(1000).nullable(), openToOthers: z.boolean() }).nullable(),
  override: z.string().max(TEXT_MOST.note).nullable(),
});

/** Ends on the module's LINE bear its name of now. */
const netlistNamed = (netlist: unknown): unknown => {
  if (typeof netlist !== "object" || netlist === null || !("conductors" in netlist) || !Array.isArray(netlist.conductors)) return netlist;
  const conductors = netlist.conductors.map((wire: unknown) =>
    typeof wire === "object" && wire !== null && "ends" in wire && Array.isArray(wire.ends)
      ? { ...wire, ends: wire.ends.map((end: unknown) => (typeof end === "string" ? lineNamed(end) : end)) }
      : wire,
  );
  return { ...netlist, conductors };
};

const endsNamed: Step = (old) => ({ ...old, corrected: netlistNamed(old.corrected), built: netlistNamed(old.built) });

/** A capacitor out of reach says so itself, in a circuit corrected by hand too. */
const sealedNamed: Step = (old) => {
  const { switches } = old;
  const isSealed = typeof switches === "object" && switches !== null && "sealed" in switches && switches.sealed === true;
  if (!isSealed) return { parts: {}, printed: {}, ...old };
  const sealed = (netlist: unknown): unknown => {
    if (typeof netlist !== "object" || netlist === null || !("parts" in netlist) || !Array.isArray(netlist.parts)) return netlist;
    const parts = netlist.parts.map((part: unknown) =>
      typeof part === "object" && part !== null && "kind" in part && part.kind === "run-capacitor" ? { ...part, sealed: true } : part,
    );
    return { ...netlist, parts };
  };
  return { parts: {}, printed: {}, ...old, corrected: sealed(old.corrected), built: sealed(old.built) };
};

/** Nobody had said what is on a wire, nor chosen a joint. */
const waysAdded: Step = (old) => ({ leads: {}, own: {}, aid: null, joint: null, jumper: null, ...old });

/** Joints that may be asked for; the pair of blades is taken wherever it can be, unasked. */
export const JOINTS = keysOf(SPLICES);

/** How a unit is wired: as found, what was proved, how the starter is to go in, and as built. */
export const wiringRecord = defineRecord({
  kind: "wiring",
  migrations: {
    "wiring-2-adds-meter-count": asItWas,
    "wiring-3-names-line": endsNamed,
    "wiring-4-adds-sealed-and-print": sealedNamed,
    "wiring-5-adds-leads-and-ways": waysAdded,
  },
  schema: (base) =>
    z.strictObject({
      ...base,
      rigId,
      unitId,
      switches: switchesSchema,
      /** The circuit as found where a conductor or part was corrected by hand; null while the switches say it all. */
      corrected: netlistSchema.nullable(),
      /** Resistances between the leads labelled a, b and c, and of each to the case. */
      windings: z.strictObject({
        ab: ohms,
        bc: ohms,
        ca: ohms,
        probesOhm: z.number().min(0).max(10),
        /** One count of the meter, or of a four-wire reading; absent for the usual tenth. */
        countOhm: z.literal(OHM_COUNTS).optional(),
        toCase: z.strictObject({ a: z.boolean(), b: z.boolean(), c: z.boolean() }),
        windingC: bounded("windingC"),
      }),
      /** The conductor on each labelled lead, where it was said. */
      leads: z.partialRecord(z.literal(LABELS), name),
      /** What was seen on the ends of conductors; absent for what the place tells. */
      own: z.record(name, z.literal(OWN_ENDS)),
      proofs: z.record(name, proofSchema),
      family: z.literal(FAMILIES),
      run: z.literal(RUN_WAYS).nullable(),
      common: z.literal(COMMON_WAYS).nullable(),
      tap: z.literal(TAP_WAYS).nullable(),
      aid: z.literal(AID_WAYS).nullable(),
      joint: z.literal(JOINTS).nullable(),
      /** Whether what leads to common must be lengthened; null for as two boxes tell. */
      jumper: z.boolean().nullable(),
      lidLow: z.boolean(),
      /** What the start parts showed on the meter, ohm or farad. */
      parts: z.partialRecord(z.literal(START_PARTS), z.union([z.number().min(0).max(MOST_PART), z.literal("open")])),
      /** What is printed on each capacitor, by part and section. */
      printed: z.record(name, z.strictObject({ volts: bounded("printedVolts").nullable(), farad: bounded("runCapacitorF").nullable() })),
      /** Conductors as built where they were entered or changed; null while they are taken as planned. */
      built: netlistSchema.nullable(),
    }),
  references: ["rigId", "unitId"],
  merge: { entries: ["proofs", "parts", "printed", "leads", "own"] },
});
export type Wiring = RecordFrom<typeof wiringRecord>;

/** Temperature a winding is taken to have where nobody measured it, °C: a unit at rest on a mild day. */
const RESTED_C = 25;

/** The start aid of a circuit by what the survey says of the unit. */
const FOUND_AID: Readonly<Record<AirConditioner["startAid"], Wiring["switches"]["aid"]>> = {
  none: "none",
  unknown: "none",
  ptc: "start-capacitor-ptc",
  relay: "start-capacitor-relay",
  kit: "hard-start",
};

/** The wiring of a unit as it is kept, or as it is before anyone has looked inside. */
export const wiringOf = (wirings: readonly Wiring[], unit: AirConditioner): Wiring =>
  wirings.find((w) => w.unitId === unit.id) ?? newWiring(unit.createdAt, unit);

/** The wiring of a unit before anyone has looked inside: plain, with the start aid that the survey names. */
export function newWiring(now: string, unit: AirConditioner): Wiring {
  return {
    ...wiringRecord.born({ id: asId("wiring", unit.id), now }),
    rigId: unit.rigId,
    unitId: unit.id,
    switches: { ...(isHighVolts(unit.plateVolts.value) ? PLAIN_CONDENSER : PLAIN_ROOFTOP), aid: FOUND_AID[unit.startAid] },
    corrected: null,
    windings: { ab: null, bc: null, ca: null, probesOhm: 0, toCase: { a: false, b: false, c: false }, windingC: RESTED_C },
    leads: {},
    own: {},
    proofs: {},
    family: "F4",
    run: null,
    common: null,
    tap: null,
    aid: null,
    joint: null,
    jumper: null,
    lidLow: false,
    parts: {},
    printed: {},
    built: null,
  };
}
