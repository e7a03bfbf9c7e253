import type { Family } from "../../network/index.ts";
import type { PinName } from "../windings/index.ts";

/** How common is opened for a starter that opens it. */
export const COMMON_WAYS = ["unplug", "cut", "pin"] as const;
/** How the run conductor is interrupted. */
export const RUN_WAYS = ["unplug", "cut"] as const;
/** How a starter that only reads common reaches it. */
export const TAP_WAYS = ["terminal", "splice"] as const;

/** What becomes of a start aid: it stays bolted in with its ends capped, or it comes out. */
export const AID_WAYS = ["cap", "remove"] as const;

/** A starter's lead as its own sheet has it. */
export interface LeadLook {
  readonly color: string;
  readonly awg: number;
}

/** What a plan is asked for. What is left out is chosen: unplugging before cutting. */
export interface PlanOptions {
  readonly family: Family;
  readonly run?: (typeof RUN_WAYS)[number];
  readonly common?: (typeof COMMON_WAYS)[number];
  readonly tap?: (typeof TAP_WAYS)[number];
  readonly aid?: (typeof AID_WAYS)[number];
  /** What leads to common is longer than the starter's leads: in a second box, or beyond their reach. */
  readonly jumper?: boolean;
  /** Gauge of what lengthens a lead, where the starter's sheet asks for a thicker one than usual. */
  readonly jumperAwg?: number;
  /** Compressor pins of conductors by their ohms; a circuit as found that says otherwise is refused. */
  readonly measured?: Readonly<Record<string, PinName>>;
  /** Insulation and gauge of the leads by their neutral names. */
  readonly leads?: Readonly<Record<string, LeadLook>>;
}

/** What a lead is taken for where its sheet was not copied; common practice, no source. */
export const USUAL_LEAD: LeadLook = { color: "as marked", awg: 16 };

/** The wire that lengthens a lead, along the factory loom; common practice, no source. */
export const JUMPER: LeadLook = { color: "as marked", awg: 14 };

/** Leads of every family that reach common, and so may be too short. */
export const COMMON_LEADS: Readonly<Record<Family, readonly string[]>> = { F4: ["REF"], F5: ["COM-FEED", "COM-OUT"], FM: ["COM"] };

/** Id of the jumper that lengthens a lead. */
export function jumperOf(lead: string): string {
  return `jumper.${lead}`;
}
