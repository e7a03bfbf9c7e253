import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { celsiusFromF, type Param, type ParamTable } from "../quantity/index.ts";
import { BREAKER_PARAMS, BreakerEquations, bandOf, earliestTripA, roomFactor, tripSeconds } from "./breaker/index.ts";
import { COMPRESSOR_MOTOR_PARAMS, runningShareAt } from "./compressor-motor/index.ts";
import { engineStalls, GENERATOR_PARAMS, GeneratorEquations, transientImpedance } from "./generator/index.ts";
import { HARD_START_PARAMS } from "./hard-start/index.ts";
import { INVERTER_GENERATOR_PARAMS, InverterGeneratorEquations, momentaryLimitA } from "./inverter-generator/index.ts";
import { SHORE_PARAMS, ShoreEquations } from "./shore/index.ts";
import { SOFT_STARTER_PARAMS } from "./soft-starter/index.ts";

const TABLES: Readonly<Record<string, ParamTable>> = {
  "compressor-motor": COMPRESSOR_MOTOR_PARAMS,
  "hard-start": HARD_START_PARAMS,
  "soft-starter": SOFT_STARTER_PARAMS,
  shore: SHORE_PARAMS,
  "inverter-generator": INVERTER_GENERATOR_PARAMS,
  breaker: BREAKER_PARAMS,
  generator: GENERATOR_PARAMS,
};

describe("every parameter", () => {
  const all: [string, Param][] = Object.entries(TABLES).flatMap(([device, table]) =>
    Object.entries(table).map(([name, p]): [string, Param] => [`${device} ${name}`, p]),
  );
  it.each(all)("%s lies in its bounds, spread too, and names its source", (_name, p) => {
    expect(p.min <= p.value && p.value <= p.max).toBe(true);
    if (p.spread !== undefined)
      expect(p.min <= p.spread[0] && p.spread[0] <= p.value && p.value <= p.spread[1] && p.spread[1] <= p.max).toBe(true);
    expect(p.source).not.toBe("");
    expect(p.unit).not.toBe("");
  });
});

describe("breaker band", () => {
  it("never trips at its rating, and meets UL 489's points", () => {
    for (const rating of [15, 30, 50]) {
      const { earliest, latest } = bandOf(rating);
      expect(tripSeconds(earliest, 1)).toBe(Number.POSITIVE_INFINITY);
      expect(tripSeconds(latest, 1.35)).toBeLessThanOrEqual(3600);
      expect(tripSeconds(latest, 2)).toBeLessThanOrEqual(rating > 30 ? 240 : 120);
    }
  });

  it("is faster the more it carries, and its early edge is before its late one", () => {
    const multiple = fc.double({ min: 1.0001, max: 20, noNaN: true });
    fc.assert(
      fc.property(multiple, multiple, fc.constantFrom(15, 50), (a, b, rating) => {
        const { earliest, latest } = bandOf(rating);
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        expect(tripSeconds(earliest, high)).toBeLessThanOrEqual(tripSeconds(earliest, low));
        expect(tripSeconds(earliest, a)).toBeLessThan(tripSeconds(latest, a));
      }),
      { seed: 21 },
    );
  });

  it("adds up heat, cools below its rating, and agrees with its own room factor", () => {
    const breaker = new BreakerEquations(20);
    breaker.carry(60, 4);
    expect(breaker.earliestDose).toBeCloseTo(1, 9);
    expect(breaker.latestDose).toBeCloseTo(4 / 35, 9);
    breaker.carry(10, 300);
    expect(breaker.earliestDose).toBeCloseTo(Math.exp(-1), 9);
    const amps = new Array<number>(480).fill(60);
    expect(roomFactor(20, null, amps, 4 / 480, 0)).toBeCloseTo(1, 6);
    expect(earliestTripA(20, 4)).toBeCloseTo(60, 6);
  });

  it("leaves room where its own dose is below one and none where it is above, wherever it lies in its band", () => {
    const amps = fc.array(fc.double({ min: 5, max: 160, noNaN: true }), { minLength: 20, maxLength: 60 });
    fc.assert(
      fc.property(amps, fc.double({ min: 0, max: 1, noNaN: true }), (rmsA, place) => {
        const hot = rmsA.map((a) => Math.max(a, 21));
        const breaker = new BreakerEquations(20, null, place);
        for (const a of hot) breaker.carry(a, 0.05);
        fc.pre(Math.abs(Math.log(breaker.ownDose)) > 0.01);
        expect(roomFactor(20, null, hot, 0.05, place) > 1).toBe(breaker.ownDose < 1);
        expect(breaker.ownDose).toBeLessThanOrEqual(breaker.earliestDose * (1 + 1e-9));
        expect(breaker.ownDose).toBeGreaterThanOrEqual(breaker.latestDose * (1 - 1e-9));
      }),
    );
  });
});

