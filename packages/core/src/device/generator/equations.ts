import { GENERATOR_PARAMS as P } from "./params.ts";

/** Ratings and constants of one set; watts as derated, the rest per unit on running watts or seconds. */
export interface GeneratorConstants {
  readonly volts: number;
  readonly hz: number;
  readonly runningW: number;
  readonly engineW: number;
  readonly avrTimeConstantS: number;
  readonly fieldCeilingPu: number;
  readonly inertiaConstantS: number;
  readonly governorTimeConstantS: number;
}

/**
 * Voltage behind a transient reactance, proportional to field and speed. The field follows the
 * regulator with one lag up to its ceiling; the engine follows the governor with one lag up to its
 * limit; what is missing comes out of the rotating mass. Moved once a half cycle; the wave's phase is
 * carried on without a step.
 */
export class GeneratorEquations {
  readonly seriesOhm: number;
  readonly seriesH: number;
  /** Speed over rated. */
  speed = 1;
  private field: number;
  private enginePu: number;
  private w: number;
  private readonly ratedW: number;
  private phaseAtMove: number;
  private movedAt = 0;
  private readonly c: GeneratorConstants;
  private readonly backgroundA: number;
  private readonly cordOhm: number;
  private readonly restingPu: number;

  /** Series values include the set's own; `cordOhm` is the part of them behind its terminals. */
  constructor(constants: GeneratorConstants, seriesOhm: number, seriesH: number, cordOhm: number, closingRad: number, backgroundA: number) {
    this.c = constants;
    this.seriesOhm = seriesOhm;
    this.seriesH = seriesH;
    this.backgroundA = backgroundA;
    this.ratedW = 2 * Math.PI * constants.hz;
    this.w = this.ratedW;
    this.phaseAtMove = closingRad;
    const drop = 1 + (seriesOhm * backgroundA) / constants.volts;
    const turn = (seriesH * this.ratedW * backgroundA) / constants.volts;
    this.field = Math.hypot(drop, turn);
    this.cordOhm = cordOhm;
    this.restingPu = (backgroundA * constants.volts) / constants.runningW;
    this.enginePu = this.restingPu;
  }

  /** Angle of the wave at t, radians after its rising zero. */
  phase(t: number): number {
    return this.phaseAtMove + this.w * (t - this.movedAt);
  }

  /** Angular speed of the wave, rad/s. */
  get radPerS(): number {
    return this.w;
  }

  /** Volts behind the reactance at t, less what the background current drops there. */
  emf(t: number): number {
    const angle = this.phase(t);
    const real = this.c.volts * this.field * this.speed - this.seriesOhm * this.backgroundA;
    return Math.SQRT2 * (real * Math.sin(angle) - this.seriesH * this.w * this.backgroundA * Math.cos(angle));
  }

  /** Moves field, engine and speed over the half cycle that ended at t, given its RMS current, volts at the unit and watts. */
  onHalfCycle(t: number, rmsA: number, unitV: number, watts: number): void {
    const { c } = this;
    const dt = t - this.movedAt;
    this.phaseAtMove = this.phase(t) % (2 * Math.PI);
    this.movedAt = t;
    const terminalV = unitV + (this.cordOhm * watts) / Math.max(1, unitV);
    const missing = 1 - terminalV / c.volts;
    const wanted = Math.max(0, Math.min(c.fieldCeilingPu, this.field + P.regulatorGain.value * missing));
    this.field += ((wanted - this.field) * dt) / c.avrTimeConstantS;
    const asked = Math.max(0, Math.min(c.engineW / c.runningW, this.restingPu + (1 - this.speed) / P.droop.value));
    this.enginePu += ((asked - this.enginePu) * dt) / c.governorTimeConstantS;
    const takenPu = (watts + this.seriesOhm * rmsA * rmsA) / c.runningW;
    this.speed = Math.max(0.05, this.speed + ((this.enginePu * this.speed - takenPu) * dt) / (2 * c.inertiaConstantS * this.speed));
    this.w = this.ratedW * this.speed;
  }
}
