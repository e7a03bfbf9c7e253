import type { Bank } from "../../device/battery/index.ts";
import type { BreakerBand } from "../../device/breaker/index.ts";
import type { Machine, ShaftLoad } from "../../device/compressor-motor/index.ts";
import type { Endurance } from "./case.ts";

/** How the unit is started. Capacitance is on top of the run capacitor, farads. */
export type StartMethod =
  | { readonly kind: "direct" }
  | { readonly kind: "as-found"; readonly startAidF: number }
  | { readonly kind: "hard"; readonly startCapacitorF: number }
  | { readonly kind: "soft"; readonly startCapacitorF: number; readonly limitA: number };

interface SourceCommon {
  readonly volts: number;
  readonly seriesOhm: number;
  readonly seriesH: number;
  /** Where on the source's wave the unit is switched on, degrees after its rising zero. */
  readonly closingDeg: number;
}

/** A circuit of the grid; `breakerA` null where no breaker is judged. */
export interface CircuitSource extends SourceCommon {
  readonly kind: "circuit";
  readonly breakerA: number | null;
  /** The breaker's own band; null for the generic one. */
  readonly band: BreakerBand | null;
}

/** A generator or battery inverter with electronics; watts as derated for where and when it runs. */
export interface ElectronicSource extends SourceCommon {
  readonly kind: "electronic";
  readonly runningW: number;
  readonly surgeW: number;
  readonly surgeS: number;
  /** Momentary current limit over surge watts ÷ volts. */
  readonly momentaryFactor: number;
  /** How long watts above the continuous rating last, least first. */
  readonly endurance: readonly Endurance[];
  /** Shore amps let through beside the inverter's own; 0 without. */
  readonly shoreA: number;
  readonly battery: Bank | null;
  readonly eco: boolean;
  /** Whether its current folds back; false to ask what the unit would draw if it did not. */
  readonly foldback: boolean;
}

/** A conventional set: alternator, regulator, engine and governor; watts as derated. */
export interface MachineSource extends SourceCommon {
  readonly kind: "machine";
  /** The part of the series resistance that lies in the cord. */
  readonly cordOhm: number;
  readonly runningW: number;
  readonly surgeW: number;
  readonly surgeS: number;
  readonly regulatorS: number;
  readonly ceiling: number;
  readonly inertiaS: number;
  readonly governorS: number;
  readonly eco: boolean;
}

/** Everything a start needs, SI, every default already taken. */
export interface MotorStartInput {
  readonly machine: Machine;
  readonly load: ShaftLoad;
  readonly plateVolts: number;
  readonly runCapacitorF: number;
  readonly fanA: number;
  readonly backgroundA: number;
  readonly outdoorC: number;
  readonly method: StartMethod;
  readonly source: CircuitSource | ElectronicSource | MachineSource;
  readonly seconds: number;
  /** Integration steps in each half cycle of the source. */
  readonly stepsPerHalfCycle: number;
  /** Ends the run once it is known how it ends: held at speed for a while, let go or tripped. */
  readonly untilDecided?: boolean;
}

/** Steps per half cycle that agree with half the step to 0.03 s in start time. */
export const STEPS_PER_HALF_CYCLE = 20;
