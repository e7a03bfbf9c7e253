import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import { type Remedy, studyRemedies } from "./index.ts";

const AS_FOUND: StartCase = generatorStart(ROOFTOP, { kind: "as-found" }, 2200, 2700);
const by = (given: StartCase, others: StartCase["source"][] = []): Readonly<Record<string, Remedy>> =>
  Object.fromEntries(studyRemedies(given, others).remedies.map((r) => [r.code, r]));

describe("remedies side by side on a 2,200 W set", () => {
  it("finds that as it is it does not start, and with a starter it starts and keeps running", () => {
    const found = by(AS_FOUND);
    expect(found["as-is"]).toMatchObject({ fit: "too-much", starts: false });
    expect(found.soft).toMatchObject({ fit: "fits", starts: true });
    expect(found.soft!.runMarginA!).toBeGreaterThan(3);
  });

  it("recommends the cheapest that fits, and takes one that just fits only when none does", () => {
    const { remedies, best } = studyRemedies(AS_FOUND, []);
    const chosen = remedies[best!]!;
    expect(chosen.code).toBe("soft");
    for (const r of remedies) if (r.fit === "fits") expect(r.usd).toBeGreaterThanOrEqual(chosen.usd);
    const small = studyRemedies(generatorStart(ROOFTOP, { kind: "as-found" }, 1700, 2100), []);
    expect(small.remedies[small.best!]!.fit).toBe("fits");
    const none = studyRemedies(
      {
        ...stiffStart(ROOFTOP, { kind: "as-found" }),
        source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") },
      },
      [],
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
    const here = studyRemedies(AS_FOUND, [outlet]);
    expect(here.remedies[here.best!]!.code).toBe("soft");
    expect(here.remedies.find((r) => r.code === "other-source")).toMatchObject({ fit: "fits", usd: 0, other: 0 });
    const thin: StartCase["source"] = { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(10, "plate") };
    const there = studyRemedies({ ...AS_FOUND, source: thin }, [outlet]);
    expect(there.remedies[there.best!]).toMatchObject({ code: "other-source", other: 0 });
  });

  it("offers two in parallel only of inverter generators, and a bigger breaker never", () => {
    expect(by(AS_FOUND).parallel).toMatchObject({ usd: 2000 });
    const shore = studyRemedies(
      { ...AS_FOUND, source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(15, "plate") } },
      [],
    );
    expect(shore.remedies.map((r) => r.code)).toEqual(["as-is", "hard", "soft"]);
  });

  it("says plainly that a starter does not lower running amps", () => {
    const found = by(generatorStart(ROOFTOP, { kind: "as-found" }, 4500, 6000));
    expect(found.soft!.runMarginA!).toBeCloseTo(found["as-is"]!.runMarginA!, 9);
  });
});
