import { COMMON_PRACTICE, itemAt, type ParamTable } from "../../quantity/index.ts";

/** How one's own times are read from the hours at which steps were ticked. */
const OWN_LOG_PARAMS = {
  pauseMin: {
    label: "Longest time between two ticks that still counts as work on the step",
    unit: "min",
    value: 20,
    min: 5,
    max: 60,
    source: COMMON_PRACTICE,
  },
  fewest: { label: "Fewest steps timed before one’s own times are used", unit: "1", value: 8, min: 3, max: 50, source: COMMON_PRACTICE },
} as const satisfies ParamTable;

/** Minutes for a number of steps by one's own log: the middle, the quick and the slow quarter. */
export interface OwnMinutes {
  readonly minutes: number;
  readonly quickMin: number;
  readonly slowMin: number;
  /** How many steps were timed, and in how many visits. */
  readonly timed: number;
  readonly visits: number;
}

/**
 * Minutes that `steps` steps take the person whose visits these are; one row of tick times in
 * milliseconds for each visit. Longer pauses than the table's are no work. Null where too little was timed.
 */
export function ownMinutes(visits: readonly (readonly number[])[], steps: number): OwnMinutes | null {
  const most = OWN_LOG_PARAMS.pauseMin.value;
  const perVisit = visits.map((ticks) => {
    const sorted = ticks.toSorted((a, b) => a - b);
    return sorted.slice(1).flatMap((at, k) => {
      const minutes = (at - itemAt(sorted, k)) / 60_000;
      return minutes > 0 && minutes <= most ? [minutes] : [];
    });
  });
  const gaps = perVisit.flat().toSorted((a, b) => a - b);
  if (gaps.length < OWN_LOG_PARAMS.fewest.value) return null;
  const at = (share: number): number => {
    const place = share * (gaps.length - 1);
    const low = Math.floor(place);
    return itemAt(gaps, low) + (place - low) * (itemAt(gaps, Math.ceil(place)) - itemAt(gaps, low));
  };
  return {
    minutes: at(0.5) * steps,
    quickMin: at(0.25) * steps,
    slowMin: at(0.75) * steps,
    timed: gaps.length,
    visits: perVisit.filter((g) => g.length > 0).length,
  };
}
