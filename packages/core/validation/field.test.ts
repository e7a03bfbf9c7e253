import { describe, expect, it } from "vitest";
import { shutdownAfterS } from "../src/device/engine/index.ts";
import { type Assessment, assess } from "../src/study/assess/index.ts";
import { summarise, tryBatch } from "../src/study/confidence/index.ts";
import { findingOf, type StartCase, type StartStudy, studyStart } from "../src/study/motor-start/index.ts";
import { CONDENSER, generatorStart, ROOFTOP, setStart } from "./plates.ts";

function study(given: StartCase): StartStudy {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

function assessed(given: StartCase): Assessment {
  const tried = tryBatch(given, 1, 0, 100);
  if (!tried.ok) throw new Error(tried.reason);
  return assess(study(given).result, summarise([tried.value]));
}

const SOFT = { kind: "soft" } as const;
const AS_FOUND_WITH_AID = { ...ROOFTOP, startAidF: 150e-6 };

/** Field figures: common practice, no source. Nothing here is tuned to a case; every default is the table's. */
describe("13,500 BTU/h rooftop on small inverter generators", () => {
  it("starts with a starter on 2,000 W peak, 1,600 W running, and is too much to keep running", () => {
    const given = generatorStart(ROOFTOP, SOFT, 1600, 2000);
    expect(study(given).result.status).toBe("started");
    expect(assessed(given)).toMatchObject({ fit: "too-much", start: { fit: "just-fits" }, run: { fit: "too-much" }, decides: "run" });
    expect(study(given).result.findings.map((f) => f.code)).toContain("run-over-rating");
  });

  it("keeps running on 2,100 W peak, 1,700 W running, if only just", () => {
    expect(assessed(generatorStart(ROOFTOP, SOFT, 1700, 2100))).toMatchObject({ fit: "just-fits", run: { fit: "just-fits" } });
  });

  it("stops after some minutes on the first and never on the second, in watts against the overload curve", () => {
    const over = (watts: number, peakW: number) =>
      findingOf(study(generatorStart(ROOFTOP, SOFT, watts, peakW)).result.findings, "run-over-rating")?.figures;
    const first = over(1600, 2000)!;
    expect(first.afterS).toBeCloseTo(shutdownAfterS(first.watts / first.limitW), 9);
    expect(first.afterS).toBeGreaterThan(60);
    expect(first.afterS).toBeLessThan(900);
    expect(over(1700, 2100)).toBeUndefined();
  });

  it.each([{ kind: "direct" }, { kind: "as-found" }] as const)("does not start $kind on 2,000 W peak", (method) => {
    const { result } = study(generatorStart(AS_FOUND_WITH_AID, method, 1600, 2000));
    expect(result).toMatchObject({ status: "tripped", reason: "source-undervoltage" });
  });

  it("needs about 2,700 W to start as found with its start aid", () => {
    const starts = (surgeW: number): boolean =>
      study(generatorStart(AS_FOUND_WITH_AID, { kind: "as-found" }, surgeW * 0.8, surgeW)).result.status === "started";
    expect(starts(3100)).toBe(true);
    expect(starts(2000)).toBe(false);
  });

  it("draws about a third of the direct start with a starter that has learned", () => {
    const on = (method: StartCase["method"]): number => study(generatorStart(ROOFTOP, method, 9000, 12000)).result.peak.inrush100msA;
    const cut = 1 - on(SOFT) / on({ kind: "direct" });
    expect(cut).toBeGreaterThan(0.55);
    expect(cut).toBeLessThan(0.75);
  });
});

describe("48,000 BTU/h condenser on conventional sets", () => {
  const settled = { kind: "soft", limitA: 35.8 } as const;

  it("starts settled on 5,500 W running, 6,875 W starting, with a dip", () => {
    const { result } = study(setStart(CONDENSER, settled, 5500, 6875));
    expect(result.status).toBe("started");
    const lowest = Math.min(...result.cycles.map((c) => c.volts));
    expect(lowest).toBeLessThan(0.9 * 240);
    expect(lowest).toBeGreaterThan(0.6 * 240);
  });

  it("does not start direct on it: watts compared with watts would have said the same of the starter", () => {
    expect(study(setStart(CONDENSER, { kind: "direct" }, 5500, 6875)).result).toMatchObject({
      status: "tripped",
      reason: "engine-stalled",
    });
    expect(35.8 * 240).toBeGreaterThan(6875);
  });

  it("starts badly direct on a 9,000 W set", () => {
    const given = setStart(CONDENSER, { kind: "direct" }, 9000, 11250);
    const { result } = study(given);
    expect(result.status).toBe("started");
    expect(result.findings.map((f) => f.code)).toContain("engine-badly");
    expect(result.start.spareShare!).toBeLessThan(0.05);
    expect(assessed(given).fit).not.toBe("fits");
  });
});
