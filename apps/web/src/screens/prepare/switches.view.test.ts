import { STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { asId, newUnit, newWiring } from "@amp-saver/records";
import { expect, it } from "vitest";
import { beginFrom, startingPointOf } from "./switches.view.ts";

const NOW = "2026-05-14T15:20:00.000Z";
const fresh = newWiring(NOW, newUnit({ id: asId("unit", "u"), now: NOW }, asId("rig", "r"), "Front"));

it.each(STARTING_POINTS.map((p) => [p.id, p.switches.system] as const))(
  "%s stands where it was picked, also beside one that looks alike",
  (id, system) => {
    const begun = { ...fresh, ...beginFrom(id, system === 120 ? 115 : 230) };
    expect(startingPointOf(begun)).toBe(id);
  },
);

it("of two that look alike, one of them stands where neither is planned so; none where a part is different", () => {
  const begun = { ...fresh, ...beginFrom("condenser-run-cut", 230) };
  expect(["condenser-run-cut", "condenser-two-pole"]).toContain(startingPointOf({ ...begun, run: "unplug" }));
  expect(startingPointOf({ ...begun, switches: { ...begun.switches, freeC: 3 } })).toBeNull();
});
