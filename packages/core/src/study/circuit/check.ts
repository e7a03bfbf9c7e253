import { AMPACITY_SOURCE, conductorOf, type Gauge } from "../../reference/index.ts";

/** A unit's own branch circuit beside what its plate says, amps. */
export interface CircuitCheckInput {
  readonly ratedLoadA: number | null;
  readonly fanA: number | null;
  /** Plate: maximum overcurrent device and minimum circuit ampacity. */
  readonly plateBreakerA: number | null;
  readonly plateAmpacityA: number | null;
  /** As found. */
  readonly breakerA: number | null;
  readonly awg: Gauge | null;
}

export const CIRCUIT_ISSUES = ["breaker-over-plate", "breaker-over-motor-share", "breaker-under-ampacity", "wire-under-ampacity"] as const;
type CircuitIssueCode = (typeof CIRCUIT_ISSUES)[number];

/** A finding about breaker or wire; never a reason to raise either to make a unit start. */
export interface CircuitIssue {
  readonly code: CircuitIssueCode;
  readonly severity: "warn" | "note";
  readonly figures: Readonly<Record<string, number>>;
  readonly source: string;
}

/** Share of the compressor's amps that its breaker may have where the plate is silent, and the fan's on top. */
const MOST_MOTOR_SHARE = 2.25;
/** However small a unit is, its breaker need not be smaller (NEC 440.22(A), exception, from memory). */
const LEAST_BREAKER_A = 15;
/** Share of the largest motor's amps that a conductor must carry. */
const CONDUCTOR_SHARE = 1.25;

/**
 * Compares breaker and wire of a unit's own circuit with its plate. A breaker larger than the wire's
 * amps is no finding by itself: motor circuits are exempt from the small-conductor rule (NEC
 * 240.4(G), from memory).
 */
export function checkCircuit(input: CircuitCheckInput): readonly CircuitIssue[] {
  const { breakerA, awg, plateBreakerA, plateAmpacityA, ratedLoadA } = input;
  const fanA = input.fanA ?? 0;
  const found: CircuitIssue[] = [];
  const neededA = plateAmpacityA ?? (ratedLoadA === null ? null : CONDUCTOR_SHARE * ratedLoadA + fanA);
  const needSource = plateAmpacityA === null ? "NEC 440.33: 1.25 × compressor + fan, from memory" : "the unit's plate";
  if (breakerA !== null && plateBreakerA !== null && breakerA > plateBreakerA)
    found.push({
      code: "breaker-over-plate",
      severity: "warn",
      figures: { breakerA, plateA: plateBreakerA },
      source: "NEC 110.3(B) and 440.4(B), from memory",
    });
  if (breakerA !== null && plateBreakerA === null && ratedLoadA !== null) {
    const mostA = Math.max(LEAST_BREAKER_A, MOST_MOTOR_SHARE * ratedLoadA + fanA);
    if (breakerA > mostA)
      found.push({
        code: "breaker-over-motor-share",
        severity: "warn",
        figures: { breakerA, mostA },
        source: "NEC 440.22(A), from memory",
      });
  }
  if (breakerA !== null && neededA !== null && breakerA < neededA)
    found.push({ code: "breaker-under-ampacity", severity: "note", figures: { breakerA, neededA }, source: needSource });
  if (awg !== null && neededA !== null) {
    const wireA = conductorOf(awg).ampacity60A;
    if (wireA === null || wireA < neededA)
      found.push({ code: "wire-under-ampacity", severity: "warn", figures: { awg, wireA: wireA ?? 0, neededA }, source: AMPACITY_SOURCE });
  }
  return found;
}
