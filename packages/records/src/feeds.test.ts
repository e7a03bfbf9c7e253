import { describe, expect, it } from "vitest";
import { demoRecords } from "./demo/index.ts";
import { feedsOf } from "./feeds.ts";
import type { AnyRecord } from "./record.ts";

const all = demoRecords();
const of = <K extends AnyRecord["kind"]>(kind: K, rigId: string) =>
  all.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind && "rigId" in r && r.rigId === rigId);
const rig = (id: string) => all.find((r): r is Extract<AnyRecord, { kind: "rig" }> => r.kind === "rig" && r.id === id)!;
const feeds = (id: string) => feedsOf(rig(id), of("unit", id), of("source", id));

describe("what can feed a circuit", () => {
  it("is on a coach every source, each engine’s auto-start, each unit’s breaker and the control fuse", () => {
    expect(feeds("demo-tin-lantern").map((f) => `${f.kind}${f.of === null ? "" : ` of ${f.of}`}`)).toEqual([
      "inverter-generator of 2.2 kW generator",
      "auto-start of 2.2 kW generator",
      "shore of Pedestal, 30 A",
      "shore of House outlet, 20 A",
      "inverter-generator of 1.6 kW generator",
      "auto-start of 1.6 kW generator",
      "inverter of 3 kW inverter, 24 V bank",
      "breaker of Front, over the darkroom",
      "breaker of Rear, over the bunks",
      "fuse",
    ]);
  });

  it("is at a house the circuit and the disconnect, and the breaker by itself only where no circuit is entered", () => {
    const kinds = feeds("demo-fennel-row").map((f) => f.kind);
    expect(kinds).toEqual(["shore", "inverter-generator", "auto-start", "generator", "auto-start", "disconnect"]);
    const engines = of("source", "demo-fennel-row").filter((s) => s.type !== "shore");
    expect(feedsOf(rig("demo-fennel-row"), of("unit", "demo-fennel-row"), engines).map((f) => f.kind)).toContain("breaker");
  });

  it("has a name of its own each", () => {
    for (const id of ["demo-tin-lantern", "demo-fennel-row", "demo-heron-post"]) {
      const ids = feeds(id).map((f) => f.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });
});
