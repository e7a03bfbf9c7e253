import { quantity } from "@amp-saver/core/quantity";
import type { Jaws } from "@amp-saver/core/study/clamp";
import { type StartCase, studyStart } from "@amp-saver/core/study/motor-start";
import { describe, expect, it } from "vitest";
import type { Display, DisplayOf, InstrumentKind } from "../message.ts";
import { BENCH_PARAMS, Bench, type BenchCommand, DEMO_SETUP, type Fault, type Probes } from "./index.ts";

function bench(...commands: readonly BenchCommand[]): Bench {
  const made = new Bench(DEMO_SETUP);
  for (const command of commands) made.hand(command);
  return made;
}

function show<K extends InstrumentKind>(of: Bench, id: string, _kind: K): DisplayOf<K> {
  return of.displays().get(id) as Extract<Display, { kind: K }>;
}
const clampA = (of: Bench): number | null => show(of, "clamp", "clamp").amps;
const call = (unit: string, on = true): BenchCommand => ({ do: "call", unit, on });
const fault = (name: Fault, on = true): BenchCommand => ({ do: "fault", fault: name, on });

/** A start of the front unit as found, read on a conductor in a mode. */
function startRead(jaws: Jaws, mode: DisplayOf<"clamp">["mode"], ...more: readonly BenchCommand[]): number {
  const made = bench({ do: "clamp", unit: "front", jaws }, ...more);
  made.send("clamp", { do: "mode", mode });
  made.hand(call("front"));
  made.advance(12);
  return clampA(made)!;
}

const given: StartCase = {
  unit: DEMO_SETUP.units[0].given,
  source: { ...DEMO_SETUP.sources["hook-up"], volts: quantity(120, "measured") },
  method: { kind: "as-found" },
  backgroundA: 0,
  outdoorC: DEMO_SETUP.outdoorC,
  seconds: 3,
};
const studied = studyStart(given);
if (!studied.ok) throw new Error(studied.reason);
const { result } = studied.value;

describe("the simulated clamp", () => {
  it("reads on common what the start study gives, within its own error and a start's scatter", () => {
    const first = result.cycles.slice(0, 6).map((c) => c.compressorA ** 2);
    const windowA = Math.sqrt(first.reduce((sum, square) => sum + square, 0) / first.length);
    expect(Math.abs(startRead("common", "inrush") / windowA - 1)).toBeLessThan(0.085);
    const running = startRead("common", "live");
    expect(Math.abs(running / result.running!.compressorA - 1)).toBeLessThan(0.06);
  });

  it("reads max hold well below inrush: its windows are four times as long and fall where they fall", () => {
    const hold = startRead("common", "max-hold");
    const inrush = startRead("common", "inrush");
    expect(hold / inrush).toBeGreaterThan(0.5);
    expect(hold / inrush).toBeLessThan(0.95);
  });

  it("reads low on run in running, not in the first tenth of a second; lowest on start", () => {
    expect(startRead("run", "live")).toBeLessThan(startRead("common", "live") * 0.99);
    expect(startRead("start", "live")).toBeLessThan(startRead("common", "live") * 0.7);
    expect(startRead("run", "inrush") / startRead("common", "inrush")).toBeGreaterThan(0.9);
  });

  it("adds the fan on the supply", () => {
    expect(startRead("supply", "live") - startRead("common", "live")).toBeGreaterThan(1.5);
  });

  it("shows a bouncing contact's false high once, and the true figure on repeat", () => {
    const made = bench({ do: "clamp", unit: "front", jaws: "common" }, fault("bounce"));
    made.send("clamp", { do: "mode", mode: "inrush" });
    made.hand(call("front"));
    made.advance(12);
    const bounced = clampA(made)!;
    made.hand(call("front", false));
    made.send("clamp", { do: "clear" });
    expect(clampA(made)).toBeNull();
    made.advance(400);
    made.hand(call("front"));
    made.advance(12);
    expect(bounced / clampA(made)!).toBeCloseTo(BENCH_PARAMS.bounceFactor.value, 1);
    expect(made.state().faults).toEqual([]);
  });

  it("is the same for the same seed, whatever the steps of the clock", () => {
    const coarse = startRead("common", "inrush");
    const made = bench({ do: "clamp", unit: "front", jaws: "common" });
    made.send("clamp", { do: "mode", mode: "inrush" });
    made.hand(call("front"));
    for (let k = 0; k < 120; k++) made.advance(0.1);
    expect(Math.abs(clampA(made)! / coarse - 1)).toBeLessThan(0.02);
  });
});

