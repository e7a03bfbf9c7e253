import {
  fitToPlate,
  lockedRotorAOf,
  COMPRESSOR_MOTOR_PARAMS as MOTOR,
  type Motor,
  plateTurnsRatio,
  type RatedPoint,
  ratedPoint,
  type ShaftLoad,
  type Split,
  steadyState,
  synchronousRadS,
  TYPICAL_SPLIT,
} from "../../device/compressor-motor/index.ts";
import { HARD_START_PARAMS as AID } from "../../device/hard-start/index.ts";
import { modulus } from "../../numeric/index.ts";
import {
  fail,
  faradFromUf,
  ok,
  present,
  type Quantity,
  quantity,
  type Result,
  spreadTolerance,
  W_PER_BTU_H,
} from "../../quantity/index.ts";
import { BTU_H_PER_RATED_VA, isHighVolts, TYPICAL_PLATE_SOURCE, typicalPlate, typicalRunCapacitorUf } from "../../reference/index.ts";
import { Assumptions, type Picked } from "./assume.ts";
import type { UnitCase } from "./case.ts";
import type { StartAid } from "./input.ts";
import type { Pick } from "./pick.ts";
import { pickSplit, windingsSplit } from "./pick-split.ts";
import { mayBeAided } from "./refusal.ts";

/** A unit with every figure picked. */
export interface PreparedUnit {
  readonly motor: Motor;
  /** Load of a rested compressor. */
  readonly load: ShaftLoad;
  /** Seconds in which its pressures equal out by a factor e. */
  readonly bleedS: number;
  readonly plateVolts: number;
  readonly runCapacitorF: number;
  readonly lockedRotorA: number;
  readonly fanA: number;
  /** Its own start aid, cold. */
  readonly aid: StartAid | null;
  readonly overloadS: number | null;
  /** False when the motor cannot run as lightly as expected; its idle current was used. */
  readonly runningMet: boolean;
  readonly picked: Picked;
}

export type UnitFailure = "needs-amps" | "no-fit";

/** What of a unit does not change from draw to draw, worked out once. */
export interface UnitFrame {
  /** Turns ratio that the plate's capacitor balances; undefined where a motor was given whole. */
  readonly balanced: number | undefined;
  /** What the measured windings say of its make-up. */
  readonly wound: Partial<Split>;
}

/** The turns ratio of a unit's central motor, asked once for all its draws. */
export function frameOf(unit: UnitCase): UnitFrame {
  const amps = plateAmps(unit);
  if (unit.motor !== undefined || amps === undefined) return { balanced: undefined, wound: {} };
  const runningA = (unit.runningA ?? scaled(amps.rated, MOTOR.runOverRated)).value;
  const runCapacitorF = (unit.runCapacitorF ?? typicalCapacitor(unit, amps.rated.value)).value;
  const plate = { volts: unit.plateVolts, hz: unit.hz, lockedRotorA: amps.locked.value, runCapacitorF, runningA };
  const wound = windingsSplit(unit, plate);
  return { balanced: plateTurnsRatio(plate, { ...TYPICAL_SPLIT, ...wound, ...unit.split }), wound };
}

/** Fits the motor to its plate, or takes the one given, finds its rated torque, and picks everything else about the unit. */
export function prepareUnit(unit: UnitCase, pick: Pick, frame: UnitFrame): Result<PreparedUnit, UnitFailure> {
  const amps = plateAmps(unit);
  if (amps === undefined) return fail("needs-amps", "unit");
  const assumptions = new Assumptions(pick);
  const { locked, rated } = amps;
  const { plateVolts } = unit;
  const runCapacitorF = assumptions.take(
    "run-capacitor",
    unit.runCapacitorF ?? typicalCapacitor(unit, rated.value),
    "F",
    unit.runCapacitorF === undefined ? "by size: typical, from memory" : "the capacitor's print or a meter",
  );
  const running = unit.runningA ?? scaled(rated, MOTOR.runOverRated);
  const runningA = assumptions.take("running-amps", running, "A", MOTOR.runOverRated.source);
  const lockedRotorA = assumptions.take("locked-amps", locked, "A", amps.source);
  const fanA = assumptions.given("fan-amps", unit.fanA, isHighVolts(plateVolts) ? MOTOR.fan230A : MOTOR.fan115A, "the unit's plate");
  const breakaway = unit.load?.breakaway ?? leaning(assumptions);
  const load = { breakaway, build: unit.load?.build ?? 1 - breakaway, buildRevs: unit.load?.buildRevs ?? MOTOR.buildRevs.value };
  const bleed = unit.valve === "holds" ? MOTOR.bleedHeldS : MOTOR.bleedS;
  const bleedS = assumptions.hidden("bleed", bleed, "rest");
  const overloadS = assumptions.typical("overload-seconds", MOTOR.overloadS);
  const fitted = motorOf(
    unit,
    unit.motor === undefined ? pickSplit(unit, frame.wound, assumptions) : TYPICAL_SPLIT,
    { lockedRotorA, runningA, runCapacitorF },
    frame,
  );
  if (!fitted.ok) return fitted;
  const { motor, ratedNm, runningMet } = fitted.value;
  const bare = { motor, plateVolts, runCapacitorF };
  return ok({
    ...bare,
    load: { ratedNm: unit.load?.ratedNm ?? ratedNm, ...load },
    bleedS,
    lockedRotorA,
    fanA,
    aid: ownAid(unit, bare, assumptions),
    overloadS,
    runningMet,
    picked: { list: assumptions.list, moved: assumptions.moved },
  });
}

