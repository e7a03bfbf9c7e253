import type { Machine, ShaftLoad } from "../../device/compressor-motor/index.ts";
import type { Quantity } from "../../quantity/index.ts";

/** One air conditioner as far as its plate and measurements tell, SI. */
export interface UnitCase {
  readonly plateVolts: number;
  readonly hz: number;
  readonly lockedRotorA?: Quantity;
  readonly ratedLoadA?: Quantity;
  /** Compressor's own running amps at 95 °F, fan apart, where measured. */
  readonly runningA?: Quantity;
  readonly fanA?: Quantity;
  readonly runCapacitorF?: Quantity;
  /** Start capacitor that the unit has as found; 0 for none. */
  readonly startAidF: number;
  readonly coolingW?: Quantity;
  /** A motor known in full, in place of the fit to the plate. */
  readonly machine?: Machine;
  readonly load?: Partial<ShaftLoad>;
}

interface SourceCaseCommon {
  readonly volts: Quantity;
  readonly ohm?: Quantity;
  readonly henry?: Quantity;
  readonly closingDeg?: number;
}

/** A circuit of the grid, or an ideal source without impedance or breaker unless given. */
export interface CircuitCase extends SourceCaseCommon {
  readonly kind: "ideal" | "shore";
  readonly breakerA?: Quantity;
}

/** An electronic source; a battery inverter loses nothing to height or heat. */
export interface ElectronicCase extends SourceCaseCommon {
  readonly kind: "inverter-generator" | "inverter";
  readonly runningW?: Quantity;
  readonly surgeW?: Quantity;
  readonly surgeS?: Quantity;
  readonly altitudeM: number;
}

/** A conventional generator set; constants left out take their typical value. */
export interface MachineCase extends SourceCaseCommon {
  readonly kind: "generator";
  readonly runningW?: Quantity;
  readonly surgeW?: Quantity;
  readonly surgeS?: Quantity;
  readonly altitudeM: number;
  readonly xd?: number;
  readonly regulatorS?: number;
  readonly ceiling?: number;
  readonly inertiaS?: number;
  readonly governorS?: number;
}

/** What feeds the unit. */
export type SourceCase = CircuitCase | ElectronicCase | MachineCase;

/** How it is to be started; figures left out take their typical value. */
export type MethodCase =
  | { readonly kind: "as-found" | "direct" }
  | { readonly kind: "hard"; readonly startCapacitorF?: number }
  | { readonly kind: "soft"; readonly startCapacitorF?: number; readonly limitA?: number };

/** The question: will this unit start this way on this source, with these amps of other loads on. */
export interface StartCase {
  readonly unit: UnitCase;
  readonly source: SourceCase;
  readonly method: MethodCase;
  readonly backgroundA: number;
  readonly outdoorC: number;
  readonly seconds: number;
}
