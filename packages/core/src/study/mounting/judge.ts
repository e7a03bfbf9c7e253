import { MOUNTING_PARAMS } from "./params.ts";

/** What is known of the place. */
export interface MountingPlace {
  readonly orientation: "upright" | "leads-down" | "sideways" | "upside-down" | "flat";
  /** Which orientations the starter's sheet allows besides; none is taken as upright alone. */
  readonly fastening: "tape" | "screws" | "both";
  readonly surface: "clean-metal" | "painted" | "plastic" | "foam" | "dirty";
  readonly roofC: number;
  readonly secondRestraint: boolean;
  readonly screwM: number;
  /** Free space behind the sheet; null where nobody looked. */
  readonly gapM: number | null;
  readonly leadM: number;
  readonly wayM: number;
  readonly clear: Readonly<Record<MountingCheck, boolean>>;
}

/** What is looked at, each answered yes or no. */
export const MOUNTING_CHECKS = ["fan", "shaft", "air", "tubing", "lid", "edge", "water"] as const;
export type MountingCheck = (typeof MOUNTING_CHECKS)[number];

/** Why a place is no good. */
const MOUNTING_REASONS = [
  "orientation",
  "nobody-looked-behind",
  "screw-too-long",
  "surface-not-for-tape",
  "too-hot-for-tape",
  "second-restraint",
  "lead-too-short",
  "fan",
  "shaft",
  "air",
  "tubing",
  "lid",
  "edge",
  "water",
] as const;
export type MountingReason = (typeof MOUNTING_REASONS)[number];

/** Surfaces that mounting tape holds on; common practice, no source. */
const TAPE_HOLDS: ReadonlySet<MountingPlace["surface"]> = new Set(["clean-metal", "painted"]);

/** Everything that speaks against a place; empty is go. */
export function judgeMounting(place: MountingPlace): readonly MountingReason[] {
  const { orientation, fastening, surface, roofC, secondRestraint, screwM, gapM, leadM, wayM, clear } = place;
  const taped = fastening !== "screws";
  const screwed = fastening !== "tape";
  const reasons: (MountingReason | false)[] = [
    orientation !== "upright" && "orientation",
    screwed && gapM === null && "nobody-looked-behind",
    screwed && gapM !== null && screwM + MOUNTING_PARAMS.screwSpareM.value > gapM && "screw-too-long",
    taped && !TAPE_HOLDS.has(surface) && "surface-not-for-tape",
    taped && roofC > MOUNTING_PARAMS.tapeMostC.value && "too-hot-for-tape",
    fastening === "tape" && !secondRestraint && "second-restraint",
    leadM < wayM + MOUNTING_PARAMS.slackM.value && "lead-too-short",
    ...MOUNTING_CHECKS.map((check) => !clear[check] && check),
  ];
  return reasons.filter((r) => r !== false);
}
