import type { Chemistry } from "../../device/battery/index.ts";
import type { BreakerBand } from "../../device/breaker/index.ts";
import type { Motor, ShaftLoad, Split } from "../../device/compressor-motor/index.ts";
import type { Cord } from "../../device/cord/index.ts";
import type { Derating } from "../../device/engine/index.ts";
import type { Quantity } from "../../quantity/index.ts";

/** How the compressor is driven; only the first kind can be studied. */
export const DRIVES = ["single-speed", "two-stage", "variable-speed", "three-phase"] as const;
type Drive = (typeof DRIVES)[number];

/** Ohms between the pins with all leads off, with their tolerance: common to run, common to start. */
interface MeasuredWindings {
  readonly mainOhm: Quantity;
  readonly startOhm: Quantity;
}

/** One air conditioner as far as its plate and measurements tell, SI. */
export interface UnitCase {
  readonly drive?: Drive;
  readonly plateVolts: number;
  readonly hz: number;
  readonly lockedRotorA?: Quantity;
  readonly ratedLoadA?: Quantity;
  /** Compressor's own running amps at 95 °F, fan apart, where measured. */
  readonly runningA?: Quantity;
  readonly fanA?: Quantity;
  readonly runCapacitorF?: Quantity;
  /** Start aid that the unit has as found: none, or what takes its capacitor out again; absent where nobody looked. */
  readonly startAid?: "none" | "ptc" | "relay";
  /** Its start capacitor; 0 for no aid at all, absent where nobody read it. */
  readonly startAidF?: number;
  /** False where nobody has seen this unit start: bought used, newly put in, or known not to. */
  readonly seenToStart?: boolean;
  /** Whether its expansion valve lets the pressures equal out; one that holds them asks for longer rests. */
  readonly valve?: "bleeds" | "holds";
  /** Plugged into an outlet rather than wired; rules for room units then apply. */
  readonly plugIn?: boolean;
  /** The lowest volts on a plate that gives a range, as 208 of 208/230. */
  readonly lowestVolts?: number;
  readonly coolingW?: Quantity;
  /** What calibration by measured starts and windings says of the make-up; typical where absent. */
  readonly split?: Partial<Split>;
  /** How well each figure of that make-up is known, relative; what is left out as well as measurements usually tell. */
  readonly splitTolerance?: Partial<Record<keyof Split, number>>;
  /** Resistances of its windings where they were measured; they replace the typical ones. */
  readonly windings?: MeasuredWindings;
  /** A motor known in full, in place of the fit to the plate. */
  readonly motor?: Motor;
  readonly load?: Partial<ShaftLoad>;
}

interface SourceCaseCommon {
  readonly volts: Quantity;
  readonly ohm?: Quantity;
  readonly henry?: Quantity;
  readonly closingDeg?: number;
  /** Hot legs of such volts to neutral, or of half such volts between them, that reach the rig; one where nothing is said. */
  readonly legs?: 1 | 2;
  /** A surge protector or energy manager that cuts out on low volts. */
  readonly manager?: boolean;
  /** Cords and adapters between source and rig, on top of `ohm` where that is the outlet's own. */
  readonly cords?: readonly Cord[];
}

/** A circuit of the grid, or an ideal source without impedance or breaker unless given. */
export interface CircuitCase extends SourceCaseCommon {
  readonly kind: "ideal" | "shore";
  readonly breakerA?: Quantity;
  /** The breaker's own band where its sheet gives one. */
  readonly band?: BreakerBand;
}

/** A further rating of a source: watts it gives for so long. */
export interface Endurance {
  readonly watts: number;
  readonly seconds: number;
}

/** A battery bank behind an inverter; figures left out take their typical value. */
export interface BatteryCase {
  readonly volts?: Quantity;
  readonly ohm?: Quantity;
  readonly efficiency?: Quantity;
  readonly cutOffV?: Quantity;
  readonly ampHours?: Quantity;
  readonly chemistry?: Chemistry;
  /** Amps that its BMS carries for good, and at which it cuts out. */
  readonly bmsContinuousA?: Quantity;
  readonly bmsPeakA?: Quantity;
}

/** An electronic source; a battery inverter loses nothing to height or heat. */
export interface ElectronicCase extends SourceCaseCommon {
  readonly kind: "inverter-generator" | "inverter";
  readonly runningW?: Quantity;
  readonly surgeW?: Quantity;
  readonly surgeS?: Quantity;
  /** Absent where nobody said; an inverter loses nothing to it. */
  readonly altitudeM?: number;
  readonly derating?: Derating;
  readonly eco?: boolean;
  /** A second set of the same make run in parallel, where both are made for it. */
  readonly second?: { readonly runningW?: Quantity; readonly surgeW?: Quantity };
  /** Ratings between surge and continuous, as an inverter's sheet lists them. */
  readonly endurance?: readonly Endurance[];
  readonly battery?: BatteryCase;
  /** Shore amps that an inverter lets through and adds to. */
  readonly shoreLimitA?: Quantity;
}

/** A conventional generator set; constants left out take their typical value. */
export interface AlternatorCase extends SourceCaseCommon {
  readonly kind: "generator";
  readonly runningW?: Quantity;
  readonly surgeW?: Quantity;
  readonly surgeS?: Quantity;
  readonly altitudeM?: number;
  readonly derating?: Derating;
  readonly eco?: boolean;
  readonly xd?: number;
  readonly avrTimeConstantS?: number;
  readonly fieldCeilingPu?: number;
  readonly inertiaConstantS?: number;
  readonly governorTimeConstantS?: number;
}

/** What feeds the unit. */
export type SourceCase = CircuitCase | ElectronicCase | AlternatorCase;

/** How it is to be started; figures left out take their typical value. */
export type MethodCase =
  | { readonly kind: "as-found" | "direct" }
  | { readonly kind: "hard"; readonly startCapacitorF?: number }
  | { readonly kind: "soft"; readonly startCapacitorF?: number; readonly limitA?: number };

/** The question: will this unit start this way on this source, with these amps of other loads on. */
export interface StartCase {
  /** True to ask for a soft starter beside a start aid left in, which is refused. */
  readonly aidStaysIn?: boolean;
  readonly unit: UnitCase;
  readonly source: SourceCase;
  readonly method: MethodCase;
  /** Amps of other loads that are on; absent where nobody said. */
  readonly backgroundA?: number;
  readonly outdoorC: number;
  /** Rest since it last ran, s; absent where nobody counted. */
  readonly restS?: number;
  /** Seconds of the start to be shown; what it ends in does not depend on them. */
  readonly seconds: number;
}