describe("sources", () => {
  it("an inverter generator folds back to its limit, recovers slowly, and shuts off after a second too low", () => {
    const source = new InverterGeneratorEquations(120, 60, 0, 0, 0, 0, {
      limitA: momentaryLimitA(2000, 120),
      mostW: Number.POSITIVE_INFINITY,
      dropOutShare: 0.8,
      dropOutS: 1,
    });
    source.onHalfCycle(0.1, 50, 120, 0);
    expect(source.hold).toBeCloseTo(0.5, 9);
    source.onHalfCycle(0.2, 1, 120, 0);
    expect(source.hold).toBeCloseTo(0.575, 9);
    expect(source.shutsOffAt(1.05)).toBe(false);
    expect(source.shutsOffAt(1.1)).toBe(true);
    for (let k = 0; k < 5; k++) source.onHalfCycle(0.3, 1, 120, 0);
    expect(source.shutsOffAt(9)).toBe(false);
    expect(source.emf(1 / 240)).toBeCloseTo(120 * Math.SQRT2, 6);
  });

  it("a shore circuit loses to a background current what a phasor sum says", () => {
    const source = new ShoreEquations(120, 60, 0.5, 1e-3, 0, 10);
    const peak = Math.max(...Array.from({ length: 2000 }, (_, k) => source.emf(k / 60 / 2000)));
    expect(peak / Math.SQRT2).toBeCloseTo(Math.hypot(115, 2 * Math.PI * 60 * 1e-3 * 10), 2);
  });
});

describe("running current with outdoor air", () => {
  it("is one at 95 °F, 1 % a degree more above, 0.8 % less below", () => {
    expect(runningShareAt(celsiusFromF(95))).toBeCloseTo(1, 9);
    expect(runningShareAt(celsiusFromF(105))).toBeCloseTo(1.1, 9);
    expect(runningShareAt(celsiusFromF(85))).toBeCloseTo(0.92, 9);
  });
});

describe("a conventional set", () => {
  const make = (backgroundA = 0) =>
    new GeneratorEquations(
      {
        volts: 120,
        hz: 60,
        runningW: 3000,
        engineW: 3750,
        avrTimeConstantS: 0.4,
        fieldCeilingPu: 2,
        inertiaConstantS: 0.7,
        governorTimeConstantS: 0.2,
      },
      0.1,
      3e-3,
      0,
      0,
      backgroundA,
    );
  const half = 1 / 120;
  const run = (set: GeneratorEquations, halfCycles: number, amps: number, volts: number, watts: number): void => {
    for (let k = 1; k <= halfCycles; k++) set.onHalfCycle(k * half, amps, volts, watts);
  };

  it("rests at rated volts and speed, loaded or not", () => {
    for (const background of [0, 8]) {
      const set = make(background);
      const watts = 120 * background - 0.1 * background ** 2;
      run(set, 240, background, 120, watts);
      expect(set.speed).toBeCloseTo(1, 2);
    }
  });

  it("loses speed under more than its engine gives, gains it back after, and never jumps in phase", () => {
    const set = make();
    let last = set.phase(0);
    for (let k = 1; k <= 60; k++) {
      set.onHalfCycle(k * half, 50, 100, 4500);
      const step = (set.phase(k * half) - last + 2 * Math.PI) % (2 * Math.PI);
      expect(step).toBeGreaterThan(0.3 * Math.PI);
      expect(step).toBeLessThan(1.01 * Math.PI);
      last = set.phase(k * half);
    }
    const sagged = set.speed;
    expect(sagged).toBeLessThan(0.9);
    for (let k = 61; k <= 300; k++) set.onHalfCycle(k * half, 0, 120, 0);
    expect(set.speed).toBeGreaterThan(sagged + 0.05);
  });

  it("forces its field while the volts are low, no further than the ceiling", () => {
    const set = make();
    const before = set.emf(half / 2);
    run(set, 360, 0, 60, 0);
    const after = set.emf(360 * half + half / 2);
    expect(after / before).toBeGreaterThan(1.8);
    expect(after / before).toBeLessThanOrEqual(2.1);
  });

  it("has its impedance from its base, and stalls below 65 % of its speed", () => {
    const { ohm, henry } = transientImpedance(240, 60, 5500, 0.25);
    expect(henry * 2 * Math.PI * 60).toBeCloseTo(0.25 * (240 ** 2 / 5500), 9);
    expect(ohm).toBeCloseTo(0.02 * (240 ** 2 / 5500), 9);
    expect(engineStalls(0.649)).toBe(true);
    expect(engineStalls(0.651)).toBe(false);
  });
});
