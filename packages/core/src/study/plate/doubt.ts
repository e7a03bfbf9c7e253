import { COMPRESSOR_MOTOR_PARAMS as MOTOR } from "../../device/compressor-motor/index.ts";
import { COMMON_PRACTICE, type ParamTable, W_PER_BTU_H } from "../../quantity/index.ts";
import { typicalPlate } from "../../reference/index.ts";

/** When figures of a plate are asked for again before anything is worked out from them. */
const PLATE_PARAMS = {
  offSize: {
    label: "Locked rotor amps over what is typical for the cooling, or under it, that is asked for again",
    unit: "1",
    value: 2.2,
    min: 1.3,
    max: 10,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;

/** What a plate says, amps, volts and watts of cooling; null where it is not read. */
export interface PlateFigures {
  readonly plateVolts: number;
  readonly lockedRotorA: number | null;
  readonly ratedLoadA: number | null;
  readonly coolingW: number | null;
}

/** Why locked rotor amps are doubted, and the same figure with its point moved where that would do. */
export interface PlateDoubt {
  readonly code: "over-rated" | "under-rated" | "off-size";
  /** Locked rotor amps over rated ones, or over what is typical for the cooling. */
  readonly ratio: number;
  readonly meantA: number | null;
}

/** Whether locked rotor amps can hardly stand on this plate: out of proportion to rated amps or to the cooling; null where nothing speaks against them. */
export function doubtPlate({ plateVolts, lockedRotorA, ratedLoadA, coolingW }: PlateFigures): PlateDoubt | null {
  if (lockedRotorA === null) return null;
  const { min, max } = MOTOR.lockedOverRated;
  const meant = (fits: (amps: number) => boolean): number | null => [lockedRotorA / 10, lockedRotorA * 10].find(fits) ?? null;
  if (ratedLoadA !== null) {
    const ratio = lockedRotorA / ratedLoadA;
    if (ratio >= min && ratio <= max) return null;
    return {
      code: ratio > max ? "over-rated" : "under-rated",
      ratio,
      meantA: meant((a) => a / ratedLoadA >= min && a / ratedLoadA <= max),
    };
  }
  if (coolingW === null) return null;
  const typicalA = typicalPlate(plateVolts, coolingW / W_PER_BTU_H).lraA;
  const most = PLATE_PARAMS.offSize.value;
  const near = (amps: number): boolean => amps / typicalA <= most && typicalA / amps <= most;
  return near(lockedRotorA) ? null : { code: "off-size", ratio: lockedRotorA / typicalA, meantA: meant(near) };
}
