import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SeededRandom } from "../../numeric/index.ts";
import { buildAsFound, PLAIN_ROOFTOP } from "../as-found/index.ts";
import { planWiring } from "../wiring-plan/index.ts";
import {
  exchangedWires,
  LABELS,
  type Label,
  measuredPins,
  onMeasuredPins,
  solveWindings,
  type WindingReadings,
  wrongPins,
} from "./index.ts";

const clear = { a: "open", b: "open", c: "open" } as const;
const read = (ab: number | "open", bc: number | "open", ca: number | "open", more: Partial<WindingReadings> = {}): WindingReadings => ({
  ab,
  bc,
  ca,
  probesOhm: 0,
  toCase: clear,
  windingC: 25,
  ...more,
});

/** What a meter shows between labels whose pins have these windings to common: two in series between run and start. */
function meter(
  order: readonly ["run" | "start" | "common", string, string],
  main: number,
  start: number,
  noise: readonly number[],
  probes: number,
) {
  const to = (pin: string): number => (pin === "common" ? 0 : pin === "run" ? main : start);
  const between = (i: number, j: number, n: number): number => Math.round((to(order[i]!) + to(order[j]!) + probes + noise[n]!) * 100) / 100;
  return read(between(0, 1, 0), between(1, 2, 1), between(2, 0, 2), { probesOhm: probes, countOhm: 0.01 });
}

describe("which pin is which", () => {
  /** Worked by hand from the series law: 0.8 and 3.4 ohm in series are 4.2; probes of 0.3 ohm are on every reading. */
  it("a rooftop unit: 4.5, 1.1 and 3.7 ohm with probes of 0.3", () => {
    expect(solveWindings(read(4.5, 1.1, 3.7, { probesOhm: 0.3 }))).toMatchObject({
      ok: true,
      value: { pins: { common: "c", run: "b", start: "a" } },
    });
    const solved = solveWindings(read(4.5, 1.1, 3.7, { probesOhm: 0.3 }));
    expect(solved.ok && [solved.value.mainOhm, solved.value.startOhm]).toEqual([expect.closeTo(0.8, 9), expect.closeTo(3.4, 9)]);
  });

  /** Copper at 60 °C has 1.1572 times its 20 °C resistance, at 25 °C 1.01965: worked by hand from 0.393 % a kelvin. */
  it("a warm compressor is brought to 25 °C", () => {
    const solved = solveWindings(read(1.0, 2.5, 3.5, { windingC: 60 }));
    expect(solved).toMatchObject({ ok: true, value: { pins: { common: "b", run: "a", start: "c" } } });
    expect(solved.ok && solved.value.mainOhm).toBeCloseTo((1.0 * 1.01965) / 1.1572, 4);
  });

  it("is found whatever the labels, through a hundredth of noise and the probes’ own resistance", () => {
    const orders = fc.shuffledSubarray(["run", "start", "common"] as const, { minLength: 3, maxLength: 3 });
    const noise = fc.array(fc.double({ min: -0.02, max: 0.02, noNaN: true }), { minLength: 3, maxLength: 3 });
    const windings = fc
      .tuple(fc.double({ min: 0.4, max: 6, noNaN: true }), fc.double({ min: 1.4, max: 6, noNaN: true }))
      .map(([main, ratio]) => [main, main * ratio] as const)
      .filter(([main, start]) => start - main > 0.25);
    fc.assert(
      fc.property(orders, windings, noise, fc.double({ min: 0, max: 0.6, noNaN: true }), (order, [main, start], off, probes) => {
        const solved = solveWindings(meter(order as never, main, start, off, Math.round(probes * 100) / 100));
        expect(solved.ok).toBe(true);
        if (!solved.ok) return;
        const label = (pin: string): Label => LABELS[order.indexOf(pin as never)]!;
        expect(solved.value.pins).toEqual({ common: label("common"), run: label("run"), start: label("start") });
        expect(Math.abs(solved.value.mainOhm - main)).toBeLessThan(0.03);
      }),
      { seed: 11, numRuns: 2000 },
    );
  });

  it.each<[string, WindingReadings, string, string]>([
    ["a pin that reads to case: stop", read(4.2, 0.8, 3.4, { toCase: { ...clear, b: 2e6 } }), "winding-to-case", "b"],
    ["one pin open to both others: the overload is open", read("open", 4.2, "open"), "overload-open", "a"],
    ["no path anywhere", read("open", "open", "open"), "all-open", "a b c"],
    ["one pair open while both others read: not a winding", read("open", 0.8, 3.4), "one-pair-open", "a b"],
    ["a pair of nothing once the probes are off", read(0.3, 3.7, 3.9, { probesOhm: 0.3 }), "pair-shorted", "a b"],
    ["three of the same: three-phase", read(1.8, 1.82, 1.79), "three-equal", "a b c"],
    ["a largest that is not the sum", read(5.2, 0.8, 3.4), "sum-off", "a b"],
    ["two largest alike", read(4.2, 0.7, 4.25), "common-unclear", "a b c a"],
    ["run and start too close to tell", read(4.2, 2.08, 2.12), "run-start-unclear", "a b"],
    ["run and start one count apart on a tenth", read(4.2, 2.0, 2.1), "run-start-unclear", "a b"],
    ["the two largest one count apart on a tenth", read(4.2, 0.7, 4.1), "common-unclear", "c a a b"],
    ["a pair below 0.6 ohm on a tenth", read(2.6, 0.5, 2.1), "needs-finer", "b c"],
  ])("refuses %s", (_name, readings, reason, where) => {
    expect(solveWindings(readings)).toEqual({ ok: false, reason, where });
  });

  it("names what a hundredth or a four-wire reading tells, and what is two counts apart", () => {
    const pins = { common: "c", run: "b", start: "a" };
    expect(solveWindings(read(2.6, 0.5, 2.1, { countOhm: 0.01 }))).toMatchObject({ ok: true, value: { pins, mainTolerance: 0.02 } });
    expect(solveWindings(read(0.43, 0.21, 0.23, { countOhm: 0.01 }))).toMatchObject({ ok: true, value: { pins } });
    expect(solveWindings(read(4.2, 2.0, 2.2))).toMatchObject({ ok: true, value: { pins } });
    expect(solveWindings(read(2.6, 0.6, 2.0))).toMatchObject({ ok: true, value: { pins } });
  });

  it("misnames fewer than one in five hundred on a tenth-ohm meter that is off by up to three counts", () => {
    const random = new SeededRandom(3);
    let named = 0;
    let wrong = 0;
    for (let k = 0; k < 20_000; k++) {
      const main = random.between(0.3, 4);
      const start = main * random.between(1.2, 5);
      const shown = (ohm: number): number => Math.round((ohm + random.between(-0.3, 0.3)) * 10) / 10;
      const solved = solveWindings(read(shown(main + start), shown(main), shown(start)));
      if (!solved.ok) continue;
      named += 1;
      if (solved.value.pins.common !== "c" || solved.value.pins.run !== "b") wrong += 1;
    }
    expect(named).toBeGreaterThan(10_000);
    expect(wrong / named).toBeLessThan(0.002);
  });
});

