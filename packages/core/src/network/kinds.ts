import { keysOf } from "../quantity/index.ts";
/** Kinds of part and their terminals, as printed or as the trade calls them. */
export const PART_TERMINALS = {
  supply: ["L", "N", "L1", "L2", "G"],
  contactor: ["L1", "T1", "L2", "T2", "A1", "A2"],
  relay: ["COM", "NO"],
  /** Something the conductor passes through: a board's track, a freeze sensor, an overload, a plug. */
  through: ["A", "B"],
  compressor: ["C", "R", "S", "G"],
  "run-capacitor": ["C", "HERM", "FAN"],
  "fan-capacitor": ["C", "FAN"],
  "fan-motor": ["C", "M", "A", "G"],
  "start-capacitor": ["1", "2"],
  ptc: ["1", "2"],
  "potential-relay": ["1", "2", "5"],
  "hard-start": ["1", "2"],
  heater: ["1", "2"],
  /** The low-voltage supply of a coil. */
  control: ["1", "2"],
  splice: ["J"],
  starter: ["FEED", "RUN-OUT", "START", "REF", "COM-FEED", "COM-OUT", "RUN", "LINE", "CAP", "COM"],
} as const;
export type PartKind = keyof typeof PART_TERMINALS;
export const PART_KINDS = keysOf(PART_TERMINALS);

/** Families of starter and their leads. */
export const FAMILY_LEADS = {
  F4: ["FEED", "RUN-OUT", "START", "REF"],
  F5: ["FEED", "RUN-OUT", "START", "COM-FEED", "COM-OUT"],
  FM: ["RUN", "LINE", "CAP", "START", "COM"],
} as const;
export type Family = keyof typeof FAMILY_LEADS;
export const FAMILIES = keysOf(FAMILY_LEADS);

/** Id of the starter's part. */
export const STARTER = "starter";

/** Parts that help a start and come off before a soft starter goes in. */
const AIDS: ReadonlySet<PartKind> = new Set(["start-capacitor", "ptc", "potential-relay", "hard-start"]);

/** Whether a kind of part is a start aid. */
export function isAid(kind: PartKind): boolean {
  return AIDS.has(kind);
}
