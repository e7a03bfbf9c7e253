import { SeededRandom } from "../../src/numeric/index.ts";
import type { ElectronicCase, StartCase } from "../../src/study/motor-start/index.ts";
import { slipFor, standing } from "./field.ts";
import { type Made, makeMotor } from "./plate.ts";
import { type Aid, type Bank, bankAt, type Starter, type Supply, startOf } from "./start.ts";

const HZ = 60;
const TAU = 2 * Math.PI;
const RETRIES = 3;
const RAISE = 1.2;

/** What nobody read off, and what stands where it was. A prior of its own: triangles, about what the trade takes as usual. */
class Draws {
  private readonly random: SeededRandom;
  constructor(random: SeededRandom) {
    this.random = random;
  }
  /** Most likely in the middle, never beyond the ends. */
  tri(low: number, likely: number, high: number): number {
    const u = this.random.next();
    const turn = (likely - low) / (high - low);
    return u < turn ? low + Math.sqrt(u * (high - low) * (likely - low)) : high - Math.sqrt((1 - u) * (high - low) * (high - likely));
  }
  about(value: number, share: number): number {
    return value * (1 + share * this.tri(-2, 0, 2));
  }
  chance(share: number): boolean {
    return this.random.next() < share;
  }
}

/** A unit, its source and its day as they may truly be. */
export interface Truth {
  readonly made: Made;
  readonly runFarad: number;
  readonly fanA: number;
  readonly othersA: number;
  readonly inertia: number;
  readonly restedShare: number;
  readonly breakaway: number;
  readonly aid: Aid | null;
  readonly supply: Supply;
  readonly carriesA: number | null;
  readonly carriesW: number | null;
  readonly limitA: number;
  readonly starterFarad: number;
  readonly method: StartCase["method"]["kind"];
  readonly hotter: number;
}

/** Band of a breaker between its edges, on doubly logarithmic paper (the figures of the trade, typed anew). */
const MULTIPLES = [1.35, 2, 3, 4, 5, 6, 8, 10] as const;
const EARLIEST = [60, 10, 4, 2, 1.2, 0.8, 0.3, 0.008] as const;
const LATEST = [3600, 120, 35, 18, 10, 7, 4, 2] as const;

function tripS(multiple: number, edge: number): number {
  if (multiple <= 1) return Number.POSITIVE_INFINITY;
  const at = (k: number): number => EARLIEST[k]! ** (1 - edge) * LATEST[k]! ** edge;
  if (multiple <= MULTIPLES[0]) return at(0) * (Math.log(MULTIPLES[0]) / Math.log(multiple)) ** 2;
  const k = Math.min(
    MULTIPLES.length - 1,
    MULTIPLES.findIndex((m) => m >= Math.min(multiple, 10)),
  );
  const share = Math.log(Math.min(10, multiple) / MULTIPLES[k - 1]!) / Math.log(MULTIPLES[k]! / MULTIPLES[k - 1]!);
  return at(k - 1) ** (1 - share) * at(k) ** share;
}

