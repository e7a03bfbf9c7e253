// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** Coefficients of the equations by place; see `MotorEquations`. */
export type Coefficients = Float64Array;

/** Turns for each radian. */
const TURN = 0.5 / Math.PI;

/**
 * One step of the classic fourth-order Runge–Kutta method over the machine with its main winding on line,
 * written out over local variables: this is the inner loop of everything, and arrays and calls cost it
 * four fifths of its speed. The same equations as `MotorEquations.rate`, which a test holds it to.
 *
 * @param emf0 source volts at the step's start, `emfHalf` and `emfEnd` at its middle and end
 * @returns rate of the line current at the step's start, A/s
 */
export function stepClosed(
  c: Coefficients,
  y: Float64Array,
  emf0: number,
  emfHalf: number,
  emfEnd: number,
  h: number,
  out: Float64Array,
): number {
  const overA = c[23]!;
  const pairs = c[27]!;
  const torque = c[28]!;
  const perInertia = c[29]!;
  const foot = c[30]!;
  const slope = c[31]!;
  const full = c[32]!;
  const seriesOhm = c[24]!;
  const ra = c[21]!;
  const r2 = c[22]!;
  const lm = c[25]!;
  const lr = c[26]!;
  const perFarad = c[33]!;
  const half = h / 2;
  const sixth = h / 6;
  const r1 = c[20]!;
  const m0 = c[0]!;
  const m1 = c[1]!;
  const m2 = c[2]!;
  const m3 = c[3]!;
  const m4 = c[4]!;
  const m5 = c[5]!;
  const m6 = c[6]!;
  const m7 = c[7]!;
  const m8 = c[8]!;
  const m9 = c[9]!;
  const m10 = c[10]!;
  const m11 = c[11]!;
  const m12 = c[12]!;
  const m13 = c[13]!;
  const m14 = c[14]!;
  const m15 = c[15]!;
  const y1Iq = y[0]!;
  const y1Id = y[1]!;
  const y1Iqr = y[2]!;
  const y1Idr = y[3]!;
  const y1V = y[4]!;
  const y1W = y[5]!;
  const y1Rev = y[6]!;
  const turn1 = pairs * y1W;
  const u1 = emf0 - seriesOhm * (y1Iq + y1Id * overA);
  const q1 = u1 - r1 * y1Iq;
  const d1 = (u1 - y1V) * overA - ra * y1Id;
  const qr1 = turn1 * (lm * y1Id + lr * y1Idr) - r2 * y1Iqr;
  const dr1 = -turn1 * (lm * y1Iq + lr * y1Iqr) - r2 * y1Idr;
  const k1Iq = m0 * q1 + m1 * d1 + m2 * qr1 + m3 * dr1;
  const k1Id = m4 * q1 + m5 * d1 + m6 * qr1 + m7 * dr1;
  const k1Iqr = m8 * q1 + m9 * d1 + m10 * qr1 + m11 * dr1;
  const k1Idr = m12 * q1 + m13 * d1 + m14 * qr1 + m15 * dr1;
  const k1V = y1Id * overA * perFarad;
  const load1 = foot + slope * y1Rev;
  const nm1 = torque * (y1Iq * y1Idr - y1Id * y1Iqr) - Math.min(load1, full);
  const k1W = y1W <= 0 && nm1 < 0 ? 0 : nm1 * perInertia;
  const k1Rev = y1W * TURN;
  const y2Iq = y1Iq + half * k1Iq;
  const y2Id = y1Id + half * k1Id;
  const y2Iqr = y1Iqr + half * k1Iqr;
  const y2Idr = y1Idr + half * k1Idr;
  const y2V = y1V + half * k1V;
  const y2W = y1W + half * k1W;
  const y2Rev = y1Rev + half * k1Rev;
  const turn2 = pairs * y2W;
  const u2 = emfHalf - seriesOhm * (y2Iq + y2Id * overA);
  const q2 = u2 - r1 * y2Iq;
  const d2 = (u2 - y2V) * overA - ra * y2Id;
  const qr2 = turn2 * (lm * y2Id + lr * y2Idr) - r2 * y2Iqr;
  const dr2 = -turn2 * (lm * y2Iq + lr * y2Iqr) - r2 * y2Idr;
  const k2Iq = m0 * q2 + m1 * d2 + m2 * qr2 + m3 * dr2;
  const k2Id = m4 * q2 + m5 * d2 + m6 * qr2 + m7 * dr2;
  const k2Iqr = m8 * q2 + m9 * d2 + m10 * qr2 + m11 * dr2;
  const k2Idr = m12 * q2 + m13 * d2 + m14 * qr2 + m15 * dr2;
  const k2V = y2Id * overA * perFarad;
  const load2 = foot + slope * y2Rev;
  const nm2 = torque * (y2Iq * y2Idr - y2Id * y2Iqr) - Math.min(load2, full);
  const k2W = y2W <= 0 && nm2 < 0 ? 0 : nm2 * perInertia;
  const k2Rev = y2W * TURN;
  const y3Iq = y1Iq + half * k2Iq;
  const y3Id = y1Id + half * k2Id;
  const y3Iqr = y1Iqr + half * k2Iqr;
  const y3Idr = y1Idr + half * k2Idr;
  const y3V = y1V + half * k2V;
  const y3W = y1W + half * k2W;
  const y3Rev = y1Rev + half * k2Rev;
  const turn3 = pairs * y3W;
  const u3 = emfHalf - seriesOhm * (y3Iq + y3Id * overA);
  const q3 = u3 - r1 * y3Iq;
  const d3 = (u3 - y3V) * overA - ra * y3Id;
  const qr3 = turn3 * (lm * y3Id + lr * y3Idr) - r2 * y3Iqr;
  const dr3 = -turn3 * (lm * y3Iq + lr * y3Iqr) - r2 * y3Idr;
  const k3Iq = m0 * q3 + m1 * d3 + m2 * qr3 + m3 * dr3;
  const k3Id = m4 * q3 + m5 * d3 + m6 * qr3 + m7 * dr3;
  const k3Iqr = m8 * q3 + m9 * d3 + m10 * qr3 + m11 * dr3;
  const k3Idr = m12 * q3 + m13 * d3 + m14 * qr3 + m15 * dr3;
  const k3V = y3Id * overA * perFarad;
  const load3 = foot + slope * y3Rev;
  const nm3 = torque * (y3Iq * y3Idr - y3Id * y3Iqr) - Math.min(load3, full);
  const k3W = y3W <= 0 && nm3 < 0 ? 0 : nm3 * perInertia;
  const k3Rev = y3W * TURN;
  const y4Iq = y1Iq + h * k3Iq;
  const y4Id = y1Id + h * k3Id;
  const y4Iqr = y1Iqr + h * k3Iqr;
  const y4Idr = y1Idr + h * k3Idr;
  const y4V = y1V + h * k3V;
  const y4W = y1W + h * k3W;
  const y4Rev = y1Rev + h * k3Rev;
  const turn4 = pairs * y4W;
  const u4 = emfEnd - seriesOhm * (y4Iq + y4Id * overA);
  const q4 = u4 - r1 * y4Iq;
  const d4 = (u4 - y4V) * overA - ra * y4Id;
  const qr4 = turn4 * (lm * y4Id + lr * y4Idr) - r2 * y4Iqr;
  const dr4 = -turn4 * (lm * y4Iq + lr * y4Iqr) - r2 * y4Idr;
  const k4Iq = m0 * q4 + m1 * d4 + m2 * qr4 + m3 * dr4;
  const k4Id = m4 * q4 + m5 * d4 + m6 * qr4 + m7 * dr4;
  const k4Iqr = m8 * q4 + m9 * d4 + m10 * qr4 + m11 * dr4;
  const k4Idr = m12 * q4 + m13 * d4 + m14 * qr4 + m15 * dr4;
  const k4V = y4Id * overA * perFarad;
  const load4 = foot + slope * y4Rev;
  const nm4 = torque * (y4Iq * y4Idr - y4Id * y4Iqr) - Math.min(load4, full);
  const k4W = y4W <= 0 && nm4 < 0 ? 0 : nm4 * perInertia;
  const k4Rev = y4W * TURN;
  out[0] = y1Iq + sixth * (k1Iq + 2 * (k2Iq + k3Iq) + k4Iq);
  out[1] = y1Id + sixth * (k1Id + 2 * (k2Id + k3Id) + k4Id);
  out[2] = y1Iqr + sixth * (k1Iqr + 2 * (k2Iqr + k3Iqr) + k4Iqr);
  out[3] = y1Idr + sixth * (k1Idr + 2 * (k2Idr + k3Idr) + k4Idr);
  out[4] = y1V + sixth * (k1V + 2 * (k2V + k3V) + k4V);
  out[5] = y1W + sixth * (k1W + 2 * (k2W + k3W) + k4W);
  out[6] = y1Rev + sixth * (k1Rev + 2 * (k2Rev + k3Rev) + k4Rev);
  return k1Iq + k1Id * overA;
}