describe("a unit on the bench", () => {
  it("learns from start to start, tells it by its link, and forgets when asked", () => {
    const made = bench({ do: "fit", unit: "front", on: true });
    const peaks: number[] = [];
    for (let k = 0; k < 5; k++) {
      made.hand(call("front"));
      made.advance(5);
      expect(show(made, "starter-front", "starter-link").status).toBe("delay");
      made.advance(40);
      expect(show(made, "starter-front", "starter-link").status).toBe("running");
      peaks.push(show(made, "starter-front", "starter-link").lastPeakA!);
      made.hand(call("front", false));
      made.advance(240);
    }
    expect(peaks).toEqual(peaks.toSorted((a, b) => b - a));
    expect(peaks[0]! / peaks[4]!).toBeGreaterThan(1.3);
    expect(show(made, "starter-front", "starter-link").learned).toBe(5);
    made.send("starter-front", { do: "forget" });
    expect(show(made, "starter-front", "starter-link").learned).toBe(0);
  });

  it("stalls when it is started again before it has rested, and its overload opens", () => {
    const made = bench(call("front"));
    made.advance(30);
    made.hand(call("front", false));
    made.advance(20);
    made.hand(call("front"));
    made.advance(15);
    expect(made.state().units[0]).toMatchObject({ phase: "overload", call: true });
    made.advance(300);
    expect(made.state().units[0]!.phase).toBe("running");
  });

  it("waits: by its thermostat, by a starter that is late, by an open overload", () => {
    const phaseAfter = (seconds: number, ...commands: readonly BenchCommand[]) => {
      const made = bench(...commands, call("front"));
      made.advance(seconds);
      return made.state().units[0]!.phase;
    };
    expect(phaseAfter(15)).toBe("running");
    expect(phaseAfter(60, fault("thermostat"))).toBe("fan");
    expect(phaseAfter(200, fault("thermostat"))).toBe("running");
    expect(phaseAfter(600, { do: "fit", unit: "front", on: true }, fault("late"))).toBe("fan");
    expect(phaseAfter(600, fault("overload-open"))).toBe("fan");
  });

  it("stands on fewer volts while it starts, on far fewer when its supply is thin", () => {
    const volts = (seconds: number, ...commands: readonly BenchCommand[]) => {
      const made = bench(...commands, call("front"));
      made.advance(seconds);
      return show(made, "multimeter", "multimeter").value!;
    };
    expect(Math.abs(volts(1) - 120)).toBeLessThan(1.5);
    expect(volts(7.45)).toBeLessThan(117);
    expect(volts(7.45, fault("low-volts"))).toBeLessThan(volts(7.45) - 15);
    expect(volts(20)).toBeGreaterThan(117);
    expect(volts(20)).toBeLessThan(volts(1));
  });
});

describe("the generator's panel", () => {
  it("warns above its watts, shuts down by the curve, and takes what it fed down with it", () => {
    const made = bench(
      { do: "source", source: "generator" },
      call("front"),
      { do: "fit", unit: "rear", on: true },
      { do: "fit", unit: "front", on: true },
    );
    made.advance(60);
    expect(show(made, "generator", "generator-panel")).toMatchObject({ running: true, overload: "none" });
    made.hand(call("rear"));
    made.advance(60);
    expect(show(made, "generator", "generator-panel").overload).not.toBe("none");
    made.advance(900);
    expect(show(made, "generator", "generator-panel")).toMatchObject({ running: false, overload: "shut-down" });
    expect(made.state().units.map((u) => u.phase)).toEqual(["off", "off"]);
    made.send("generator", { do: "restart" });
    made.advance(1);
    expect(show(made, "generator", "generator-panel").running).toBe(true);
  });
});

