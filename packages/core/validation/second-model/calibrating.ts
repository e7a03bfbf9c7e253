import { SeededRandom } from "../../src/numeric/index.ts";
import { quantity } from "../../src/quantity/index.ts";
import { type CalibrationInput, calibrate, type MeasuredReading } from "../../src/study/calibration/index.ts";
import type { StartCase, UnitCase } from "../../src/study/motor-start/index.ts";
import { slipFor, standing } from "./field.ts";
import { makeMotor } from "./plate.ts";
import { perfect } from "./readings.ts";
import { type Recorded, recordStart, type Truth } from "./truth.ts";

/** How a unit was read. */
export const CALIBRATED_BY = ["as-typed", "volts-read", "max-hold", "waveform", "wrong-wire"] as const;
export type CalibratedBy = (typeof CALIBRATED_BY)[number];

/** How often each range held, and how far off plate and refinement were, over units. */
export interface CalibrationCoverage {
  readonly by: CalibratedBy;
  readonly cases: number;
  readonly refused: number;
  readonly held: { readonly lraA: number; readonly runA: number; readonly inertia: number };
  /** Mean of locked rotor and running amps' errors, by the plate and refined. */
  readonly plateOff: { readonly lraA: number; readonly runA: number };
  readonly refinedOff: { readonly lraA: number; readonly runA: number };
}

const HZ = 60;
/** Long enough for the load to have built up. */
const RECORD_S = 4.8;
/** Of which a recording holds so much. */
const WAVE_S = 1.6;
const plate = (value: number) => quantity(value, "plate");

interface Unit {
  readonly plate: UnitCase;
  readonly truth: Truth;
  readonly runningA: number;
  readonly runWindingA: number;
  readonly lockedA: number;
  readonly record: Recorded;
  readonly restV: number;
  readonly ohm: number;
}

/** A unit that its plate only says roughly, and one start of it on a circuit that has its own volts and ohms. */
function drawUnit(random: SeededRandom): Unit | null {
  const between = (low: number, middle: number, high: number): number => {
    const u = random.next();
    const turn = (middle - low) / (high - low);
    return u < turn ? low + Math.sqrt(u * (high - low) * (middle - low)) : high - Math.sqrt((1 - u) * (high - low) * (high - middle));
  };
  const size = random.between(0.7, 1.15);
  const farad = 45e-6 * size;
  const lockedA = 63 * size * Math.exp(0.06 * (random.bell() + random.bell() + random.bell()));
  const ratedA = 13 * size;
  const runningA = ratedA * between(0.78, 0.9, 1.02);
  const made = makeMotor(115, HZ, lockedA, runningA, farad, {
    lockedPf: between(0.64, 0.72, 0.79),
    rotorShare: between(0.34, 0.4, 0.45),
    magnetising: between(17, 22, 27),
    offBalance: between(0.92, 1, 1.08),
    startOhmRatio: between(2.8, 4, 5.5),
  });
  const restV = random.between(112, 122);
  const ohm = random.between(0.1, 0.35);
  const truth: Truth = {
    made,
    runFarad: farad,
    fanA: 2.4,
    othersA: 0,
    inertia: 0.0012 * (made.ratedW / 1290) * between(0.65, 1, 1.4),
    restedShare: 0.07,
    breakaway: 0.07,
    aid: null,
    supply: { volts: restV, ohm, limitA: null, lowShare: 0, patienceS: 0, breaker: null, bank: null, rated: null },
    carriesA: null,
    carriesW: null,
    limitA: 0.35 * lockedA,
    starterFarad: 0,
    method: "as-found",
    hotter: 1,
  };
  const record = recordStart(truth, "as-found", RECORD_S);
  const slip = slipFor(made.windings, restV, made.ratedW, made.xc);
  if (record === null || slip === null) return null;
  const rms = (amps: readonly number[]): number => Math.sqrt(amps.slice(-1000).reduce((sum, a) => sum + a * a, 0) / 1000);
  const line = standing(made.windings, 115, slipFor(made.windings, 115, made.ratedW, made.xc)!, made.xc).lineA;
  return {
    plate: {
      plateVolts: 115,
      hz: HZ,
      lockedRotorA: plate(Math.round(63 * size)),
      ratedLoadA: plate(Math.round(10 * ratedA) / 10),
      fanA: plate(2.4),
      runCapacitorF: plate(farad),
      startAid: "none",
    },
    truth,
    runningA: line,
    runWindingA: rms(record.run) / rms(record.common),
    lockedA,
    record,
    restV,
    ohm,
  };
}

/** Amps of the unit running on its own circuit at 95 °F. */
function runningOn({ truth, restV, ohm }: Unit): { readonly amps: number; readonly volts: number } {
  const { windings, ratedW, xc } = truth.made;
  let volts = restV;
  let amps = 0;
  for (let k = 0; k < 20; k++) {
    amps = standing(windings, volts, slipFor(windings, volts, ratedW, xc) ?? 0.1, xc).lineA;
    volts = restV - ohm * amps;
  }
  return { amps, volts };
}

