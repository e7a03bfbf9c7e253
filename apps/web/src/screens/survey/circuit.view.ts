import { type CircuitIssue, checkCircuit } from "@amp-saver/core/study/circuit";
import type { AirConditioner } from "@amp-saver/records";

/** Breaker and wire of a unit's own circuit against its plate. */
export function circuitIssues(unit: AirConditioner): readonly CircuitIssue[] {
  return checkCircuit({
    ratedLoadA: unit.ratedLoadA?.value ?? null,
    fanA: unit.fanA?.value ?? null,
    plateBreakerA: unit.maxBreakerA?.value ?? null,
    plateAmpacityA: unit.circuitA?.value ?? null,
    breakerA: unit.branchBreakerA?.value ?? null,
    awg: unit.branchAwg ?? null,
  });
}
