import { BUDGET_PARAMS as P } from "./params.ts";

/** A load of a feeder as the code counts it. */
export interface FeederLoad {
  readonly runA: number;
  readonly kind: "motor" | "hermetic" | "other";
  readonly continuous: boolean;
}

/** What a feeder must carry, and by which rules. */
export interface FeederCount {
  readonly amps: number;
  readonly rules: readonly string[];
}

/**
 * Amps that a feeder's conductors must carry: others with 125 % on continuous ones (NEC 215.2 and 215.3),
 * motors with 25 % of the largest added (430.24; hermetic ones by rated load amps, 440.33). From memory.
 */
export function feederAmps(loads: readonly FeederLoad[]): FeederCount {
  const motors = loads.filter((l) => l.kind !== "other");
  const others = loads.filter((l) => l.kind === "other");
  const continuous = others.filter((l) => l.continuous);
  const sum = (list: readonly FeederLoad[]): number => list.reduce((total, l) => total + l.runA, 0);
  const largest = Math.max(0, ...motors.map((l) => l.runA));
  const amps = sum(loads) + (P.continuousFactor.value - 1) * sum(continuous) + (P.motorFactor.value - 1) * largest;
  const rules = [
    ...(others.length > 0 ? ["NEC 215.3"] : []),
    ...(motors.some((l) => l.kind === "hermetic") ? ["NEC 440.33"] : []),
    ...(motors.some((l) => l.kind === "motor") ? ["NEC 430.24"] : []),
  ];
  return { amps, rules };
}
