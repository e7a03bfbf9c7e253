import type { Terminal } from "../../network/index.ts";

/** What can be wrong with the wiring as built. */
export const FAULT_CODES = [
  "run-not-isolated",
  "feed-run-crossed",
  "start-not-on-herm",
  "start-run-swapped",
  "ref-wrong-side",
  "ref-on-coil",
  "common-not-opened",
  "common-crossed",
  "aid-left-in",
  "orphan",
  "second-herm-wire",
  "lead-unconnected",
  "lead-misplaced",
  "winding-swapped",
  "contactor-link-left",
  "contact-bypassed",
  "mains-on-coil",
  "fan-unfed",
  "ground-open",
  "supply-shorted",
] as const;
export type FaultCode = (typeof FAULT_CODES)[number];

/** What a fault would do once power is on; common practice, no source. */
export const SYMPTOMS = [
  "hums-and-trips",
  "no-start",
  "starts-at-full-current",
  "starter-destroyed",
  "compressor-destroyed",
  "coil-live",
  "fan-dead",
  "live-end",
  "runs-without-call",
  "case-can-be-live",
  "short-circuit",
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** One fault, the terminals it shows at, and what it would do. */
export interface WiringFault {
  readonly code: FaultCode;
  readonly at: readonly Terminal[];
  readonly symptom: Symptom;
}
