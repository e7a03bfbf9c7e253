import { describe, expect, it } from "vitest";
import { fitToPlate, lockedRotorAOf } from "../src/device/compressor-motor/index.ts";

const grid = [115, 230].flatMap((volts) =>
  [50, 60].flatMap((hz) =>
    [34, 63, 78, 117, 160].flatMap((lockedRotorA) =>
      [30e-6, 45e-6, 70e-6].map((runCapacitorF) => ({ volts, hz, lockedRotorA, runCapacitorF })),
    ),
  ),
);

describe("fit to the plate", () => {
  it("draws the plate's locked rotor amps to 0.1 % over a grid of plates", () => {
    const off = grid.filter((plate) => {
      const fit = fitToPlate({ ...plate, runningA: (0.9 * plate.lockedRotorA) / 5 });
      return !fit.ok || Math.abs(lockedRotorAOf(fit.value.motor, plate.volts, plate.runCapacitorF) / plate.lockedRotorA - 1) > 0.001;
    });
    expect(off).toEqual([]);
    expect(grid.length).toBe(60);
  });

  it("says so when the expected running current is below what the motor draws idling", () => {
    const fit = fitToPlate({ volts: 115, hz: 60, lockedRotorA: 63, runCapacitorF: 45e-6, runningA: 0.5 });
    expect(fit.ok && fit.value.runningMet).toBe(false);
  });

  it("refuses a running current at which the motor would stall", () => {
    expect(fitToPlate({ volts: 115, hz: 60, lockedRotorA: 63, runCapacitorF: 45e-6, runningA: 60 })).toMatchObject({
      ok: false,
      reason: "no-fit",
    });
  });
});
