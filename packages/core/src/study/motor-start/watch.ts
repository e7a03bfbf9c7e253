// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import type { BreakerEquations } from "../../device/breaker/index.ts";
import { STARTED_SHARE, synchronousRadS } from "../../device/compressor-motor/index.ts";
import type { MotorStartInput } from "./input.ts";
import type { Meter } from "./meter.ts";
import type { StartTrace } from "./record.ts";

/** Time at nine tenths of synchronous speed after which a start is made. */
const HELD_S = 0.2;
/** How often a run looks whether the rotor still gains, and the least gain that counts, over the speed of a start. */
const LOOK_EVERY_S = 0.5;
const LOOK_LIMITED_S = 1.2;
const STUCK_SHARE = 0.01;
/** Longest time for which it may stay open how a start ends, s; what is not at speed by then has stalled. */
const HORIZON_S = 8;
/** Time over which the last ripple of speed is taken, s. */
const RIPPLE_S = 0.15;
/** Ripple below which the speed has settled, relative, and the longest time it is given after a start, s. */
export const SETTLED_RIPPLE = 0.03;
const SETTLES_S = 1;

/** Watches a start half cycle by half cycle: when it is at speed, what else may cut it out, and when it is known how it ends. */
export class StartWatch {
  /** Time until it was known how it ends, s; null while it is open. */
  decidedAtS: number | null = null;
  private readonly input: MotorStartInput;
  private readonly meter: Meter;
  private readonly halfCycleS: number;
  private readonly lookEveryS: number;
  private readonly top: number;
  private reachedAtS: number | null = null;
  private startedAtS: number | null = null;
  private breakerDose: StartTrace["breakerDose"] = null;
  private overloadDose = 0;
  private decidedOverloadDose = 0;
  private managerLowS = 0;
  private lookedAtS = 0;
  private lookedRadS = 0;

  constructor(input: MotorStartInput, meter: Meter, halfCycleS: number, limited: boolean) {
    this.input = input;
    this.meter = meter;
    this.halfCycleS = halfCycleS;
    this.lookEveryS = limited ? LOOK_LIMITED_S : LOOK_EVERY_S;
    this.top = STARTED_SHARE * synchronousRadS(input.motor);
  }

  /** Notes when nine tenths of speed were reached, and that they were held. */
  followSpeed(j: number, t: number, radS: number): void {
    if (this.startedAtS !== null) return;
    if (radS < this.top) {
      this.reachedAtS = null;
      return;
    }
    if (this.reachedAtS === null) {
      const before = j === 0 ? 0 : this.meter.radS[j - 1]!;
      this.reachedAtS = t - this.halfCycleS * (1 - (this.top - before) / (radS - before));
    }
    if (t - this.reachedAtS >= HELD_S) this.startedAtS = this.reachedAtS;
  }

  /** Whether an energy manager has had enough of these volts. */
  managerCutsOut(volts: number): boolean {
    const { manager } = this.input.source;
    if (manager === null) return false;
    this.managerLowS = volts < manager.lowV ? this.managerLowS + this.halfCycleS : 0;
    return this.managerLowS >= manager.lowS;
  }

  /** Whether the compressor's own overload has warmed up enough to open. */
  overloadOpens(compressorA: number): boolean {
    const { overloadS, lockedRotorA } = this.input;
    if (overloadS === null) return false;
    this.overloadDose += ((compressorA / lockedRotorA) ** 2 * this.halfCycleS) / overloadS;
    return this.overloadDose >= 1;
  }

  /** Looks at the end of a half cycle. From the moment it is decided it is only shown: what is judged lies before. */
  look(t: number, halfCycles: number, radS: number, state: "over" | "ramps" | "runs", breaker: BreakerEquations | null): void {
    if (this.decidedAtS !== null || !this.decided(t, halfCycles, radS, state)) return;
    this.decidedAtS = t;
    this.decidedOverloadDose = this.overloadDose;
    if (breaker !== null) this.breakerDose = { earliest: breaker.earliestDose, latest: breaker.latestDose, own: breaker.ownDose };
  }

  /** What a trace keeps of this. */
  verdict(halfCycles: number): Pick<StartTrace, "startedAtS" | "decidedAtS" | "ripple" | "overloadDose" | "breakerDose"> {
    return {
      startedAtS: this.startedAtS,
      decidedAtS: this.decidedAtS ?? halfCycles * this.halfCycleS,
      ripple: this.ripple(halfCycles),
      overloadDose: this.decidedOverloadDose,
      breakerDose: this.breakerDose,
    };
  }

  /** Whether nothing can change any more: held at speed, shut off, tripped, no faster than a while ago, or out of time. */
  private decided(t: number, halfCycles: number, radS: number, state: "over" | "ramps" | "runs"): boolean {
    if (state === "over" || t >= HORIZON_S) return true;
    if (this.startedAtS !== null) {
      if (state === "ramps" || t < this.startedAtS + HELD_S) return false;
      return this.input.untilSettled !== true || this.ripple(halfCycles) < SETTLED_RIPPLE || t >= this.startedAtS + SETTLES_S;
    }
    if (state === "ramps" || radS >= this.top || t < this.lookedAtS + this.lookEveryS) return false;
    const stuck = radS < this.lookedRadS + STUCK_SHARE * this.top;
    this.lookedAtS = t;
    this.lookedRadS = radS;
    return stuck;
  }

  /** How far the speed moved about its mean over the last moments, relative. */
  private ripple(halfCycles: number): number {
    const { radS } = this.meter;
    let low = Number.POSITIVE_INFINITY;
    let high = 0;
    for (let j = Math.max(0, halfCycles - Math.round(RIPPLE_S / this.halfCycleS)); j < halfCycles; j++) {
      if (radS[j]! < low) low = radS[j]!;
      if (radS[j]! > high) high = radS[j]!;
    }
    return high === 0 ? 0 : (high - low) / ((high + low) / 2);
  }
}
