import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Bank, BatteryEquations, bankLoad, mostAcW, peukertShare } from "./index.ts";

const BANK: Bank = { volts: 12.8, ohm: 0.008, efficiency: 0.9, cutOffV: 10.5, cutOffS: 1, bms: null };

describe("a battery bank behind an inverter", () => {
  it("gives what closes the power balance: 1,345 W AC ask 1,494 W of it, 130.7 A at 11.75 V worked by hand", () => {
    const { amps, volts, collapsed } = bankLoad(BANK, 1345);
    expect(collapsed).toBe(false);
    expect(amps * volts).toBeCloseTo(1345 / 0.9, 6);
    expect(volts).toBeCloseTo(12.8 - 0.008 * amps, 9);
    expect(amps).toBeGreaterThan(125);
    expect(amps).toBeLessThan(130);
  });

  it("closes the balance and takes the upper root, whatever the bank", () => {
    const watts = fc.double({ min: 0, max: 8000, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 60, noNaN: true }),
        fc.double({ min: 0.001, max: 0.05, noNaN: true }),
        watts,
        (volts, ohm, acW) => {
          const bank = { ...BANK, volts, ohm };
          const found = bankLoad(bank, acW);
          expect(found.volts).toBeGreaterThanOrEqual(volts / 2 - 1e-9);
          if (!found.collapsed) expect(found.amps * found.volts).toBeCloseTo(acW / bank.efficiency, 6);
          else expect((volts * volts) / (4 * ohm)).toBeLessThan(acW / bank.efficiency);
        },
      ),
    );
  });

  it("gives at most a quarter of its short circuit's power, worked by hand: 0.9 × 12.8² ÷ (4 × 0.008) = 4,608 W", () => {
    expect(mostAcW(BANK)).toBeCloseTo(4608, 9);
    expect(bankLoad(BANK, 4607)).toMatchObject({ collapsed: false });
    expect(bankLoad(BANK, 4609)).toMatchObject({ collapsed: true, volts: 6.4 });
  });

  it("cuts out on amps above what its BMS lets through, though its volts hold", () => {
    const battery = new BatteryEquations({ ...BANK, ohm: 0.0001, bms: { continuousA: 100, peakA: 200 } });
    for (let t = 0; t <= 1.01; t += 0.1) battery.onHalfCycle(t, 2600);
    expect(battery.lowestV).toBeGreaterThan(12);
    expect(battery.shutsOffAt(1.05)).toBe(true);
  });

  it("gives less of its amp-hours the faster they are drawn: by Peukert 1.2, 100 Ah at 100 A are 55 Ah", () => {
    expect(peukertShare(100, 5, 1.2)).toBe(1);
    expect(peukertShare(100, 100, 1.2)).toBeCloseTo(0.05 ** 0.2, 12);
    expect(100 * peukertShare(100, 100, 1.2)).toBeCloseTo(54.9, 1);
  });

  it("shuts off after a second below it, and not for a dip that ends", () => {
    const battery = new BatteryEquations(BANK);
    const heavy = 4000;
    for (let t = 0; t < 0.9; t += 0.1) battery.onHalfCycle(t, heavy);
    expect(battery.shutsOffAt(0.95)).toBe(false);
    battery.onHalfCycle(1, 500);
    expect(battery.shutsOffAt(1.5)).toBe(false);
    for (let t = 2; t <= 3.01; t += 0.1) battery.onHalfCycle(t, heavy);
    expect(battery.shutsOffAt(3.05)).toBe(true);
    expect(battery.lowestV).toBeLessThan(BANK.cutOffV);
    expect(battery.mostA).toBeCloseTo(bankLoad(BANK, heavy).amps, 9);
  });
});
