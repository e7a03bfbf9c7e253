import { describe, expect, it } from "vitest";
import { PARTS, plan, run, type Step, WIRES, wire } from "./wiring-case.ts";

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
