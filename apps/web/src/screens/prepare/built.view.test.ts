import { listNets } from "@amp-saver/core/network";
import { STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { applySteps } from "@amp-saver/core/study/wiring-plan";
import { type FitLog, newFitLog, newJob, newWiring, type RigId, type UnitId, type Wiring } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { wiringNames } from "../../words/wiring.ts";
import { undoCourse } from "../fit/course.ts";
import { mountingAllows, stepKey, undoneSteps } from "../fit/fit.view.ts";
import { builtView, wireKey } from "./built.view.ts";
import { planView } from "./wiring.view.ts";

const AT = "2031-02-01T10:00:00.000Z";
const unit = demoRecords().find((r) => r.kind === "unit")!;
const wiring: Wiring = newWiring(AT, unit);
const job = newJob({ id: "job" as never, now: AT }, "rig" as RigId, "unit" as UnitId, "Fit");
const fresh: FitLog = newFitLog(AT, job);
const view = planView(wiring, undefined);
const tick = (change: Partial<FitLog["steps"][string]> = {}) => ({ at: AT, tugged: true, note: "", ...change });
const ticked = (keys: readonly string[]): FitLog => ({ ...fresh, steps: Object.fromEntries(keys.map((k) => [k, tick()])) });
const all = view.groups.map(stepKey);

describe("as built", () => {
  it("is not known while nobody has confirmed anything, however right the plan is", () => {
    const built = builtView(wiring, view, fresh)!;
    expect(built.faults).toEqual([]);
    expect(built.unconfirmed.toSorted()).toEqual(["starter.FEED", "starter.REF", "starter.RUN-OUT", "starter.START", "w-run"]);
    expect(builtView(wiring, view, ticked(all))!.unconfirmed).toEqual([]);
  });

  it("waits for each wire’s own steps: one step that is left out leaves its wires open, and only those", () => {
    for (const [k, group] of view.groups.entries()) {
      const open = builtView(wiring, view, ticked(all.filter((_, i) => i !== k)))!.unconfirmed;
      const touched = new Set([...group.members, ...[group.main, ...group.rest].map((s) => s.conductor)]);
      expect(open.every((id) => touched.has(id))).toBe(true);
      if (group.main.do === "land" || group.main.do === "splice") expect(open.length).toBeGreaterThan(0);
    }
  });

  it("takes a tug that moved for a step not done, until it is remade", () => {
    const landed = all.find((_, k) => view.groups[k]!.rest.some((s) => s.do === "tug"))!;
    const moved: FitLog = { ...ticked(all), steps: { ...ticked(all).steps, [landed]: tick({ tug: "moved" }) } };
    expect(builtView(wiring, view, moved)!.unconfirmed.length).toBeGreaterThan(0);
    expect(undoneSteps(view, moved)).toEqual([all.indexOf(landed)]);
    const remade: FitLog = { ...moved, steps: { ...moved.steps, [landed]: tick({ tug: "remade" }) } };
    expect(builtView(wiring, view, remade)!.unconfirmed).toEqual([]);
  });

  it("asks how it is wired where a step was done differently, and takes what is entered for confirmed", () => {
    const start = all.find((_, k) => view.groups[k]!.main.conductor === "starter.START")!;
    const other: FitLog = { ...ticked(all), steps: { ...ticked(all).steps, [start]: tick({ note: "on the far tab" }) } };
    const built = builtView(wiring, view, other)!;
    expect(built.otherwise).toEqual(["on the far tab"]);
    expect(built.unconfirmed).toEqual(["starter.START"]);
    const entered = built.netlist.conductors.map((c) =>
      c.id === "starter.START" ? { ...c, ends: ["starter.START", "can.C"] as const } : c,
    );
    const wrong = builtView({ ...wiring, built: { ...built.netlist, conductors: entered } }, view, other)!;
    expect([wrong.otherwise, wrong.unconfirmed, wrong.differing]).toEqual([[], [], ["starter.START"]]);
    expect(wrong.faults.map((f) => f.code)).toContain("start-not-on-herm");
  });

  it("takes a wire seen on its terminals for confirmed, and not after its ends have changed", () => {
    const built = builtView(wiring, view, fresh)!;
    const run = built.netlist.conductors.find((c) => c.id === "w-run")!;
    const seen: FitLog = { ...fresh, confirmed: { [wireKey(run)]: AT } };
    expect(builtView(wiring, view, seen)!.unconfirmed).not.toContain("w-run");
    const cut = { ...wiring, run: "cut" as const };
    expect(builtView(cut, planView(cut, undefined), seen)!.unconfirmed).toContain("w-run");
  });
});

describe("undoing the install", () => {
  it.each(STARTING_POINTS.map((p) => [p.id, p] as const))("%s: its own order, from the finished work back to as found", (_, point) => {
    const found = { ...wiring, switches: point.switches, family: point.family };
    const plan = planView(found, undefined);
    const course = undoCourse(plan, wiringNames(plan.asFound, plan.plan.ok ? plan.plan.value.finished : null, "us"));
    if (!plan.plan.ok) throw new Error(plan.plan.reason);
    expect(course.worded[0]!.sentence).toBe("Photograph the box, both sides, before you undo anything.");
    expect(course.worded.at(-1)!.sentence).toBe("Photograph the box as it is now: wired as it was found.");
    expect(course.states).toHaveLength(course.groups.length + 1);
    const steps = course.groups.flatMap((g) => [g.main, ...g.rest]);
    const back = applySteps(plan.plan.value.finished, steps);
    expect(listNets(back, new Set(["starter"]))).toEqual(listNets(plan.asFound));
    expect(undoneSteps(course, fresh, "undone")).toHaveLength(course.groups.length);
  });
});

describe("a place that is no good", () => {
  it("holds the work up until somebody gives a reason", () => {
    const against: FitLog = { ...fresh, mounting: { ...fresh.mounting, orientation: "upside-down" } };
    expect([mountingAllows(fresh), mountingAllows(against)]).toEqual([true, false]);
    expect(mountingAllows({ ...against, mountReason: "   " })).toBe(false);
    expect(mountingAllows({ ...against, mountReason: "its sheet allows it under this lid" })).toBe(true);
  });
});
