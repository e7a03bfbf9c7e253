import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SeededRandom } from "../../numeric/index.ts";
import { coincidencesPerDay, cyclesPerHour, type DayCase, dutyAt, outdoorC, STEPS, studyDay } from "./index.ts";

const HOUR = 60;
const base: DayCase = {
  weather: { coolestC: 18, hottestC: 35 },
  units: [{ id: "roof", watts: 1300, priority: 2 }],
  loads: [
    { id: "fridge", watts: 100, priority: 1, spells: [] },
    { id: "kettle", watts: 1500, priority: 5, spells: [{ fromMin: 7 * HOUR, toMin: 7 * HOUR + 15 }] },
  ],
  sources: [{ id: "set", watts: 2000, engine: { ratedW: 2200, eco: true }, spells: [{ fromMin: 8 * HOUR, toMin: 22 * HOUR }] }],
  bank: {
    volts: 25.6,
    ampHours: 200,
    depth: 0.8,
    efficiency: 0.9,
    ohm: 0,
    exponent: 1,
    idleW: 0,
    inverterW: 3000,
    chargerW: 800,
    chargerPf: 1,
    chargeAtStart: 0.7,
  },
};

describe("weather and thermostat", () => {
  it("are coolest at five, hottest at four in the afternoon, and the same at both midnights", () => {
    const w = base.weather;
    expect(outdoorC(w, 5)).toBeCloseTo(18, 9);
    expect(outdoorC(w, 16)).toBeCloseTo(35, 9);
    expect(outdoorC(w, 0)).toBeCloseTo(outdoorC(w, 24), 9);
    for (let h = 0; h < 24; h += 0.5) expect(outdoorC(w, h)).toBeLessThanOrEqual(35);
  });

  it("run all the time in the heat, never in the cool, and cycle most at half duty", () => {
    expect([dutyAt(10), dutyAt(21), dutyAt(29.5), dutyAt(38), dutyAt(45)]).toEqual([0, 0, 0.5, 1, 1]);
    expect([cyclesPerHour(0), cyclesPerHour(0.5), cyclesPerHour(1)]).toEqual([0, 3, 0]);
  });
});

describe("starts that coincide", () => {
  it("are as many as drawn starts give, within a tenth", () => {
    const weather = { coolestC: 29.5, hottestC: 29.5 };
    const random = new SeededRandom(3);
    const perSecond = 3 / 3600;
    const windowS = 60;
    const days = 400;
    const draw = (): number[] => {
      const times: number[] = [];
      for (let t = 0; t < days * 86_400; ) {
        t += -Math.log(1 - random.next()) / perSecond;
        times.push(t);
      }
      return times;
    };
    const first = draw();
    const second = draw();
    let overlaps = 0;
    let from = 0;
    for (const t of first) {
      while (from < second.length && second[from]! < t - windowS) from++;
      for (let k = from; k < second.length && second[k]! < t + windowS; k++) overlaps++;
    }
    const said = coincidencesPerDay(weather, [windowS, windowS]);
    expect(overlaps / days / said).toBeGreaterThan(0.9);
    expect(overlaps / days / said).toBeLessThan(1.1);
  });

  it("never happen in the cool", () => {
    expect(coincidencesPerDay({ coolestC: 5, hottestC: 20 }, [1, 1])).toBe(0);
  });
});

describe("a day", () => {
  it("takes the bank by night, the set by day, and charges while the set runs", () => {
    const { steps, startsById, litres } = studyDay(base);
    expect(steps).toHaveLength(STEPS);
    expect(steps[12]!.sourceId).toBeNull();
    expect(steps[120]!.sourceId).toBe("set");
    const charge = (minute: number): number => steps[minute / 5]!.charge!;
    expect(charge(7 * HOUR)).toBeLessThan(0.7);
    expect(charge(10 * HOUR)).toBeGreaterThan(charge(8 * HOUR));
    expect(startsById.roof).toBeGreaterThan(15);
    expect(startsById.roof).toBeLessThan(60);
    expect(litres).toBeGreaterThan(3);
    expect(litres).toBeLessThan(14);
  });

  it("names the worst moment, and what was not served and for how long", () => {
    const small: DayCase = {
      ...base,
      sources: [{ ...base.sources[0]!, watts: 1400, spells: [] }],
      loads: [...base.loads, { id: "oven", watts: 900, priority: 4, spells: [{ fromMin: 17 * HOUR, toMin: 18 * HOUR }] }],
    };
    const { worst, unservedMin } = studyDay(small);
    expect(worst.minute).toBeGreaterThanOrEqual(7 * HOUR);
    expect(worst.askedW).toBeGreaterThan(worst.availableW);
    expect(unservedMin.oven).toBe(60);
    expect(unservedMin.kettle).toBe(15);
    expect(unservedMin.fridge).toBeUndefined();
  });

  it("by hand: one 600 W load for two hours from a bank through 0.9 costs it 1,333 Wh", () => {
    const { energy } = studyDay({
      ...base,
      units: [],
      sources: [],
      loads: [{ id: "heater", watts: 600, priority: 3, spells: [{ fromMin: 60, toMin: 180 }] }],
    });
    expect(energy.servedWh).toBeCloseTo(1200, 6);
    expect(energy.bankGainWh).toBeCloseTo(-1200 / 0.9, 6);
    expect(energy.lostWh).toBeCloseTo(1200 / 0.9 - 1200, 6);
  });

  it("counts spells over midnight", () => {
    const { energy } = studyDay({
      ...base,
      units: [],
      sources: [],
      loads: [{ id: "lamp", watts: 60, priority: 3, spells: [{ fromMin: 23 * HOUR, toMin: 2 * HOUR }] }],
    });
    expect(energy.servedWh).toBeCloseTo(180, 6);
  });
});

