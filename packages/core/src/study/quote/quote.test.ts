import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { spanOf, studyQuote, USUAL_QUOTE_PRICES } from "./index.ts";

const money = fc.integer({ min: 0, max: 200_000 }).map((c) => c / 100);
const minutes = fc.integer({ min: 0, max: 600 });
const prices = fc.record({
  hourUsd: money,
  terminalUsd: money,
  spliceUsd: money,
  sundriesUsd: money,
  aroundMin: minutes,
  travelMin: minutes,
  proveMin: minutes,
  taxPercent: fc.integer({ min: 0, max: 400 }).map((p) => p / 16),
});
const inputs = fc.record({
  starterUsd: money,
  terminals: fc.integer({ min: 0, max: 40 }),
  splices: fc.integer({ min: 0, max: 20 }),
  wiringMin: minutes.map(spanOf),
  learningMin: minutes,
  prices,
});

describe("a quote", () => {
  it("worked by hand: 350 starter, 12 terminals, 2 splices, an hour and a half, tax 8.25 %", () => {
    const quote = studyQuote({
      starterUsd: 350,
      terminals: 12,
      splices: 2,
      wiringMin: { quick: 45, usual: 60, slow: 90 },
      learningMin: 25,
      prices: { ...USUAL_QUOTE_PRICES, hourUsd: 90, aroundMin: 0, proveMin: 5, travelMin: 0, taxPercent: 8.25 },
    });
    expect(quote.parts.map((l) => [l.code, l.count, l.cents])).toEqual([
      ["starter", 1, 35_000],
      ["terminals", 12, 960],
      ["splices", 2, 300],
      ["sundries", 1, 1500],
    ]);
    expect(quote.partsCents).toBe(37_760);
    expect(quote.work.map((l) => l.code)).toEqual(["wiring", "learning", "readings"]);
    expect(quote.usual).toEqual({ minutes: 90, workCents: 13_500, taxCents: 4229, cents: 55_489 });
    expect([quote.quick.minutes, quote.slow.minutes]).toEqual([75, 120]);
  });

  it("adds up to the cent by its own lines, and is never less when it goes slower", () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const { parts, work, partsCents, quick, usual, slow } = studyQuote(input);
        expect(partsCents).toBe(parts.reduce((sum, l) => sum + l.count * l.eachCents, 0));
        for (const [which, total] of Object.entries({ quick, usual, slow })) {
          expect(total.cents).toBe(partsCents + total.workCents + total.taxCents);
          expect(Number.isInteger(total.cents)).toBe(true);
          const sum = work.reduce((s, l) => s + l.minutes[which as keyof typeof l.minutes], 0);
          expect(Math.abs(total.minutes - sum)).toBeLessThanOrEqual(0.5);
        }
        expect(quick.cents).toBeLessThanOrEqual(usual.cents);
        expect(usual.cents).toBeLessThanOrEqual(slow.cents);
      }),
    );
  });

  it("grows by what one more of anything costs", () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const at = (change: Partial<typeof input>): number => studyQuote({ ...input, ...change }).partsCents;
        const { terminalUsd, spliceUsd } = input.prices;
        expect(at({ terminals: input.terminals + 1 }) - at({})).toBe(Math.round(terminalUsd * 100));
        expect(at({ splices: input.splices + 1 }) - at({})).toBe(Math.round(spliceUsd * 100));
      }),
    );
  });
});
