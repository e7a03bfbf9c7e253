import { coolestOf, dayQuestion } from "@amp-saver/cases";
import { studyDay } from "@amp-saver/core/study/day-plan";
import type { AnyRecord, Load, RigId, Source } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { dayLanes, stretches } from "./day.view.ts";

const records = demoRecords();
const of = <K extends AnyRecord["kind"]>(kind: K) =>
  records.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind && "rigId" in r && r.rigId === ("demo-tin-lantern" as RigId));
const coach = {
  rig: records.find((r) => r.kind === "rig") as Extract<AnyRecord, { kind: "rig" }>,
  units: of("unit"),
  jobs: of("job"),
  loads: of("load"),
  sources: of("source"),
  starters: records.filter((r) => r.kind === "starter"),
};
const units = [
  { id: "demo-front", watts: 1300, priority: 1 },
  { id: "demo-rear", watts: 1100, priority: 2 },
];

describe("a rig’s day", () => {
  it("takes sources by their hours, hook-ups before engines, and leaves out what is not there", () => {
    const { day } = dayQuestion(coach)!;
    expect(day.sources.map((s) => s.id)).toEqual(["demo-pedestal", "demo-gen"]);
    expect(day.sources[0]).toMatchObject({ watts: 0.8 * 30 * 120, engine: null });
    expect(day.sources[1]!.watts).toBeLessThan(2200);
  });

  it("makes the charger the bank’s, and counts every other load that is on", () => {
    const { day } = dayQuestion(coach)!;
    expect(day.bank).toMatchObject({ volts: 26.4, ampHours: 200, depth: 0.8, chargerW: 530, inverterW: 3000 });
    expect(day.loads.map((l) => l.id)).not.toContain("demo-load-charger");
    expect(day.loads.map((l) => l.id)).not.toContain("demo-load-kettle");
    expect(day.loads).toHaveLength(coach.loads.filter((l) => l.on).length - 1);
  });

  it("counts a charger as a load where there is no bank, and empties lead batteries half", () => {
    const without = dayQuestion({ ...coach, sources: coach.sources.filter((s) => s.type !== "inverter") })!;
    expect(without.day.bank).toBeNull();
    expect(without.day.loads.map((l) => l.id)).toContain("demo-load-charger");
    const lead = coach.sources.map((s): Source => (s.type === "inverter" ? { ...s, chemistry: "agm" } : s));
    expect(dayQuestion({ ...coach, sources: lead })!.day.bank?.depth).toBe(0.5);
  });

  it("has a night cooler than its day, unless the coolest hour is said", () => {
    expect(coolestOf(coach.rig)).toBeCloseTo(coach.rig.hottestC.value - 13, 9);
    expect(coolestOf({ ...coach.rig, coolestC: { value: 19, from: "measured" } })).toBe(19);
  });

  it("is drawn as rows that add up to what is served, units first and the charger last, and says when each went without", () => {
    const { day } = dayQuestion(coach)!;
    const study = studyDay({ ...day, units });
    const lanes = dayLanes(study, units);
    expect(lanes[0]!.kind).toBe("unit");
    expect(lanes.at(-1)!.kind).toBe("charger");
    study.steps.forEach((step, k) => {
      const drawn = lanes.reduce((sum, b) => sum + b.watts[k]!, 0);
      expect(drawn).toBeCloseTo(step.servedW + step.chargingW, 6);
    });
    const without = lanes.filter((lane) => lane.without.some((there) => there)).map((lane) => lane.id);
    expect(without.toSorted()).toEqual(Object.keys(study.unservedMin).toSorted());
    expect(without.length).toBeGreaterThan(0);
    for (const lane of lanes) expect(lane.without.some((none, k) => none && lane.watts[k]! > 0)).toBe(false);
    for (const stretch of stretches(lanes[0]!.without)) expect(stretch.to).toBeGreaterThan(stretch.from);
    expect(stretches(lanes[0]!.without).at(-1)!.to).toBe(study.steps.length);
  });

  it("moves when a load’s hours move", () => {
    const at = (hours: Load["spells"]) =>
      studyDay({ ...dayQuestion({ ...coach, loads: coach.loads.map((l) => ({ ...l, spells: hours })) })!.day, units }).energy.servedWh;
    expect(at([{ fromMin: 600, toMin: 660 }])).toBeLessThan(at([{ fromMin: 600, toMin: 900 }]));
  });
});
