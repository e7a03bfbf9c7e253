import { MOUNTING_PARAMS as P } from "./params.ts";

/** What is known of the place. */
export interface MountingPlace {
  /** Null while nobody said. Only upside down is wrong: the rest is as the starter's own sheet allows. */
  readonly orientation: "upright" | "leads-down" | "sideways" | "upside-down" | "flat" | null;
  readonly fastening: "tape" | "screws" | "both";
  readonly surface: "clean-metal" | "painted" | "plastic" | "foam" | "dirty";
  readonly roofC: number;
  readonly secondRestraint: boolean;
  readonly screwM: number;
  /** Free space behind the sheet; null where nobody looked. */
  readonly gapM: number | null;
  readonly leadM: number;
  readonly wayM: number;
  /** Whether it sits outside the cabinet, in the rain. */
  readonly outside?: boolean | undefined;
  /** What was looked at and is well. */
  readonly clear: Readonly<Partial<Record<MountingCheck, boolean>>>;
}

/** What is looked at, each ticked once it is well. */
export const MOUNTING_CHECKS = ["fan", "shaft", "air", "tubing", "lid", "edge", "water"] as const;
/** What is looked at besides where the starter sits outside the unit's cabinet. */
export const OUTSIDE_CHECKS = ["weather-box", "hole", "drip-loop"] as const;
export type MountingCheck = (typeof MOUNTING_CHECKS)[number] | (typeof OUTSIDE_CHECKS)[number];

/** Why a place is no good. */
const MOUNTING_REASONS = ["upside-down", "screw-too-long", "surface-not-for-tape", "too-hot-for-tape", "lead-too-short"] as const;
export type MountingReason = (typeof MOUNTING_REASONS)[number];

/** What nobody has answered or looked at yet. */
export type MountingOpen = MountingCheck | "orientation" | "behind" | "second-restraint";

/** What speaks against a place, and what is still open; go is neither. */
export interface MountingVerdict {
  readonly against: readonly MountingReason[];
  readonly open: readonly MountingOpen[];
}

/** Surfaces that mounting tape holds on; common practice, no source. */
const TAPE_HOLDS: ReadonlySet<MountingPlace["surface"]> = new Set(["clean-metal", "painted"]);

const listed = <T>(all: readonly (T | false)[]): readonly T[] => all.filter((one): one is T => one !== false);

/** What is looked at, by where the starter sits. */
export function mountingChecks(outside: boolean): readonly MountingCheck[] {
  return outside ? [...MOUNTING_CHECKS, ...OUTSIDE_CHECKS] : MOUNTING_CHECKS;
}

/** Judges a place: what nobody looked at is open, and wrong only what was answered so. */
export function judgeMounting(place: MountingPlace): MountingVerdict {
  const { orientation, fastening, surface, roofC, secondRestraint, screwM, gapM, leadM, wayM, outside, clear } = place;
  const taped = fastening !== "screws";
  const screwed = fastening !== "tape";
  return {
    against: listed<MountingReason>([
      orientation === "upside-down" && "upside-down",
      screwed && gapM !== null && screwM + P.screwSpareM.value > gapM && "screw-too-long",
      taped && !TAPE_HOLDS.has(surface) && "surface-not-for-tape",
      taped && roofC > P.tapeMostC.value && "too-hot-for-tape",
      leadM < wayM + P.slackM.value && "lead-too-short",
    ]),
    open: listed<MountingOpen>([
      orientation === null && "orientation",
      screwed && gapM === null && "behind",
      fastening === "tape" && !secondRestraint && "second-restraint",
      ...mountingChecks(outside === true).map((check) => clear[check] !== true && check),
    ]),
  };
}
