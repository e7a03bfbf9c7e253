import { keysOf } from "../../quantity/index.ts";
/** How often a starter is to start while it learns, how long each run lasts and how long it rests. */
export interface LearningRule {
  /** Fewest runs, and the most until which it goes on where it has not settled. */
  readonly runs: number;
  readonly mostRuns: number;
  readonly runS: number;
  readonly restS: number;
}

/** Bounds of a rule, for what is entered from a sheet. */
export const RULE_BOUNDS = {
  runs: { min: 1, max: 20 },
  runS: { min: 10, max: 3600 },
  restS: { min: 180, max: 3600 },
} as const;

/** Schools of practice as ready rules (common practice, no source); they contradict each other, so the starter's own sheet decides. */
export const LEARNING_RULES = {
  short: { runs: 5, mostRuns: 5, runS: 30, restS: 300 },
  long: { runs: 5, mostRuns: 5, runS: 480, restS: 300 },
  "five-five": { runs: 5, mostRuns: 8, runS: 300, restS: 300 },
  "long-rest": { runs: 5, mostRuns: 8, runS: 300, restS: 480 },
  "until-settled": { runs: 3, mostRuns: 8, runS: 60, restS: 300 },
  /** Half an hour that the thermostat cycles near the air's own temperature, taken as three cycles of ten minutes. */
  thermostat: { runs: 3, mostRuns: 5, runS: 300, restS: 300 },
} as const satisfies Readonly<Record<string, LearningRule>>;
export const LEARNING_RULE_NAMES = keysOf(LEARNING_RULES);
