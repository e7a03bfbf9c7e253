import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import { ASSESS_PARAMS, fitOfShare } from "../assess/index.ts";
import type { Confidence } from "../confidence/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import {
  type AssessedRemedy,
  adviseOf,
  assessRemedy,
  type Choices,
  type StarterRating,
  sizeStarter,
  studyRemedies,
  USUAL_PRICES,
} from "./index.ts";

const AS_FOUND: StartCase = generatorStart(ROOFTOP, { kind: "as-found" }, 2200, 2700);
const choices = (more: Partial<Choices> = {}): Choices => ({
  others: [],
  starters: [],
  prices: USUAL_PRICES,
  service: { startAid: false, runCapacitorF: null },
  ...more,
});
/** The remedies of a case, judged at the centre of what is known. */
const judged = (given: StartCase, more: Partial<Choices> = {}): readonly AssessedRemedy[] =>
  studyRemedies(given, choices(more)).map((remedy) => assessRemedy(remedy, null));
const by = (given: StartCase, more: Partial<Choices> = {}): Readonly<Record<string, AssessedRemedy>> =>
  Object.fromEntries(judged(given, more).map((r) => [r.code, r]));
const taken = (remedies: readonly AssessedRemedy[]): AssessedRemedy => remedies[adviseOf(remedies).take!]!;

describe("remedies side by side on a 2,200 W set", () => {
  it("finds that as it is it does not start, and with a starter it starts and keeps running", () => {
    const found = by(AS_FOUND);
    expect(found["as-is"]!.assessment).toMatchObject({ fit: "too-much", start: { fit: "too-much" }, run: null });
    expect(found.soft!.assessment).toMatchObject({ fit: "fits", provisional: true, start: { fit: "fits" } });
    expect(found.soft!.assessment.run!.spareA!).toBeGreaterThan(3);
  });

  it("takes the cheapest that fits on this source, and nothing where nothing does", () => {
    const remedies = judged(AS_FOUND);
    expect(taken(remedies).code).toBe("soft");
    for (const r of remedies) if (r.assessment.fit === "fits") expect(r.usd).toBeGreaterThanOrEqual(taken(remedies).usd);
    const shore = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") } as const;
    const none = judged({ ...stiffStart(ROOFTOP, { kind: "as-found" }), source: shore });
    expect(adviseOf(none)).toEqual({ take: null, sure: null });
  });

  it("sheds only what is on", () => {
    expect(by(AS_FOUND).shed).toBeUndefined();
    const loaded = by({ ...AS_FOUND, backgroundA: 6 });
    expect(loaded["soft-shed"]!.assessment.run!.spareA!).toBeGreaterThan(loaded.soft!.assessment.run!.spareA! + 4);
  });

  it("sends to another source only where nothing holds on this one", () => {
    const outlet: StartCase["source"] = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(30, "plate") };
    const here = judged(AS_FOUND, { others: [outlet] });
    expect(taken(here).code).toBe("soft");
    expect(here.find((r) => r.code === "other-source")).toMatchObject({ assessment: { fit: "fits" }, usd: 0, other: 0 });
    const thin: StartCase["source"] = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") };
    expect(taken(judged({ ...AS_FOUND, source: thin }, { others: [outlet] }))).toMatchObject({ code: "other-source", other: 0 });
  });

  it("offers two in parallel only of inverter generators, and a bigger breaker never", () => {
    expect(by(AS_FOUND).parallel).toMatchObject({ usd: USUAL_PRICES.secondUsd });
    const shore = judged({ ...AS_FOUND, source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(15, "plate") } });
    expect(shore.map((r) => r.code)).toEqual(["as-is", "hard", "soft"]);
  });

  it("says plainly that a starter does not lower running amps", () => {
    const found = by(generatorStart(ROOFTOP, { kind: "as-found" }, 4500, 6000));
    expect(found.soft!.assessment.run!.spareA!).toBeCloseTo(found["as-is"]!.assessment.run!.spareA!, 9);
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
    expect(serviced.service!.assessment.fit).not.toBe("too-much");
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
    expect(found.cord!.assessment.start.fit).not.toBe("too-much");
    expect(by({ ...AS_FOUND, source: { ...source, cords: [{ awg: 0, lengthM: 30 }] } }).cord).toBeUndefined();
  });

  it("takes its prices from the user, and among those that fit the cheapest changes with them", () => {
    const aided = { ...AS_FOUND, unit: { ...ROOFTOP, startAid: "ptc", startAidF: 150e-6 } } as const;
    expect(taken(judged(aided)).code).toBe("soft");
    const dear = judged(aided, { prices: { ...USUAL_PRICES, starterUsd: 4000 } });
    expect(taken(dear)).toMatchObject({ code: "parallel", assessment: { fit: "fits" }, usd: USUAL_PRICES.secondUsd });
    expect(dear.find((r) => r.code === "soft")!.usd).toBe(4000);
  });

  it("a hard start kit takes the place of the aid there is, never beside it", () => {
    const bare = by({ ...AS_FOUND, unit: { ...ROOFTOP, startAid: "none" } }).hard!.assessment;
    const aided = by({ ...AS_FOUND, unit: { ...ROOFTOP, startAid: "relay", startAidF: 150e-6 } }).hard!.assessment;
    expect(aided.findings).toEqual(bare.findings);
    expect(aided.start.neededA).toBeCloseTo(bare.start.neededA, 6);
  });
});

