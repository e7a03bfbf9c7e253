import { LOWEST_PLATE_SHARE, loadTorqueNm, steadyState } from "../../device/compressor-motor/index.ts";
import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import {
  batteryRunning,
  foldbackA,
  largestCycleA,
  type MotorStartInput,
  type PreparedStart,
  runHeadroom,
  type StartTrace,
  simulate,
  startedAtS,
  steadyRunning,
} from "../motor-start/index.ts";

/** How one draw went. */
export interface Trial {
  readonly holds: boolean;
  readonly starts: boolean;
  /** The smaller of the margins for start and run, amps; what the influences are measured by. */
  readonly marginA: number;
}

const PRIOR_VOLTS = 0.9;
/** Mean torque at standstill over breakaway below which no pulsation gets the rotor off. */
const HOPELESS_SHARE = 0.6;
/** Coarser than the picture's steps, and long enough for every outcome. */
const TRIAL_STEPS = 12;
const TRIAL_S = 2.4;
const FAILED_MARGIN_A = 10;

/**
 * Whether a draw can be true at all: as found, rested, from a stiff supply at the plate's volts less
 * 10 %, it starts. We know it does; a draw that does not is no unit that anyone has.
 */
export function canBeTrue(input: MotorStartInput, startAidF: number): boolean {
  const volts = PRIOR_VOLTS * input.plateVolts;
  const standing = steadyState(input.machine, volts, 0, { capacitanceF: input.runCapacitorF + startAidF });
  if (standing.torqueNm <= HOPELESS_SHARE * loadTorqueNm(input.load, 0)) return false;
  const tried: MotorStartInput = {
    ...input,
    fanA: 0,
    backgroundA: 0,
    seconds: TRIAL_S,
    stepsPerHalfCycle: TRIAL_STEPS,
    untilDecided: true,
    method: { kind: "as-found", startAidF },
    source: { kind: "circuit", volts, seriesOhm: 0, seriesH: 0, closingDeg: 0, breakerA: null, band: null },
  };
  return startedAtS(simulate(tried), tried) !== null;
}

/** A starter that could not turn the rotor waits and tries again with a higher limit; anything else tries once. */
function persist(input: MotorStartInput): { readonly decided: MotorStartInput; readonly trace: StartTrace } {
  let decided = input;
  let trace = simulate(decided);
  for (let k = 0; k < STARTER.retries.value && trace.starterOpenedAtS !== null && decided.method.kind === "soft"; k++) {
    decided = { ...decided, method: { ...decided.method, limitA: decided.method.limitA * STARTER.raiseAfterStall.value } };
    trace = simulate(decided);
  }
  return { decided, trace };
}

/** Starts one draw and looks whether it then keeps running. `breakerEdge` lies between the band's edges, 0 to 1. */
export function tryOnce(input: MotorStartInput, prepared: PreparedStart, breakerEdge: number): Trial {
  const { decided, trace } = persist({ ...input, seconds: TRIAL_S, stepsPerHalfCycle: TRIAL_STEPS, untilDecided: true });
  const dose = trace.breakerDose === null ? 0 : trace.breakerDose.earliest ** (1 - breakerEdge) * trace.breakerDose.latest ** breakerEdge;
  const starts = trace.tripped === null && startedAtS(trace, decided) !== null && dose < 1;
  const running = starts ? steadyRunning(input) : null;
  const startA = input.source.kind === "electronic" ? foldbackA(input.source) - largestCycleA(trace) : Number.POSITIVE_INFINITY;
  if (running === null) return { holds: false, starts, marginA: Math.min(startA, 0) - FAILED_MARGIN_A };
  const runA = runHeadroom(input, running, prepared.assumptions).marginA ?? Number.POSITIVE_INFINITY;
  const bank = batteryRunning(input, running);
  const banked = bank?.runV == null || input.source.kind !== "electronic" || bank.runV >= (input.source.battery?.cutOffV ?? 0);
  const holds = banked && runA > 0 && running.volts >= LOWEST_PLATE_SHARE * input.plateVolts;
  return { holds, starts, marginA: Math.min(runA, startA) };
}
