import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FAMILY_LEADS, type Netlist, nameOn, partById, partOf, type Terminal } from "../../network/index.ts";
import { present } from "../../quantity/index.ts";
import { type AsFoundSwitches, buildAsFound, PLAIN_ROOFTOP, STARTING_POINTS } from "../as-found/index.ts";
import { type PlanOptions, type PlanStep, planWiring, type WiringPlan, withStarter } from "../wiring-plan/index.ts";
import { type Beside, compareSheet, type LimitKind, limitsIn, readSheet, type SheetBeside, stricterOf, strictest } from "./index.ts";

const LEADS = {
  FEED: { color: "pink", awg: 12 },
  "RUN-OUT": { color: "tan", awg: 12 },
  START: { color: "gray", awg: 16 },
  REF: { color: "white/blue", awg: 16 },
  "COM-FEED": { color: "orange/black", awg: 12 },
  "COM-OUT": { color: "orange", awg: 12 },
};

interface Unit {
  readonly asFound: Netlist;
  readonly begun: Netlist;
  readonly plan: WiringPlan;
  readonly family: keyof typeof FAMILY_LEADS;
}

function unitOf(switches: Partial<AsFoundSwitches>, options: PlanOptions): Unit {
  const asFound = buildAsFound({ ...PLAIN_ROOFTOP, ...switches });
  const all = { leads: LEADS, ...options };
  const plan = planWiring(asFound, all);
  if (!plan.ok) throw new Error(plan.reason);
  return { asFound, begun: withStarter(asFound, all), plan: plan.value, family: options.family };
}

const beside = (sheet: string, unit: Unit): SheetBeside => compareSheet(readSheet(sheet, FAMILY_LEADS[unit.family]), unit);
const codes = (one: Beside | undefined): readonly string[] => present(one).differences.map((d) => d.code);
const only = ({ sentences }: SheetBeside): readonly Beside[] => sentences.filter((s) => s.verdict === "disagrees" || s.verdict === "open");

/** Blue run, red start, black common on every rooftop that says nothing else. */
const PLAIN = unitOf(
  { colors: { ...PLAIN_ROOFTOP.colors, run: "blue", start: "red", common: "black", neutral: "white", fan: "brown" } },
  { family: "F4", tap: "splice" },
);

const PLAIN_SHEET = `1. Turn off all power and discharge the capacitor.
2. Remove the blue wire from the C terminal of the run capacitor.
3. Splice the tan lead to the blue wire.
4. Connect the pink lead to the C terminal of the run capacitor.
5. Connect the gray lead to HERM.
6. Join the white/blue lead with the wire going to compressor common.
7. Mount the starter with its leads down.
8. Run the unit five times.`;

