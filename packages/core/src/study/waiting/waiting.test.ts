import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgeWaiting, type WaitingInput } from "./index.ts";

const SILENT: WaitingInput = {
  elapsedS: 60,
  fan: true,
  compressor: false,
  volts: 119,
  plateVolts: 115,
  starterDelayS: 180,
  energyManager: false,
  transferSwitch: false,
  thermostatJustOff: false,
};
const judge = (change: Partial<WaitingInput>) => judgeWaiting({ ...SILENT, ...change });

/** Common practice, no source: fan first, the compressor up to 3 to 5 minutes later. */
describe("waiting or faulty", () => {
  it("is the starter's own delay for minutes, then any moment, then late", () => {
    expect(judge({})).toMatchObject({ verdict: "waiting", now: "starter", lateS: 15 + 180 + 60 });
    expect(judge({ elapsedS: 200 }).verdict).toBe("any-moment");
    expect(judge({ elapsedS: 260 })).toMatchObject({ verdict: "late", now: null, next: ["lamp", "overload", "capacitor", "wiring"] });
  });

  it("never calls five minutes of silence a fault where the starter's sheet is not entered", () => {
    expect(judge({ starterDelayS: null, elapsedS: 300 }).verdict).toBe("waiting");
  });

  it("adds up waits that come one after the other", () => {
    const all = judge({ energyManager: true, transferSwitch: true, thermostatJustOff: true });
    expect(all.bands.map((b) => b.who)).toEqual(["transfer-switch", "energy-manager", "fan", "thermostat", "starter"]);
    expect(all.lateS).toBe(45 + 150 + 15 + 300 + 180 + 60);
    expect(judge({ energyManager: true, elapsedS: 100 }).now).toBe("energy-manager");
    expect(judge({ thermostatJustOff: true, elapsedS: 300 }).now).toBe("thermostat");
  });

  it("goes by what is seen before it goes by the clock", () => {
    expect(judge({ compressor: true, elapsedS: 4000 }).verdict).toBe("compressor-in");
    expect(judge({ fan: false, elapsedS: 90 })).toMatchObject({ verdict: "no-fan", next: ["power", "thermostat", "fan-circuit"] });
    expect(judge({ fan: false, elapsedS: 30 }).verdict).toBe("waiting");
    expect(judge({ volts: 103.6 }).verdict).toBe("waiting");
    expect(judge({ volts: 103.6, energyManager: true })).toMatchObject({ verdict: "low-volts", next: ["volts", "power"] });
    expect(judge({ volts: 102 }).verdict).toBe("low-volts");
    expect(judge({ volts: 206, plateVolts: 230 }).verdict).toBe("low-volts");
    expect(judge({ volts: -119 }).verdict).toBe("waiting");
    expect(judge({ volts: -102 }).verdict).toBe("low-volts");
    expect(judge({ volts: 0 }).verdict).toBe("low-volts");
    expect(judge({ volts: null, fan: null, elapsedS: 400 }).next.slice(0, 2)).toEqual(["thermostat", "volts"]);
  });

  it("only ever goes from waiting towards late as time passes, and its bands leave no gap", () => {
    const input = fc.record({
      starterDelayS: fc.option(fc.integer({ min: 0, max: 600 })),
      energyManager: fc.boolean(),
      transferSwitch: fc.boolean(),
      thermostatJustOff: fc.boolean(),
    });
    fc.assert(
      fc.property(input, fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 2000 }), (change, a, b) => {
        const order = ["waiting", "any-moment", "late"];
        const [early, late] = [Math.min(a, b), Math.max(a, b)].map((elapsedS) => judge({ ...change, elapsedS }));
        expect(order.indexOf(early!.verdict)).toBeLessThanOrEqual(order.indexOf(late!.verdict));
        early!.bands.forEach((band, k) => {
          expect(band.fromS).toBe(k === 0 ? 0 : early!.bands[k - 1]!.toS);
        });
      }),
      { seed: 13 },
    );
  });
});
