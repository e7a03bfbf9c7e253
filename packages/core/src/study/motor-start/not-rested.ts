import { COMPRESSOR_MOTOR_PARAMS as MOTOR } from "../../device/compressor-motor/index.ts";
import type { MotorStartInput } from "./input.ts";

/** Load torque over rated at standstill of a compressor whose pressures are not equal (typical, from memory: 0.7 to 1.0). */
const NOT_RESTED = Math.min(MOTOR.breakaway.max, 0.85);

/** The same start before pressures are equal: it has to break away against them. */
export function notRested(input: MotorStartInput): MotorStartInput {
  return { ...input, load: { ...input.load, breakaway: NOT_RESTED, build: Math.max(0, 1 - NOT_RESTED) } };
}
