import { COMMON_PRACTICE, celsiusFromF, FROM_MEMORY, metresFromFt, type ParamTable } from "../../quantity/index.ts";

/** Ranges over which it is asked where an answer turns, and the generator that stands in where a case has none. */
export const BOUNDARY_PARAMS = {
  coolestC: { label: "Coolest outdoor air looked at", unit: "°C", value: celsiusFromF(50), min: -40, max: 40, source: COMMON_PRACTICE },
  hottestC: { label: "Hottest outdoor air looked at", unit: "°C", value: celsiusFromF(125), min: 30, max: 65, source: COMMON_PRACTICE },
  highestM: { label: "Highest road looked at", unit: "m", value: metresFromFt(12_000), min: 1000, max: 6000, source: COMMON_PRACTICE },
  members: {
    label: "Members of the posterior by which it is told where an answer turns",
    unit: "1",
    value: 100,
    min: 20,
    max: 1000,
    source: "a decision of this product",
  },
  mostCordOhm: { label: "Most resistance of cords looked at", unit: "ohm", value: 2, min: 0.2, max: 5, source: FROM_MEMORY },
  standInW: { label: "Running watts of a generator to start from", unit: "W", value: 2000, min: 500, max: 20_000, source: FROM_MEMORY },
  standInRatio: { label: "Its surge watts over them", unit: "1", value: 1.25, min: 1, max: 2, source: FROM_MEMORY },
} as const satisfies ParamTable;

/** Standard ratings of breakers that feed a unit, A (NEC 240.6, from memory). */
export const BREAKER_SIZES = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100] as const;