describe("what to take", () => {
  /** A remedy at a price that works in so many of a hundred tries. */
  const tried = (code: AssessedRemedy["code"], usd: number, holds: number) => {
    const tries: Confidence = { trials: 100, holds, starts: 100, share: holds / 100, interval: [0, 1], rejectedShare: 0 };
    return { code, usd, assessment: { fit: fitOfShare(holds / 100), tries } };
  };

  it("is never $2,350 over $380 for two more tries in a hundred: the cheap one, the sure one named beside it", () => {
    const list = [tried("as-is", 0, 20), tried("soft", 380, 93), tried("bigger", 2350, 95)];
    expect(adviseOf(list)).toEqual({ take: 1, sure: 2 });
  });

  it("is the sure one where the cheaper is not much cheaper, or works less than 80 times", () => {
    expect(adviseOf([tried("soft", 380, 93), tried("bigger", 420, 99)])).toEqual({ take: 1, sure: null });
    expect(adviseOf([tried("soft", 380, 79), tried("bigger", 2350, 99)])).toEqual({ take: 1, sure: null });
  });

  it("is the cheapest of several sure ones", () => {
    expect(adviseOf([tried("bigger", 2350, 100), tried("soft", 380, 95), tried("hard", 60, 70)])).toEqual({ take: 1, sure: null });
  });

  it("is the one that works most often where none is sure, and none below half", () => {
    expect(adviseOf([tried("soft", 380, 74), tried("hard", 60, 55)])).toEqual({ take: 0, sure: null });
    expect(adviseOf([tried("soft", 380, 49), tried("hard", 60, 12)])).toEqual({ take: null, sure: null });
  });

  it("goes by the centre until enough tries are in", () => {
    const few = { ...tried("soft", 380, 99).assessment, fit: "too-much" as const };
    const early = { ...few, tries: { ...few.tries, trials: ASSESS_PARAMS.triesToSay.value - 1 } };
    expect(adviseOf([{ code: "soft", usd: 380, assessment: early }])).toEqual({ take: null, sure: null });
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
    const remedies = studyRemedies({ ...AS_FOUND, unit }, choices({ starters: [{ ...rating, volts: [200, 250] }, rating] }));
    const soft = remedies.filter((r) => r.code === "soft");
    expect(soft).toHaveLength(1);
    expect(soft[0]).toMatchObject({ starter: 1, usd: 289, given: { method: { startCapacitorF: 100e-6 } } });
    const none = studyRemedies({ ...AS_FOUND, unit }, choices({ starters: [{ ...rating, volts: [200, 250] }] }));
    expect(none.find((r) => r.code === "soft")).toMatchObject({ starter: -1 });
  });
});
