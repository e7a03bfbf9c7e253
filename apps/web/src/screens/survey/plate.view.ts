import { W_PER_BTU_H } from "@amp-saver/core/quantity";
import { doubtPlate, type PlateDoubt } from "@amp-saver/core/study/plate";
import { START_PART_PARAMS } from "@amp-saver/core/study/start-parts/params";
import type { AirConditioner, Figure } from "@amp-saver/records";

/**
 * Cooling that the digits of a model number often stand for, thousand BTU/h: whole tons and halves of them
 * in house units, and the usual classes of rooftops (common practice, no source).
 */
const DIGITS: Readonly<Record<string, number>> = {
  "18": 18,
  "24": 24,
  "30": 30,
  "36": 36,
  "42": 42,
  "48": 48,
  "60": 60,
  "018": 18,
  "024": 24,
  "030": 30,
  "036": 36,
  "042": 42,
  "048": 48,
  "060": 60,
  "92": 9.2,
  "110": 11,
  "135": 13.5,
  "150": 15,
};

/** Cooling that a model number hints at, W; null where its digits say nothing, or several things. */
export function coolingOfModel(model: string): number | null {
  const found = new Set((model.match(/\d+/g) ?? []).flatMap((digits) => DIGITS[digits] ?? []));
  const [only] = found;
  return found.size === 1 && only !== undefined ? only * 1000 * W_PER_BTU_H : null;
}

/** Whether locked rotor amps can hardly stand on this unit's plate. */
export function plateDoubt({ plateVolts, lockedRotorA, ratedLoadA, coolingW }: AirConditioner): PlateDoubt | null {
  return doubtPlate({
    plateVolts: plateVolts.value,
    lockedRotorA: lockedRotorA?.value ?? null,
    ratedLoadA: ratedLoadA?.value ?? null,
    coolingW: coolingW?.value ?? null,
  });
}

/** What is printed on the run capacitor: as entered beside a measured one, else the figure itself. */
export function printedCapacitor(
  unit: AirConditioner,
): { readonly field: "runCapacitorPrintedF" | "runCapacitorF"; readonly figure: Figure } | null {
  const { runCapacitorF: found, runCapacitorPrintedF: printed } = unit;
  if (printed !== undefined) return { field: "runCapacitorPrintedF", figure: printed };
  return found === undefined || found.from !== "plate" ? null : { field: "runCapacitorF", figure: found };
}

/** Share that a run capacitor may be off what is printed: as its label says, else the usual (common practice, no source). */
export function capacitorBand(unit: AirConditioner): number {
  return printedCapacitor(unit)?.figure.tolerance ?? START_PART_PARAMS.runBand.value;
}

/** Tolerances that are printed on capacitors, as shares. */
export const PRINTED_SHARES = [0.03, 0.05, 0.06, 0.1, 0.2] as const;

/** How far a measured run capacitor is off what is printed, as a share; null unless both are known and one was measured. */
export function capacitorOff({ runCapacitorF: found, runCapacitorPrintedF: printed }: AirConditioner): number | null {
  if (found === undefined || printed === undefined || found.from !== "measured") return null;
  return found.value / printed.value - 1;
}
