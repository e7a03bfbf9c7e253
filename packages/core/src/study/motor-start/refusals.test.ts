import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP } from "../../../validation/plates.ts";
import { SOFT_STARTER_PARAMS } from "../../device/soft-starter/index.ts";
import { quantity } from "../../quantity/index.ts";
import { assess } from "../assess/index.ts";
import { findingOf, type StartCase, type StartStudy, studyStart } from "./index.ts";

const plate = (value: number) => quantity(value, "plate");
const SOFT = { kind: "soft", limitA: 22 } as const;
/** The same unit with a rotor that takes its time. */
const HEAVY = { ...ROOFTOP, split: { inertiaPerShaftW: 4e-6 } };

function study(given: StartCase): StartStudy {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

describe("what is refused plainly", () => {
  it.each(["two-stage", "variable-speed", "three-phase"] as const)("a %s unit", (drive) => {
    const given = generatorStart({ ...ROOFTOP, drive }, SOFT, 3000, 3600);
    expect(studyStart(given)).toEqual({ ok: false, reason: "not-this-drive", where: "case" });
  });

  it("a soft starter beside a start aid left in; without the aid, or with it out, it is studied", () => {
    const aided = { ...generatorStart({ ...ROOFTOP, startAidF: 150e-6 }, SOFT, 3000, 3600), aidStaysIn: true };
    expect(studyStart(aided)).toMatchObject({ ok: false, reason: "aid-with-starter" });
    expect(studyStart({ ...aided, aidStaysIn: false }).ok).toBe(true);
    expect(studyStart({ ...aided, unit: ROOFTOP }).ok).toBe(true);
    expect(studyStart({ ...aided, method: { kind: "hard" } }).ok).toBe(true);
  });
});

describe("208 V and rules for what is plugged in", () => {
  const shore = (plateVolts: number, volts: number, more: Partial<StartCase["unit"]> = {}): StartCase => ({
    ...generatorStart(
      {
        ...ROOFTOP,
        plateVolts,
        lockedRotorA: plate(plateVolts > 160 ? 30 : 50),
        ratedLoadA: plate(plateVolts > 160 ? 5.5 : 10.4),
        ...more,
      },
      SOFT,
      1,
      1,
    ),
    method: { kind: "soft" },
    source: { kind: "shore", volts: quantity(volts, "measured"), breakerA: plate(15), ohm: quantity(0.3, "measured") },
  });

  it("asks for the plate's lowest volts on two legs of three phases, and judges by them", () => {
    expect(studyStart(shore(230, 208))).toEqual({ ok: false, reason: "needs-lowest-volts", where: "case" });
    const range = study(shore(230, 208, { lowestVolts: 208 })).result;
    expect(range.findings.map((f) => f.code)).not.toContain("run-volts-too-low");
    const plain = study(shore(230, 208, { lowestVolts: 230 })).result;
    expect(findingOf(plain.findings, "run-volts-too-low")!.figures.limitV).toBeCloseTo(207, 9);
  });

  it("allows a plug-in unit 80 % of its circuit alone and 50 % beside other loads; a wired one is told by its motor", () => {
    const on = (plugIn: boolean, backgroundA: number) => study({ ...shore(115, 120, { plugIn }), backgroundA }).result;
    const alone = on(true, 0);
    expect(alone.findings.map((f) => f.code)).not.toContain("rule-plug-in");
    const beside = findingOf(on(true, 1).findings, "rule-plug-in")!;
    expect(beside).toMatchObject({ severity: "warn", figures: { share: 0.5, limitA: 7.5 }, source: "NEC 440.62, from memory" });
    expect(beside.figures.amps).toBeLessThan(12);
    expect(assess(on(true, 1), null).fit).toBe("just-fits");
    expect(on(false, 1).findings.map((f) => f.code)).not.toContain("rule-plug-in");
  });
});

describe("a starter that lets go", () => {
  it("waits and tries again with a higher limit until it starts", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "soft", limitA: 8 }, 6000, 8000));
    expect(result).toMatchObject({ status: "started", reason: "at-speed" });
    const limits = result.retries.map((r) => r.limitA);
    expect(limits.length).toBeGreaterThan(1);
    for (const [i, limitA] of limits.entries()) expect(limitA).toBeCloseTo(8 * 1.2 ** i, 9);
    expect(findingOf(result.findings, "starter-retries")!.figures).toEqual({
      tries: limits.length + 1,
      limitA: expect.closeTo(8 * 1.2 ** limits.length, 9),
      startS: result.startS,
    });
    expect(Math.max(...result.cycles.map((c) => c.compressorA))).toBeLessThan(1.15 * 8 * 1.2 ** limits.length);
  });

  it("gives up after its last try, and that is no answer but no", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "soft", limitA: 5 }, 6000, 8000));
    expect(result).toMatchObject({ status: "stalled", reason: "starter-gave-up", startS: null });
    expect(result.retries).toHaveLength(SOFT_STARTER_PARAMS.retries.value);
    expect(assess(result, null).fit).toBe("too-much");
  });

  it("tries nothing after a start that was made", () => {
    expect(study(generatorStart(ROOFTOP, SOFT, 6000, 8000)).result.retries).toEqual([]);
  });
});

describe("a breaker through repeated starts", () => {
  const onBreaker = (amps: number, method: StartCase["method"], unit = ROOFTOP): StartStudy =>
    study({
      ...generatorStart(unit, method, 1, 1),
      source: { kind: "shore", volts: plate(120), breakerA: plate(amps), ohm: plate(0.1) },
    });

  it("stands a settled starter's starts for ever, and tires sooner of direct ones", () => {
    expect(onBreaker(20, SOFT).result.breaker).toMatchObject({ mayTripAt: null, tripsAt: null });
    const direct = onBreaker(15, { kind: "direct" }, HEAVY).result;
    expect(direct.breaker!.mayTripAt).not.toBeNull();
    expect(direct.breaker!.tripsAt ?? 99).toBeGreaterThanOrEqual(direct.breaker!.mayTripAt!);
    const wider = onBreaker(30, { kind: "direct" }, HEAVY).result.breaker!;
    expect(wider.mayTripAt ?? 99).toBeGreaterThanOrEqual(direct.breaker!.mayTripAt!);
  });

  it("judges by the breaker's own band where there is one", () => {
    const quick = { x: 1.2, y: 0.1 };
    const given: StartCase = {
      ...generatorStart(ROOFTOP, { kind: "direct" }, 1, 1),
      source: {
        kind: "shore",
        volts: plate(120),
        breakerA: plate(30),
        ohm: plate(0.1),
        band: {
          earliest: [quick, { x: 10, y: 0.005 }],
          latest: [
            { x: 1.2, y: 0.2 },
            { x: 10, y: 0.01 },
          ],
        },
      },
    };
    expect(study(given).result).toMatchObject({ status: "tripped", reason: "breaker-tripped" });
  });
});
