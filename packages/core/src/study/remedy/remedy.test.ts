import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import { type Choices, type Remedy, type StarterRating, sizeStarter, studyRemedies, USUAL_PRICES } from "./index.ts";

const AS_FOUND: StartCase = generatorStart(ROOFTOP, { kind: "as-found" }, 2200, 2700);
const choices = (more: Partial<Choices> = {}): Choices => ({
  others: [],
  starters: [],
  prices: USUAL_PRICES,
  service: { startAid: false, runCapacitorF: null },
  ...more,
});
const by = (given: StartCase, more: Partial<Choices> = {}): Readonly<Record<string, Remedy>> =>
  Object.fromEntries(studyRemedies(given, choices(more)).remedies.map((r) => [r.code, r]));

describe("remedies side by side on a 2,200 W set", () => {
  it("finds that as it is it does not start, and with a starter it starts and keeps running", () => {
    const found = by(AS_FOUND);
    expect(found["as-is"]).toMatchObject({ fit: "too-much", starts: false });
    expect(found.soft).toMatchObject({ fit: "fits", starts: true });
    expect(found.soft!.runMarginA!).toBeGreaterThan(3);
  });

  it("recommends the cheapest that fits, and takes one that just fits only when none does", () => {
    const { remedies, best } = studyRemedies(AS_FOUND, choices());
    const chosen = remedies[best!]!;
    expect(chosen.code).toBe("soft");
    for (const r of remedies) if (r.fit === "fits") expect(r.usd).toBeGreaterThanOrEqual(chosen.usd);
    const small = studyRemedies(generatorStart(ROOFTOP, { kind: "as-found" }, 1700, 2100), choices());
    expect(small.remedies[small.best!]!.fit).toBe("fits");
    const none = studyRemedies(
      {
        ...stiffStart(ROOFTOP, { kind: "as-found" }),
        source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") },
      },
      choices(),
    );
    expect(none.best).toBeNull();
  });

  it("sheds only what is on", () => {
    expect(by(AS_FOUND).shed).toBeUndefined();
    const loaded = by({ ...AS_FOUND, backgroundA: 6 });
    expect(loaded["soft-shed"]!.runMarginA!).toBeGreaterThan(loaded.soft!.runMarginA! + 4);
  });

  it("sends to another source only where nothing holds on this one", () => {
    const outlet: StartCase["source"] = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(30, "plate") };
    const here = studyRemedies(AS_FOUND, choices({ others: [outlet] }));
    expect(here.remedies[here.best!]!.code).toBe("soft");
    expect(here.remedies.find((r) => r.code === "other-source")).toMatchObject({ fit: "fits", usd: 0, other: 0 });
    const thin: StartCase["source"] = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") };
    const there = studyRemedies({ ...AS_FOUND, source: thin }, choices({ others: [outlet] }));
    expect(there.remedies[there.best!]).toMatchObject({ code: "other-source", other: 0 });
  });

  it("offers two in parallel only of inverter generators, and a bigger breaker never", () => {
    expect(by(AS_FOUND).parallel).toMatchObject({ usd: USUAL_PRICES.secondUsd });
    const shore = studyRemedies(
      { ...AS_FOUND, source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(15, "plate") } },
      choices(),
    );
    expect(shore.remedies.map((r) => r.code)).toEqual(["as-is", "hard", "soft"]);
  });

  it("says plainly that a starter does not lower running amps", () => {
    const found = by(generatorStart(ROOFTOP, { kind: "as-found" }, 4500, 6000));
    expect(found.soft!.runMarginA!).toBeCloseTo(found["as-is"]!.runMarginA!, 9);
  });

  it("offers service only where there is something to restore, and simulates it restored", () => {
    expect(by(AS_FOUND).service).toBeUndefined();
    const weak = {
      ...AS_FOUND,
      unit: { ...ROOFTOP, runCapacitorF: quantity(30e-6, "measured") },
      source: stiffStart(ROOFTOP, { kind: "direct" }).source,
    };
    const serviced = by(weak, { service: { startAid: true, runCapacitorF: quantity(45e-6, "plate") } });
    expect(serviced.service!.given.unit).toMatchObject({ runCapacitorF: { value: 45e-6 }, startAidF: 150e-6 });
    expect(serviced.service!.usd).toBe(USUAL_PRICES.visitUsd);
    expect(serviced.service!.fit).not.toBe("too-much");
  });

  it("offers a heavier cord only where there is one", () => {
    expect(by(AS_FOUND).cord).toBeUndefined();
    const source: StartCase["source"] = {
      kind: "shore",
      volts: quantity(120, "plate"),
      breakerA: quantity(20, "plate"),
      ohm: quantity(0.1, "measured"),
      cords: [{ awg: 14, lengthM: 30 }],
    };
    const found = by({ ...AS_FOUND, source });
    expect(found.cord!.given.source.cords).toEqual([{ awg: 10, lengthM: 30 }]);
    expect(found.cord!.starts).toBe(true);
    expect(by({ ...AS_FOUND, source: { ...source, cords: [{ awg: 0, lengthM: 30 }] } }).cord).toBeUndefined();
  });

  it("takes its prices from the user, and among those that fit the cheapest changes with them", () => {
    const aided = generatorStart({ ...ROOFTOP, startAidF: 150e-6 }, { kind: "as-found" }, 3000, 3600);
    const usual = studyRemedies(aided, choices());
    expect(usual.remedies[usual.best!]!.code).toBe("soft");
    const dear = studyRemedies(aided, choices({ prices: { ...USUAL_PRICES, starterUsd: 4000 } }));
    expect(dear.remedies[dear.best!]!).toMatchObject({ code: "parallel", fit: "fits", usd: USUAL_PRICES.secondUsd });
    expect(dear.remedies.find((r) => r.code === "soft")!.usd).toBe(4000);
  });

  it("a hard start kit takes the place of the aid there is, never beside it", () => {
    const aided = by({ ...AS_FOUND, unit: { ...ROOFTOP, startAidF: 150e-6 } });
    expect(aided.hard!.given.unit.startAidF).toBe(0);
  });
});

