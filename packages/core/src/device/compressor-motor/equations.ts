// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { invert } from "../../numeric/index.ts";
import type { Motor, ShaftLoad } from "./motor.ts";
import { type Coefficients, stepClosed, stepOpen } from "./step.ts";

/** Places in the state: main, auxiliary (× turns ratio), rotor q, rotor d amps; capacitor volts; rad/s; revolutions. */
export const STATE = { iq: 0, id: 1, iqr: 2, idr: 3, capacitorV: 4, radS: 5, revolutions: 6 } as const;
export const STATE_SIZE = 7;

/**
 * Unsymmetrical two-phase machine in the stator frame, main winding on q, auxiliary on d and
 * referred to main (P. C. Krause, Analysis of Electric Machinery). Source resistance and inductance
 * are part of the winding loop, so that no algebraic loop remains. `rate` allocates nothing.
 *
 * Coefficients lie in one array, read by place, because named fields cost the inner loop a third of
 * its speed: 0–15 inverse inductance with the main winding on line; 16–19 with it off; 20 r1; 21
 * ra/a²; 22 r2; 23 1/a; 24 series ohm; 25 Lm; 26 rotor L; 27 pole pairs; 28 pairs × Lm; 29 1/J;
 * 30 breakaway N·m; 31 N·m per revolution; 32 full N·m; 33 1/C.
 */
export class MotorEquations {
  /** Whether the main winding is on line; with it off, its current is zero. */
  mainClosed = true;
  readonly c: Coefficients;
  private readonly auxiliaryOhm: number;

  constructor(motor: Motor, load: ShaftLoad, seriesOhm: number, seriesH: number) {
    this.auxiliaryOhm = motor.ra;
    const w = 2 * Math.PI * motor.hz;
    const a = motor.turnsRatio;
    const lm = motor.xm / w;
    const mainH = motor.x1 / w + lm;
    const auxH = motor.xa / w / (a * a) + lm;
    const rotorH = motor.x2 / w + lm;
    const k = seriesH / a;
    const auxLoopH = auxH + k / a;
    const closed = invert([mainH + seriesH, k, lm, 0, k, auxLoopH, 0, lm, lm, 0, rotorH, 0, 0, lm, 0, rotorH], 4);
    const det = auxLoopH * rotorH - lm * lm;
    const open = [rotorH / det, -lm / det, auxLoopH / det, 1 / rotorH];
    const pairs = motor.poles / 2;
    const { ratedNm, breakaway, build, buildRevs } = load;
    this.c = Float64Array.from([
      ...closed,
      ...open,
      motor.r1,
      motor.ra / (a * a),
      motor.r2,
      1 / a,
      seriesOhm,
      lm,
      rotorH,
      pairs,
      pairs * lm,
      1 / motor.inertiaKgM2,
      ratedNm * breakaway,
      (ratedNm * build) / buildRevs,
      ratedNm * (breakaway + build),
      0,
    ]);
  }

  /** Sets the capacitance in series with the auxiliary winding, farads, and the resistance beside the winding's own. */
  setCapacitance(farad: number, ohm = 0): void {
    this.c[33] = 1 / farad;
    this.c[21] = (this.auxiliaryOhm + ohm) * this.c[23]! * this.c[23]!;
  }

  /** Current in the auxiliary winding, amps, in state `y`. */
  auxiliaryA(y: Float64Array): number {
    return y[1]! * this.c[23]!;
  }

  /** Writes the rate of change of the state `y` at source volts `emf` into `rate`. */
  rate(emf: number, y: Float64Array, rate: Float64Array): void {
    const c = this.c;
    const iq = y[0]!;
    const id = y[1]!;
    const iqr = y[2]!;
    const idr = y[3]!;
    const overA = c[23]!;
    const rotorSpeed = c[27]! * y[5]!;
    const v = emf - c[24]! * (iq + id * overA);
    const ud = (v - y[4]!) * overA - c[21]! * id;
    const uqr = rotorSpeed * (c[25]! * id + c[26]! * idr) - c[22]! * iqr;
    const udr = -rotorSpeed * (c[25]! * iq + c[26]! * iqr) - c[22]! * idr;
    if (this.mainClosed) {
      const uq = v - c[20]! * iq;
      rate[0] = c[0]! * uq + c[1]! * ud + c[2]! * uqr + c[3]! * udr;
      rate[1] = c[4]! * uq + c[5]! * ud + c[6]! * uqr + c[7]! * udr;
      rate[2] = c[8]! * uq + c[9]! * ud + c[10]! * uqr + c[11]! * udr;
      rate[3] = c[12]! * uq + c[13]! * ud + c[14]! * uqr + c[15]! * udr;
    } else {
      rate[0] = 0;
      rate[1] = c[16]! * ud + c[17]! * udr;
      rate[2] = c[19]! * uqr;
      rate[3] = c[17]! * ud + c[18]! * udr;
    }
    rate[4] = id * overA * c[33]!;
    const radS = y[5]!;
    const wanted = c[30]! + c[31]! * y[6]!;
    const torque = c[28]! * (iq * idr - id * iqr) - Math.min(wanted, c[32]!);
    rate[5] = radS <= 0 && torque < 0 ? 0 : torque * c[29]!;
    rate[6] = radS * (0.5 / Math.PI);
  }

  /**
   * One step of h seconds from `y` into `out`, source volts at its start, middle and end given; the rate of
   * the line current at its start, A/s.
   */
  step(y: Float64Array, emf0: number, emfHalf: number, emfEnd: number, h: number, out: Float64Array): number {
    return this.mainClosed ? stepClosed(this.c, y, emf0, emfHalf, emfEnd, h, out) : stepOpen(this.c, y, emf0, emfHalf, emfEnd, h, out);
  }

  /** Current the compressor draws from the line, amps, in state `y`. */
  lineA(y: Float64Array): number {
    return y[0]! + y[1]! * this.c[23]!;
  }

  /** Slows the rotor under its load alone for h seconds, no winding on line. */
  coast(y: Float64Array, h: number): void {
    const c = this.c;
    const torque = Math.min(c[32]!, c[30]! + c[31]! * y[6]!);
    y[5] = Math.max(0, y[5]! - torque * c[29]! * h);
    y[6] = y[6]! + y[5]! * h * (0.5 / Math.PI);
  }
}