function inputOf(unit: Unit, by: CalibratedBy, random: SeededRandom): CalibrationInput {
  const normal = (): number => random.bell() + random.bell() + random.bell();
  const gain = 1 + 0.015 * normal();
  const scatter = random.between(0.02, 0.04);
  const start: StartCase = {
    unit: unit.plate,
    source: { kind: "shore", volts: quantity(117, "typical", 0.03) },
    method: { kind: "as-found" },
    backgroundA: 0,
    outdoorC: 35,
    restS: 600,
    seconds: 1.6,
  };
  const kind = by === "max-hold" ? "max-hold" : "inrush";
  const running = runningOn(unit);
  const round = (v: number): number => Math.round(10 * v) / 10;
  const read = by !== "as-typed";
  const readings = Array.from({ length: 3 }, (_, k): MeasuredReading => {
    const amps = perfect(unit.record, kind, random.next()) * gain * Math.exp(scatter * normal());
    const volts = { volts: round(unit.restV), loadedVolts: round(unit.restV - unit.ohm * amps) };
    return { id: `s${k}`, kind, conductor: "common", amps: round(amps), meter: "m", start, ...(read && volts) };
  });
  const live = Array.from({ length: 2 }, (_, k): MeasuredReading => {
    const share = by === "wrong-wire" ? unit.runWindingA : 1;
    const amps = running.amps * share * gain * Math.exp(0.015 * normal());
    return {
      id: `l${k}`,
      kind: "live",
      conductor: "common",
      amps: round(amps),
      meter: "m",
      start,
      ...(read && { volts: round(running.volts) }),
    };
  });
  if (by !== "waveform") return { unit: unit.plate, readings: [...readings, ...live] };
  const period = Math.round(1 / HZ / unit.record.stepS);
  const cycles = Array.from({ length: Math.floor(WAVE_S / unit.record.stepS / period) }, (_, k) => {
    const part = unit.record.common.slice(k * period, (k + 1) * period);
    const rmsA = Math.sqrt(part.reduce((sum, a) => sum + a * a, 0) / part.length) * gain * Math.exp(0.005 * normal());
    return { t: (k + 1) * period * unit.record.stepS, rmsA };
  });
  const first = cycles[3]!.rmsA;
  const waveform = {
    id: "w",
    conductor: "common" as const,
    cycles,
    start,
    meter: "m",
    volts: round(unit.restV),
    loadedVolts: round(unit.restV - unit.ohm * first),
  };
  return { unit: unit.plate, readings: live, waveforms: [waveform] };
}

/** Calibrates drawn units that were read one way, and compares with what they truly are. */
export function calibrationCoverage(by: CalibratedBy, count: number, seed: number): CalibrationCoverage {
  const random = new SeededRandom(seed, 101);
  const sum = { lraA: 0, runA: 0, inertia: 0 };
  const off = { plate: { lraA: 0, runA: 0 }, refined: { lraA: 0, runA: 0 } };
  let cases = 0;
  let refused = 0;
  for (let drawn = 0; cases < count && drawn < 5 * count; drawn++) {
    const unit = drawUnit(random);
    if (unit === null) continue;
    const found = calibrate(inputOf(unit, by, random));
    if (!found.ok) {
      refused += 1;
      continue;
    }
    cases += 1;
    const { lockedRotorA, runningA, inertiaKgM2 } = found.value;
    const within = (figure: { value: number; tolerance: number }, truly: number): number =>
      Math.abs(Math.log(truly / figure.value)) <= figure.tolerance ? 1 : 0;
    sum.lraA += within(lockedRotorA, unit.lockedA);
    sum.runA += within(runningA, unit.runningA);
    sum.inertia += within(inertiaKgM2, unit.truth.inertia);
    const miss = (value: number, truly: number): number => Math.abs(value / truly - 1);
    off.plate.lraA += miss(unit.plate.lockedRotorA!.value, unit.lockedA);
    off.plate.runA += miss(0.9 * unit.plate.ratedLoadA!.value, unit.runningA);
    off.refined.lraA += miss(lockedRotorA.value, unit.lockedA);
    off.refined.runA += miss(runningA.value, unit.runningA);
  }
  const mean = (total: number): number => total / cases;
  return {
    by,
    cases,
    refused,
    held: { lraA: mean(sum.lraA), runA: mean(sum.runA), inertia: mean(sum.inertia) },
    plateOff: { lraA: mean(off.plate.lraA), runA: mean(off.plate.runA) },
    refinedOff: { lraA: mean(off.refined.lraA), runA: mean(off.refined.runA) },
  };
}
