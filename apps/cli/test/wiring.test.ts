import { describe, expect, it } from "vitest";
import { check } from "../src/check.ts";

type Case = Record<string, unknown>;
type Wire = { id: string; color: string; awg: number; ends: [string | null, string | null] };
type Step = { do: string; conductor: string; at: string; with: string };

const run = (given: Case): Case & { nets: string[][]; steps: Step[]; faults: { code: string; at: string[]; symptom: string }[] } => {
  const outcome = check(JSON.stringify(given));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  return JSON.parse(outcome.out);
};
const wire = (id: string, from: string | null, to: string | null, awg = 12): Wire => ({ id, color: "grey", awg, ends: [from, to] });

/** A rooftop unit drawn by hand: start capacitor whose terminal 1 also carries a fan wire, and a PTC. */
const PARTS = [
  { id: "in", kind: "supply" },
  { id: "rel", kind: "relay" },
  { id: "ol", kind: "through" },
  { id: "comp", kind: "compressor" },
  { id: "can", kind: "run-capacitor", tabs: { C: 1, HERM: 0, FAN: 0 } },
  { id: "sc", kind: "start-capacitor" },
  { id: "ptc", kind: "ptc" },
  { id: "fan", kind: "fan-motor" },
];
const WIRES = [
  wire("hot", "in.L", "rel.COM"),
  wire("com", "rel.NO", "ol.A"),
  wire("com2", "ol.B", "comp.C"),
  wire("neu", "in.N", "can.C"),
  wire("run", "comp.R", "can.C"),
  wire("start", "comp.S", "can.HERM"),
  wire("a1", "can.C", "sc.1", 14),
  wire("a2", "sc.2", "ptc.1", 14),
  wire("a3", "ptc.2", "can.HERM", 14),
  wire("fan1", "rel.NO", "fan.C", 16),
  wire("fan2", "fan.M", "sc.1", 16),
  wire("fan3", "fan.A", "can.FAN", 16),
  wire("g1", "in.G", "comp.G"),
  wire("g2", "in.G", "fan.G", 16),
];
const plan = (family: string, parts: unknown = PARTS, conductors: unknown = WIRES): Case => ({
  format: "amp-saver/wiring-case",
  version: 1,
  parts,
  conductors,
  starter: { family },
});

describe("a wiring case", () => {
  it("gives the nets of the finished work, worked out by hand", () => {
    const result = run(plan("F4"));
    expect(result).toMatchObject({ format: "amp-saver/wiring-result", version: 1, status: "planned", retired: ["sc", "ptc"], issues: [] });
    expect(result.nets).toEqual([
      ["can.C", "fan.M", "in.N", "starter.FEED"],
      ["can.FAN", "fan.A"],
      ["can.HERM", "comp.S", "starter.START"],
      ["comp.C", "ol.B", "starter.REF"],
      ["comp.G", "fan.G", "in.G"],
      ["comp.R", "starter.RUN-OUT"],
      ["fan.C", "ol.A", "rel.NO"],
      ["in.L", "rel.COM"],
    ]);
    expect(run(plan("F5")).nets).toEqual([
      ["can.C", "fan.M", "in.N", "starter.FEED"],
      ["can.FAN", "fan.A"],
      ["can.HERM", "comp.S", "starter.START"],
      ["comp.C", "starter.COM-OUT"],
      ["comp.G", "fan.G", "in.G"],
      ["comp.R", "starter.RUN-OUT"],
      ["fan.C", "ol.A", "rel.NO"],
      ["in.L", "rel.COM"],
      ["ol.B", "starter.COM-FEED"],
    ]);
  });

  it("takes each step with what it touches, in words", () => {
    const steps = run(plan("F4")).steps;
    expect(new Set(steps.flatMap((s) => Object.keys(s)))).toEqual(new Set(["do", "conductor", "at", "with", "say"]));
    expect(steps.map((s) => s.do).filter((d) => !["tug", "insulate"].includes(d))).toEqual([
      "photo",
      "lift",
      "move",
      "lift",
      "retire",
      "retire",
      "fit",
      "lift",
      "splice",
      "land",
      "land",
      "land",
      "photo",
    ]);
    expect(steps).toContainEqual({
      do: "move",
      conductor: "fan2",
      at: "sc.1",
      with: "can.C",
      say: "Move fan2 from sc.1 to can.C: it shared the start aid's terminal and keeps its connection.",
    });
  });

  it("says what the steps say they do: taken one by one by a hand that knows nothing else, they lead to the nets", () => {
    for (const family of ["F4", "F5"]) {
      const { steps, nets, retired } = run(plan(family)) as unknown as { steps: Step[]; nets: string[][]; retired: string[] };
      const leads = nets.flat().filter((t) => t.startsWith("starter."));
      const ends = new Map<string, (string | null)[]>([...WIRES, ...leads.map((l) => wire(l, l, null))].map((w) => [w.id, [...w.ends]]));
      const put = (id: string, from: string | null, to: string | null): void => {
        const own = ends.get(id)!;
        own[own.indexOf(from)] = to;
      };
      for (const { do: what, conductor, at, with: other } of steps) {
        if (what === "lift") put(conductor, at, null);
        if (what === "land") put(conductor, null, at);
        if (what === "move") put(conductor, at, other);
        if (what === "cut") {
          const far = ends.get(conductor)!.find((e) => e !== at)!;
          ends.set(conductor, [at, null]);
          ends.set(other, [null, far]);
        }
        if (what === "splice") {
          if (!ends.get(other)!.includes(at)) put(other, null, at);
          put(conductor, null, at);
        }
      }
      const joined = (t: string): string[] => {
        const seen = new Set([t]);
        for (const a of seen) for (const [x, y] of ends.values()) if (x != null && y != null && (x === a || y === a)) seen.add(x).add(y);
        return [...seen].filter((m) => !m.endsWith(".J") && !retired.includes(m.split(".")[0]!)).toSorted();
      };
      for (const net of nets) expect(joined(net[0]!)).toEqual(net);
    }
  });

  it.each<[string, string, unknown, unknown, string, string]>([
    ["a module without a contactor", "FM", PARTS, WIRES, "no-contactor", "contactor"],
    ["a starter there already", "F4", [...PARTS, { id: "starter", kind: "starter", family: "F4" }], WIRES, "starter-present", "starter"],
    ["no conductor on R", "F4", PARTS, WIRES.filter((w) => w.id !== "run"), "no-run-conductor", "comp.R"],
    ["no conductor on S", "F4", PARTS, WIRES.filter((w) => w.id !== "start"), "no-start-conductor", "comp.S"],
    [
      "a free end on C only",
      "F5",
      PARTS,
      WIRES.map((w) => (w.id === "com2" ? wire("com2", null, "comp.C") : w)),
      "no-common-conductor",
      "comp.C",
    ],
    [
      "S on the start aid alone",
      "F4",
      PARTS,
      WIRES.map((w) => (w.id === "start" ? wire("start", "comp.S", "sc.2") : w)),
      "capacitor-not-understood",
      "can",
    ],
    [
      "a fan that lives on the start capacitor",
      "F4",
      PARTS,
      WIRES.map((w) => (w.id === "fan3" ? wire("fan3", "fan.A", "sc.2") : w)),
      "aid-not-isolated",
      "sc",
    ],
    ["two pins on one net", "F4", PARTS, [...WIRES, wire("bad", "comp.R", "comp.S")], "pins-joined", "comp.R comp.S"],
  ])("is blocked by %s, and says where", (_name, family, parts, conductors, code, at) => {
    expect(run(plan(family, parts, conductors))).toEqual({
      format: "amp-saver/wiring-result",
      version: 1,
      status: "blocked",
      steps: [],
      nets: [],
      retired: [],
      issues: [{ code, severity: "stop", at }],
    });
  });
});

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
  wire("link", "k.T2", "starter.ACTIVE"),
  wire("cap", "starter.CAP", "can.C"),
  wire("start", "comp.S", "can.HERM"),
  wire("sta", "starter.START", "can.HERM"),
  wire("ref", "starter.COM", "k.T1"),
  wire("g", "in.G", "comp.G"),
];

