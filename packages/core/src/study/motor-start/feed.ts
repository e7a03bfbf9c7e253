import { fail, ok, type Result } from "../../quantity/index.ts";
import { isHighVolts } from "../../reference/index.ts";

/** What a source brings to a unit: its volts, and the share of its watts that stand behind them. */
export interface FeedOf {
  /** Factor on the source's own volts. */
  readonly voltsFactor: number;
  readonly wattsShare: number;
}

/**
 * How a unit hangs on a source of one or two hot legs. On two legs a 120 V unit gets one of them with half
 * the watts, and a 230 V unit both with all; on one leg the classes must match.
 */
export function feedOf(plateVolts: number, sourceVolts: number, legs: 1 | 2): Result<FeedOf, "wrong-volts"> {
  const highUnit = isHighVolts(plateVolts);
  const highSource = isHighVolts(sourceVolts);
  if (legs === 1) return highUnit === highSource ? ok({ voltsFactor: 1, wattsShare: 1 }) : fail("wrong-volts", "source.volts");
  if (highUnit) return ok({ voltsFactor: highSource ? 1 : 2, wattsShare: 1 });
  return ok({ voltsFactor: highSource ? 0.5 : 1, wattsShare: 0.5 });
}

/** A supply of two legs of a three-phase system: 208 V between them. */
export function isTwoOfThreePhases(sourceVolts: number): boolean {
  return sourceVolts >= 196 && sourceVolts <= 216;
}
