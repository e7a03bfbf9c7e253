import { spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { START_BOUNDS } from "@amp-saver/cases/files";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { check } from "../src/check.ts";
import { PLATE, refused, run } from "./ask.ts";

const REFERENCE = {
  format: "amp-saver/start-case",
  version: 1,
  unit: { volts: 115, hz: 60, lraA: 63, rlaA: 13.2, runCapUf: 45 },
  motor: { r1: 0.78, x1: 0.626, r2: 0.52, x2: 0.626, xm: 39.7, turnsRatio: 1.3, ra: 3.12, xa: 1.058, poles: 2, inertiaKgM2: 0.0012 },
  load: { ratedNm: 3.3, breakaway: 0.07, build: 0.6, buildRevs: 300 },
  start: { method: "direct" },
  source: { kind: "ideal", volts: 120, ohm: 0.05, mH: 0.1 },
  seconds: 1,
};
describe("a start case", () => {
  it("prints what the format names, one row a cycle", () => {
    const result = run(REFERENCE);
    expect(Object.keys(result)).toEqual([
      "format",
      "version",
      "status",
      "reason",
      "startS",
      "peak",
      "minVolts",
      "endRadS",
      "runA",
      "assessment",
      "assumed",
      "tries",
      "smallest",
      "issues",
      "cycles",
    ]);
    expect(Object.keys(result.peak)).toEqual(["firstHalfCycleA", "cycleRmsA", "inrush100msA", "maxHoldA"]);
    expect(result.cycles.length).toBe(60);
    expect(Object.keys(result.cycles[0]!)).toEqual(["t", "rmsA", "volts", "radS"]);
    expect(result.cycles.at(-1)!.t).toBeCloseTo(1, 9);
    expect(result.minVolts).toBe(Math.min(...result.cycles.map((c) => c.volts!)));
    expect(result.peak.cycleRmsA).toBe(Math.max(...result.cycles.map((c) => c.rmsA!)));
    expect(result.peak.inrush100msA).toBeGreaterThan(result.peak.maxHoldA!);
  });

  it("counts fan and background in every reported amp", () => {
    const idle = run({ ...PLATE, start: { method: "soft", limitA: 22 }, source: { ...PLATE.source, surgeW: 9000, runningW: 9000 } });
    const first = idle.cycles[0]!;
    const alone = run({
      ...PLATE,
      unit: { volts: 115, lraA: 63 },
      source: { ...PLATE.source, surgeW: 9000, runningW: 9000, backgroundA: 0 },
    }).cycles[0]!;
    expect(first.rmsA! - alone.rmsA!).toBeGreaterThan(0.5);
    expect(first.rmsA! - alone.rmsA!).toBeLessThan(3.6);
    expect(idle.runA! - 3.5).toBeGreaterThan(8);
  });

  it("drops a last part row", () => {
    expect(run({ ...REFERENCE, seconds: 0.11 }).cycles.length).toBe(6);
    expect(run({ ...REFERENCE, unit: { ...REFERENCE.unit, hz: 50 }, seconds: 0.11 }).cycles.length).toBe(5);
  });

  it("ends with zero amps and volts once tripped, and says why", () => {
    const result = run({ ...PLATE, start: { method: "direct" } });
    expect(result).toMatchObject({ status: "tripped", reason: "source-undervoltage", startS: null, runA: null });
    expect(result.cycles.at(-1)).toMatchObject({ rmsA: 0, volts: 0 });
    expect(result.issues.map((i) => i.code)).toContain("source-undervoltage");
  });

  it("moves a start that closes at the crest", () => {
    const crest = run({ ...REFERENCE, source: { ...REFERENCE.source, closingDeg: 90 } });
    expect(crest.peak.firstHalfCycleA).not.toBeCloseTo(run(REFERENCE).peak.firstHalfCycleA!, 0);
    expect(Math.abs(crest.startS! - run(REFERENCE).startS!)).toBeLessThan(0.1);
  });

  it("takes rated amps, or a whole motor, in place of locked rotor amps", () => {
    expect(run({ ...PLATE, unit: { volts: 115, rlaA: 13 } }).status).toBe("started");
    expect(run({ ...REFERENCE, unit: { volts: 115 }, load: undefined }).status).toBe("started");
  });

  it("runs any case inside the bounds without a figure that is not finite", () => {
    const plate = fc.record({
      lraA: fc.double({ min: 20, max: 180, noNaN: true }),
      hz: fc.constantFrom(50, 60),
      fanA: fc.double({ min: 0, max: 5, noNaN: true }),
      seenToStart: fc.boolean(),
    });
    const source = fc.record({
      kind: fc.constantFrom("ideal", "shore", "inverter-generator", "inverter", "generator"),
      runningW: fc.integer({ min: 500, max: 9000 }),
      closingDeg: fc.integer({ min: 0, max: 360 }),
      altitudeFt: fc.integer({ min: 0, max: 14000 }),
      ambientF: fc.integer({ min: 20, max: 120 }),
    });
    const start = fc.constantFrom(
      { method: "direct" },
      { method: "hard" },
      { method: "as-found" },
      { method: "soft", limitA: 20 },
      { method: "soft" },
    );
    fc.assert(
      fc.property(plate, fc.constantFrom(115, 230), source, start, fc.constantFrom(0, 0, 0, 3), (unit, volts, from, way, trials) => {
        const given = {
          format: "amp-saver/start-case",
          version: 1,
          unit: { ...unit, volts },
          source: from,
          start: way,
          seconds: 0.5,
          trials,
        };
        const outcome = check(JSON.stringify(given));
        if (outcome.exit === 2) {
          expect(outcome.line).toMatch(/unit: (no motor fits this plate|with these figures it would not start as found)/);
          return;
        }
        // JSON has no word for what is not finite: it would print null where a figure belongs.
        expect(nulls(JSON.parse(outcome.out)).filter((path) => !MAY_BE_NULL.test(path))).toEqual([]);
      }),
      { numRuns: 16, seed: 7 },
    );
  });
});

/** Where there may be no figure: nothing started, or no size of it would do. */
const MAY_BE_NULL =
  /^(startS|runA|tries|smallest|assessment\.(run|leastVolts|decides|stopsAboveF|stopsAboveFt)|assessment\.(start|run)\.(availableA|spareA|spareShare)|issues\.\d+\.figures\.(afterS|overloadOpensS|breakerTripsS))$/;

/** Paths at which an object holds null. */
function nulls(value: unknown, path = ""): string[] {
  if (value === null) return [path];
  if (typeof value !== "object") return [];
  return Object.entries(value as object).flatMap(([key, inner]) => nulls(inner, path === "" ? key : `${path}.${key}`));
}

describe("a bad case is refused in one line that names the field and the limit", () => {
  it.each<[unknown, RegExp]>([
    ["{", /not JSON$/],
    ["[]", /must be a JSON object$/],
    [{ ...PLATE, format: "amp-saver/other" }, /format "amp-saver\/other" is not known/],
    [{ ...PLATE, format: undefined }, /format is missing/],
    [{ ...PLATE, version: 2 }, /version 2 is not known/],
    [{ ...PLATE, source: { kind: "generator" } }, /source\.runningW is missing/],
    [{ ...PLATE, extra: 1 }, /unknown key "extra"/],
    [{ ...PLATE, unit: { ...PLATE.unit, colour: "red" } }, /unknown key "unit\.colour"/],
    [{ ...PLATE, unit: { lraA: 63 } }, /unit\.volts is missing \(90 to 260 V\)/],
    [{ ...PLATE, unit: { volts: 115 } }, /unit\.lraA is missing/],
    [{ ...PLATE, unit: { volts: 115, lraA: "63" } }, /unit\.lraA must be a finite number \(2 to 1000 A\)/],
    [{ ...PLATE, unit: { volts: 115, lraA: null } }, /unit\.lraA must be a finite number/],
    [
      '{"format":"amp-saver/start-case","version":1,"unit":{"volts":115,"lraA":1e999},"start":{"method":"direct"},"source":{"kind":"ideal"}}',
      /unit\.lraA must be a finite number/,
    ],
    [{ ...PLATE, unit: { volts: 115, lraA: 1e6 } }, /unit\.lraA is too large: at most 1000/],
    [{ ...PLATE, unit: { volts: 115, lraA: 63, hz: 61 } }, /unit\.hz must be one of 50, 60/],
    [{ ...PLATE, trials: 5001 }, /trials is too large: at most 5000/],
    [{ ...PLATE, unit: { ...PLATE.unit, fanA: "some" } }, /unit\.fanA must be a finite number/],
    [{ ...PLATE, start: { method: "magic" } }, /start\.method must be one of/],
    [{ ...PLATE, source: { kind: "inverter-generator" } }, /source\.runningW is missing/],
    [{ ...PLATE, seconds: 10.5 }, /seconds is too large: at most 10 /],
    [{ ...PLATE, seconds: 0.01 }, /seconds is too small: at least 0\.1 /],
    [{ ...REFERENCE, motor: { r1: 0.78 } }, /motor\.x1 is missing/],
  ])("%j", (given, line) => {
    expect(refused(given)).toMatch(line);
    expect(refused(given).split("\n").length).toBe(1);
  });

  it.each(Object.entries(START_BOUNDS))("%s beyond its bounds", (path, { max }) => {
    const given: Record<string, unknown> = structuredClone({ ...REFERENCE, start: { method: "soft", limitA: 20 } });
    const keys = path.split(".");
    const parent = keys.length === 1 ? given : (given[keys[0]!] as Record<string, unknown>);
    parent[keys.at(-1)!] = max * 1.01 + 1;
    expect(refused(given)).toContain(`${path} is too large: at most ${max}`);
  });
});

describe("a motor given whole whose figures no step can follow", () => {
  it("is refused, and nothing is thrown", () => {
    const motor = {
      poles: 2,
      r1: 1000,
      x1: 1000,
      r2: 760.9,
      x2: 0.001,
      xm: 0.1352,
      turnsRatio: 2.5,
      ra: 0.001,
      xa: 786.3,
      inertiaKgM2: 7.937,
    };
    const given = {
      ...REFERENCE,
      unit: { volts: 260, lraA: 4.207, lowestVolts: 90, rlaA: 0.5, runCapUf: 500 },
      motor,
      start: { method: "direct" },
      source: { kind: "ideal", volts: 280, mH: 1.004, closingDeg: 158.6 },
      trials: 10,
    };
    expect(refused(given)).toMatch(/cannot belong together/);
  });
});

describe("a motor given whole that runs away where its limits are sought", () => {
  it("is answered: a start that no step follows is none", () => {
    const motor = {
      poles: 2,
      r1: 0.001,
      x1: 349.5218594989586,
      r2: 0.001,
      x2: 1000,
      xm: 0.01,
      turnsRatio: 0.9793931217864156,
      ra: 0.001,
      xa: 0.001,
    };
    const given = {
      ...REFERENCE,
      unit: { volts: 90, lraA: 2, fanA: 50 },
      motor: { ...motor, inertiaKgM2: 10 },
      start: { method: "as-found", startCapUf: 112.33 },
      source: { kind: "shore", ohm: 5, closingDeg: 360, ambientF: 74.3 },
      trials: 10,
      seed: 944,
    };
    expect(check(JSON.stringify(given)).exit).toBe(0);
  });
});

describe("the command itself", () => {
  const root = fileURLToPath(new URL("../../..", import.meta.url));
  const command = (args: string[], input: string) =>
    spawnSync("npm", ["run", "-s", "check", "--", ...args], { cwd: root, input, encoding: "utf8" });

  it("reads standard input, prints one JSON result and exits 0", () => {
    const done = command(["-"], JSON.stringify(REFERENCE));
    expect(done.status).toBe(0);
    expect(done.stderr.replace(/^npm warn.*\n/gm, "")).toBe("");
    expect(JSON.parse(done.stdout)).toMatchObject({ format: "amp-saver/start-result", status: "started" });
  });

  it("exits 2 with one line on standard error and nothing on standard output", () => {
    for (const done of [command(["-"], "{"), command(["no-such-file.json"], ""), command([], "")]) {
      expect(done.status).toBe(2);
      expect(done.stdout).toBe("");
      expect(
        done.stderr
          .replace(/^npm warn.*\n/gm, "")
          .trim()
          .split("\n").length,
      ).toBe(1);
    }
  });
});
