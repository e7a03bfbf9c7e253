import { add, type Complex, complex, conjugate, divide, modulus, multiply, scale, solveComplex, subtract } from "../../numeric/index.ts";
import type { Machine } from "./machine.ts";

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

/**
 * Steady state at `radS` on `volts` RMS behind a series impedance: the time-domain equations with
 * d/dt replaced by jω. `capacitanceF` of Infinity shorts the capacitor; `auxiliaryOn` false leaves
 * the machine on its main winding alone.
 */
export function steadyState(
  machine: Machine,
  volts: number,
  radS: number,
  options: { readonly capacitanceF: number; readonly auxiliaryOn?: boolean; readonly series?: Complex },
): SteadyState {
  const a = machine.turnsRatio;
  const k = (radS * machine.poles) / 2 / (2 * Math.PI * machine.hz);
  const series = options.series ?? complex(0);
  const xc = 1 / (2 * Math.PI * machine.hz * options.capacitanceF);
  const main = add(complex(machine.r1, machine.x1 + machine.xm), series);
  const auxiliary = add(complex(machine.ra / (a * a), machine.xa / (a * a) + machine.xm - xc / (a * a)), scale(series, 1 / (a * a)));
  const shared = scale(series, 1 / a);
  const jxm = complex(0, machine.xm);
  const rotor = complex(machine.r2, machine.x2 + machine.xm);
  const turning = complex(k * machine.xm, 0);
  const turningRotor = complex(k * (machine.x2 + machine.xm), 0);
  const none = complex(0);
  const on = options.auxiliaryOn ?? true;
  const [iq, id, iqr, idr] = solveComplex(
    [
      [main, on ? shared : none, jxm, none],
      on ? [shared, auxiliary, none, jxm] : [none, complex(1), none, none],
      [jxm, scale(turning, -1), rotor, scale(turningRotor, -1)],
      [turning, jxm, turningRotor, rotor],
    ],
    [complex(volts), on ? complex(volts / a) : none, none, none],
  ) as [Complex, Complex, Complex, Complex];
  const auxiliaryA = scale(id, 1 / a);
  const lineA = add(iq, auxiliaryA);
  const unitV = subtract(complex(volts), multiply(series, lineA));
  const perRadS = machine.xm / (2 * Math.PI * machine.hz);
  const torqueNm = (machine.poles / 2) * perRadS * (multiply(iq, conjugate(idr)).re - multiply(id, conjugate(iqr)).re);
  return { lineA, mainA: iq, auxiliaryA, torqueNm, shaftW: torqueNm * radS, inputW: multiply(unitV, conjugate(lineA)).re, unitV };
}

/** Impedance the line sees in a steady state, ohm. */
export function lineOhm(state: SteadyState): number {
  return modulus(divide(state.unitV, state.lineA));
}
