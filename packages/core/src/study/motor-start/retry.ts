import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import type { MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { Retry } from "./result.ts";
import { simulate } from "./simulate.ts";
import { startedAtS } from "./summarise.ts";

/** What a starter that let go does next: waits out its delay, then tries again with a higher limit, until it starts, is tripped or gives up for good. */
export function retriesOf(input: MotorStartInput, trace: StartTrace): readonly Retry[] {
  const { method } = input;
  if (method.kind !== "soft" || trace.starterOpenedAtS === null) return [];
  const tries: Retry[] = [];
  let { limitA } = method;
  for (let k = 0; k < STARTER.retries.value; k++) {
    limitA *= STARTER.raiseAfterStall.value;
    const tried: MotorStartInput = { ...input, method: { ...method, limitA }, untilDecided: true };
    const next = simulate(tried);
    const startS = next.tripped === null ? startedAtS(next, tried) : null;
    tries.push({ limitA, startS, tripped: next.tripped !== null });
    if (startS !== null || next.tripped !== null) break;
  }
  return tries;
}
