import { type Complex, complex } from "../../numeric/index.ts";
import type { Motor } from "./motor.ts";

/** Steady state of the motor at one speed: RMS phasors against the source, N·m, W. */
export interface SteadyState {
  readonly lineA: Complex;
  readonly mainA: Complex;
  readonly auxiliaryA: Complex;
  readonly torqueNm: number;
  readonly shaftW: number;
  readonly inputW: number;
  readonly unitV: Complex;
}

/** What stands between the source and the windings. `capacitanceF` of Infinity shorts the capacitor. */
export interface Feed {
  readonly capacitanceF: number;
  /** Resistance in series with the capacitor, ohm: what a start aid's PTC adds. */
  readonly auxiliaryOhm?: number;
  /** False leaves the machine on its main winding alone. */
  readonly auxiliaryOn?: boolean;
  readonly series?: Complex;
}

/**
 * Steady state at `radS` on `volts` RMS behind a series impedance: the time-domain equations with d/dt
 * replaced by jω, the rotor taken out by its forward and backward fields (two-phase symmetrical
 * components; Krause). Written out in real numbers, because maps and fits ask it thousands of times.
 */
export function steadyState(motor: Motor, volts: number, radS: number, feed: Feed): SteadyState {
  const { turnsRatio: a, r2, x2, xm, poles, hz } = motor;
  const w = 2 * Math.PI * hz;
  const k = (radS * poles) / 2 / w;
  const forward = fieldOhm(1 - k, r2, x2, xm);
  const backward = fieldOhm(1 + k, r2, x2, xm);
  const zsRe = feed.series?.re ?? 0;
  const zsIm = feed.series?.im ?? 0;
  const halfRe = (forward.re + backward.re) / 2;
  const halfIm = (forward.im + backward.im) / 2;
  const skewRe = (forward.re - backward.re) / 2;
  const skewIm = (forward.im - backward.im) / 2;
  const a11Re = motor.r1 + zsRe + halfRe;
  const a11Im = motor.x1 + zsIm + halfIm;
  const xc = 1 / (w * feed.capacitanceF);
  const perSquare = 1 / (a * a);
  const a22Re = (motor.ra + (feed.auxiliaryOhm ?? 0) + zsRe) * perSquare + halfRe;
  const a22Im = (motor.xa - xc + zsIm) * perSquare + halfIm;
  const a12Re = zsRe / a + skewIm;
  const a12Im = zsIm / a - skewRe;
  const a21Re = zsRe / a - skewIm;
  const a21Im = zsIm / a + skewRe;
  let qRe: number;
  let qIm: number;
  let dRe = 0;
  let dIm = 0;
  if (feed.auxiliaryOn ?? true) {
    const detRe = a11Re * a22Re - a11Im * a22Im - (a12Re * a21Re - a12Im * a21Im);
    const detIm = a11Re * a22Im + a11Im * a22Re - (a12Re * a21Im + a12Im * a21Re);
    const size = detRe * detRe + detIm * detIm;
    const nqRe = volts * (a22Re - a12Re / a);
    const nqIm = volts * (a22Im - a12Im / a);
    const ndRe = volts * (a11Re / a - a21Re);
    const ndIm = volts * (a11Im / a - a21Im);
    qRe = (nqRe * detRe + nqIm * detIm) / size;
    qIm = (nqIm * detRe - nqRe * detIm) / size;
    dRe = (ndRe * detRe + ndIm * detIm) / size;
    dIm = (ndIm * detRe - ndRe * detIm) / size;
  } else {
    const size = a11Re * a11Re + a11Im * a11Im;
    qRe = (volts * a11Re) / size;
    qIm = (-volts * a11Im) / size;
  }
  const lineRe = qRe + dRe / a;
  const lineIm = qIm + dIm / a;
  const forwardA2 = (qRe + dIm) ** 2 + (qIm - dRe) ** 2;
  const backwardA2 = (qRe - dIm) ** 2 + (qIm + dRe) ** 2;
  const torqueNm = ((poles / 2) * (forward.re * forwardA2 - backward.re * backwardA2)) / (2 * w);
  const unitRe = volts - (zsRe * lineRe - zsIm * lineIm);
  const unitIm = -(zsRe * lineIm + zsIm * lineRe);
  return {
    lineA: complex(lineRe, lineIm),
    mainA: complex(qRe, qIm),
    auxiliaryA: complex(dRe / a, dIm / a),
    torqueNm,
    shaftW: torqueNm * radS,
    inputW: unitRe * lineRe + unitIm * lineIm,
    unitV: complex(unitRe, unitIm),
  };
}

/** Impedance of one rotating field seen from the stator at a slip, ohm. */
export function fieldOhm(slip: number, r2: number, x2: number, xm: number): Complex {
  const rotorIm = slip * (x2 + xm);
  const size = r2 * r2 + rotorIm * rotorIm;
  const shareRe = (slip * xm * rotorIm) / size;
  const shareIm = (slip * xm * r2) / size;
  return complex(xm * shareIm, xm * (1 - shareRe));
}

/** Backward over forward current of a steady state: 0 where the two windings are balanced. */
export function backwardShare({ mainA, auxiliaryA }: SteadyState, turnsRatio: number): number {
  const dRe = auxiliaryA.re * turnsRatio;
  const dIm = auxiliaryA.im * turnsRatio;
  return Math.hypot(mainA.re - dIm, mainA.im + dRe) / Math.hypot(mainA.re + dIm, mainA.im - dRe);
}