describe("stand-ins like real meters and units", () => {
  const seeded = (seed: number): Bench => new Bench({ ...DEMO_SETUP, seed });
  const starts = (made: Bench, count: number): number[] => {
    made.hand({ do: "clamp", unit: "front", jaws: "common" });
    made.send("clamp", { do: "mode", mode: "inrush" });
    return Array.from({ length: count }, () => {
      made.hand(call("front"));
      made.advance(12);
      const amps = clampA(made)!;
      made.hand(call("front", false));
      made.advance(400);
      return amps;
    });
  };
  const deviation = (values: readonly number[]): number => {
    const mean = values.reduce((a, b) => a + b, 0) / values.length;
    return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1)) / mean;
  };

  it("starts scatter by 2 to 4 % from one to the next, and meters of other seeds are off by their own", () => {
    const scatter = deviation(starts(seeded(1), 24));
    expect(scatter).toBeGreaterThan(0.015);
    expect(scatter).toBeLessThan(0.045);
    const means = [1, 2, 3, 4, 5, 6].map((seed) => starts(seeded(seed), 8).reduce((a, b) => a + b, 0) / 8);
    expect(deviation(means)).toBeGreaterThan(0.006);
  });

  it("two units on one source load each other: the volts fall by the second one's amps, and neutral lifts off ground", () => {
    const made = bench(call("rear"), { do: "probes", unit: "front", between: "L-N" });
    made.advance(60);
    const volts = () => show(made, "multimeter", "multimeter").value!;
    const one = volts();
    made.hand(call("front"));
    made.advance(60);
    const two = volts();
    expect(one - two).toBeGreaterThan(0.8);
    made.hand({ do: "probes", unit: "front", between: "N-G" });
    expect(volts()).toBeGreaterThan(0.8);
    expect(volts()).toBeLessThan(3);
    made.hand({ do: "probes", unit: "front", between: "L-G" });
    expect(volts()).toBeGreaterThan(two);
  });

  it("a start capacitor of a unit keeps a charge that runs off, which the DC range shows and the AC range does not", () => {
    const made = bench(call("rear"), { do: "probes", unit: "rear", between: "can C-HERM" });
    made.send("multimeter", { do: "range", range: "dc-volts" });
    made.advance(60);
    made.hand(call("rear", false));
    made.hand({ do: "power", on: false });
    const dc = () => show(made, "multimeter", "multimeter").value!;
    made.advance(1);
    expect(dc()).toBeGreaterThan(30);
    made.advance(15);
    expect(dc()).toBeLessThan(3);
    made.send("multimeter", { do: "range", range: "volts" });
    expect(show(made, "multimeter", "multimeter").value).toBeNull();
  });

  it("a slow maximum falls where its windows fall: readings of like starts differ by more than the starts do", () => {
    const holds = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => {
      const made = seeded(seed);
      made.hand({ do: "clamp", unit: "front", jaws: "common" });
      made.send("clamp", { do: "mode", mode: "max-hold" });
      made.hand(call("front"));
      made.advance(12);
      return clampA(made)!;
    });
    expect(deviation(holds)).toBeGreaterThan(0.05);
  });
});

describe("the multimeter", () => {
  it("shows windings whose sum fits, only on a dead circuit, and dashes where nothing connects", () => {
    const made = bench({ do: "power", on: false });
    made.send("multimeter", { do: "range", range: "ohm" });
    const ohm = (between: Probes): number | null => {
      made.hand({ do: "probes", unit: "front", between });
      return show(made, "multimeter", "multimeter").value;
    };
    const leads = ohm("together")!;
    expect(Math.abs(leads - BENCH_PARAMS.leadOhm.value)).toBeLessThanOrEqual(0.11);
    const [rs, rc, cs] = [ohm("R-S")! - leads, ohm("R-C")! - leads, ohm("C-S")! - leads];
    expect(Math.abs(rs - rc - cs)).toBeLessThanOrEqual(0.31);
    expect(rc).toBeLessThan(cs);
    expect(ohm("R-case")).toBeNull();
    made.hand({ do: "power", on: true });
    expect(ohm("R-S")).toBeNull();
  });

  it("shows stray volts on a dead circuit in the high-impedance range only", () => {
    const made = bench({ do: "power", on: false }, fault("stray-volts"));
    expect(show(made, "multimeter", "multimeter").value).toBeLessThan(0.5);
    made.send("multimeter", { do: "range", range: "volts" });
    expect(show(made, "multimeter", "multimeter").value).toBeGreaterThan(10);
  });

  it("shows a weak capacitor as weak", () => {
    const made = bench({ do: "power", on: false }, { do: "probes", unit: "front", between: "can C-HERM" });
    made.send("multimeter", { do: "range", range: "capacitance" });
    const whole = show(made, "multimeter", "multimeter").value!;
    expect(Math.abs(whole / 45 - 1)).toBeLessThan(0.07);
    expect(whole).not.toBe(45);
    made.hand(fault("weak-capacitor"));
    expect(show(made, "multimeter", "multimeter").value! / whole).toBeCloseTo(0.7, 2);
  });
});
