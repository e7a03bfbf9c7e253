import { runningAtTorque, runningShareAt } from "../../device/compressor-motor/index.ts";
import { add, complex, conjugate, modulus, multiply, scale, subtract } from "../../numeric/index.ts";
import type { MotorStartInput } from "./input.ts";
import { steadyLoadsA } from "./plant.ts";
import { modelOf } from "./source/index.ts";

/** Steady running at rating load and the case's outdoor air, everything on: amps and watts at the source's terminals, volts at the unit. */
export interface SteadyRunning {
  readonly totalA: number;
  readonly compressorA: number;
  readonly watts: number;
  readonly volts: number;
}

/** Steady running, or null where the motor cannot carry its load at these volts. */
export function steadyRunning(input: MotorStartInput): SteadyRunning | null {
  const { motor, source } = input;
  const series = complex(...modelOf(source).steadySeries(motor.hz));
  const loads = complex(steadyLoadsA(input));
  const behind = subtract(complex(source.volts), multiply(series, loads));
  const state = runningAtTorque(motor, modulus(behind), input.load.ratedNm, { capacitanceF: input.runCapacitorF, series });
  if (!state.ok) return null;
  const turned = scale(behind, 1 / modulus(behind));
  const compressor = multiply(scale(state.value.lineA, runningShareAt(input.outdoorC)), turned);
  const total = add(compressor, loads);
  const unitV = subtract(complex(source.volts), multiply(series, total));
  const totalA = modulus(total);
  const watts = multiply(unitV, conjugate(total)).re + source.cordOhm * totalA * totalA;
  return { totalA, compressorA: modulus(compressor), watts, volts: modulus(unitV) };
}
