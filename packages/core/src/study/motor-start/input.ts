import type { Bank } from "../../device/battery/index.ts";
import type { BreakerBand } from "../../device/breaker/index.ts";
import type { Motor, ShaftLoad } from "../../device/compressor-motor/index.ts";
import type { PtcAid } from "../../device/hard-start/index.ts";
import type { Endurance } from "./case.ts";

/** A start capacitor beside the run capacitor, and what takes it out. */
export type StartAid =
  | { readonly kind: "relay"; readonly startCapacitorF: number; readonly pickUpV: number }
  | ({ readonly kind: "ptc" } & PtcAid);

/** How the unit is started. Capacitance is on top of the run capacitor, farads. */
export type StartMethod =
  | { readonly kind: "direct" }
  | { readonly kind: "as-found"; readonly aid: StartAid | null }
  | { readonly kind: "hard"; readonly aid: StartAid }
  | { readonly kind: "soft"; readonly startCapacitorF: number; readonly limitA: number };

interface SourceCommon {
  readonly volts: number;
  readonly seriesOhm: number;
  readonly seriesH: number;
  /** Where on the source's wave the unit is switched on, degrees after its rising zero. */
  readonly closingDeg: number;
  /** The part of the series resistance that lies behind the source's own terminals. */
  readonly cordOhm: number;
  /** What cuts out on low volts in between; null for nothing. */
  readonly manager: { readonly lowV: number; readonly lowS: number } | null;
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
  /** Share of its volts below which it shuts off, and after how long. */
  readonly dropOutShare: number;
  readonly dropOutS: number;
  /** Whether its current folds back; false to ask what the unit would draw if it did not. */
  readonly foldback: boolean;
}

/** A conventional set: alternator, regulator, engine and governor; watts as derated. */
export interface AlternatorSource extends SourceCommon {
  readonly kind: "alternator";
  readonly runningW: number;
  readonly surgeW: number;
  readonly surgeS: number;
  readonly avrTimeConstantS: number;
  readonly fieldCeilingPu: number;
  readonly inertiaConstantS: number;
  readonly governorTimeConstantS: number;
  readonly eco: boolean;
}

/** What feeds a start, every default taken. */
export type Source = CircuitSource | ElectronicSource | AlternatorSource;

/** Everything a start needs, SI, every default already taken. */
export interface MotorStartInput {
  readonly motor: Motor;
  readonly load: ShaftLoad;
  readonly plateVolts: number;
  readonly lockedRotorA: number;
  /** Seconds at locked rotor amps after which the compressor's own overload opens; null where it is not judged. */
  readonly overloadS: number | null;
  readonly runCapacitorF: number;
  readonly fanA: number;
  readonly backgroundA: number;
  readonly outdoorC: number;
  readonly method: StartMethod;
  readonly source: Source;
  /** Seconds to be shown; the run goes on by itself until it is known how it ends. */
  readonly seconds: number;
  /** Where in its band a breaker lies, 0 at the quick edge to 1 at the slow one. */
  readonly breakerEdge: number;
  /** Integration steps in each half cycle of the source. */
  readonly stepsPerHalfCycle: number;
  /** Ends the run as soon as it is known how it ends: held at speed for a while, shut off or tripped. */
  readonly untilDecided?: boolean;
  /** Looks on after a start is made until the speed has settled. */
  readonly untilSettled?: boolean;
}

/** Steps per half cycle that agree with half the step to 0.03 s in start time. */
export const STEPS_PER_HALF_CYCLE = 20;
/** The same for a regulated start on a set that sags: at fewer it comes out some 2 % high. */
export const STEPS_ON_A_SET = 40;
