import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** When to look again, and what makes it sooner. */
export const FOLLOW_UP_PARAMS = {
  yearlyMonths: { label: "Look at tape, ties, terminals and putty", unit: "months", value: 12, min: 3, max: 24, source: COMMON_PRACTICE },
  hotTapeMonths: {
    label: "Look at tape and ties where the roof gets hot",
    unit: "months",
    value: 6,
    min: 1,
    max: 12,
    source: COMMON_PRACTICE,
  },
  hotRoofC: { label: "Roof from which tape and ties age sooner", unit: "°C", value: 60, min: 40, max: 90, source: COMMON_PRACTICE },
  firstHeatMonths: { label: "First look after fitting by tape alone", unit: "months", value: 1, min: 1, max: 6, source: COMMON_PRACTICE },
} as const satisfies ParamTable;

/** What was fitted, as far as it ages. */
export interface FollowUpInput {
  readonly fastening: "tape" | "screws" | "both";
  readonly roofC: number;
}

const FOLLOW_UPS = ["first-heat", "tape", "yearly"] as const;
/** One look that is due so many months after fitting, and then again after as many. */
export interface FollowUp {
  readonly what: (typeof FOLLOW_UPS)[number];
  readonly months: number;
  readonly again: boolean;
}

/** Looks that are due after fitting, soonest first. */
export function followUps({ fastening, roofC }: FollowUpInput): readonly FollowUp[] {
  const tape = fastening !== "screws";
  const hot = roofC >= FOLLOW_UP_PARAMS.hotRoofC.value;
  return [
    ...(fastening === "tape" ? [{ what: "first-heat" as const, months: FOLLOW_UP_PARAMS.firstHeatMonths.value, again: false }] : []),
    ...(tape && hot ? [{ what: "tape" as const, months: FOLLOW_UP_PARAMS.hotTapeMonths.value, again: true }] : []),
    { what: "yearly", months: FOLLOW_UP_PARAMS.yearlyMonths.value, again: true },
  ];
}
