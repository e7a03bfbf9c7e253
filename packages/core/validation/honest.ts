import { fitToPlate, COMPRESSOR_MOTOR_PARAMS as MOTOR, type Split, TYPICAL_SPLIT } from "../src/device/compressor-motor/index.ts";
import { INVERTER_GENERATOR_PARAMS as ELECTRONIC } from "../src/device/inverter-generator/index.ts";
import { SOFT_STARTER_PARAMS as STARTER } from "../src/device/soft-starter/index.ts";
import { SeededRandom } from "../src/numeric/index.ts";
import { faradFromUf, quantity } from "../src/quantity/index.ts";
import { summarise, tryBatch } from "../src/study/confidence/index.ts";
import { canBeTrue, tryOnce } from "../src/study/confidence/trial.ts";
import { type MotorStartInput, prepare, type StartCase } from "../src/study/motor-start/index.ts";
import { generatorStart, ROOFTOP } from "./plates.ts";

/** A case as a user would enter it: plate and sheet, no measurement. */
function asked(random: SeededRandom): StartCase {
  const size = random.between(0.7, 1.25);
  const unit = {
    ...ROOFTOP,
    lockedRotorA: quantity(63 * size, "plate"),
    ratedLoadA: quantity(13.2 * size, "plate"),
    fanA: quantity(2.5, "plate"),
    runCapacitorF: quantity(faradFromUf(Math.round(45 * size)), "plate"),
  };
  const soft = random.next() < 0.5;
  const runningW = (soft ? random.between(1650, 2150) : random.between(3200, 5200)) * size;
  return generatorStart(unit, soft ? { kind: "soft" } : { kind: "direct" }, runningW, runningW * 1.25);
}

const SHIFTED = {
  lockedPowerFactor: 0.15,
  rotorShare: 0.1,
  magnetisingRatio: -0.2,
  turnsRatio: 0.1,
  startOverRunOhm: -0.1,
  inertiaPerShaftW: 0.15,
} as const;

/** A figure from a narrower, shifted spread: other mean and width, inside the product's bounds. */
function otherwise(random: SeededRandom, [low, high]: readonly [number, number], shift: number): number {
  const middle = (low + high) / 2 + (shift * (high - low)) / 2;
  const half = 0.3 * (high - low);
  return Math.max(low, Math.min(high, middle + half * (2 * random.next() - 1)));
}

/** One unit and source that may truly stand behind a case, from a prior that is not the product's; null when none fits or it could not start on the grid. */
function truth(given: StartCase, random: SeededRandom): MotorStartInput | null {
  const prepared = prepare(given);
  if (!prepared.ok) throw new Error(prepared.reason);
  const { input, assumptions } = prepared.value;
  const { source, method } = input;
  if (source.kind !== "electronic") throw new Error("not an electronic source");
  const split: Record<string, number> = { ...TYPICAL_SPLIT };
  for (const [name, shift] of Object.entries(SHIFTED)) split[name] = otherwise(random, MOTOR[name as keyof typeof SHIFTED].spread, shift);
  const rested = otherwise(random, MOTOR.breakaway.spread, -0.2);
  const run = assumptions.figure("running-amps");
  const fit = fitToPlate(
    {
      volts: input.plateVolts,
      hz: input.machine.hz,
      lockedRotorA: assumptions.figure("locked-amps").value * random.between(0.97, 1.05),
      runCapacitorF: input.runCapacitorF * random.between(0.96, 1.03),
      runningA: run.value * (1 + run.tolerance * random.between(-0.6, 0.75)),
    },
    split as unknown as Split,
  );
  if (!fit.ok) return null;
  const [least, most] = STARTER.typicalLimitShare.spread;
  const limit = method.kind === "soft" && {
    limitA: (method.limitA / STARTER.typicalLimitShare.value) * otherwise(random, [least, most], 0.1),
  };
  const found: MotorStartInput = {
    ...input,
    machine: fit.value.machine,
    load: { ...input.load, ratedNm: fit.value.ratedNm, breakaway: rested, build: 1 - rested },
    fanA: input.fanA * random.between(0.95, 1.06),
    source: {
      ...source,
      runningW: source.runningW * random.between(0.98, 1.04),
      surgeW: source.surgeW * random.between(0.97, 1.04),
      momentaryFactor: otherwise(random, ELECTRONIC.momentaryFactor.spread, 0.15),
    },
    ...(method.kind === "soft" && { method: { ...method, ...limit } }),
  };
  return canBeTrue(found, given.unit.startAidF) ? found : null;
}

/** How the cases that were given 70 to 90 % truly went. */
export interface Honesty {
  readonly cases: number;
  readonly held: number;
  /** Mean of what they were given, 0 to 1. */
  readonly given: number;
}

const FIRST_LOOK = 40;

/** Draws cases until `wanted` of them are given 70–90 % by `trials` trial runs; each is then tried once with a unit from another prior. */
export function honesty(wanted: number, trials: number, seed: number): Honesty {
  const random = new SeededRandom(seed);
  let cases = 0;
  let held = 0;
  let sum = 0;
  while (cases < wanted) {
    const given = asked(random);
    const share = (n: number): number => {
      const batch = tryBatch(given, seed, 0, n);
      return batch.ok ? summarise([batch.value]).share : 0;
    };
    const glance = share(FIRST_LOOK);
    if (glance < 0.55 || glance > 0.97) continue;
    const said = share(trials);
    if (said < 0.7 || said > 0.9) continue;
    let real: MotorStartInput | null = null;
    while (real === null) real = truth(given, random);
    const prepared = prepare(given);
    if (!prepared.ok) throw new Error(prepared.reason);
    cases += 1;
    sum += said;
    if (tryOnce(real, prepared.value, 0.5).holds) held += 1;
  }
  return { cases, held, given: sum / cases };
}
