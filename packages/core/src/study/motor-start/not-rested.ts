import { COMPRESSOR_MOTOR_PARAMS as MOTOR } from "../../device/compressor-motor/index.ts";
import type { MotorStartInput } from "./input.ts";

/** The same start right after the last one, before pressures are equal: it has to break away against them. */
export function notRested(input: MotorStartInput): MotorStartInput {
  const breakaway = MOTOR.notRested.value;
  return { ...input, load: { ...input.load, breakaway, build: Math.max(0, 1 - breakaway) } };
}
