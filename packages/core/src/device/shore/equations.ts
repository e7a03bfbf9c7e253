/** Ideal sine behind a resistance and inductance; a steady background current shares the impedance. */
export class ShoreEquations {
  readonly seriesOhm: number;
  readonly seriesH: number;
  private readonly w: number;
  private readonly phase: number;
  private readonly amplitude: number;

  constructor(volts: number, hz: number, ohm: number, henry: number, closingRad: number, backgroundA: number) {
    this.seriesOhm = ohm;
    this.seriesH = henry;
    this.w = 2 * Math.PI * hz;
    const real = Math.SQRT2 * (volts - ohm * backgroundA);
    const quadrature = -Math.SQRT2 * henry * this.w * backgroundA;
    this.amplitude = Math.hypot(real, quadrature);
    this.phase = closingRad + Math.atan2(quadrature, real);
  }

  /** Volts behind the impedance at t, less what the background current drops there. */
  emf(t: number): number {
    return this.amplitude * Math.sin(this.w * t + this.phase);
  }

  /** A shore circuit regulates nothing. */
  onHalfCycle(_t: number, _rmsA: number): void {}
}