describe("a sheet beside the plan of one unit", () => {
  it("agrees where the unit is the one the sheet was written for", () => {
    const all = beside(PLAIN_SHEET, PLAIN);
    expect(all.sentences.map((s) => s.verdict)).toEqual([
      "elsewhere",
      "elsewhere",
      "agrees",
      "agrees",
      "agrees",
      "agrees",
      "agrees",
      "elsewhere",
      "elsewhere",
    ]);
    expect(all.missing).toEqual([]);
  });

  it("finds a color that is another wire here, and what following it would bring", () => {
    const unit = unitOf(
      { lookAlike: true, colors: { ...PLAIN_ROOFTOP.colors, run: "white", start: "red", neutral: "blue", fan: "brown" } },
      { family: "F4", tap: "splice" },
    );
    const all = beside(PLAIN_SHEET, unit);
    const lift = present(all.sentences.find((s) => s.sentence.line === 1));
    expect(lift.differences[0]).toMatchObject({ code: "color-is-other", color: "blue", wire: "w-run", others: ["w-neutral"] });
    expect(lift.instead.length).toBe(1);
    expect(lift.verdict).toBe("disagrees");
  });

  it("finds a color that is not there, with where it is instead", () => {
    const sheet = PLAIN_SHEET.replace("blue wire from", "red wire from");
    expect(present(beside(sheet, PLAIN).sentences.find((s) => s.sentence.line === 1)).differences[0]).toMatchObject({
      code: "color-not-there",
      color: "red",
      wire: "w-run",
      others: ["w-start"],
    });
  });

  it("a lone C is never guessed, and what a person says of it counts", () => {
    const sheet = "Remove the blue wire from the C terminal.";
    const [open] = beside(sheet, PLAIN).sentences;
    expect(open).toMatchObject({ verdict: "open", sentence: { doubt: "which-c" } });
    const wire = { color: "blue", lead: null, toward: null, starters: false };
    const means = { [present(open).sentence.text]: { act: "lift", wire, from: "cap-c", to: null, with: null } } as const;
    expect(compareSheet(readSheet(sheet, FAMILY_LEADS.F4, means), PLAIN).sentences[0]).toMatchObject({ verdict: "agrees" });
  });

  it.each([
    "Do not remove the blue wire from the C terminal of the run capacitor.",
    "Leave the red wire on HERM.",
    "Never connect the gray lead to compressor R.",
  ])("never takes for a step what the sheet forbids: %s", (text) => {
    expect(beside(text, PLAIN).sentences).toMatchObject([{ verdict: "open", sentence: { doubt: "forbids" } }]);
  });

  it("names a terminal and a start aid that this unit lacks", () => {
    const all = beside("Connect the pink lead to T2 of the contactor.\nDisconnect the hard start kit.", PLAIN);
    expect(all.sentences.map((s) => [s.verdict, ...codes(s)])).toEqual([
      ["disagrees", "no-such-place"],
      ["otherwise", "no-such-aid"],
    ]);
  });

  it("finds the wire that taking the start capacitor out would leave without a place", () => {
    const unit = unitOf({ aid: "start-capacitor", aidJunction: true, freeC: 2 }, { family: "F4" });
    const [removal] = beside("Remove the start capacitor.", unit).sentences;
    expect(present(removal).differences).toContainEqual({ code: "left-free", wire: "w-fan-main", at: "startcap.1" });
    expect(present(removal).brings.map((f) => f.code)).toContain("fan-unfed");
  });

  it("a lead sent elsewhere is told with what it would do", () => {
    const sheet = PLAIN_SHEET.replace("gray lead to HERM", "gray lead to the C terminal of the run capacitor");
    const off = present(beside(sheet, PLAIN).sentences.find((s) => s.sentence.line === 4));
    expect(off.differences).toEqual([
      { code: "lead-elsewhere", lead: "starter.START", by: expect.arrayContaining(["can.HERM", "comp.S"]) },
    ]);
    expect(off.brings.map((f) => f.code)).toContain("start-not-on-herm");
  });

  it("whatever is written there is laid beside it or left open, and never breaks", () => {
    const word = fc.constantFrom(
      ...PLAIN_SHEET.split(/\s+/),
      "move",
      "cut",
      "wire",
      "lead",
      "C",
      "T2",
      "contactor",
      "start",
      "capacitor",
      "it",
      "where",
      "red",
      ";",
      "\n",
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 40 }), (words) => {
        const { sentences } = beside(words.join(" "), PLAIN);
        for (const one of sentences) expect(one.verdict === "open").toBe(one.sentence.step === null);
      }),
      { numRuns: 60 },
    );
  });

  it("a cut where the plan unplugs leads to the same, and is said as such", () => {
    const [cut] = beside("Cut the blue wire near the C terminal of the run capacitor.", PLAIN).sentences;
    expect(cut).toMatchObject({ verdict: "otherwise", differences: [{ code: "no-cut-needed", wire: "w-run" }] });
  });

  describe.each(STARTING_POINTS.map((p) => [p.id, p] as const))("written for %s", (_, point) => {
    const unit = unitOf(point.switches, { family: point.family, ...point.options });
    const lines = sheetOf(unit);

    it("agrees with its plan in every line and leaves nothing out", () => {
      const all = beside(textOf(lines), unit);
      expect(only(all).map((s) => [s.sentence.text, s.sentence.doubt, codes(s)])).toEqual([]);
      expect(all.missing).toEqual([]);
    });

    it("a line left out is missed, unless another one implies it", () => {
      for (const [k, { text, why }] of lines.entries()) {
        if (why === "aid-off" || why === "common-cut-to-tap" || why === "common-tapped") continue;
        const { missing } = beside(textOf(lines.toSpliced(k, 1)), unit);
        expect([text, missing.map((at) => unit.plan.steps[at]?.why)]).toEqual([text, expect.arrayContaining([why])]);
      }
    });

    it("a color that is nowhere on the unit is found in its line", () => {
      for (const [k, line] of lines.entries()) {
        const changed = line.text.replace(/the \S+ wire/, "the purple wire");
        if (changed === line.text) continue;
        const found = beside(textOf(lines.with(k, { ...line, text: changed })), unit).sentences[k];
        expect([changed, present(found).verdict]).toEqual([changed, "disagrees"]);
        expect(codes(found)).toContain("color-not-there");
      }
    });
  });
});

