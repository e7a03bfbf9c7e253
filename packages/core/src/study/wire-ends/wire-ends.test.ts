import { describe, expect, it } from "vitest";
import type { Family } from "../../network/index.ts";
import { awgArea, CRIMP_COLORS, PULL_FORCE_N } from "../../reference/index.ts";
import { type AsFoundSwitches, buildAsFound, PLAIN_CONDENSER, PLAIN_ROOFTOP } from "../as-found/index.ts";
import { planWiring, withStarter } from "../wiring-plan/index.ts";
import { crimpColor, genderOf, type Room, terminalKit, wireEnds } from "./index.ts";

const ROOMY: Room = { lidLow: false, boot: false, terminated: {} };

function ends(switches: AsFoundSwitches, family: Family, room: Partial<Room> = {}, tap?: "splice") {
  const asFound = buildAsFound(switches);
  const options = { family, ...(tap && { tap }) };
  const plan = planWiring(asFound, options);
  if (!plan.ok) throw new Error(plan.reason);
  return wireEnds(withStarter(asFound, options), plan.value.steps, { ...ROOMY, ...room });
}
const line = (all: ReturnType<typeof ends>) =>
  all.map((e) => `${e.conductor}: ${e.splice?.name ?? e.crimp}${e.color === null ? "" : ` ${e.color}`}, ${e.made}`);

describe("which end goes on which wire", () => {
  it("a rooftop unit: no wire is cut, the run conductor keeps its own tab and gets a blade against it", () => {
    expect(line(ends({ ...PLAIN_ROOFTOP, freeHerm: 0 }, "F4"))).toEqual([
      "w-run: blade pair yellow, comes so",
      "starter.RUN-OUT: blade pair blue, on the ground",
      "starter.FEED: tab blue, on the ground",
      "starter.START: piggyback blue, on the ground",
      "starter.REF: piggyback blue, on the ground",
    ]);
  });

  it("a condenser: rings under the contactor’s screws, a lever joint where the run conductor has a ring", () => {
    expect(line(ends(PLAIN_CONDENSER, "F4"))).toEqual([
      "w-run: lever, after it has passed",
      "starter.RUN-OUT: lever, after it has passed",
      "starter.FEED: ring blue, on the ground",
      "starter.START: tab blue, on the ground",
      "starter.REF: ring blue, on the ground",
    ]);
  });

  it("flags under a low lid, bare ends through a boot, nothing to crimp where the lead comes so", () => {
    const room = { lidLow: true, boot: true, terminated: { FEED: "flag" } } as const;
    const made = ends(PLAIN_ROOFTOP, "F4", room);
    expect(line(made).slice(2, 4)).toEqual(["starter.FEED: flag blue, comes so", "starter.START: flag blue, after it has passed"]);
  });

  it("says of every end what it has, what it meets and which gender is to be bought", () => {
    const told = ends(PLAIN_ROOFTOP, "F4").map((e) => `${e.conductor}: ${e.has} meets ${e.meets}: ${e.crimp && genderOf(e.crimp)}`);
    expect(told).toEqual([
      "w-run: tab meets blade: female",
      "starter.RUN-OUT: bare meets push-on: male",
      "starter.FEED: bare meets male-tab: female",
      "starter.START: bare meets male-tab: female",
      "starter.REF: bare meets taken-tab: both",
    ]);
  });

  it("follows what somebody saw on a wire: a ring takes no blade", () => {
    const told = ends(PLAIN_ROOFTOP, "F4", { own: { "w-run": "ring" } }).slice(0, 2);
    expect(told.map((e) => [e.has, e.meets, e.splice?.name])).toEqual([
      ["ring", "wires", "lever"],
      ["bare", "wires", "lever"],
    ]);
  });

  it("uses the joint that is asked for where it takes the wires, and its own choice where it does not", () => {
    const joints = (joint: "butt" | "closed end") => ends(PLAIN_ROOFTOP, "F4", { joint }, "splice").flatMap((e) => e.splice?.name ?? []);
    expect(joints("butt")).toEqual(["butt", "butt", "lever", "lever", "lever"]);
    expect(joints("closed end")).toEqual(["closed end", "closed end", "closed end", "closed end", "closed end"]);
  });

  it("counts the kit with spares, and leaves out what is there", () => {
    expect(terminalKit(ends(PLAIN_ROOFTOP, "F4", {}, "splice"))).toEqual([
      { what: "blade", color: "blue", awg: 16, needed: 1, spare: 1 },
      { what: "tab", color: "blue", awg: 16, needed: 2, spare: 1 },
      { what: "lever", color: null, awg: null, needed: 1, spare: 1 },
    ]);
  });
});

describe("tables of ends", () => {
  /** DIN 46245 sorts by copper: red 0.5–1.5 mm², blue 1.5–2.5, yellow 4–6, from memory; gauges by ASTM B258. */
  it("give each gauge the colour its copper belongs to", () => {
    const bands = { red: [0.3, 1.5], blue: [1.2, 2.5], yellow: [3, 6] } as const;
    for (const { color, thinnestAwg, thickestAwg } of CRIMP_COLORS) {
      const [least, most] = bands[color];
      expect(awgArea(thinnestAwg)).toBeGreaterThanOrEqual(least);
      expect(awgArea(thickestAwg)).toBeLessThanOrEqual(most);
    }
    expect([22, 18, 16, 14, 12, 10].map(crimpColor)).toEqual(["red", "red", "blue", "blue", "yellow", "yellow"]);
    expect([24, 13, 8].map(crimpColor)).toEqual([null, null, null]);
  });

  /** UL 486A: 8, 13, 20, 30, 50, 70, 80 and 90 lbf for 22 to 8 AWG, from memory; 1 lbf is 4.448 N. */
  it("give each gauge its pull", () => {
    const pounds = { 22: 8, 20: 13, 18: 20, 16: 30, 14: 50, 12: 70, 10: 80, 8: 90 } as const;
    for (const [awg, lbf] of Object.entries(pounds)) expect(PULL_FORCE_N[Number(awg)]).toBe(Math.round(lbf * 4.4482));
  });
});