describe("what is counted of a day", () => {
  const bare: DayCase = {
    weather: { coolestC: 29.5, hottestC: 29.5 },
    units: [{ id: "roof", watts: 1300, priority: 2 }],
    loads: [],
    sources: [],
    bank: null,
  };
  const shore = (...spells: readonly { fromMin: number; toMin: number }[]) => ({ id: "post", watts: 2400, engine: null, spells });

  it("a unit whose power returns starts anew: four stretches are at least three starts more than without a break", () => {
    const whole = studyDay({ ...bare, sources: [shore()] }).startsById.roof!;
    const parts = [0, 6, 12, 18].map((h) => ({ fromMin: h * HOUR, toMin: (h + 3) * HOUR }));
    const broken = studyDay({ ...bare, sources: [shore(...parts)] });
    expect(broken.startsById.roof!).toBeGreaterThanOrEqual(whole / 2 + 3);
    expect(broken.steps.find((s) => s.minute === 6 * HOUR)!.starts).toEqual(["roof"]);
  });

  it("a thermostat at half duty that is never fed misses half the day, not all of it", () => {
    expect(studyDay(bare).unservedMin.roof).toBeCloseTo(720, 6);
    expect(studyDay({ ...bare, weather: { coolestC: 15, hottestC: 20 } }).unservedMin.roof).toBeUndefined();
  });

  it("a load of seven minutes off the grid of steps keeps its energy, and 00:00 to 00:00 is all day", () => {
    const load = (fromMin: number, toMin: number) => ({ id: "kettle", watts: 1500, priority: 1, spells: [{ fromMin, toMin }] });
    const wh = (...loads: DayCase["loads"]) => studyDay({ ...bare, units: [], sources: [shore()], loads }).energy.servedWh;
    expect(wh(load(7 * HOUR + 2, 7 * HOUR + 9))).toBeCloseTo((1500 * 7) / 60, 6);
    expect(wh(load(0, 0))).toBeCloseTo(1500 * 24, 6);
    expect(wh(load(0, 1440))).toBeCloseTo(1500 * 24, 6);
  });

  /** Worked by hand: 128 Wh an hour out of 12.8 V is 10 A; lead of 100 Ah rated over 20 h gives (5/10)^0.2 of it. */
  it("a bank pays for sag, for Peukert and for its inverter's own draw", () => {
    const bank = { ...base.bank!, volts: 12.8, ampHours: 100, efficiency: 1, depth: 1, chargeAtStart: 1 };
    const load = { id: "lamp", watts: 128, priority: 1, spells: [{ fromMin: 0, toMin: 60 }] };
    const out = (change: Partial<typeof bank>) =>
      -studyDay({ ...bare, units: [], loads: [load], bank: { ...bank, ...change } }).energy.bankGainWh;
    expect(out({})).toBeCloseTo(128, 4);
    expect(out({ exponent: 1.2 })).toBeCloseTo(128 / 0.5 ** 0.2, 3);
    expect(out({ idleW: 10 })).toBeCloseTo(128 + 10 * 24, 3);
    const amps = (12.8 - Math.sqrt(12.8 ** 2 - 4 * 0.05 * 128)) / (2 * 0.05);
    expect(out({ ohm: 0.05 })).toBeCloseTo(12.8 * amps, 3);
  });

  it("a charger takes of a source by its power factor", () => {
    const bank = { ...base.bank!, chargeAtStart: 0.3, chargerW: 5000 };
    const first = (chargerPf: number) =>
      studyDay({ ...bare, units: [], sources: [shore()], bank: { ...bank, chargerPf } }).steps[0]!.chargingW;
    expect(first(0.65) / first(1)).toBeCloseTo(0.65, 6);
  });
});

