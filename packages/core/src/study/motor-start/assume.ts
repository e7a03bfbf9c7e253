import type { Origin, Quantity } from "../../quantity/index.ts";

/** Codes of the figures a study takes for granted; worded in the interface. */
export const ASSUMED = [
  "running-amps",
  "locked-amps",
  "run-capacitor",
  "fan-amps",
  "motor-make-up",
  "rested",
  "source-ohm",
  "cord-ohm",
  "breaker",
  "running-watts",
  "surge-watts",
  "surge-seconds",
  "momentary-limit",
  "set-make-up",
  "altitude-loss",
  "heat-loss",
  "fuel-loss",
  "shore-limit",
  "battery-volts",
  "battery-ohm",
  "efficiency",
  "cut-off",
  "starter-limit",
  "start-capacitor",
] as const;
export type AssumedCode = (typeof ASSUMED)[number];

/** A figure used in an answer, with its origin, so that it can be shown and replaced. */
export interface Assumption {
  readonly code: AssumedCode;
  readonly value: number;
  readonly origin: Origin;
  readonly tolerance: number;
  readonly source: string;
}

/** Collects assumptions while a case is put together. */
export class Assumptions {
  readonly list: Assumption[] = [];

  /** Notes a figure and hands its value back. */
  take(code: AssumedCode, quantity: Quantity, source: string): number {
    this.list.push({ code, value: quantity.value, origin: quantity.origin, tolerance: quantity.tolerance, source });
    return quantity.value;
  }

  /** A figure that every case takes. Throws on one that was not taken. */
  figure(code: AssumedCode): Assumption {
    const found = this.list.find((a) => a.code === code);
    if (found === undefined) throw new Error(`not taken: ${code}`);
    return found;
  }

  /** Relative tolerance noted for a code, 0 where it was not taken. */
  tolerance(code: AssumedCode): number {
    return this.list.find((a) => a.code === code)?.tolerance ?? 0;
  }
}
