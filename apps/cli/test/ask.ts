import { check } from "../src/check.ts";

/** A unit by its plate on a small inverter generator, a starter on it. */
export const PLATE = {
  format: "amp-saver/start-case",
  version: 1,
  unit: { volts: 115, lraA: 63, fanA: 2.5 },
  start: { method: "soft", limitA: 22 },
  source: { kind: "inverter-generator", runningW: 1600, surgeW: 2000, backgroundA: 1 },
};

/** What a case that runs prints. */
export interface Printed {
  readonly status: string;
  readonly reason: string;
  readonly startS: number | null;
  readonly runA: number | null;
  readonly minVolts: number;
  readonly peak: Record<string, number>;
  readonly issues: readonly { readonly code: string }[];
  readonly cycles: readonly Record<string, number>[];
}

/** Runs a case; throws its line where it is refused. */
export function run(given: unknown): Printed {
  const outcome = check(JSON.stringify(given));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  return JSON.parse(outcome.out) as Printed;
}

/** The line with which a case, or a text, is refused; throws where it is not. */
export function refused(given: unknown): string {
  const outcome = check(typeof given === "string" ? given : JSON.stringify(given));
  if (outcome.exit === 0) throw new Error("was not refused");
  return outcome.line;
}
