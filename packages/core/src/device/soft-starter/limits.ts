import { isHighVolts } from "../../reference/index.ts";
import { SOFT_STARTER_PARAMS as P } from "./params.ts";

/** Start capacitance a starter of this kind brings along for a unit's locked rotor amps, farads. */
export function ownCapacitanceF(plateVolts: number, lockedRotorA: number): number {
  return ownCapacitancePerA(plateVolts).value * lockedRotorA * 1e-6;
}

/** The row of the table by which a starter's own capacitor goes with a unit's size. */
export function ownCapacitancePerA(plateVolts: number) {
  return isHighVolts(plateVolts) ? P.startCapacitor230UfPerA : P.startCapacitor115UfPerA;
}
