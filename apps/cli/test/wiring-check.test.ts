import { describe, expect, it } from "vitest";
import { built, type Case, run, WIRES, type Wire, wire } from "./wiring-case.ts";

/** The same unit with a starter in it, drawn by hand from the description of its family. */
const BUILT = [
  ...WIRES.filter((w) => !["run", "a1", "a3", "fan2", "com2"].includes(w.id)),
  wire("fan2", "fan.M", "can.C", 16),
  wire("com2", "ol.B", "comp.C"),
  wire("run", "comp.R", "starter.RUN-OUT"),
  wire("starter.FEED", "starter.FEED", "can.C"),
  wire("starter.START", "starter.START", "can.HERM"),
  wire("starter.REF", "starter.REF", "ol.B"),
];
const BUILT_F5 = [
  ...BUILT.filter((w) => !["com2", "starter.REF"].includes(w.id)),
  wire("com2", "starter.COM-OUT", "comp.C"),
  wire("starter.COM-FEED", "starter.COM-FEED", "ol.B"),
];
const HOUSE_PARTS = [
  { id: "in", kind: "supply" },
  { id: "k", kind: "contactor", poles: 1, unbroken: "L1-T1" },
  { id: "coil", kind: "control" },
  { id: "comp", kind: "compressor" },
  { id: "can", kind: "run-capacitor" },
];
const HOUSE_FM = [
  wire("l1", "in.L1", "k.L1"),
  wire("l2", "in.L2", "k.L2"),
  wire("c1", "coil.1", "k.A1"),
  wire("c2", "coil.2", "k.A2"),
  wire("com", "k.T1", "comp.C"),
  wire("run", "comp.R", "starter.RUN"),
  wire("link", "k.T2", "starter.LINE"),
  wire("cap", "starter.CAP", "can.C"),
  wire("start", "comp.S", "can.HERM"),
  wire("sta", "starter.START", "can.HERM"),
  wire("ref", "starter.COM", "k.T1"),
  wire("g", "in.G", "comp.G"),
];

/** The wiring with one end put elsewhere. */
const moved = (wires: readonly Wire[], id: string, from: string, to: string | null): Wire[] =>
  wires.map((w) => (w.id === id ? { ...w, ends: w.ends.map((e) => (e === from ? to : e)) as Wire["ends"] } : w));
const both = (wires: readonly Wire[], a: [string, string, string], b: [string, string, string]): Wire[] => moved(moved(wires, ...a), ...b);

describe("a wiring check", () => {
  it("finds nothing wrong where nothing is", () => {
    expect(run(built(BUILT))).toEqual({ format: "amp-saver/wiring-check-result", version: 1, faults: [] });
    expect(run(built(BUILT_F5, "F5")).faults).toEqual([]);
    expect(run(built(HOUSE_FM, "FM", HOUSE_PARTS)).faults).toEqual([]);
    expect(run(built(moved(BUILT, "starter.REF", "ol.B", "ol.A"))).faults).toEqual([]);
  });

  it.each<[string, Case, string, string]>([
    ["R still on the can", built([...BUILT, wire("old", "comp.R", "can.C")]), "run-not-isolated", "starts-at-full-current"],
    [
      "FEED and RUN-OUT crossed",
      built(both(BUILT, ["run", "starter.RUN-OUT", "starter.FEED"], ["starter.FEED", "starter.FEED", "starter.RUN-OUT"])),
      "feed-run-crossed",
      "starter-destroyed",
    ],
    ["START on the can’s C", built(moved(BUILT, "starter.START", "can.HERM", "can.C")), "start-not-on-herm", "hums-and-trips"],
    [
      "START and RUN-OUT taken for each other",
      built(both(BUILT, ["run", "starter.RUN-OUT", "starter.START"], ["starter.START", "starter.START", "starter.RUN-OUT"])),
      "start-run-swapped",
      "compressor-destroyed",
    ],
    ["REF on the run side", built(moved(BUILT, "starter.REF", "ol.B", "can.C")), "ref-wrong-side", "starter-destroyed"],
    ["COM on the coil", built(moved(HOUSE_FM, "ref", "k.T1", "k.A1"), "FM", HOUSE_PARTS), "ref-on-coil", "coil-live"],
    ["common left whole", built([...BUILT_F5, wire("old", "ol.B", "comp.C")], "F5"), "common-not-opened", "starts-at-full-current"],
    [
      "common’s leads crossed",
      built(
        both(BUILT_F5, ["com2", "starter.COM-OUT", "starter.COM-FEED"], ["starter.COM-FEED", "starter.COM-FEED", "starter.COM-OUT"]),
        "F5",
      ),
      "common-crossed",
      "starter-destroyed",
    ],
    [
      "the start aid left in",
      built([...BUILT, wire("a1", "can.C", "sc.1"), wire("a3", "ptc.2", "can.HERM")]),
      "aid-left-in",
      "starter-destroyed",
    ],
    ["a fan wire left on the start capacitor", built(moved(BUILT, "fan2", "can.C", "sc.1")), "orphan", "no-start"],
    ["the start aid’s second wire on HERM", built([...BUILT, wire("a3", "ptc.2", "can.HERM")]), "second-herm-wire", "live-end"],
    ["START nowhere", built(moved(BUILT, "starter.START", "can.HERM", null)), "lead-unconnected", "hums-and-trips"],
    ["FEED on common", built(moved(BUILT, "starter.FEED", "can.C", "ol.B")), "lead-misplaced", "no-start"],
    [
      "R and S taken for each other",
      built(both(BUILT, ["run", "comp.R", "comp.S"], ["start", "comp.S", "comp.R"])),
      "winding-swapped",
      "compressor-destroyed",
    ],
    [
      "the contactor’s link left on the can",
      built([...HOUSE_FM, wire("old", "k.T2", "can.C")], "FM", HOUSE_PARTS),
      "contactor-link-left",
      "starts-at-full-current",
    ],
    ["the relay bridged", built([...BUILT, wire("jump", "rel.COM", "rel.NO")]), "contact-bypassed", "runs-without-call"],
    ["mains on the coil", built(moved(HOUSE_FM, "c1", "coil.1", "in.L2"), "FM", HOUSE_PARTS), "mains-on-coil", "coil-live"],
    ["the fan’s auxiliary nowhere", built(moved(BUILT, "fan3", "can.FAN", null)), "fan-unfed", "fan-dead"],
    ["the compressor’s ground lost", built(BUILT.filter((w) => w.id !== "g1")), "ground-open", "case-can-be-live"],
    ["neutral on the line", built(moved(BUILT, "neu", "in.N", "in.L")), "orphan", "no-start"],
    ["line and neutral joined", built([...BUILT, wire("short", "in.L", "can.C")]), "supply-shorted", "short-circuit"],
  ])("names %s, and what it would do", (_name, given, code, symptom) => {
    const { faults } = run(given);
    expect(faults).toContainEqual({ code, at: expect.any(Array), symptom });
    for (const { at } of faults) expect(at.length).toBeGreaterThan(0);
  });

  it("names two mistakes at once, each by itself", () => {
    const crossed = both(BUILT, ["run", "starter.RUN-OUT", "starter.FEED"], ["starter.FEED", "starter.FEED", "starter.RUN-OUT"]);
    const { faults } = run(built(crossed.filter((w) => w.id !== "g1")));
    expect(faults.map((f) => f.code)).toEqual(["feed-run-crossed", "ground-open"]);
  });
});
