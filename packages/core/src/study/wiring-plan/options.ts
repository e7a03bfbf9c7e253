import type { Family } from "../../network/index.ts";

/** How common is opened for a starter that opens it. */
export const COMMON_WAYS = ["unplug", "cut", "pin"] as const;
/** How the run conductor is interrupted. */
export const RUN_WAYS = ["unplug", "cut"] as const;
/** How a starter that only reads common reaches it. */
export const TAP_WAYS = ["terminal", "splice"] as const;

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
  /** Insulation and gauge of the leads by their neutral names. */
  readonly leads?: Readonly<Record<string, LeadLook>>;
}

/** What a lead is taken for where its sheet was not copied; common practice, no source. */
export const USUAL_LEAD: LeadLook = { color: "as marked", awg: 16 };
