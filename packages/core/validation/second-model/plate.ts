import { slipFor, standing, type Windings } from "./field.ts";

/** What stands on a plate, and how a motor of it is made up. */
export interface MakeUp {
  readonly lockedPf: number;
  readonly rotorShare: number;
  readonly magnetising: number;
  /** Turns ratio over the one at which the backward field is least. */
  readonly offBalance: number;
  readonly startOhmRatio: number;
}

/** A motor with the torque it carries at rating conditions, synchronous watts. */
export interface Made {
  readonly windings: Windings;
  readonly ratedW: number;
  readonly xc: number;
}

function windingsOf(z: number, a: number, m: MakeUp): Windings {
  const r = z * m.lockedPf;
  const x = z * Math.sqrt(1 - m.lockedPf ** 2);
  const r1 = r * (1 - m.rotorShare);
  return { r1, x1: x / 2, r2: r * m.rotorShare, x2: x / 2, xm: z * m.magnetising, a, ra: r1 * m.startOhmRatio, xa: (x / 2) * a * a };
}

/** Scales a make-up until it draws its locked rotor amps; secant steps on the logarithm. */
function scaled(volts: number, lockedA: number, a: number, xc: number, m: MakeUp): Windings {
  let z = volts / lockedA;
  for (let k = 0; k < 40; k++) z *= (standing(windingsOf(z, a, m), volts, 1, xc).lineA / lockedA) ** 0.8;
  return windingsOf(z, a, m);
}

/** The torque at which it runs on so many amps; the lightest there is where it cannot run on so few. */
function torqueAt(w: Windings, volts: number, amps: number, xc: number): number {
  let last = 0;
  for (let slip = 0.002; slip < 0.25; slip += 0.001) {
    const at = standing(w, volts, slip, xc);
    if (at.torqueW < last) return last;
    if (at.lineA >= amps && at.torqueW > 0) return at.torqueW;
    last = Math.max(last, at.torqueW);
  }
  return last;
}

/** A motor of a plate: locked and running amps as stated, windings balanced by its own run capacitor. */
export function makeMotor(volts: number, hz: number, lockedA: number, runningA: number, farad: number, m: MakeUp): Made {
  const xc = 1 / (2 * Math.PI * hz * farad);
  let best = { a: 1.2, wobble: Number.POSITIVE_INFINITY };
  for (let a = 0.8; a <= 1.8001; a += 0.05) {
    const w = scaled(volts, lockedA, a, xc, m);
    const torque = torqueAt(w, volts, runningA, xc);
    const slip = slipFor(w, volts, torque, xc);
    if (slip === null) continue;
    const wobble = standing(w, volts, slip, xc).backward;
    if (wobble < best.wobble) best = { a, wobble };
  }
  const windings = scaled(volts, lockedA, best.a * m.offBalance, xc, m);
  return { windings, ratedW: torqueAt(windings, volts, runningA, xc), xc };
}
