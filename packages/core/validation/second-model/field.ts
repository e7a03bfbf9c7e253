/**
 * A capacitor motor by its forward and backward fields (the revolving-field theory of the textbooks, from
 * memory), written without the product's functions. Ohm at line frequency; start winding as it is wound.
 */
export interface Windings {
  readonly r1: number;
  readonly x1: number;
  readonly r2: number;
  readonly x2: number;
  readonly xm: number;
  readonly a: number;
  readonly ra: number;
  readonly xa: number;
}

type C = readonly [re: number, im: number];
const add = (p: C, q: C): C => [p[0] + q[0], p[1] + q[1]];
const sub = (p: C, q: C): C => [p[0] - q[0], p[1] - q[1]];
const mul = (p: C, q: C): C => [p[0] * q[0] - p[1] * q[1], p[0] * q[1] + p[1] * q[0]];
const div = (p: C, q: C): C => {
  const d = q[0] * q[0] + q[1] * q[1];
  return [(p[0] * q[0] + p[1] * q[1]) / d, (p[1] * q[0] - p[0] * q[1]) / d];
};
const times = (k: number, p: C): C => [k * p[0], k * p[1]];
const square = (p: C): number => p[0] * p[0] + p[1] * p[1];

/** Amps, watts and torque on a stiff supply. */
export interface Standing {
  readonly lineA: number;
  readonly watts: number;
  /** Torque in synchronous watts. */
  readonly torqueW: number;
  /** Amps that make the backward field over those that make the forward one. */
  readonly backward: number;
}

/** Half of the rotor's impedance in the air gap at a slip. */
function half({ r2, x2, xm }: Windings, slip: number): C {
  const rotor: C = [r2 / Math.max(1e-9, slip), x2];
  const gap: C = [0, xm];
  return times(0.5, div(mul(rotor, gap), add(rotor, gap)));
}

/** The motor at a slip, its start winding behind a capacitor of so much reactance and series resistance. */
export function standing(m: Windings, volts: number, slip: number, xc: number, seriesOhm = 0): Standing {
  const f = half(m, slip);
  const b = half(m, 2 - slip);
  const own: C = add([m.r1, m.x1], add(f, b));
  const start: C = add([m.ra + seriesOhm, m.xa - xc], times(m.a * m.a, add(f, b)));
  const cross: C = mul([0, m.a], sub(f, b));
  const v: C = [volts, 0];
  // v = own·im − cross·ia and v = cross·im + start·ia: the start winding leads by its capacitor.
  const det = add(mul(own, start), mul(cross, cross));
  const im = div(mul(v, add(start, cross)), det);
  const ia = div(mul(v, sub(own, cross)), det);
  const line = add(im, ia);
  const turned = mul([0, m.a], ia);
  const [forward, backward] = [square(sub(im, turned)), square(add(im, turned))];
  return {
    lineA: Math.sqrt(square(line)),
    watts: volts * line[0],
    torqueW: forward * f[0] - backward * b[0],
    backward: Math.sqrt(backward / forward),
  };
}

/** The slip, from light running upwards, at which the motor gives a torque; null beyond its pull-out. */
export function slipFor(m: Windings, volts: number, torqueW: number, xc: number): number | null {
  const STEP = 0.002;
  for (let slip = 0.001; slip < 0.3; slip += STEP) {
    if (standing(m, volts, slip, xc).torqueW < torqueW) continue;
    let low = slip - STEP;
    let high = slip;
    for (let k = 0; k < 30; k++) {
      const middle = (low + high) / 2;
      if (standing(m, volts, Math.max(1e-6, middle), xc).torqueW < torqueW) low = middle;
      else high = middle;
    }
    return high;
  }
  return null;
}
