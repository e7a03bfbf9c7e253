import { SOFT_STARTER_PARAMS as P } from "./params.ts";

/** What a learning starter remembers between starts, amps. */
export interface Memory {
  readonly limitA: number;
  /** Largest limit at which a start stalled; 0 for none. */
  readonly stalledA: number;
}

/** Memory of a starter fresh from its box, or told to forget. */
export function freshMemory(lockedRotorA: number): Memory {
  return { limitA: P.firstLimitShare.value * lockedRotorA, stalledA: 0 };
}

/**
 * Memory after a start that took `startS`, or stalled (null): lower after a fast one, higher after a
 * slow one or a stall, and never again near a limit that stalled. Our model of a learning starter.
 */
export function afterStart({ limitA, stalledA }: Memory, startS: number | null): Memory {
  if (startS === null) return { limitA: limitA * P.raiseAfterStall.value, stalledA: Math.max(stalledA, limitA) };
  const factor = startS < P.fastS.value ? P.lowerFactor.value : startS > P.slowS.value ? P.raiseFactor.value : 1;
  return { limitA: Math.max(limitA * factor, P.overStalled.value * stalledA), stalledA };
}
