import { describe, expect, it } from "vitest";
import { given, house, off, ohms, plain, play, started, starterIn, stopOf, twoPole, volts } from "../../../validation/practice-benches.ts";
import { buildAsFound } from "../as-found/index.ts";
import { actOn, type Danger, type PracticeAct, type PracticeCase } from "./index.ts";

/** What would hurt or destroy, and the acts that lead there. */
const STOPS: readonly (readonly [Danger, PracticeCase, readonly PracticeAct[]])[] = [
  [
    "live-touched",
    given(),
    [
      { act: "open", cover: "box" },
      { act: "touch", at: "relay.COM" },
    ],
  ],
  [
    "live-touched",
    given([{ code: "hot-neutral-reversed" }]),
    [
      { act: "open", cover: "box" },
      { act: "touch", at: "can.C" },
    ],
  ],
  [
    "live-touched",
    given([{ code: "one-pole-unbroken" }], house),
    [
      { act: "open", cover: "box" },
      { act: "lift", conductor: "w-common", at: "k.T1" },
    ],
  ],
  ["live-touched", given([{ code: "inverter-feeds-again" }]), [...off, { act: "lift", conductor: "w-line", at: "relay.COM" }]],
  ["charged-touched", given([{ code: "capacitor-rebounds" }]), [...off, { act: "touch", at: "can.HERM" }]],
  ["capacitor-shorted", given([{ code: "capacitor-rebounds" }]), [...off, { act: "short", part: "can", from: "C", to: "HERM" }]],
  [
    "bleeder-on-live",
    given(),
    [{ act: "open", cover: "box" }, ...started, { act: "bleed", part: "can", from: "C", to: "HERM", seconds: 5 }],
  ],
  ["ohms-on-live", given(), [ohms("supply.L", "supply.N")]],
  ["powered-terminals-open", given(), [{ act: "open", cover: "terminals" }]],
  [
    "powered-terminals-open",
    given(),
    [
      { act: "switch", source: "shore", on: false },
      { act: "open", cover: "terminals" },
      { act: "switch", source: "shore", on: true },
    ],
  ],
  [
    "learned-on-weak",
    given([], {
      netlist: starterIn("rooftop-boot"),
      sources: [{ id: "set", kind: "generator", volts: 120, runningW: 1600, surgeW: 2000 }],
    }),
    started,
  ],
  ["starter-destroyed", given([{ code: "aid-left-in" }], { netlist: starterIn("rooftop-boot") }), started],
  ["compressor-destroyed", given([{ code: "run-start-swapped" }], { netlist: starterIn("rooftop-boot") }), started],
  [
    "short-circuit",
    given([], { netlist: bridged("supply.L", "supply.N") }),
    [
      { act: "switch", source: "shore", on: false },
      { act: "switch", source: "shore", on: true },
    ],
  ],
  ["coil-destroyed", given([], { ...house, netlist: bridged("k.L1", "k.A1", "k.L2", "k.A2") }), [{ act: "call", on: true }]],
];

function bridged(a: string, b: string, c?: string, d?: string): PracticeCase["netlist"] {
  const { parts, conductors } = a.startsWith("k.") ? buildAsFound(twoPole.switches) : buildAsFound(plain.switches);
  const wire = (id: string, from: string, to: string) => ({ id, color: "black", awg: 12, ends: [from, to] as const });
  return {
    parts,
    conductors: [...conductors, wire("w-wrong", a, b), ...(c === undefined || d === undefined ? [] : [wire("w-wrong-2", c, d)])],
  };
}

describe("what would hurt", () => {
  it.each(STOPS)("ends it with %s, and nothing can be done after it", (code, of, acts) => {
    const { end } = play(of, acts);
    expect(end.stopped).toBe(code);
    expect(actOn(end, { act: "read" }).step).toEqual({ refused: "ended" });
  });

  it("does not end it where it was proven dead and bled", () => {
    const acts: readonly PracticeAct[] = [
      { act: "switch", source: "shore", on: false },
      { act: "wait", seconds: 10 },
      { act: "switch", source: "inverter", on: false },
      { act: "lock", source: "shore" },
      { act: "lock", source: "inverter" },
      { act: "open", cover: "box" },
      { act: "bleed", part: "can", from: "C", to: "HERM", seconds: 10 },
      { act: "wait", seconds: 60 },
      { act: "bleed", part: "can", from: "C", to: "HERM", seconds: 10 },
      { act: "touch", at: "can.HERM" },
      { act: "lift", conductor: "w-start", at: "can.HERM" },
    ];
    expect(stopOf(given([{ code: "inverter-feeds-again" }, { code: "capacitor-rebounds" }]), acts)).toBeNull();
  });

  it("is not done by what only shows: a low impedance meter on a live line, a clamp hung while it is dead", () => {
    expect(stopOf(given(), [volts("supply.L", "supply.G"), ...off, { act: "clamp", conductor: "w-line", mode: "live" }])).toBeNull();
  });
});