describe("limits of a sheet", () => {
  it.each([
    ["For air conditioners from 1.5 to 3 tons.", { leastTons: 1.5, mostTons: 3 }],
    ["Supply 100-125 VAC only.", { leastV: 100, mostV: 125 }],
    ["Not for compressors over 70 A LRA.", { lockedRotorMostA: 70 }],
    ["Locked rotor amps must not be more than 62.", { lockedRotorMostA: 62 }],
    ["It may take up to 5 minutes before the compressor starts.", { delayS: 300 }],
    ["Run the unit 5 times and wait at least 10 minutes between starts.", { runs: 5, restS: 600 }],
    ["Let it run for 8 minutes, then off for 4 min.", { runS: 480, restS: 240 }],
    ["If a lead must be extended use 12 AWG or heavier.", { extensionAwg: 12 }],
    ["Mount it on a flat surface with 4 screws.", {}],
  ] as const)("%s", (text, figures) => {
    expect(Object.fromEntries(limitsIn(text).map((l) => [l.kind, l.value]))).toEqual(figures);
  });

  it("the sheet counts where it is stricter, the app's own where that is, the sheet alone where neither can be", () => {
    const at = (kind: LimitKind, value: number) => ({ kind, value, line: 0 });
    expect(stricterOf(at("restS", 600), 300)).toMatchObject({ wins: "sheet", use: 600 });
    expect(stricterOf(at("restS", 120), 300)).toMatchObject({ wins: "own", use: 300 });
    expect(stricterOf(at("extensionAwg", 16), 14)).toMatchObject({ wins: "own", use: 14 });
    expect(stricterOf(at("extensionAwg", 12), 14)).toMatchObject({ wins: "sheet", use: 12 });
    expect(stricterOf(at("lockedRotorMostA", 70), null)).toMatchObject({ wins: "sheet", use: 70 });
    expect(stricterOf(at("delayS", 60), 300)).toMatchObject({ wins: "sheet", use: 60 });
    expect(strictest([at("mostTons", 3), at("mostTons", 2.5), at("restS", 300)])).toEqual([at("mostTons", 2.5), at("restS", 300)]);
  });
});

/** A terminal as a maker would write it. */
function place(netlist: Netlist, at: Terminal): string {
  const { kind } = partById(netlist, partOf(at));
  const name = nameOn(at);
  const names: Readonly<Record<string, string>> = {
    "run-capacitor": name === "HERM" ? "HERM" : `the ${name} terminal of the run capacitor`,
    compressor: `compressor ${name}`,
    contactor: `${name} of the contactor`,
    relay: "the control board",
    through: partOf(at) === "overload" ? "the overload" : partOf(at) === "plug" ? "the harness plug" : "the board",
    "start-capacitor": "the start capacitor",
    "hard-start": "the hard start kit",
    ptc: "the PTC",
    "potential-relay": "the start relay",
    starter: name,
  };
  return names[kind] ?? at;
}

interface Line {
  readonly text: string;
  readonly why: string;
}
const textOf = (lines: readonly Line[]): string => lines.map((l) => l.text).join("\n");

/** The plan of a unit as a maker's sheet that was written for it: colors of wires, names of terminals, nothing of ours. */
function sheetOf({ begun, plan, asFound }: Unit): readonly Line[] {
  const netlist = plan.finished;
  const wire = (id: string, off: Terminal | null = null): string => {
    if (id.startsWith("starter.")) return `the ${nameOn(id)} lead`;
    const base = id.replace(/\/\d+$/, "");
    const found = present(asFound.conductors.find((c) => c.id === base));
    const to = found.ends.find(
      (e) =>
        e !== null &&
        e !== off &&
        ["compressor", "start-capacitor", "ptc", "potential-relay", "run-capacitor", "hard-start", "contactor"].includes(
          partById(asFound, partOf(e)).kind,
        ),
    );
    return `the ${found.color} wire${to == null ? "" : ` going to ${place(asFound, to)}`}`;
  };
  const said = (s: PlanStep): string | null => {
    const w = s.conductor === null ? "" : wire(s.conductor, s.at);
    switch (s.do) {
      case "lift":
        return `Remove ${w} from ${place(begun, present(s.at))}.`;
      case "cut":
        return `Cut ${w} near ${place(begun, present(s.at))}.`;
      case "land":
        return `Connect ${w} to ${place(netlist, present(s.at))}.`;
      case "move":
        return `Move ${w} from ${place(begun, present(s.at))} to ${place(netlist, present(s.with))}.`;
      case "splice":
        return `Splice ${w} to ${wire(present(s.with))}.`;
      case "retire":
        return `Remove ${place(begun, `${present(s.with)}.1`)}.`;
      default:
        return null;
    }
  };
  return plan.steps.flatMap((s) => {
    const text = said(s);
    return text === null ? [] : [{ text, why: s.why }];
  });
}
