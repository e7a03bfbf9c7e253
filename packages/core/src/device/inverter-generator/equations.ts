import { INVERTER_GENERATOR_PARAMS as P } from "./params.ts";

/** What a source's electronics keep to: amps, watts (a bank's most behind an inverter), and the volts it shuts off below. */
export interface ElectronicLimits {
  readonly limitA: number;
  readonly mostW: number;
  readonly dropOutShare: number;
  readonly dropOutS: number;
}

/**
 * Regulated sine behind a small resistance. Once a half cycle the voltage is scaled so that the RMS
 * current stays at the momentary limit and the watts at what its bank can give; it recovers by at most
 * a set share a half cycle. Held too low for too long, the source shuts off.
 */
export class InverterGeneratorEquations {
  readonly seriesOhm: number;
  readonly seriesH: number;
  /** Voltage over rated voltage, 0 to 1. */
  hold = 1;
  /** When the voltage first fell below the drop-out share in the spell that is still on, s; NaN otherwise. */
  lowSince = Number.NaN;
  /** Angular speed of the wave, rad/s. */
  readonly radPerS: number;
  private readonly closingRad: number;
  private readonly peakV: number;
  private readonly backgroundDropV: number;
  private readonly limits: ElectronicLimits;

  constructor(volts: number, hz: number, ohm: number, henry: number, closingRad: number, backgroundA: number, limits: ElectronicLimits) {
    this.seriesOhm = ohm;
    this.seriesH = henry;
    this.radPerS = 2 * Math.PI * hz;
    this.closingRad = closingRad;
    this.peakV = Math.SQRT2 * volts;
    this.backgroundDropV = Math.SQRT2 * ohm * backgroundA;
    this.limits = limits;
  }

  /** Angle of the wave at t, radians after its rising zero. */
  phase(t: number): number {
    return this.radPerS * t + this.closingRad;
  }

  /** Volts behind the output resistance at t, less what the background current drops there. */
  emf(t: number): number {
    return (this.peakV * this.hold - this.backgroundDropV) * Math.sin(this.radPerS * t + this.closingRad);
  }

  /** Folds back or recovers, given the RMS of the whole current and the watts over the half cycle that ended at t. */
  onHalfCycle(t: number, rmsA: number, _unitV: number, watts: number): void {
    const { limitA, mostW, dropOutShare } = this.limits;
    const byAmps = rmsA > 0 ? limitA / rmsA : Number.POSITIVE_INFINITY;
    const given = watts + this.seriesOhm * rmsA * rmsA;
    const byWatts = given > 0 ? Math.sqrt(mostW / given) : Number.POSITIVE_INFINITY;
    this.hold = Math.min(1, this.hold * Math.min(1 + P.recovery.value, byAmps, byWatts));
    if (this.hold >= dropOutShare) this.lowSince = Number.NaN;
    else if (Number.isNaN(this.lowSince)) this.lowSince = t;
  }

  /** Whether the voltage has been too low for too long at t. */
  shutsOffAt(t: number): boolean {
    return t - this.lowSince >= this.limits.dropOutS;
  }
}