describe("a starter's size", () => {
  const rating: StarterRating = { volts: [100, 125], tons: [0.75, 1.5], lockedRotorMostA: 75, startCapacitorF: 100e-6, usd: 289 };
  const unit = { ...ROOFTOP, coolingW: quantity(13_500 * 0.29307107, "plate") };

  it("matches a unit inside every figure of its sheet", () => {
    expect(sizeStarter(rating, unit)).toEqual([]);
  });

  it.each([
    ["volts", rating, { ...unit, plateVolts: 230 }],
    ["tons-over", { ...rating, tons: [0.5, 1] as const }, unit],
    ["tons-under", { ...rating, tons: [2, 3] as const }, unit],
    ["locked-over", { ...rating, lockedRotorMostA: 60 }, unit],
    ["tons-not-known", { ...rating, lockedRotorMostA: null }, ROOFTOP],
    ["locked-not-known", rating, { plateVolts: 115, hz: 60, startAidF: 0, ratedLoadA: quantity(13, "plate") }],
  ] as const)("does not match for %s", (reason, sheet, other) => {
    expect(sizeStarter(sheet, other)).toContain(reason);
  });

  it("puts each that matches into the comparison with its own price and capacitor, and the nameless one only where none does", () => {
    const { remedies } = studyRemedies({ ...AS_FOUND, unit }, choices({ starters: [{ ...rating, volts: [200, 250] }, rating] }));
    const soft = remedies.filter((r) => r.code === "soft");
    expect(soft).toHaveLength(1);
    expect(soft[0]).toMatchObject({ starter: 1, usd: 289, given: { method: { startCapacitorF: 100e-6 } } });
    const none = studyRemedies({ ...AS_FOUND, unit }, choices({ starters: [{ ...rating, volts: [200, 250] }] }));
    expect(none.remedies.find((r) => r.code === "soft")).toMatchObject({ starter: -1 });
  });
});
