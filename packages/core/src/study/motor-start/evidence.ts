import { loadTorqueNm, steadyState } from "../../device/compressor-motor/index.ts";
import type { MotorStartInput } from "./input.ts";
import type { PreparedUnit } from "./prepare-unit.ts";
import { simulate } from "./simulate.ts";
import { isComputable, stepsFor } from "./steps.ts";
import { outcomeOf } from "./summarise.ts";
import { SETTLED_RIPPLE } from "./watch.ts";

/** Share of plate volts of the stiff supply on which a unit that was seen to start does so. */
const VOLTS_SHARE = 0.9;
/** Mean torque at standstill over breakaway below which no pulsation gets the rotor off. */
const HOPELESS_SHARE = 0.6;
/** Coarser than the picture's steps. */
const STEPS = 12;

/**
 * Whether a picked unit starts as it was seen to: as found, its own start aid in, rested, on plate volts
 * less 10 % from a stiff supply; and then settles instead of hunting.
 */
export function startsAsSeen(unit: PreparedUnit): boolean {
  const volts = VOLTS_SHARE * unit.plateVolts;
  const startAidF = unit.aid?.startCapacitorF ?? 0;
  const standing = steadyState(unit.motor, volts, 0, { capacitanceF: unit.runCapacitorF + startAidF });
  if (standing.torqueNm <= HOPELESS_SHARE * loadTorqueNm(unit.load, 0)) return false;
  const source = {
    kind: "circuit",
    volts,
    seriesOhm: 0,
    cordOhm: 0,
    seriesH: 0,
    closingDeg: 0,
    manager: null,
    breakerA: null,
    band: null,
  } as const;
  const method = { kind: "as-found", aid: unit.aid } as const;
  const circuit = { motor: unit.motor, source, runCapacitorF: unit.runCapacitorF, method };
  if (!isComputable(circuit, STEPS)) return false;
  const input: MotorStartInput = {
    motor: unit.motor,
    load: unit.load,
    plateVolts: unit.plateVolts,
    lockedRotorA: unit.lockedRotorA,
    overloadS: unit.overloadS,
    runCapacitorF: unit.runCapacitorF,
    fanA: 0,
    backgroundA: 0,
    outdoorC: 35,
    method,
    source,
    seconds: 0,
    breakerEdge: 0.5,
    stepsPerHalfCycle: stepsFor(circuit, STEPS),
    untilDecided: true,
    untilSettled: true,
  };
  const trace = simulate(input);
  return outcomeOf(trace).status === "started" && trace.ripple < SETTLED_RIPPLE;
}
