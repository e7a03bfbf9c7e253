import { applyMove, type Netlist, partById, partOf } from "@amp-saver/core/network";
import { buildAsFound, STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { applySteps, planWiring, withStarter } from "@amp-saver/core/study/wiring-plan";
import { describe, expect, it } from "vitest";
import { insulation } from "./insulation.ts";
import { layoutWiring } from "./layout.ts";
import { placesFor } from "./places.ts";
import { type Point, routeWiring } from "./route.ts";
import { placeTags } from "./tags.ts";

/** States of a starting point's work: as found, half way, done. */
function statesOf({ switches, family, options }: (typeof STARTING_POINTS)[number]): readonly Netlist[] {
  const asFound = buildAsFound(switches);
  const plan = planWiring(asFound, { family, ...options });
  if (!plan.ok) throw new Error(plan.reason);
  const begun = withStarter(asFound, { family, ...options });
  return [asFound, applySteps(begun, plan.value.steps.slice(0, Math.floor(plan.value.steps.length / 2))), plan.value.finished];
}

const segments = (points: readonly Point[]) => points.slice(1).map((p, k) => [points[k]!, p] as const);
const CASES = STARTING_POINTS.flatMap((point) => [390, 1280].map((width) => ({ ...point, width })));

describe("the wiring map", () => {
  it.each(CASES)("$id at $width: every wire found its way, straight, round every box", (point) => {
    const states = statesOf(point);
    const layout = layoutWiring(states, placesFor(point.width));
    for (const netlist of states) {
      const ways = routeWiring(netlist, layout);
      const drawn = netlist.conductors.filter((c) => c.ends.some((e) => e !== null) && !c.ends.some((e) => e?.endsWith(".G")));
      expect(ways.map((w) => w.conductor.id).toSorted()).toEqual(drawn.map((c) => c.id).toSorted());
      for (const { conductor, points } of ways) {
        for (const [a, b] of segments(points)) expect(a.x === b.x || a.y === b.y, conductor.id).toBe(true);
        for (const [a, b] of segments(points))
          for (const box of layout.boxes) {
            const inside = (p: Point): boolean => p.x > box.x && p.x < box.x + box.w && p.y > box.y && p.y < box.y + box.h;
            expect(inside({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }), `${conductor.id} through ${box.part.id}`).toBe(false);
          }
        for (const p of points) expect(p.x >= 0 && p.x <= layout.width && p.y >= 0 && p.y <= layout.height, conductor.id).toBe(true);
      }
    }
  });

  it.each(CASES)("$id at $width: no two parts overlap, no name tag covers another", (point) => {
    const states = statesOf(point);
    const layout = layoutWiring(states, placesFor(point.width));
    for (const [i, a] of layout.boxes.entries())
      for (const b of layout.boxes.slice(i + 1))
        expect(a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y).toBe(true);
    for (const netlist of states) {
      const tags = [...placeTags(routeWiring(netlist, layout), layout, (w) => w.conductor.color).values()];
      const covered = tags.flatMap((a, i) =>
        tags.slice(i + 1).filter((b) => Math.abs(a.x - b.x) < (a.w + b.w) / 2 && Math.abs(a.y - b.y) < (a.h + b.h) / 2),
      );
      expect(covered).toEqual([]);
    }
  });

  it("draws the same circuit the same way twice, and keeps every part in its place from state to state", () => {
    const states = statesOf(STARTING_POINTS[2]!);
    const layout = layoutWiring(states, placesFor(1280));
    expect(layoutWiring(states, placesFor(1280)).boxes).toEqual(layout.boxes);
    const again = layoutWiring(states, placesFor(1280));
    expect(routeWiring(states[2]!, again)).toEqual(routeWiring(states[2]!, layout));
  });

  it("lets a wire end where its slot is: on the box of its own part", () => {
    const [asFound] = statesOf(STARTING_POINTS[17]!);
    const layout = layoutWiring([asFound!], placesFor(1280));
    for (const { conductor, points } of routeWiring(asFound!, layout))
      for (const [end, at] of [
        [conductor.ends[0], points[0]],
        [conductor.ends[1], points.at(-1)],
      ] as const) {
        const box = layout.boxes.find((b) => b.part.id === partOf(end!))!;
        expect([box.x, box.x + box.w]).toContain(at!.x);
        expect(at!.y > box.y && at!.y < box.y + box.h).toBe(true);
        expect(partById(asFound!, partOf(end!)).id).toBe(box.part.id);
      }
  });

  it("draws a free end as a stub", () => {
    const netlist = applyMove(buildAsFound(STARTING_POINTS[9]!.switches), { do: "lift", conductor: "w-run", at: "can.C" });
    const layout = layoutWiring([netlist], placesFor(1280));
    const way = routeWiring(netlist, layout).find((w) => w.conductor.id === "w-run")!;
    expect(way.ends).toEqual(["on", "free"]);
    expect(Math.abs(way.points[0]!.x - way.points[1]!.x)).toBe(30);
  });
});

describe("insulation", () => {
  it("reads colours and stripes as people write them, and draws the rest grey", () => {
    expect(insulation("Black, white stripe")).toEqual({ base: "#1B1B1B", stripe: "#FFFFFF" });
    expect(insulation("white/red")).toEqual({ base: "#FFFFFF", stripe: "#D2281B" });
    expect(insulation("mauve")).toEqual({ base: "#8F9895", stripe: null });
    expect(insulation("red red")).toEqual({ base: "#D2281B", stripe: null });
  });
});
