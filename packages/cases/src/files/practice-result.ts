import { type Practice, type PracticeStep, standing } from "@amp-saver/core/study/practice";

const UNITS = {
  V: { unit: "V", times: 1, decimals: 1 },
  ohm: { unit: "ohm", times: 1, decimals: 2 },
  F: { unit: "uF", times: 1e6, decimals: 2 },
  A: { unit: "A", times: 1, decimals: 1 },
} as const;

const rounded = (value: number, decimals: number): number => Number(value.toFixed(decimals)) + 0;

/** One step as a meter has it: its last digit and no more. */
function stepToFile(step: PracticeStep): object {
  if (!("shown" in step)) return step;
  const { unit, times, decimals } = UNITS[step.unit];
  return {
    shown: step.shown === null ? null : rounded(times * step.shown, decimals),
    unit,
    ...(step.beeps !== undefined && { beeps: step.beeps }),
  };
}

/** The result object of `amp-saver/practice-case`, version 1. */
export function practiceToFile({ steps, stopped, found, missed, end }: Practice): object {
  const { live, charged, running } = standing(end);
  return {
    format: "amp-saver/practice-result",
    version: 1,
    steps: steps.map(stepToFile),
    stopped,
    found,
    missed,
    state: { live, charged: charged.map(({ part, volts }) => ({ part, volts: rounded(volts, 1) })), running },
  };
}
