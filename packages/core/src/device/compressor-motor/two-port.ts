import { add, type Complex, complex, modulus, multiply, scale, subtract } from "../../numeric/index.ts";
import type { Motor } from "./motor.ts";
import { fieldOhm } from "./phasor.ts";

/** The two windings at one speed as seen from outside: volts on each from the amps in both, ohm; no capacitor, no source. */
interface WindingOhms {
  readonly main: Complex;
  /** Volts on the main winding from amps in the auxiliary, and the other way about. */
  readonly mainByAuxiliary: Complex;
  readonly auxiliaryByMain: Complex;
  readonly auxiliary: Complex;
}

const turned = (z: Complex): Complex => complex(-z.im, z.re);

/** Impedances of both windings at `radS`: the equations of the steady state before anything is connected (Krause). */
export function windingOhms(motor: Motor, radS: number): WindingOhms {
  const { turnsRatio: a, r1, x1, ra, xa, r2, x2, xm, poles, hz } = motor;
  const share = (radS * poles) / 2 / (2 * Math.PI * hz);
  const forward = fieldOhm(1 - share, r2, x2, xm);
  const backward = fieldOhm(1 + share, r2, x2, xm);
  const half = scale(add(forward, backward), 0.5);
  const skew = scale(subtract(forward, backward), 0.5);
  return {
    main: add(complex(r1, x1), half),
    mainByAuxiliary: scale(turned(skew), -a),
    auxiliaryByMain: scale(turned(skew), a),
    auxiliary: add(complex(ra, xa), scale(half, a * a)),
  };
}

/** Torque of the motor from the RMS amps in its windings, N·m. */
export function torqueOfAmps(motor: Motor, radS: number, mainA: Complex, auxiliaryA: Complex): number {
  const { turnsRatio: a, r2, x2, xm, poles, hz } = motor;
  const w = 2 * Math.PI * hz;
  const share = (radS * poles) / 2 / w;
  const across = turned(scale(auxiliaryA, a));
  const forwardA2 = modulus(subtract(mainA, across)) ** 2;
  const backwardA2 = modulus(add(mainA, across)) ** 2;
  const field = (slip: number): number => fieldOhm(slip, r2, x2, xm).re;
  return ((poles / 2) * (field(1 - share) * forwardA2 - field(1 + share) * backwardA2)) / (2 * w);
}

/** Volts on both windings from their amps. */
export function windingVolts(ohms: WindingOhms, mainA: Complex, auxiliaryA: Complex): readonly [main: Complex, auxiliary: Complex] {
  return [
    add(multiply(ohms.main, mainA), multiply(ohms.mainByAuxiliary, auxiliaryA)),
    add(multiply(ohms.auxiliaryByMain, mainA), multiply(ohms.auxiliary, auxiliaryA)),
  ];
}