/** Draws a truth that may stand behind a case; it need not have been seen to start. */
export function drawTruth(given: StartCase, seed: number): Truth {
  const d = new Draws(new SeededRandom(seed, 977));
  const { unit, source } = given;
  const rated = unit.ratedLoadA?.value ?? (unit.lockedRotorA?.value ?? 60) / d.tri(4, 5, 6);
  const locked = d.about(unit.lockedRotorA?.value ?? rated * d.tri(4, 5, 6), 0.02);
  const runningA = unit.runningA === undefined ? rated * d.tri(0.8, 0.9, 1) : d.about(unit.runningA.value, 0.01);
  const farad = unit.runCapacitorF === undefined ? (locked / 63) * 45e-6 * d.tri(0.75, 1, 1.25) : d.about(unit.runCapacitorF.value, 0.02);
  const made = makeMotor(unit.plateVolts, HZ, locked, runningA, farad, {
    lockedPf: d.tri(0.62, 0.72, 0.8),
    rotorShare: d.tri(0.33, 0.4, 0.46),
    magnetising: d.tri(16, 22, 28),
    offBalance: d.tri(0.88, 1, 1.12),
    startOhmRatio: d.tri(2.5, 4, 6),
  });
  const rest = given.restS ?? d.tri(120, 240, 900);
  const restedShare = d.tri(0.04, 0.07, 0.14);
  const breakaway = restedShare + (0.9 - restedShare) * Math.exp(-rest / d.tri(45, 60, 80));
  const aided = unit.startAidF === undefined ? unit.startAid !== "none" && d.chance(0.5) : unit.startAidF > 0;
  const ptc: Aid = {
    farad: unit.startAidF ?? 1e-6 * d.tri(90, 150, 210),
    dropsAtShare: null,
    ohm: d.tri(10, 15, 25),
    opensAtJ: d.tri(180, 300, 420),
  };
  const kit: Aid = { farad: 1e-6 * d.tri(90, 150, 210), dropsAtShare: d.tri(0.7, 0.78, 0.86), ohm: 0, opensAtJ: null };
  const method = given.method.kind;
  const edge = d.tri(0, 0.5, 1);
  const breakerA = source.kind === "shore" ? source.breakerA!.value : null;
  const shoreV = source.volts.origin === "measured" ? source.volts.value : d.tri(113.5, 117, 120.5);
  const factor = source.kind === "inverter" ? d.tri(1, 1.1, 1.25) : d.tri(1.25, 1.5, 1.75);
  const watts = "runningW" in source ? source : null;
  const running = watts?.runningW === undefined ? null : d.about(watts.runningW.value, 0.02);
  const surge = watts?.surgeW === undefined ? null : d.about(watts.surgeW.value, 0.02);
  const height = "altitudeM" in source && source.altitudeM !== undefined ? source.altitudeM : d.tri(0, 100, 900);
  const left =
    source.kind === "inverter-generator" ? (1 - 0.03 * (height / 304.8)) * (1 - 0.001 * Math.max(0, given.outdoorC * 1.8 + 32 - 77)) : 1;
  const supply: Supply =
    breakerA !== null
      ? {
          volts: shoreV,
          ohm: source.ohm?.value ?? d.tri(0.1, 0.2, 0.4),
          limitA: null,
          lowShare: 0,
          patienceS: 0,
          breaker: { ratingA: breakerA, tripS: (m) => tripS(m, edge) },
          bank: null,
          rated: null,
        }
      : {
          volts: 120,
          ohm: 0.05,
          limitA: (factor * surge! * left) / 120,
          lowShare: d.tri(0.75, 0.8, 0.85),
          patienceS: source.kind === "inverter" ? d.tri(0.02, 0.05, 0.1) : d.tri(0.3, 1, 2),
          breaker: null,
          bank: source.kind === "inverter" ? bankFor(source, d) : null,
          rated: { watts: running! * left, seconds: watts?.surgeS?.value ?? d.tri(3, 10, 20) },
        };
  const given24 = unit.fanA?.value;
  return {
    made,
    runFarad: farad,
    fanA: given24 === undefined ? d.tri(1.7, 2.4, 3.3) : d.about(given24, 0.02),
    othersA: given.backgroundA ?? d.tri(0, 2, 4),
    inertia: 0.0012 * (made.ratedW / 1290) * d.tri(0.6, 1, 1.4),
    restedShare,
    breakaway,
    aid: method === "hard" ? kit : method === "as-found" && aided ? ptc : null,
    supply,
    carriesA: breakerA === null ? null : carriedFor3h(breakerA, edge),
    carriesW: running === null ? null : running * left,
    limitA: given.method.kind === "soft" && given.method.limitA !== undefined ? given.method.limitA : locked * d.tri(0.3, 0.35, 0.4),
    starterFarad: locked * 1e-6 * d.tri(1.56, 2.4, 3.24),
    method,
    hotter: 1 + (given.outdoorC * 1.8 + 32 - 95) * (given.outdoorC >= 35 ? 0.01 : 0.008),
  };
}

/** A lithium bank as it usually hangs on such an inverter, or as it was read off. */
function bankFor({ battery = {} }: ElectronicCase, d: Draws): Bank {
  const volts = battery.volts?.value ?? 12.8;
  const ampHours = battery.ampHours?.value ?? d.tri(1280, 2560, 5120) / volts;
  const blocks = volts / 12.8;
  return {
    volts,
    ohm: battery.ohm?.value ?? (d.tri(0.006, 0.01, 0.018) * blocks * 100) / ampHours + d.tri(0.001, 0.002, 0.004),
    efficiency: battery.efficiency?.value ?? d.tri(0.85, 0.9, 0.94),
    cutOffV: battery.cutOffV?.value ?? 0.82 * volts,
    peakA: battery.bmsPeakA?.value ?? ampHours * d.tri(1.5, 2, 3),
    lastingA: battery.bmsContinuousA?.value ?? ampHours * d.tri(0.7, 1, 1.2),
  };
}

