/**
 * Electrical and mechanical make-up of the motor. Reactances in ohm at `hz`; r2 and x2 referred to
 * the main winding; ra and xa on the auxiliary's own side; turnsRatio = auxiliary ÷ main turns.
 */
export interface Motor {
  readonly r1: number;
  readonly x1: number;
  readonly r2: number;
  readonly x2: number;
  readonly xm: number;
  readonly turnsRatio: number;
  readonly ra: number;
  readonly xa: number;
  readonly poles: number;
  readonly inertiaKgM2: number;
  readonly hz: number;
}

/** What the compressor asks of the shaft: Trated × (breakaway + build × min(1, revolutions ÷ buildRevs)). */
export interface ShaftLoad {
  readonly ratedNm: number;
  readonly breakaway: number;
  readonly build: number;
  readonly buildRevs: number;
}

/** Synchronous mechanical speed, rad/s. */
export function synchronousRadS(motor: Motor): number {
  return (4 * Math.PI * motor.hz) / motor.poles;
}

/** Load torque in N·m after the given revolutions from standstill. */
export function loadTorqueNm(load: ShaftLoad, revolutions: number): number {
  return load.ratedNm * (load.breakaway + load.build * Math.min(1, revolutions / load.buildRevs));
}

/**
 * Load torque at standstill over rated after `restS` seconds of rest: it decays as the pressures equal
 * out, down to what a rested compressor asks (exponential, typical, from memory).
 */
export function restedBreakaway(rested: number, notRested: number, bleedS: number, restS: number): number {
  return Math.max(rested, notRested * Math.exp(-restS / bleedS));
}