const built = (conductors: readonly Wire[], family = "F4", parts: readonly object[] = PARTS): Case => ({
  format: "amp-saver/wiring-check",
  version: 1,
  parts: [...parts, { id: "starter", kind: "starter", family }],
  conductors,
});
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

describe("a bad wiring case is refused in one line", () => {
  const bad = (change: (c: { parts: Case[]; conductors: Case[] } & Case) => void, given: Case = plan("F4")): unknown => {
    const copy = structuredClone(given) as never;
    change(copy);
    return copy;
  };
  it.each<[unknown, RegExp]>([
    [bad((c) => Object.assign(c.parts[1]!, { kind: "toaster" })), /parts\.1\.kind.*must be one of supply, contactor/],
    [bad((c) => Object.assign(c.parts[1]!, { colour: "red" })), /unknown key "parts\.1\.colour"/],
    [bad((c) => Object.assign(c.parts[1]!, { id: "in" })), /parts\.1\.id "in" stands twice/],
    [bad((c) => Object.assign(c.conductors[1]!, { id: "hot" })), /conductors\.1\.id "hot" stands twice/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "nowhere.A"] })), /conductors\.0\.ends\.1 "nowhere\.A" is on no part/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "comp.X"] })), /conductors\.0\.ends\.1 "comp\.X" is no terminal/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "in.L"] })), /conductors\.0\.ends must be two different terminals/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L"] })), /conductors\.0\.ends/],
    [bad((c) => Object.assign(c.conductors[0]!, { awg: 99 })), /conductors\.0\.awg is too large: at most 26/],
    [bad((c) => delete c.conductors[0]!.awg), /conductors\.0\.awg is missing \(0 to 26 AWG\)/],
    [bad((c) => delete c.starter), /starter is missing/],
    [bad((c) => Object.assign(c, { starter: { family: "F9" } })), /starter\.family must be one of F4, F5, FM/],
    [bad((c) => c.parts.push({ id: "k", kind: "contactor", poles: 1 })), /parts\.8\.unbroken is missing/],
    [bad((c) => c.conductors.push(wire("x", "in.L1", "rel.COM"))), /has both neutral and two lines/],
    [bad((c) => c.parts.splice(3, 1), built([])), /exactly one compressor/],
    [bad((c) => c.parts.pop(), built([])), /exactly one starter/],
  ])("%#", (given, line) => {
    const outcome = check(JSON.stringify(given));
    expect(outcome).toMatchObject({ exit: 2 });
    if (outcome.exit === 2) expect(outcome.line).toMatch(line);
  });
});
