import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { allTerminals, FAMILIES, type Family, inReach, listNets, type Netlist, netsOf, STARTER } from "../src/network/index.ts";
import { buildAsFound, PLAIN_ROOFTOP, STARTING_POINTS } from "../src/study/as-found/index.ts";
import { checkWiring } from "../src/study/wiring-check/index.ts";
import {
  AID_WAYS,
  applySteps,
  COMMON_WAYS,
  type PlanOptions,
  planWiring,
  RUN_WAYS,
  restorePlan,
  TAP_WAYS,
  type WiringPlan,
  withStarter,
} from "../src/study/wiring-plan/index.ts";
import { aidsOf, circuits } from "./wiring-circuits.ts";
import { wantedNets } from "./wiring-oracle.ts";

/** What must hold of every plan, whatever the circuit. */
function holds(asFound: Netlist, options: PlanOptions, plan: WiringPlan): void {
  const { family } = options;
  expect(plan.nets).toEqual(wantedNets(asFound, family, allTerminals(asFound)));
  const retired = new Set(aidsOf(asFound));
  expect(new Set(plan.retired)).toEqual(retired);
  const begun = withStarter(asFound, options);
  const stepped = applySteps(begun, plan.steps);
  expect(listNets(stepped, retired)).toEqual(plan.nets);
  expect(checkWiring(stepped)).toEqual([]);
  const nets = netsOf(stepped);
  for (const t of allTerminals(stepped).filter((t) => retired.has(t.slice(0, t.lastIndexOf(".")))))
    expect(nets.with(t).every((m) => retired.has(m.slice(0, m.lastIndexOf("."))) || /\.J$/.test(m))).toBe(true);
  const back = applySteps(stepped, restorePlan(plan.finished, plan.steps));
  const without = new Set([STARTER]);
  expect(listNets(back, without)).toEqual(listNets(asFound));
  const whole = asFound.conductors.filter((c) => back.conductors.every((o) => !o.id.startsWith(`${c.id}/`)));
  for (const wire of whole) expect(back.conductors.find((c) => c.id === wire.id)?.ends.toSorted()).toEqual(wire.ends.toSorted());
  for (const step of plan.steps) {
    const ends = step.do === "move" ? [step.at, step.with] : step.do === "land" || step.do === "lift" ? [step.at] : [];
    for (const end of ends) expect(end === null || inReach(stepped, end)).toBe(true);
  }
  for (const step of plan.steps)
    if (step.do === "land")
      expect(plan.steps).toContainEqual(expect.objectContaining({ do: "tug", conductor: step.conductor, at: step.at }));
}

describe("the twenty starting points", () => {
  const cases = STARTING_POINTS.flatMap((point) => FAMILIES.map((family) => ({ ...point, family, own: point.family === family })));
  it.each(cases)("$id with $family", ({ switches, family, own, options }) => {
    const asFound = buildAsFound(switches);
    const given = { family, ...(own ? options : {}) };
    const plan = planWiring(asFound, given);
    const expected = family === "FM" && switches.control !== "contactor" ? "no-contactor" : null;
    if (expected === null) {
      expect(plan.ok).toBe(true);
      if (plan.ok) holds(asFound, given, plan.value);
    } else expect(plan).toMatchObject({ ok: false, reason: expected });
  });

  it("has twenty, each under its own name", () => {
    expect(new Set(STARTING_POINTS.map((p) => p.id)).size).toBe(20);
  });
});