const anyDay: fc.Arbitrary<DayCase> = fc.record({
  weather: fc.record({ coolestC: fc.double({ min: 5, max: 25, noNaN: true }), hottestC: fc.double({ min: 26, max: 46, noNaN: true }) }),
  units: fc
    .array(fc.record({ watts: fc.integer({ min: 600, max: 2000 }), priority: fc.integer({ min: 1, max: 5 }) }), { maxLength: 3 })
    .map((list) => list.map((u, i) => ({ ...u, id: `unit ${i}` }))),
  loads: fc
    .array(
      fc.record({
        watts: fc.integer({ min: 0, max: 1800 }),
        priority: fc.integer({ min: 1, max: 5 }),
        spells: fc.array(fc.record({ fromMin: fc.integer({ min: 0, max: 1440 }), toMin: fc.integer({ min: 0, max: 1440 }) }), {
          maxLength: 2,
        }),
      }),
      { maxLength: 5 },
    )
    .map((list) => list.map((l, i) => ({ ...l, id: `load ${i}` }))),
  sources: fc
    .array(
      fc.record({
        watts: fc.integer({ min: 500, max: 5000 }),
        engine: fc.option(fc.record({ ratedW: fc.integer({ min: 1000, max: 6000 }), eco: fc.boolean() }), { nil: null }),
        spells: fc.array(fc.record({ fromMin: fc.integer({ min: 0, max: 1440 }), toMin: fc.integer({ min: 0, max: 1440 }) }), {
          minLength: 1,
          maxLength: 2,
        }),
      }),
      { maxLength: 2 },
    )
    .map((list) => list.map((s, i) => ({ ...s, id: `source ${i}` }))),
  bank: fc.option(
    fc.record({
      volts: fc.constantFrom(12.8, 25.6, 51.2),
      ampHours: fc.integer({ min: 50, max: 600 }),
      depth: fc.constantFrom(0.5, 0.8, 1),
      efficiency: fc.double({ min: 0.8, max: 0.97, noNaN: true }),
      ohm: fc.double({ min: 0, max: 0.03, noNaN: true }),
      exponent: fc.constantFrom(1, 1.05, 1.2),
      idleW: fc.double({ min: 0, max: 40, noNaN: true }),
      chargerPf: fc.double({ min: 0.6, max: 1, noNaN: true }),
      inverterW: fc.integer({ min: 500, max: 5000 }),
      chargerW: fc.integer({ min: 0, max: 2000 }),
      chargeAtStart: fc.double({ min: 0.5, max: 1, noNaN: true }),
    }),
    { nil: null },
  ),
});

describe("whatever the day", () => {
  it("its energy closes: sources = served + lost + what the bank gained", () => {
    fc.assert(
      fc.property(anyDay, (given) => {
        const { energy, steps } = studyDay(given);
        expect(energy.sourcesWh).toBeCloseTo(energy.servedWh + energy.lostWh + energy.bankGainWh, 4);
        if (given.bank !== null) {
          const holds = given.bank.volts * given.bank.ampHours;
          expect(steps.at(-1)!.charge! * holds).toBeCloseTo(given.bank.chargeAtStart * holds + energy.bankGainWh, 4);
        }
      }),
      { numRuns: 200 },
    );
  });

  it("the bank never goes below its limit by serving, never above full, and what is short is said", () => {
    fc.assert(
      fc.property(anyDay, (given) => {
        const { steps, unservedMin, bankEmptyMin } = studyDay(given);
        if (given.bank !== null) {
          const least = Math.min(1 - given.bank.depth, given.bank.chargeAtStart);
          for (const s of steps) {
            expect(s.charge!).toBeGreaterThanOrEqual(least - 1e-9);
            expect(s.charge!).toBeLessThanOrEqual(1 + 1e-9);
          }
        }
        for (const s of steps) expect(s.servedW).toBeLessThanOrEqual(s.availableW + 1e-6);
        if (bankEmptyMin > 0) expect(Object.keys(unservedMin).length).toBeGreaterThan(0);
      }),
      { numRuns: 200 },
    );
  });

  it("a hotter day never asks for less", () => {
    fc.assert(
      fc.property(anyDay, fc.double({ min: 0, max: 8, noNaN: true }), (given, more) => {
        const asked = (day: DayCase): number => studyDay(day).steps.reduce((sum, s) => sum + s.askedW, 0);
        expect(
          asked({ ...given, weather: { coolestC: given.weather.coolestC + more, hottestC: given.weather.hottestC + more } }),
        ).toBeGreaterThanOrEqual(asked(given) - 1e-6);
      }),
      { numRuns: 60 },
    );
  });
});