interface MotorFigures {
  readonly lockedRotorA: number;
  readonly runningA: number;
  readonly runCapacitorF: number;
}

function motorOf(
  unit: UnitCase,
  split: Split,
  figures: MotorFigures,
  { balanced }: UnitFrame,
): Result<RatedPoint & { readonly motor: Motor }, "no-fit"> {
  const { motor, plateVolts, hz, load } = unit;
  if (motor === undefined) return fitToPlate({ volts: plateVolts, hz, ...figures }, split, balanced);
  if (load?.ratedNm !== undefined) return ok({ motor, ratedNm: load.ratedNm, shaftW: 0, runningMet: true });
  const point = ratedPoint(motor, plateVolts, figures.runningA, figures.runCapacitorF);
  return point.ok ? ok({ motor, ...point.value }) : point;
}

function leaning(assumptions: Assumptions): number {
  const { breakaway } = MOTOR;
  assumptions.typical("rested", breakaway);
  return assumptions.hidden("rested", breakaway, "rested", "low");
}

/** The start aid a unit has as found; where nobody looked, as often as such units have one. */
function ownAid(unit: UnitCase, bare: AidFrame, assumptions: Assumptions): StartAid | null {
  if (!mayBeAided(unit)) return null;
  const rooftop = !isHighVolts(unit.plateVolts);
  const has =
    unit.startAid !== undefined ||
    unit.startAidF !== undefined ||
    assumptions.chance("start-aid", rooftop ? MOTOR.aidShare115 : MOTOR.aidShare230);
  const farad = unit.startAidF ?? faradFromUf(assumptions.hidden("aid-capacitor", AID.startCapacitorUf, "start-aid"));
  const kind = unit.startAid === "relay" || (unit.startAid === undefined && !rooftop) ? "relay" : "ptc";
  return has ? aidOf(kind, farad, bare, assumptions) : null;
}

/** A motor as far as a start aid depends on it. */
interface AidFrame {
  readonly motor: Motor;
  readonly plateVolts: number;
  readonly runCapacitorF: number;
}

/** Outdoor air by which a cold PTC is told; the case's own counts once its rest does. */
const COLD_C = 35;

/** A start aid of a kind and capacitance on a motor, cold. */
export function aidOf(
  kind: "ptc" | "relay",
  farad: number,
  { motor, plateVolts, runCapacitorF }: AidFrame,
  assumptions: Assumptions,
): StartAid {
  if (kind === "ptc")
    return {
      kind,
      startCapacitorF: farad,
      coldOhm: assumptions.hidden("ptc-ohm", AID.coldOhm, "start-aid"),
      heatJPerK: assumptions.hidden("ptc-heat", AID.heatJPerK, "start-aid"),
      startC: COLD_C,
    };
  const share = assumptions.hidden("pick-up", AID.pickUpShare, "start-aid");
  const capacitanceF = runCapacitorF + farad;
  const { auxiliaryA } = steadyState(motor, plateVolts, share * synchronousRadS(motor), { capacitanceF });
  const xc = 1 / (2 * Math.PI * motor.hz * capacitanceF);
  const pickUpV = modulus({ re: plateVolts - auxiliaryA.im * xc, im: auxiliaryA.re * xc });
  return { kind, startCapacitorF: farad, pickUpV };
}

interface PlateAmps {
  readonly locked: Quantity;
  readonly rated: Quantity;
  readonly source: string;
}

/** Locked rotor and rated load amps: of the plate, one from the other, of a motor given whole, or typical for the cooling. */
function plateAmps(unit: UnitCase): PlateAmps | undefined {
  const ratio = MOTOR.lockedOverRated;
  const ofMotor =
    unit.motor && quantity(lockedRotorAOf(unit.motor, unit.plateVolts, unit.runCapacitorF?.value ?? faradFromUf(45)), "typical");
  const known = unit.lockedRotorA ?? ofMotor;
  if (known === undefined && unit.ratedLoadA === undefined) {
    if (unit.coolingW === undefined) return undefined;
    const { rlaA, lraA } = typicalPlate(unit.plateVolts, unit.coolingW.value / W_PER_BTU_H);
    const within = MOTOR.sizeSpread.value;
    return { locked: quantity(lraA, "typical", within), rated: quantity(rlaA, "typical", within), source: TYPICAL_PLATE_SOURCE };
  }
  const locked = known ?? scaled(present(unit.ratedLoadA), ratio);
  const rated = unit.ratedLoadA ?? quantity(locked.value / ratio.value, "typical", Math.hypot(locked.tolerance, spreadTolerance(ratio)));
  return { locked, rated, source: known === undefined ? ratio.source : "the unit's plate" };
}

function scaled(from: Quantity, by: { readonly value: number; readonly spread: readonly [number, number] }): Quantity {
  const spread = (by.spread[1] - by.spread[0]) / 2 / by.value;
  return quantity(from.value * by.value, "typical", Math.hypot(from.tolerance, spread));
}

function typicalCapacitor(unit: UnitCase, ratedLoadA: number): Quantity {
  const btuH = unit.coolingW !== undefined ? unit.coolingW.value / W_PER_BTU_H : BTU_H_PER_RATED_VA * unit.plateVolts * ratedLoadA;
  return quantity(faradFromUf(typicalRunCapacitorUf(unit.plateVolts, btuH)), "typical", MOTOR.capacitorSpread.value);
}