function carriedFor3h(ratingA: number, edge: number): number {
  let multiple = 1;
  while (tripS(multiple + 0.005, edge) > 3 * 3600 && multiple < 1.4) multiple += 0.005;
  return ratingA * multiple;
}

/** Whether it starts as it was seen to: as found, rested, on plate volts less a tenth. */
export function wasSeen(truth: Truth, plateVolts: number, aided: Aid | null): boolean {
  const supply: Supply = {
    volts: 0.9 * plateVolts,
    ohm: 0,
    limitA: null,
    lowShare: 0,
    patienceS: 0,
    breaker: null,
    bank: null,
    rated: null,
  };
  return startOf(truth.made.windings, HZ, truth.runFarad, aided, null, supply, loadOf(truth, truth.restedShare), 0).made;
}

/** Amps of one start sampled each tenth of a millisecond, by conductor; what follows a short start is its running. */
export interface Recorded {
  readonly stepS: number;
  readonly common: readonly number[];
  readonly run: readonly number[];
}

/** One rested start of a truth as it is, on its own source, recorded for so many seconds; null where it is not made. */
export function recordStart(truth: Truth, method: "as-found" | "soft", seconds: number): Recorded | null {
  const common: number[] = [];
  const run: number[] = [];
  const aid: Aid | null = method === "soft" ? { farad: truth.starterFarad, dropsAtShare: 0.8, ohm: 0, opensAtJ: null } : truth.aid;
  const starter = method === "soft" ? { limitA: truth.limitA } : null;
  const watch = (mainA: number, startA: number): void => {
    run.push(mainA);
    common.push(mainA + startA);
  };
  const load = loadOf(truth, truth.restedShare);
  const outcome = startOf(truth.made.windings, HZ, truth.runFarad, aid, starter, truth.supply, load, 0, watch, seconds);
  return outcome.made ? { stepS: 1e-4, common, run } : null;
}

function loadOf({ made, inertia }: Truth, breakaway: number): Parameters<typeof startOf>[6] {
  return { ratedNm: made.ratedW / (TAU * HZ), breakaway, inertia };
}

/** Whether it starts, at whatever try of a starter, and keeps running for hours. */
export function holds(truth: Truth, plateVolts: number): boolean {
  const { made, supply, method, othersA, fanA } = truth;
  const others = othersA + fanA;
  const starter = (limitA: number): Starter | null => (method === "soft" ? { limitA } : null);
  const aid: Aid | null = method === "soft" ? { farad: truth.starterFarad, dropsAtShare: 0.8, ohm: 0, opensAtJ: null } : truth.aid;
  let limitA = truth.limitA;
  let made_ = false;
  for (let k = 0; k <= (method === "soft" ? RETRIES : 0) && !made_; k++) {
    const outcome = startOf(made.windings, HZ, truth.runFarad, aid, starter(limitA), supply, loadOf(truth, truth.breakaway), others);
    made_ = outcome.made;
    if (!outcome.retries) break;
    limitA *= RAISE;
  }
  return made_ && keepsRunning(truth, plateVolts, others);
}

/** Steady running: the torque that the air asks for, on the volts that are left at the unit. */
function keepsRunning({ made, supply, carriesA, carriesW, hotter }: Truth, plateVolts: number, others: number): boolean {
  const slip0 = slipFor(made.windings, plateVolts, made.ratedW, made.xc);
  if (slip0 === null) return false;
  const atRating = standing(made.windings, plateVolts, slip0, made.xc);
  const torque = made.ratedW * (1 + (hotter - 1) * (atRating.lineA / Math.max(1, atRating.watts / plateVolts)));
  let volts = supply.volts;
  let amps = 0;
  let watts = 0;
  for (let k = 0; k < 30; k++) {
    const slip = slipFor(made.windings, volts, torque, made.xc);
    if (slip === null) return false;
    const at = standing(made.windings, volts, slip, made.xc);
    const inPhase = at.watts / volts + others;
    const quadrature = Math.sqrt(Math.max(0, at.lineA ** 2 - (at.watts / volts) ** 2));
    amps = Math.hypot(inPhase, quadrature);
    watts = at.watts + others * volts;
    volts = supply.volts - supply.ohm * inPhase;
  }
  if (volts < 0.9 * plateVolts) return false;
  const drawn = supply.bank && bankAt(supply.bank, watts);
  const fed = drawn === null || supply.bank === null || (drawn.stands && drawn.amps <= supply.bank.lastingA);
  return fed && (carriesA === null || amps <= carriesA) && (carriesW === null || watts <= carriesW);
}
