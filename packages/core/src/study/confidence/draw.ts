import { fitToPlate, COMPRESSOR_MOTOR_PARAMS as MOTOR, type Split, TYPICAL_SPLIT } from "../../device/compressor-motor/index.ts";
import { GENERATOR_PARAMS as SET } from "../../device/generator/index.ts";
import { INVERTER_GENERATOR_PARAMS as ELECTRONIC } from "../../device/inverter-generator/index.ts";
import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import type { SeededRandom } from "../../numeric/index.ts";
import { faradFromUf } from "../../quantity/index.ts";
import type { AssumedCode, MotorStartInput, PreparedStart, StartMethod } from "../motor-start/index.ts";

/** One set of figures that may be the true ones, and by how much each unknown was moved (0 for not at all). */
export interface Draw {
  readonly input: MotorStartInput;
  readonly moved: Readonly<Partial<Record<AssumedCode, number>>>;
}

const SPLIT_SPREADS = [
  "lockedPowerFactor",
  "rotorShare",
  "magnetisingRatio",
  "turnsRatio",
  "startOverRunOhm",
  "inertiaPerShaftW",
] as const satisfies readonly (keyof Split)[];

/** What may be drawn from: the case as prepared, and what of its motor was not given whole. */
export interface DrawFrom {
  readonly prepared: PreparedStart;
  readonly fitted: boolean;
}

/** Draws one set of figures; null when no motor fits them. Every draw takes the same count of random numbers. */
export function draw({ prepared, fitted }: DrawFrom, random: SeededRandom): Draw | null {
  const { input, assumptions } = prepared;
  const moved: Partial<Record<AssumedCode, number>> = {};
  const about = (code: AssumedCode): number => {
    const step = random.bell();
    const known = assumptions.list.find((a) => a.code === code);
    if (known === undefined) return 1;
    moved[code] = step;
    return Math.max(0.2, 1 + known.tolerance * step);
  };
  const locked = about("locked-amps");
  const running = about("running-amps");
  const capacitor = about("run-capacitor");
  const split = drawSplit(random);
  const rested = random.between(...MOTOR.breakaway.spread);
  const fan = about("fan-amps");
  const source = drawSource(input.source, about, random, moved);
  const method = drawMethod(input.method, (code) => assumptions.list.some((a) => a.code === code && a.origin === "typical"), random, moved);
  const base = { ...input, fanA: input.fanA * fan, source, method, runCapacitorF: input.runCapacitorF * capacitor };
  if (!fitted) return { input: base, moved };
  const of = (code: AssumedCode): number => assumptions.list.find((a) => a.code === code)?.value ?? 0;
  const fit = fitToPlate(
    {
      volts: input.plateVolts,
      hz: input.machine.hz,
      lockedRotorA: of("locked-amps") * locked,
      runCapacitorF: base.runCapacitorF,
      runningA: of("running-amps") * running,
    },
    split.split,
  );
  if (!fit.ok) return null;
  moved["motor-make-up"] = split.moved;
  moved.rested = (rested - MOTOR.breakaway.value) / (MOTOR.breakaway.spread[1] - MOTOR.breakaway.spread[0]);
  const load = { ...input.load, ratedNm: fit.value.ratedNm, breakaway: rested, build: 1 - rested };
  return { input: { ...base, machine: fit.value.machine, load }, moved };
}

function drawSplit(random: SeededRandom): { readonly split: Split; readonly moved: number } {
  const split: Record<string, number> = { ...TYPICAL_SPLIT };
  let torque = 0;
  for (const name of SPLIT_SPREADS) {
    const { spread, value } = MOTOR[name];
    split[name] = random.between(spread[0], spread[1]);
    if (name === "lockedPowerFactor" || name === "rotorShare") torque += (split[name]! - value) / (spread[1] - spread[0]);
    if (name === "turnsRatio" || name === "startOverRunOhm") torque -= (split[name]! - value) / (spread[1] - spread[0]);
  }
  return { split: split as unknown as Split, moved: torque };
}

function drawSource(
  source: MotorStartInput["source"],
  about: (code: AssumedCode) => number,
  random: SeededRandom,
  moved: Partial<Record<AssumedCode, number>>,
): MotorStartInput["source"] {
  const ohm = about("source-ohm");
  const running = about("running-watts");
  const surge = about("surge-watts");
  const u = [random.next(), random.next(), random.next(), random.next(), random.next()] as const;
  const within = ([low, high]: readonly [number, number], share: number): number => low + (high - low) * share;
  const bankOhm = about("battery-ohm");
  const efficiency = about("efficiency");
  if (source.kind === "circuit") return { ...source, seriesOhm: source.seriesOhm * ohm };
  const rated = { runningW: source.runningW * running, surgeW: source.surgeW * surge };
  if (source.kind === "electronic") {
    moved["momentary-limit"] = u[0] - 0.5;
    const battery = source.battery && {
      ...source.battery,
      ohm: source.battery.ohm * bankOhm,
      efficiency: Math.min(1, source.battery.efficiency * efficiency),
    };
    return { ...source, ...rated, battery, momentaryFactor: within(ELECTRONIC.momentaryFactor.spread, u[0]) };
  }
  moved["set-make-up"] = u[0] - 0.5;
  return {
    ...source,
    ...rated,
    seriesH: (source.seriesH * within(SET.xd.spread, u[0])) / SET.xd.value,
    inertiaS: within(SET.inertiaS.spread, u[1]),
    regulatorS: within(SET.regulatorS.spread, u[2]),
    ceiling: within(SET.ceiling.spread, u[3]),
    governorS: within(SET.governorS.spread, u[4]),
  };
}

function drawMethod(
  method: StartMethod,
  open: (code: AssumedCode) => boolean,
  random: SeededRandom,
  moved: Partial<Record<AssumedCode, number>>,
): StartMethod {
  const capacitor = random.next();
  const limit = random.next();
  if (method.kind !== "soft") return method;
  const [low, high] = STARTER.startCapacitor115Uf.spread;
  const capacitorOpen = open("start-capacitor");
  const limitOpen = open("starter-limit");
  if (capacitorOpen) moved["start-capacitor"] = capacitor - 0.5;
  if (limitOpen) moved["starter-limit"] = limit - 0.5;
  const [least, most] = STARTER.typicalLimitShare.spread;
  const limitA = limitOpen ? (method.limitA / STARTER.typicalLimitShare.value) * (least + (most - least) * limit) : method.limitA;
  return { ...method, limitA, startCapacitorF: capacitorOpen ? faradFromUf(low + (high - low) * capacitor) : method.startCapacitorF };
}
