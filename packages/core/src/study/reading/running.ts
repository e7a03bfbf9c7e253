import { READING_PARAMS as P } from "./params.ts";

/** Running amps of a compressor, with what plate and weather give; null where unknown. */
export interface RunningInput {
  readonly amps: number;
  readonly ratedLoadA: number | null;
  /** What the unit is expected to draw in this air. */
  readonly expectedA: number | null;
}

const RUNNING_VERDICTS = ["as-expected", "above-rated", "high", "low", "not-known"] as const;
export type RunningVerdict = (typeof RUNNING_VERDICTS)[number];

/** Whether running amps are right for plate and weather. High: dirty coil, charge, low volts. Low: the clamp on another wire, a mild day. */
export function judgeRunning({ amps, ratedLoadA, expectedA }: RunningInput): RunningVerdict {
  if (ratedLoadA !== null && amps > ratedLoadA * (1 + P.runningBand.value / 2)) return "above-rated";
  if (expectedA === null) return "not-known";
  if (amps > expectedA * (1 + P.runningBand.value)) return "high";
  return amps < expectedA * (1 - P.runningBand.value) ? "low" : "as-expected";
}
