import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import type { MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { Retry } from "./result.ts";
import { simulate } from "./simulate.ts";

/** A start with all that its starter does about it: the try that ended it, and those before. */
export interface Persisted {
  /** The start as it was made in the end, or last tried. */
  readonly input: MotorStartInput;
  readonly trace: StartTrace;
  /** Tries before that one, each ended by the starter itself. */
  readonly failed: readonly Retry[];
}

/**
 * Simulates a start. A starter that could not bring the rotor to speed waits out its delay and tries
 * again with a higher limit, as often as it does by itself; anything else tries once.
 */
export function persist(input: MotorStartInput): Persisted {
  const failed: Retry[] = [];
  let tried = input;
  let trace = simulate(tried);
  while (tried.method.kind === "soft" && trace.starterOpenedAtS !== null && failed.length < STARTER.retries.value) {
    failed.push({ limitA: tried.method.limitA });
    tried = { ...tried, method: { ...tried.method, limitA: tried.method.limitA * STARTER.raiseAfterStall.value } };
    trace = simulate(tried);
  }
  return { input: tried, trace, failed };
}
