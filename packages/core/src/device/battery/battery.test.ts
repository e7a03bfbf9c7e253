import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Bank, BatteryEquations, bankLoad, mostAcW } from "./index.ts";

const BANK: Bank = { volts: 12.8, ohm: 0.008, efficiency: 0.9, cutOffV: 10.5, cutOffS: 1 };

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

  it("reaches its cut-off at exactly the watts it says", () => {
    expect(bankLoad(BANK, mostAcW(BANK)).volts).toBeCloseTo(BANK.cutOffV, 9);
    expect(bankLoad(BANK, mostAcW(BANK) * 1.01).volts).toBeLessThan(BANK.cutOffV);
  });

  it("shuts off after a second below it, and not for a dip that ends", () => {
    const battery = new BatteryEquations(BANK);
    const heavy = mostAcW(BANK) * 1.2;
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