/** The same with the main winding off line: its current is nothing. */
export function stepOpen(
  c: Coefficients,
  y: Float64Array,
  emf0: number,
  emfHalf: number,
  emfEnd: number,
  h: number,
  out: Float64Array,
): number {
  const overA = c[23]!;
  const pairs = c[27]!;
  const torque = c[28]!;
  const perInertia = c[29]!;
  const foot = c[30]!;
  const slope = c[31]!;
  const full = c[32]!;
  const seriesOhm = c[24]!;
  const ra = c[21]!;
  const r2 = c[22]!;
  const lm = c[25]!;
  const lr = c[26]!;
  const perFarad = c[33]!;
  const half = h / 2;
  const sixth = h / 6;
  const o0 = c[16]!;
  const o1 = c[17]!;
  const o2 = c[18]!;
  const o3 = c[19]!;
  const y1Id = y[1]!;
  const y1Iqr = y[2]!;
  const y1Idr = y[3]!;
  const y1V = y[4]!;
  const y1W = y[5]!;
  const y1Rev = y[6]!;
  const turn1 = pairs * y1W;
  const u1 = emf0 - seriesOhm * y1Id * overA;
  const d1 = (u1 - y1V) * overA - ra * y1Id;
  const qr1 = turn1 * (lm * y1Id + lr * y1Idr) - r2 * y1Iqr;
  const dr1 = -turn1 * (lr * y1Iqr) - r2 * y1Idr;
  const k1Id = o0 * d1 + o1 * dr1;
  const k1Iqr = o3 * qr1;
  const k1Idr = o1 * d1 + o2 * dr1;
  const k1V = y1Id * overA * perFarad;
  const load1 = foot + slope * y1Rev;
  const nm1 = torque * (-y1Id * y1Iqr) - Math.min(load1, full);
  const k1W = y1W <= 0 && nm1 < 0 ? 0 : nm1 * perInertia;
  const k1Rev = y1W * TURN;
  const y2Id = y1Id + half * k1Id;
  const y2Iqr = y1Iqr + half * k1Iqr;
  const y2Idr = y1Idr + half * k1Idr;
  const y2V = y1V + half * k1V;
  const y2W = y1W + half * k1W;
  const y2Rev = y1Rev + half * k1Rev;
  const turn2 = pairs * y2W;
  const u2 = emfHalf - seriesOhm * y2Id * overA;
  const d2 = (u2 - y2V) * overA - ra * y2Id;
  const qr2 = turn2 * (lm * y2Id + lr * y2Idr) - r2 * y2Iqr;
  const dr2 = -turn2 * (lr * y2Iqr) - r2 * y2Idr;
  const k2Id = o0 * d2 + o1 * dr2;
  const k2Iqr = o3 * qr2;
  const k2Idr = o1 * d2 + o2 * dr2;
  const k2V = y2Id * overA * perFarad;
  const load2 = foot + slope * y2Rev;
  const nm2 = torque * (-y2Id * y2Iqr) - Math.min(load2, full);
  const k2W = y2W <= 0 && nm2 < 0 ? 0 : nm2 * perInertia;
  const k2Rev = y2W * TURN;
  const y3Id = y1Id + half * k2Id;
  const y3Iqr = y1Iqr + half * k2Iqr;
  const y3Idr = y1Idr + half * k2Idr;
  const y3V = y1V + half * k2V;
  const y3W = y1W + half * k2W;
  const y3Rev = y1Rev + half * k2Rev;
  const turn3 = pairs * y3W;
  const u3 = emfHalf - seriesOhm * y3Id * overA;
  const d3 = (u3 - y3V) * overA - ra * y3Id;
  const qr3 = turn3 * (lm * y3Id + lr * y3Idr) - r2 * y3Iqr;
  const dr3 = -turn3 * (lr * y3Iqr) - r2 * y3Idr;
  const k3Id = o0 * d3 + o1 * dr3;
  const k3Iqr = o3 * qr3;
  const k3Idr = o1 * d3 + o2 * dr3;
  const k3V = y3Id * overA * perFarad;
  const load3 = foot + slope * y3Rev;
  const nm3 = torque * (-y3Id * y3Iqr) - Math.min(load3, full);
  const k3W = y3W <= 0 && nm3 < 0 ? 0 : nm3 * perInertia;
  const k3Rev = y3W * TURN;
  const y4Id = y1Id + h * k3Id;
  const y4Iqr = y1Iqr + h * k3Iqr;
  const y4Idr = y1Idr + h * k3Idr;
  const y4V = y1V + h * k3V;
  const y4W = y1W + h * k3W;
  const y4Rev = y1Rev + h * k3Rev;
  const turn4 = pairs * y4W;
  const u4 = emfEnd - seriesOhm * y4Id * overA;
  const d4 = (u4 - y4V) * overA - ra * y4Id;
  const qr4 = turn4 * (lm * y4Id + lr * y4Idr) - r2 * y4Iqr;
  const dr4 = -turn4 * (lr * y4Iqr) - r2 * y4Idr;
  const k4Id = o0 * d4 + o1 * dr4;
  const k4Iqr = o3 * qr4;
  const k4Idr = o1 * d4 + o2 * dr4;
  const k4V = y4Id * overA * perFarad;
  const load4 = foot + slope * y4Rev;
  const nm4 = torque * (-y4Id * y4Iqr) - Math.min(load4, full);
  const k4W = y4W <= 0 && nm4 < 0 ? 0 : nm4 * perInertia;
  const k4Rev = y4W * TURN;
  out[0] = 0;
  out[1] = y1Id + sixth * (k1Id + 2 * (k2Id + k3Id) + k4Id);
  out[2] = y1Iqr + sixth * (k1Iqr + 2 * (k2Iqr + k3Iqr) + k4Iqr);
  out[3] = y1Idr + sixth * (k1Idr + 2 * (k2Idr + k3Idr) + k4Idr);
  out[4] = y1V + sixth * (k1V + 2 * (k2V + k3V) + k4V);
  out[5] = y1W + sixth * (k1W + 2 * (k2W + k3W) + k4W);
  out[6] = y1Rev + sixth * (k1Rev + 2 * (k2Rev + k3Rev) + k4Rev);
  return k1Id * overA;
}
