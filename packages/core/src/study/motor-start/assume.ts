import { keysOf, type Origin, type Param, type Quantity } from "../../quantity/index.ts";
import { CENTRAL, type Pick, streamOf } from "./pick.ts";

/** Codes of the figures a study takes for granted; worded in the interface. */
export const ASSUMED = [
  "running-amps",
  "locked-amps",
  "run-capacitor",
  "fan-amps",
  "start-aid",
  "motor-make-up",
  "rested",
  "rest",
  "other-loads",
  "shore-volts",
  "source-ohm",
  "cord-ohm",
  "breaker",
  "running-watts",
  "surge-watts",
  "surge-seconds",
  "momentary-limit",
  "drop-out-share",
  "drop-out-seconds",
  "set-make-up",
  "altitude",
  "altitude-loss",
  "heat-loss",
  "fuel-loss",
  "shore-limit",
  "battery-volts",
  "battery-hours",
  "battery-ohm",
  "bms-amps",
  "efficiency",
  "cut-off",
  "starter-limit",
  "start-capacitor",
  "overload-seconds",
  "manager-seconds",
] as const;
export type AssumedCode = (typeof ASSUMED)[number];

/** A figure used in an answer, SI, with its origin and the range it may lie in, so that it can be shown and replaced. */
export interface Assumption {
  readonly code: AssumedCode;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly unit: string;
  readonly origin: Origin;
  readonly tolerance: number;
  readonly source: string;
}

/** What was listed, and how far it was moved when drawn. */
export interface Picked {
  readonly list: readonly Assumption[];
  readonly moved: Readonly<Partial<Record<AssumedCode, number>>>;
}

/** Least share of its value that a drawn figure keeps. */
const LEAST_SHARE = 0.2;

/** Picks uncertain figures while a case is put together, and lists those that are worth showing. */
export class Assumptions {
  readonly list: Assumption[] = [];
  /** How far each figure was moved when it was drawn, about −1 to 1. */
  readonly moved: Partial<Record<AssumedCode, number>> = {};
  readonly pick: Pick;

  constructor(pick: Pick = CENTRAL) {
    this.pick = pick;
  }

  /** A figure with its tolerance, listed; drawn from a bell about its value. */
  take(code: AssumedCode, figure: Quantity, unit: string, source: string): number {
    const { value, origin, tolerance } = figure;
    const spread = Math.abs(value) * tolerance;
    this.list.push({ code, value, low: value - spread, high: value + spread, unit, origin, tolerance, source });
    if (this.pick.kind === "central" || tolerance === 0) return value;
    const step = streamOf(this.pick, code).bell();
    this.note(code, step);
    return value * Math.max(LEAST_SHARE, 1 + tolerance * step);
  }

  /** A typical figure of a params table, listed; drawn evenly over its spread. `times` scales it. */
  typical(code: AssumedCode, param: Param, unit = param.unit, times = 1): number {
    const [low, high] = param.spread ?? [param.value, param.value];
    const tolerance = param.value === 0 ? 0 : (high - low) / 2 / Math.abs(param.value);
    this.list.push({
      code,
      value: param.value * times,
      low: low * times,
      high: high * times,
      unit,
      origin: "typical",
      tolerance,
      source: param.source,
    });
    return this.hidden(code, param, code) * times;
  }

  /** The given figure, or the typical one of a params table where nobody gave it. */
  given(code: AssumedCode, figure: Quantity | undefined, param: Param, source: string): number {
    return figure === undefined ? this.typical(code, param) : this.take(code, figure, param.unit, source);
  }

  /**
   * A figure of a params table that is picked but not listed by itself; noted under `code`. `lean` says
   * which end makes a motor stronger, for a central pick that has to lean.
   */
  hidden(name: string, param: Param, code: AssumedCode, lean?: "low" | "high"): number {
    const [low, high] = param.spread ?? [param.value, param.value];
    if (this.pick.kind === "central") {
      const end = lean === undefined ? param.value : lean === "low" ? low : high;
      return param.value + this.pick.lean * (end - param.value);
    }
    if (low === high) return param.value;
    const u = streamOf(this.pick, name).next();
    this.note(code, lean === "low" ? 1 - 2 * u : 2 * u - 1);
    return low + (high - low) * u;
  }

  /** Whether something of this probability is so, listed by its code: at its centre where it is more likely than not. */
  chance(code: AssumedCode, param: Param): boolean {
    const { value, source } = param;
    this.list.push({ code, value, low: 0, high: 1, unit: "1", origin: "typical", tolerance: 0, source });
    if (this.pick.kind === "central") return value > 0.5;
    const so = streamOf(this.pick, code).next() < value;
    this.note(code, so ? 1 : -1);
    return so;
  }

  /** A share between 0 and 1 that no table lists, even when drawn: its middle at the centre. */
  share(name: string): number {
    return this.pick.kind === "central" ? 0.5 : streamOf(this.pick, name).next();
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

  /** Takes over what was listed and moved elsewhere. */
  include(other: Picked): void {
    this.list.push(...other.list);
    for (const code of keysOf(other.moved)) this.note(code, other.moved[code] ?? 0);
  }

  private note(code: AssumedCode, step: number): void {
    this.moved[code] = (this.moved[code] ?? 0) + step;
  }
}
