import { describe, expect, it } from "vitest";
import { SOFT_STARTER_PARAMS } from "../src/device/soft-starter/index.ts";
import { prepare, type StartCase, type StartResult, simulate, studyStart } from "../src/study/motor-start/index.ts";
import { CONDENSER, ROOFTOP, stiffStart } from "./plates.ts";

function study(given: StartCase): StartResult {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value.result;
}

const UNITS = [
  { name: "13,500 BTU/h, 115 V", unit: { ...ROOFTOP, fanA: { ...ROOFTOP.fanA!, value: 0 } } },
  { name: "48,000 BTU/h, 230 V", unit: CONDENSER },
];

describe.each(UNITS)("$name", ({ unit }) => {
  const direct = study(stiffStart(unit, { kind: "direct" }));
  const hard = study(stiffStart(unit, { kind: "hard" }));

  it("hard start keeps the largest cycle RMS within 5 % and shortens the start", () => {
    expect(direct.status).toBe("started");
    expect(Math.abs(hard.peak.cycleRmsA / direct.peak.cycleRmsA - 1)).toBeLessThan(0.05);
    expect(hard.startS!).toBeLessThan(direct.startS! * 0.8);
  });

  it("has a limit 55 to 75 % below direct at which a soft start reaches speed within 2 s", () => {
    const good = [0.25, 0.3, 0.35, 0.4, 0.45].filter((share) => {
      const soft = study(stiffStart(unit, { kind: "soft", limitA: share * direct.peak.cycleRmsA }));
      return soft.status === "started" && soft.startS! < 2 && soft.peak.cycleRmsA <= 0.45 * direct.peak.cycleRmsA;
    });
    expect(good).toContain(0.35);
    expect(good).toContain(0.3);
  });

  it.each([0.25, 0.3, 0.35, 0.4, 0.45, 0.52])("never exceeds 1.15 × a limit of %d of locked rotor amps, bypass included", (share) => {
    const soft = study(stiffStart(unit, { kind: "soft", limitA: share * unit.lockedRotorA!.value }));
    expect(soft.status).toBe("started");
    const limitA = share * unit.lockedRotorA!.value * SOFT_STARTER_PARAMS.raiseAfterStall.value ** soft.retries.length;
    expect(soft.events.bypassAtS).not.toBeNull();
    expect(Math.max(...soft.cycles.map((c) => c.compressorA))).toBeLessThanOrEqual(1.15 * limitA);
  });

  it.each([{ kind: "direct" }, { kind: "hard" }, { kind: "soft", limitA: 0.35 * unit.lockedRotorA!.value }] as const)(
    "halving the step moves the $kind start by less than 0.03 s",
    (method) => {
      const prepared = prepare(stiffStart(unit, method));
      if (!prepared.ok) throw new Error(prepared.reason);
      const { input } = prepared.value;
      const wanted = 0.9 * ((4 * Math.PI * input.motor.hz) / input.motor.poles);
      const startS = (steps: number): number => {
        const trace = simulate({ ...input, stepsPerHalfCycle: steps });
        return trace.meter.radS.findIndex((w) => w >= wanted) * trace.halfCycleS;
      };
      const coarse = startS(input.stepsPerHalfCycle);
      expect(coarse).toBeGreaterThan(0);
      expect(Math.abs(coarse - startS(input.stepsPerHalfCycle * 2))).toBeLessThan(0.03);
    },
  );
});

describe("a starter that cannot turn the rotor", () => {
  it("gives each try up at 2 s, tries four times, and says so", () => {
    const soft = study(stiffStart(ROOFTOP, { kind: "soft", limitA: 5 }));
    expect(soft).toMatchObject({ status: "stalled", reason: "starter-gave-up", startS: null, running: null });
    expect(soft.events.starterOpenedAtS).toBeCloseTo(2, 1);
    expect(soft.findings).toContainEqual(
      expect.objectContaining({ code: "starter-gave-up", figures: expect.objectContaining({ tries: 4 }) }),
    );
    expect(soft.cycles.at(-1)!.compressorA).toBe(0);
  });
});
