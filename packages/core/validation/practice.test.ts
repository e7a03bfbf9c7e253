import { describe, expect, it } from "vitest";
import { applyMove, type Netlist } from "../src/network/index.ts";
import { buildAsFound, STARTING_POINTS } from "../src/study/as-found/index.ts";
import { wiredNow } from "../src/study/practice/bench.ts";
import { ohmsBetween } from "../src/study/practice/charge.ts";
import type { Wired } from "../src/study/practice/circuit.ts";
import { newBench, type PracticeCase } from "../src/study/practice/index.ts";
import { acVolts } from "../src/study/practice/measure.ts";
import { PRACTICE_PARAMS as P } from "../src/study/practice/params.ts";
import { CONDENSER, ROOFTOP } from "./plates.ts";
import { spiceOhms, spiceVolts } from "./practice-spice.ts";

/** Five circuits, each with a pair that floats in some of its states. */
const CIRCUITS = [
  [
    "rooftop-freeze-board",
    [
      ["freeze.A", "supply.N"],
      ["can.C", "can.HERM"],
      ["supply.L", "supply.G"],
    ],
  ],
  [
    "rooftop-ptc",
    [
      ["startcap.1", "startcap.2"],
      ["relay.NO", "supply.G"],
      ["can.FAN", "can.C"],
    ],
  ],
  [
    "condenser-one-pole-module",
    [
      ["k.T2", "supply.G"],
      ["k.T1", "k.T2"],
      ["can.HERM", "supply.G"],
    ],
  ],
  [
    "rooftop-control-board",
    [
      ["board.NO", "supply.N"],
      ["can.HERM", "supply.G"],
      ["ptc.1", "ptc.2"],
    ],
  ],
  [
    "condenser-separate-capacitors",
    [
      ["k.T1", "supply.G"],
      ["fancap.C", "fancap.FAN"],
      ["heater.1", "heater.2"],
    ],
  ],
] as const;

const OHM_PAIRS = [
  ["comp.C", "comp.R"],
  ["comp.S", "comp.R"],
  ["comp.C", "supply.G"],
] as const;

function states(id: string): readonly (readonly [string, Wired])[] {
  const { switches } = STARTING_POINTS.find((p) => p.id === id)!;
  const netlist = buildAsFound(switches);
  const high = switches.system === 240;
  const given = (now: Netlist): PracticeCase => ({
    seed: 1,
    netlist: now,
    unit: high ? { ...CONDENSER, fanA: ROOFTOP.fanA! } : ROOFTOP,
    sources: [{ id: "shore", kind: "shore", volts: high ? 240 : 120 }],
    faults: [],
  });
  const wired = (now: Netlist, more: Partial<Wired>): Wired => {
    const bench = newBench(given(now));
    if (!bench.ok) throw new Error(bench.reason);
    return wiredNow(bench.value, more);
  };
  const lifted = applyMove(netlist, { do: "lift", conductor: "w-start", at: "can.HERM" });
  const closed = { called: true, pulledIn: new Set(["k"]) };
  return [
    ["powered, not called", wired(netlist, {})],
    ["called, at standstill", wired(netlist, closed)],
    ["dead beside a live line", wired(netlist, { fed: null, stray: !high })],
    ["called with the start wire lifted and the overload open", wired(lifted, { ...closed, overloadOpen: true })],
  ];
}

describe("the practice circuit against ngspice, on twenty states of five circuits", () => {
  it.each(CIRCUITS.flatMap(([id, pairs]) => states(id).map(([state, wired]) => [id, state, pairs, wired] as const)))(
    "%s, %s: volts on both impedances and ohms within 1 %%",
    (_id, _state, pairs, wired) => {
      for (const range of ["volts", "volts-low-z"] as const) {
        const theirs = spiceVolts(wired, pairs, range === "volts" ? P.meterOhm.value : P.lowOhm.value);
        for (const [i, [a, b]] of pairs.entries())
          expect(Math.abs(acVolts(wired, a, b, range) - theirs[i]!), `${a} ${b}`).toBeLessThan(0.01 * theirs[i]! + 0.01);
      }
      const theirs = spiceOhms(wired, OHM_PAIRS);
      for (const [i, [a, b]] of OHM_PAIRS.entries()) {
        const ours = ohmsBetween({ ...wired, fed: null }, a, b);
        if (theirs[i]! > P.mostOhm.value) expect(ours, `${a} ${b}`).toBeGreaterThan(P.mostOhm.value);
        else expect(Math.abs(ours - theirs[i]!), `${a} ${b}`).toBeLessThan(0.01 * theirs[i]!);
      }
    },
  );
});
