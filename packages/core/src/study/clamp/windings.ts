import { type MotorStartInput, type StartTrace, simulate } from "../motor-start/index.ts";

/** Where a clamp meter's jaws can be: the compressor's three conductors, or the unit's supply. */
export const JAWS = ["common", "run", "start", "supply"] as const;
export type Jaws = (typeof JAWS)[number];

/** Currents of one start on every conductor, A, evenly sampled from switching on; volts at the unit. */
export interface WindingRecord {
  readonly sampleHz: number;
  readonly amps: Readonly<Record<Jaws, Float32Array>>;
  readonly volts: Float32Array;
  readonly trace: StartTrace;
}

/** Runs one start and keeps what each winding carried: common is run and start winding together, the supply has the fan and other loads too. */
export function recordWindings(input: MotorStartInput): WindingRecord {
  const sampleHz = 2 * input.motor.hz * input.stepsPerHalfCycle;
  const most = Math.floor(input.seconds * sampleHz + 1e-6);
  const space = (): Float32Array => new Float32Array(most);
  const kept = { common: space(), run: space(), start: space(), supply: space(), volts: space() };
  let k = 0;
  const trace = simulate(input, (_t, runA, startA, totalA, unitV) => {
    if (k >= most) return;
    kept.run[k] = runA;
    kept.start[k] = startA;
    kept.common[k] = runA + startA;
    kept.supply[k] = totalA;
    kept.volts[k] = unitV;
    k += 1;
  });
  const cut = (values: Float32Array): Float32Array => values.subarray(0, k);
  const amps = { common: cut(kept.common), run: cut(kept.run), start: cut(kept.start), supply: cut(kept.supply) };
  return { sampleHz, amps, volts: cut(kept.volts), trace };
}
