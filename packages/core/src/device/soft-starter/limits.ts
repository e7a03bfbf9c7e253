import { SOFT_STARTER_PARAMS as P } from "./params.ts";

/** Start capacitance a starter of this kind brings along, farads. */
export function ownCapacitanceF(plateVolts: number): number {
  return (plateVolts < 160 ? P.startCapacitor115Uf.value : P.startCapacitor230Uf.value) * 1e-6;
}

/** Lowest and highest current limit that may be asked for, amps, for a unit's locked rotor amps. */
export function limitBoundsA(lockedRotorA: number): readonly [number, number] {
  return [P.typicalLimitShare.min * lockedRotorA, P.typicalLimitShare.max * lockedRotorA];
}

/** Settled limit expected of a starter that has learned, amps. */
export function typicalLimitA(lockedRotorA: number): number {
  return P.typicalLimitShare.value * lockedRotorA;
}
