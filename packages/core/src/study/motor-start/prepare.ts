import { COMPRESSOR_MOTOR_PARAMS as MOTOR, restedBreakaway } from "../../device/compressor-motor/index.ts";
import { HARD_START_PARAMS as AID, ptcAtRestC } from "../../device/hard-start/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { ownCapacitancePerA, SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import { fail, faradFromUf, ok, quantity, type Result } from "../../quantity/index.ts";
import { Assumptions } from "./assume.ts";
import type { MethodCase, StartCase, UnitCase } from "./case.ts";
import { startsAsSeen } from "./evidence.ts";
import { type MotorStartInput, STEPS_ON_A_SET, STEPS_PER_HALF_CYCLE, type StartAid, type StartMethod } from "./input.ts";
import { CENTRAL, type Pick } from "./pick.ts";
import { prepareSource, type SourceFailure } from "./prepare-source.ts";
import { aidOf, frameOf, type PreparedUnit, prepareUnit, type UnitFailure } from "./prepare-unit.ts";
import { type Refusal, refusalOf } from "./refusal.ts";
import { modelOf } from "./source/index.ts";
import { isComputable, stepsFor } from "./steps.ts";

/** Why a case could not be put together. */
export type PrepareFailure = UnitFailure | SourceFailure | Refusal | "contradicts" | "not-computable";

/** A case with every figure picked, and the list of what was taken. */
export interface PreparedStart {
  readonly input: MotorStartInput;
  readonly assumptions: Assumptions;
  /** False when the motor cannot run as lightly as expected; its idle current was used. */
  readonly runningMet: boolean;
}

/** Puts a case together at the centre of what is known: the unit as it must be to start as it was seen to. */
export function prepare(given: StartCase): Result<PreparedStart, PrepareFailure> {
  const refused = refusalOf(given);
  if (refused !== null) return fail(refused, "case");
  const unit = centralUnit(given.unit);
  return unit.ok ? prepareWith(given, unit.value, CENTRAL) : unit;
}

/** How far towards a stronger motor the centre may lean, and in how many steps that is found. */
const LEANS = [0.25, 0.5, 0.75, 1];

/**
 * The central unit: everything typical where that starts as it was seen to; else leaning towards a
 * stronger motor only as far as it must. Fails where no motor of these figures would have started.
 */
function centralUnit(unit: UnitCase): Result<PreparedUnit, PrepareFailure> {
  const frame = frameOf(unit);
  const central = prepareUnit(unit, CENTRAL, frame);
  if (!central.ok || unit.seenToStart === false || unit.motor !== undefined || startsAsSeen(central.value)) return central;
  for (const lean of LEANS) {
    const stronger = prepareUnit(unit, { kind: "central", lean }, frame);
    if (stronger.ok && startsAsSeen(stronger.value)) return stronger;
  }
  return fail("contradicts", "unit");
}

/** Puts a case together with a unit already picked. */
export function prepareWith(given: StartCase, unit: PreparedUnit, pick: Pick): Result<PreparedStart, PrepareFailure> {
  const refused = refusalOf(given);
  if (refused !== null) return fail(refused, "case");
  const assumptions = new Assumptions(pick);
  assumptions.include(unit.picked);
  const source = prepareSource(given, assumptions);
  if (!source.ok) return source;
  const rest = restOf(given, assumptions);
  const breakaway = given.unit.load?.breakaway ?? restedBreakaway(unit.load.breakaway, MOTOR.notRested.value, unit.bleedS, rest);
  const build = given.unit.load?.build ?? Math.max(0, 1 - breakaway);
  const background = assumptions.given(
    "other-loads",
    given.backgroundA === undefined ? undefined : quantity(given.backgroundA, "measured", 0),
    SHORE.otherLoadsA,
    "as entered",
  );
  const method = prepareMethod(given, unit, rest, assumptions);
  const usual = method.kind === "soft" && modelOf(source.value).turns ? STEPS_ON_A_SET : STEPS_PER_HALF_CYCLE;
  const circuit = { motor: unit.motor, source: source.value, runCapacitorF: unit.runCapacitorF, method };
  if (!isComputable(circuit, usual)) return fail("not-computable", "unit");
  const input: MotorStartInput = {
    motor: unit.motor,
    load: { ...unit.load, breakaway, build },
    plateVolts: given.unit.lowestVolts ?? unit.plateVolts,
    lockedRotorA: unit.lockedRotorA,
    overloadS: unit.overloadS,
    runCapacitorF: unit.runCapacitorF,
    fanA: unit.fanA,
    backgroundA: background,
    outdoorC: given.outdoorC,
    method,
    source: source.value,
    seconds: given.seconds,
    breakerEdge: assumptions.share("breaker-edge"),
    stepsPerHalfCycle: stepsFor(circuit, usual),
  };
  return ok({ input, assumptions, runningMet: unit.runningMet });
}

function restOf({ restS }: StartCase, assumptions: Assumptions): number {
  if (restS !== undefined) return assumptions.take("rest", quantity(restS, "measured", 0), "s", "as entered");
  return assumptions.typical("rest", MOTOR.restS);
}

/** The unit's own start aid as its rest has left it: a PTC is still hot after a short one. */
function rested(aid: StartAid, restS: number, { outdoorC }: StartCase, assumptions: Assumptions): StartAid {
  if (aid.kind !== "ptc") return aid;
  const coolingS = assumptions.hidden("ptc-cooling", AID.coolingS, "start-aid");
  return { ...aid, startC: ptcAtRestC(outdoorC, restS, coolingS) };
}

function prepareMethod(given: StartCase, unit: PreparedUnit, restS: number, assumptions: Assumptions): StartMethod {
  const method: MethodCase = given.method;
  switch (method.kind) {
    case "direct":
      return { kind: "direct" };
    case "as-found":
      return { kind: "as-found", aid: unit.aid && rested(unit.aid, restS, given, assumptions) };
    case "hard": {
      const farad =
        method.startCapacitorF === undefined
          ? assumptions.typical("start-capacitor", AID.startCapacitorUf, "F", faradFromUf(1))
          : assumptions.take("start-capacitor", quantity(method.startCapacitorF, "sheet"), "F", SHEET);
      return { kind: "hard", aid: aidOf("relay", farad, unit, assumptions) };
    }
    case "soft": {
      const perA = ownCapacitancePerA(unit.plateVolts);
      const startCapacitorF =
        method.startCapacitorF === undefined
          ? assumptions.typical("start-capacitor", perA, "F", faradFromUf(unit.lockedRotorA))
          : assumptions.take("start-capacitor", quantity(method.startCapacitorF, "sheet", 0), "F", SHEET);
      const limitA =
        method.limitA === undefined
          ? assumptions.typical("starter-limit", STARTER.typicalLimitShare, "A", unit.lockedRotorA)
          : assumptions.take("starter-limit", quantity(method.limitA, "sheet", 0), "A", SHEET);
      return { kind: "soft", startCapacitorF, limitA };
    }
  }
}

const SHEET = "its sheet";
