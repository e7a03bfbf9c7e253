import { keysOf } from "../../quantity/index.ts";

/** What a line of a maker's sheet asks for. Those after `cap` change no connection. */
export const SHEET_ACTS = ["lift", "land", "move", "join", "cut", "remove", "cap", "mount", "isolate", "learn", "look", "other"] as const;
export type SheetAct = (typeof SHEET_ACTS)[number];

/** Places a sheet names, by what they are: a terminal, a part, or whatever of one kind the unit has. */
export const SHEET_PLACES = [
  "cap-c",
  "cap-herm",
  "cap-fan",
  "compressor-c",
  "compressor-r",
  "compressor-s",
  "contactor-l1",
  "contactor-t1",
  "contactor-l2",
  "contactor-t2",
  "contactor-coil",
  "board",
  "overload",
  "plug",
  "fan",
  "start-capacitor",
  "ptc",
  "start-relay",
  "hard-start",
] as const;
export type SheetPlace = (typeof SHEET_PLACES)[number];

/** Start aids among the places. */
export const AID_PLACES = {
  "start-capacitor": "start-capacitor",
  ptc: "ptc",
  "start-relay": "potential-relay",
  "hard-start": "hard-start",
} as const;

/** Whether a place is a start aid. */
export function isAidPlace(place: SheetPlace): place is keyof typeof AID_PLACES {
  return keysOf(AID_PLACES).some((aid) => aid === place);
}

/** A wire as a sheet speaks of it. */
export interface SheetWire {
  /** As printed, in small letters. */
  readonly color: string | null;
  /** Name of a starter's lead, where it is called by its name. */
  readonly lead: string | null;
  /** Where it leads, where the sheet says so. */
  readonly toward: SheetPlace | null;
  /** Whether it is the starter's own; null where the sheet does not say. */
  readonly starters: boolean | null;
}

/** One thing that a sheet asks for, as it was understood. */
export interface SheetStep {
  readonly act: SheetAct;
  readonly wire: SheetWire | null;
  readonly from: SheetPlace | null;
  readonly to: SheetPlace | null;
  /** The other wire of a joint. */
  readonly with: SheetWire | null;
}

/** Why a sentence of a sheet is left open. */
export type SheetDoubt = "no-act" | "forbids" | "which-c" | "no-wire" | "no-place";

/** A sentence of a sheet, and what it was understood as. */
export interface SheetSentence {
  /** Which line of the sheet, from 0. */
  readonly line: number;
  readonly text: string;
  readonly step: SheetStep | null;
  /** What keeps it from being laid beside the plan. */
  readonly doubt: SheetDoubt | null;
}