describe("a run capacitor out of reach", () => {
  const board = STARTING_POINTS.find((p) => p.id === "rooftop-circuit-board")!;
  const steps = (change: Partial<typeof board.switches>, family: Family) => {
    const plan = planWiring(buildAsFound({ ...board.switches, ...change }), { family });
    if (!plan.ok) throw new Error(plan.reason);
    return plan.value.steps;
  };

  it("has START joined to the wire that a start aid leaves on it", () => {
    const start = steps({}, "F4").filter((s) => s.why === "start-on-herm" && s.do === "splice");
    expect(start).toEqual([{ do: "splice", conductor: "starter.START", at: "joint2.J", with: "w-aid-3", why: "start-on-herm" }]);
    const lifted = steps({}, "F4").filter((s) => s.conductor === "w-aid-3");
    expect(lifted.map((s) => [s.do, s.at])).toEqual([
      ["lift", "ptc.2"],
      ["tug", "joint2.J"],
    ]);
  });

  it("has START joined into the start winding’s own conductor where there was no aid", () => {
    const start = steps({ aid: "none" }, "F4").filter((s) => s.why === "start-on-herm");
    expect(start.filter((s) => s.do === "cut")).toEqual([
      { do: "cut", conductor: "w-start", at: "can.HERM", with: "w-start/2", why: "start-on-herm" },
    ]);
    expect(start.filter((s) => s.do === "splice").map((s) => s.conductor)).toEqual(["w-start/2", "starter.START"]);
  });

  it("is fed by what is left of the link that went into a module", () => {
    const link = steps({ control: "contactor", aid: "none", runAt: "can" }, "FM");
    expect(link).toContainEqual({ do: "cut", conductor: "w-link", at: "can.C", with: "w-link/2", why: "link-to-starter" });
    expect(link).toContainEqual({ do: "splice", conductor: "starter.CAP", at: "joint1.J", with: "w-link", why: "capacitor-fed" });
  });

  it("is planned as before where its tabs are in reach", () => {
    const plain = steps({ sealed: false }, "F4");
    expect(plain).toContainEqual({ do: "land", conductor: "starter.START", at: "can.HERM", with: "piggyback", why: "start-on-herm" });
  });
});

describe("common in a far box", () => {
  const steps = (family: Family, options: Omit<PlanOptions, "family"> = {}) => {
    const plan = planWiring(buildAsFound({ ...PLAIN_ROOFTOP, control: "board", secondBox: true }), { family, jumper: true, ...options });
    if (!plan.ok) throw new Error(plan.reason);
    return plan.value.steps.map((s) => `${s.do} ${s.conductor} ${s.at} ${s.with}`);
  };

  it("is reached by a jumper that is run, put on in the far box, and joined to the lead in the near one", () => {
    expect(steps("F4").slice(-8)).toEqual([
      "fit null null jumper.REF",
      "land jumper.REF board.NO piggyback",
      "tug jumper.REF board.NO null",
      "splice starter.REF joint2.J jumper.REF",
      "tug jumper.REF joint2.J null",
      "tug starter.REF joint2.J null",
      "insulate null joint2.J null",
      "photo null null null",
    ]);
  });

  it("is opened there by two jumpers, one for each lead", () => {
    const f5 = steps("F5", { common: "cut" });
    expect(f5.filter((s) => s.startsWith("fit"))).toEqual([
      "fit null null starter",
      "fit null null jumper.COM-FEED",
      "fit null null jumper.COM-OUT",
    ]);
    expect(f5.filter((s) => /^splice starter.COM/.test(s))).toHaveLength(2);
    expect(f5.filter((s) => /^land/.test(s) && /COM-/.test(s))).toEqual([]);
  });
});

describe("two thousand circuits", () => {
  it("are planned as described, step by step, and put back as found; or refused with a reason", () => {
    const ways = {
      family: fc.constantFrom<Family>(...FAMILIES),
      run: fc.constantFrom(undefined, ...RUN_WAYS),
      common: fc.constantFrom(undefined, ...COMMON_WAYS),
      tap: fc.constantFrom(undefined, ...TAP_WAYS),
      aid: fc.constantFrom(undefined, ...AID_WAYS),
      jumper: fc.constantFrom(undefined, true),
    };
    const tally = { planned: 0, refused: new Map<string, number>() };
    fc.assert(
      fc.property(circuits, fc.record(ways), (asFound, { family, ...rest }) => {
        const options = { family, ...Object.fromEntries(Object.entries(rest).filter(([, v]) => v !== undefined)) } as PlanOptions;
        const plan = planWiring(asFound, options);
        if (!plan.ok) {
          tally.refused.set(plan.reason, (tally.refused.get(plan.reason) ?? 0) + 1);
          return;
        }
        tally.planned += 1;
        holds(asFound, options, plan.value);
      }),
      { numRuns: 2000, seed: 20 },
    );
    expect(tally.planned).toBeGreaterThan(1400);
    expect([...tally.refused.keys()].filter((r) => !["no-contactor", "link-not-understood", "no-contactor-link"].includes(r))).toEqual([]);
  });
});
