import type { Family, Netlist, Terminal } from "../../network/index.ts";
import type { UnitCase } from "../motor-start/index.ts";

/** What can be hidden in a practice unit. */
export const PRACTICE_FAULTS = [
  "inverter-feeds-again",
  "auto-start",
  "one-pole-unbroken",
  "hot-neutral-reversed",
  "stray-volts",
  "neutral-open",
  "capacitor-rebounds",
  "capacitor-weak",
  "aid-left-in",
  "run-start-swapped",
  "orphan",
  "wrong-herm",
  "bad-crimp",
  "overload-open",
  "winding-to-case",
  "low-volts",
  "thin-cord",
  "weak-source",
  "eco-mode",
  "not-rested",
  "energy-manager-waits",
  "source-overload",
  "dirty-coil",
] as const;
export type PracticeFaultCode = (typeof PRACTICE_FAULTS)[number];

/** One fault, with the part, the conductor or the figure it is at where that is given. */
export interface PracticeFault {
  readonly code: PracticeFaultCode;
  readonly part?: string;
  readonly conductor?: string;
  readonly at?: Terminal;
  /** What a weak capacitor has left, F. */
  readonly farad?: number;
}

/** What may feed the unit. */
export interface PracticeSource {
  readonly id: string;
  readonly kind: "shore" | "inverter" | "generator";
  /** Volts of the whole source: between line and neutral, or between two lines. */
  readonly volts: number;
  readonly breakerA?: number;
  readonly runningW?: number;
  readonly surgeW?: number;
  /** Feeds by itself when nothing else does. */
  readonly auto?: boolean;
  readonly eco?: boolean;
}

/** A unit as it hides, and what feeds it. */
export interface PracticeCase {
  readonly seed: number;
  readonly netlist: Netlist;
  readonly unit: UnitCase;
  readonly sources: readonly PracticeSource[];
  readonly faults: readonly PracticeFault[];
  /** A cover that one hidden screw holds. */
  readonly hiddenScrew?: Cover;
  /** Colors by the diagram in the lid, which need not be right. */
  readonly diagram?: Readonly<Record<"common" | "run" | "start", string>>;
}

export const MEASURE_RANGES = ["volts", "volts-low-z", "volts-dc", "ohms", "continuity", "capacitance"] as const;
export type MeasureRange = (typeof MEASURE_RANGES)[number];
export const CLAMP_MODES = ["live", "inrush", "max-hold"] as const;
export type ClampMode = (typeof CLAMP_MODES)[number];
/** What hides terminals until it is open: the box with everything electrical, and the cover over the compressor's terminals. */
export const COVERS = ["box", "terminals"] as const;
export type Cover = (typeof COVERS)[number];

/** What a learner can do. */
export type PracticeAct =
  | { readonly act: "switch"; readonly source: string; readonly on: boolean }
  | { readonly act: "lock" | "unlock"; readonly source: string }
  | { readonly act: "open" | "close" | "search"; readonly cover: Cover }
  | { readonly act: "measure"; readonly range: MeasureRange; readonly from: Terminal; readonly to: Terminal }
  | { readonly act: "bleed"; readonly part: string; readonly from: string; readonly to: string; readonly seconds: number }
  | { readonly act: "short"; readonly part: string; readonly from: string; readonly to: string }
  | { readonly act: "lift"; readonly conductor: string; readonly at: Terminal }
  | { readonly act: "land"; readonly conductor: string; readonly at: Terminal }
  | { readonly act: "tug"; readonly conductor: string; readonly at: Terminal }
  | { readonly act: "cut"; readonly conductor: string; readonly at: Terminal; readonly with: string }
  | { readonly act: "splice"; readonly conductor: string; readonly at: Terminal; readonly with: string }
  | { readonly act: "fit"; readonly family: Family }
  | { readonly act: "clamp"; readonly conductor?: string; readonly at?: Terminal; readonly mode: ClampMode }
  | { readonly act: "call"; readonly on: boolean }
  | { readonly act: "read" }
  | { readonly act: "wait"; readonly seconds: number }
  | { readonly act: "touch"; readonly at: Terminal }
  /** A fault named: nothing on the bench changes. */
  | { readonly act: "say"; readonly code: PracticeFaultCode }
  /** A hint asked for, which costs its time. */
  | { readonly act: "hint" };

/** Longest that one act waits, s. */
export const WAIT_MOST_S = 86_400;
/** Largest number of a unit. */
export const SEED_MOST = 1_000_000;
/** What a lesson’s unit can be fed by. */
export const FED_BY = ["shore", "generator"] as const;

/** Why an act is not possible here. */
const REFUSALS = [
  "no-such-source",
  "no-such-terminal",
  "no-such-conductor",
  "no-such-part",
  "cover-closed",
  "screw-left",
  "already",
  "locked",
  "still-on",
  "not-there",
  "not-free",
  "sealed",
  "no-clamp",
  "range-out",
  "fitted",
  "ended",
] as const;
export type Refusal = (typeof REFUSALS)[number];

/** What ends the practice because it would hurt or destroy. */
const DANGERS = [
  "live-touched",
  "charged-touched",
  "capacitor-shorted",
  "bleeder-on-live",
  "ohms-on-live",
  "powered-terminals-open",
  "learned-on-weak",
  "starter-destroyed",
  "compressor-destroyed",
  "coil-destroyed",
  "short-circuit",
] as const;
export type Danger = (typeof DANGERS)[number];

/** What an act showed: a reading, null for OL; that it is done; that a wire came off, or a screw was found; or why not. */
export type PracticeStep =
  | { readonly shown: number | null; readonly unit: "V" | "ohm" | "F" | "A"; readonly beeps?: boolean }
  | { readonly did: true; readonly cameOff?: true; readonly screw?: true }
  | { readonly refused: Refusal };

/** A source of known volts beside the unit, to prove the meter on. */
export const PROVING = { part: "proving", from: "proving.L", to: "proving.N", volts: 120 } as const;
