import { HARD_START_PARAMS } from "../../device/hard-start/index.ts";
import { ownCapacitanceF, typicalLimitA } from "../../device/soft-starter/index.ts";
import { fail, faradFromUf, ok, quantity, type Result } from "../../quantity/index.ts";
import { Assumptions } from "./assume.ts";
import type { MethodCase, StartCase, UnitCase } from "./case.ts";
import { type MotorStartInput, STEPS_PER_HALF_CYCLE, type StartMethod } from "./input.ts";
import { prepareMotor } from "./prepare-motor.ts";
import { prepareSource } from "./prepare-source.ts";

/** Why a case could not be put together. */
export type PrepareFailure = "needs-amps" | "needs-watts" | "no-fit" | "not-this-drive" | "aid-with-starter";

/** A case with every default taken, and the list of what was taken. */
export interface PreparedStart {
  readonly input: MotorStartInput;
  readonly assumptions: Assumptions;
  /** False when the motor cannot run as lightly as expected; its idle current was used. */
  readonly runningMet: boolean;
}

/** Puts a case together: fits the motor to its plate and takes typical values for what is missing. */
export function prepare(given: StartCase): Result<PreparedStart, PrepareFailure> {
  const assumptions = new Assumptions();
  const { unit } = given;
  if (unit.drive !== undefined && unit.drive !== "single-speed") return fail("not-this-drive", unit.drive);
  if (given.aidStaysIn === true && given.method.kind === "soft" && unit.startAidF > 0) return fail("aid-with-starter", "method");
  const source = prepareSource(given, assumptions);
  if (!source.ok) return source;
  const motor = prepareMotor(unit, assumptions);
  if (!motor.ok) return motor;
  const { machine, load, runCapacitorF, lockedRotorA, runningMet } = motor.value;
  const fanA = unit.fanA === undefined ? 0 : assumptions.take("fan-amps", unit.fanA, "the unit's plate");
  const input: MotorStartInput = {
    machine,
    load,
    plateVolts: unit.plateVolts,
    runCapacitorF,
    fanA,
    backgroundA: given.backgroundA,
    outdoorC: given.outdoorC,
    method: prepareMethod(given.method, unit, lockedRotorA, assumptions),
    source: source.value,
    seconds: given.seconds,
    stepsPerHalfCycle: STEPS_PER_HALF_CYCLE,
  };
  return ok({ input, assumptions, runningMet });
}

function prepareMethod(method: MethodCase, unit: UnitCase, lockedRotorA: number, assumptions: Assumptions): StartMethod {
  switch (method.kind) {
    case "direct":
      return { kind: "direct" };
    case "as-found":
      return { kind: "as-found", startAidF: unit.startAidF };
    case "hard": {
      const startCapacitorF = method.startCapacitorF ?? faradFromUf(HARD_START_PARAMS.startCapacitorUf.value);
      assumptions.take(
        "start-capacitor",
        quantity(startCapacitorF, method.startCapacitorF === undefined ? "typical" : "sheet"),
        HARD_START_PARAMS.startCapacitorUf.source,
      );
      return { kind: "hard", startCapacitorF };
    }
    case "soft": {
      const startCapacitorF = method.startCapacitorF ?? ownCapacitanceF(unit.plateVolts);
      assumptions.take(
        "start-capacitor",
        quantity(startCapacitorF, method.startCapacitorF === undefined ? "typical" : "sheet"),
        HARD_START_PARAMS.startCapacitorUf.source,
      );
      const limit = method.limitA === undefined ? quantity(typicalLimitA(lockedRotorA), "typical") : quantity(method.limitA, "sheet");
      return { kind: "soft", startCapacitorF, limitA: assumptions.take("starter-limit", limit, "settled limit after learning") };
    }
  }
}