describe("leads tied to wires", () => {
  const found = buildAsFound(PLAIN_ROOFTOP);
  const pins = { common: "c", run: "b", start: "a" } as const;

  it("says which wire the circuit as found has on the wrong pin, and sets it right", () => {
    const measured = measuredPins(pins, { a: "w-run", b: "w-start", c: "w-common" });
    expect(measured).toEqual({ "w-run": "S", "w-start": "R", "w-common": "C" });
    expect(wrongPins(found, measured)).toEqual([
      { conductor: "w-run", found: "R", reads: "S" },
      { conductor: "w-start", found: "S", reads: "R" },
    ]);
    const right = onMeasuredPins(found, measured);
    expect(wrongPins(right, measured)).toEqual([]);
    expect(right.conductors.find((w) => w.id === "w-start")?.ends).toEqual(["comp.R", "can.HERM"]);
  });

  it("takes whole wires for one another, by one measured wire or by three", () => {
    for (const tied of [{ a: "w-run" }, { a: "w-run", b: "w-start" }, { a: "w-run", b: "w-start", c: "w-common" }]) {
      const other = exchangedWires(found, measuredPins(pins, tied));
      const ends = Object.fromEntries(other.conductors.map((w) => [w.id, w.ends]));
      expect(ends["w-run"]).toEqual(found.conductors.find((w) => w.id === "w-start")?.ends);
      expect(ends["w-start"]).toEqual(found.conductors.find((w) => w.id === "w-run")?.ends);
      expect(ends["w-common"]).toEqual(found.conductors.find((w) => w.id === "w-common")?.ends);
    }
    // Round in a ring: each of the three where another was thought to be.
    const ring = exchangedWires(found, measuredPins({ common: "a", run: "b", start: "c" }, { a: "w-run", b: "w-start", c: "w-common" }));
    expect(
      ring.conductors.filter((w) => /^w-(run|start|common)$/.test(w.id)).map((w) => w.ends.find((e) => e?.startsWith("comp."))),
    ).toEqual(
      found.conductors
        .filter((w) => /^w-(run|start|common)$/.test(w.id))
        .map((w) => ({ "w-run": "comp.C", "w-start": "comp.R", "w-common": "comp.S" })[w.id]),
    );
  });

  it("turns the plan over: none is made on what the ohms contradict, and what is made after it says it cannot either", () => {
    const measured = measuredPins(pins, { a: "w-run", b: "w-start", c: "w-common" });
    const plan = (netlist: typeof found) => planWiring(netlist, { family: "F4", measured });
    expect(plan(found)).toMatchObject({ ok: false, reason: "ohms-contradict", where: "w-run" });
    expect(plan(exchangedWires(found, measured))).toMatchObject({ ok: true });
    // Run and start swapped at the capacitor: no can has its C with R.
    expect(plan(onMeasuredPins(found, measured))).toMatchObject({ ok: false, reason: "capacitor-not-understood" });
    expect(planWiring(found, { family: "F4", measured: measuredPins(pins, { b: "w-run" }) })).toMatchObject({ ok: true });
  });
});
