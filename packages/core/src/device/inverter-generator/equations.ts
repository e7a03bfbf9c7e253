import { INVERTER_GENERATOR_PARAMS as P } from "./params.ts";

/**
 * Regulated sine behind a small resistance. Once a half cycle the voltage is scaled so that the RMS
 * current stays at the momentary limit; it recovers by at most a set share a half cycle. Held too
 * low for too long, the source lets go.
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
  private readonly limitA: number;

  constructor(volts: number, hz: number, ohm: number, henry: number, closingRad: number, backgroundA: number, limitA: number) {
    this.seriesOhm = ohm;
    this.seriesH = henry;
    this.radPerS = 2 * Math.PI * hz;
    this.closingRad = closingRad;
    this.peakV = Math.SQRT2 * volts;
    this.backgroundDropV = Math.SQRT2 * ohm * backgroundA;
    this.limitA = limitA;
  }

  /** Angle of the wave at t, radians after its rising zero. */
  phase(t: number): number {
    return this.radPerS * t + this.closingRad;
  }

  /** Volts behind the output resistance at t, less what the background current drops there. */
  emf(t: number): number {
    return (this.peakV * this.hold - this.backgroundDropV) * Math.sin(this.radPerS * t + this.closingRad);
  }

  /** Folds back or recovers, given the RMS of the whole current over the half cycle that ended at t. */
  onHalfCycle(t: number, rmsA: number, _unitV: number, _watts: number): void {
    const wanted = rmsA > 0 ? this.limitA / rmsA : Number.POSITIVE_INFINITY;
    this.hold = Math.min(1, this.hold * Math.min(1 + P.recovery.value, wanted));
    if (this.hold >= P.dropOutShare.value) this.lowSince = Number.NaN;
    else if (Number.isNaN(this.lowSince)) this.lowSince = t;
  }

  /** Whether the voltage has been too low for too long at t. */
  letsGoAt(t: number): boolean {
    return t - this.lowSince >= P.dropOutS.value;
  }
}
