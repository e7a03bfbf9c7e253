/** Ideal sine behind a resistance and inductance; a steady background current shares the impedance. */
export class ShoreEquations {
  readonly seriesOhm: number;
  readonly seriesH: number;
  /** Angular speed of the wave, rad/s. */
  readonly radPerS: number;
  private readonly closingRad: number;
  private readonly turned: number;
  private readonly amplitude: number;

  constructor(volts: number, hz: number, ohm: number, henry: number, closingRad: number, backgroundA: number) {
    this.seriesOhm = ohm;
    this.seriesH = henry;
    this.radPerS = 2 * Math.PI * hz;
    this.closingRad = closingRad;
    const real = Math.SQRT2 * (volts - ohm * backgroundA);
    const quadrature = -Math.SQRT2 * henry * this.radPerS * backgroundA;
    this.amplitude = Math.hypot(real, quadrature);
    this.turned = closingRad + Math.atan2(quadrature, real);
  }

  /** Angle of the wave at t, radians after its rising zero. */
  phase(t: number): number {
    return this.radPerS * t + this.closingRad;
  }

  /** Volts behind the impedance at t, less what the background current drops there. */
  emf(t: number): number {
    return this.amplitude * Math.sin(this.radPerS * t + this.turned);
  }

  /** A shore circuit regulates nothing. */
  onHalfCycle(_t: number, _rmsA: number, _unitV: number, _watts: number): void {}
}
