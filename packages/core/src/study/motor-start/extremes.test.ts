import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { quantity } from "../../quantity/index.ts";
import { tryBatch } from "../confidence/index.ts";
import { type SourceCase, type StartCase, studyStart, type UnitCase } from "./index.ts";

const plate = (value: number) => quantity(value, "plate");
const about = { backgroundA: 0, outdoorC: 35, seconds: 1 } as const;
const shore = (ohm: number): SourceCase => ({ kind: "shore", volts: plate(120), ohm: plate(ohm), breakerA: plate(30) });
const unit = (lockedRotorA: number, more: Partial<UnitCase> = {}): UnitCase => ({
  plateVolts: 115,
  hz: 60,
  lockedRotorA: plate(lockedRotorA),
  seenToStart: false,
  ...more,
});
const watts = { volts: plate(120), runningW: plate(2000), surgeW: plate(2400), altitudeM: 0 };

/** Every number in it, however deep. */
function numbersIn(value: unknown): number[] {
  if (typeof value === "number") return [value];
  return typeof value === "object" && value !== null ? Object.values(value).flatMap(numbersIn) : [];
}

describe("figures that hardly belong together", () => {
  it.each<[string, StartCase]>([
    ["630 A locked behind 5 ohm", { ...about, unit: unit(630), source: shore(5), method: { kind: "direct" } }],
    ["the same with a starter", { ...about, unit: unit(630), source: shore(5), method: { kind: "soft" } }],
    ["51.8 A with 1 µF", { ...about, unit: unit(51.8, { runCapacitorF: plate(1e-6) }), source: shore(0.2), method: { kind: "direct" } }],
    ["1,000 A on 2,000 W", { ...about, unit: unit(1000), source: { kind: "inverter-generator", ...watts }, method: { kind: "soft" } }],
    ["1,000 A on a conventional set", { ...about, unit: unit(1000), source: { kind: "generator", ...watts }, method: { kind: "hard" } }],
    [
      "2 A locked with a large start capacitor on a set",
      {
        ...about,
        unit: { ...unit(2, { fanA: plate(50) }), plateVolts: 90 },
        source: { kind: "generator", volts: plate(90), surgeW: plate(200_000), altitudeM: 6096, avrTimeConstantS: 0.001 },
        method: { kind: "hard", startCapacitorF: 209.486e-6 },
        backgroundA: 150,
        seconds: 6.6,
      },
    ],
  ])("%s comes to an end, and every figure of it is finite", (_name, given) => {
    const study = studyStart(given);
    if (!study.ok) throw new Error(study.reason);
    for (const n of numbersIn(study.value)) expect(Number.isFinite(n)).toBe(true);
    const { result } = study.value;
    expect(result.peak.cycleRmsA).toBeLessThan(3000);
    const tried = tryBatch(given, 1, 0, 10);
    expect(tried.ok && numbersIn(tried.value).every(Number.isFinite)).toBe(true);
  });

  it("at any corner of what may be entered, a start ends in finite figures or is refused", () => {
    const spread = (low: number, high: number): fc.Arbitrary<number> =>
      fc.double({ min: Math.log(low), max: Math.log(high), noNaN: true }).map(Math.exp);
    const sources = fc.tuple(spread(0.01, 5), fc.constantFrom("shore", "generator", "inverter-generator", "inverter"), spread(50, 100_000));
    const ways = fc.constantFrom("as-found", "direct", "hard", "soft" as const);
    fc.assert(
      fc.property(spread(2, 1000), spread(1, 500), sources, ways, fc.boolean(), (lra, uf, [ohm, kind, w], way, high) => {
        const volts = plate(high ? 240 : 120);
        const source = (
          kind === "shore" ? { ...shore(ohm), volts } : { kind, ...watts, volts, runningW: plate(w), surgeW: plate(1.2 * w) }
        ) as SourceCase;
        const asked = { ...unit(lra, { runCapacitorF: plate(uf * 1e-6) }), plateVolts: high ? 230 : 115 };
        const study = studyStart({ ...about, unit: asked, source, method: { kind: way as "direct" } });
        if (study.ok) for (const n of numbersIn(study.value)) expect(Number.isFinite(n)).toBe(true);
        else expect(["no-fit", "not-computable", "contradicts"]).toContain(study.reason);
      }),
      { seed: 31, numRuns: 60 },
    );
  });
});
