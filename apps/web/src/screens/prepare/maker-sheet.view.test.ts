import { present } from "@amp-saver/core/quantity";
import { STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { asId, newStarter, newUnit, newWiring, parseRecord, type Starter, type Wiring } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { wiringNames } from "../../words/wiring.ts";
import { packList } from "./kit.view.ts";
import { limitsOf, saidOf, sheetView, without } from "./maker-sheet.view.ts";
import { planView } from "./wiring.view.ts";
import { wordedSteps } from "./worded-steps.ts";

const NOW = "2026-05-04T08:00:00.000Z";
const unit = newUnit({ id: asId("unit", "u"), now: NOW }, asId("rig", "r"), "Front");
const TWO_BOXES = present(STARTING_POINTS.find((p) => p.id === "rooftop-two-boxes"));
const wiring: Wiring = { ...newWiring(NOW, unit), switches: TWO_BOXES.switches, family: "F4" };
const starter = (sheet: string): Starter => ({
  ...newStarter({ id: asId("starter", "s"), now: NOW }, "Four leads"),
  family: "F4",
  leads: { START: { color: "gray", awg: 16, end: "bare" }, FEED: { color: "pink", awg: 12, end: "bare" } },
  sheet,
});

describe("a maker's sheet beside the plan", () => {
  it("says what to do here in the plan's own words, and which of its steps the sheet leaves out", () => {
    const own = starter("Connect the gray lead to the C terminal of the run capacitor.");
    const view = planView(wiring, own);
    const beside = present(sheetView(own, view));
    const worded = wordedSteps(view, wiringNames(view.asFound, view.plan.ok ? view.plan.value.finished : null, "us"));
    expect(beside.disagree).toBe(1);
    expect(present(beside.rows[0]).groups.map((g) => worded[g]?.sentence)).toEqual([expect.stringContaining("START gray onto cap HERM")]);
    expect(beside.missing.length).toBeGreaterThan(2);
    expect(beside.missing).not.toContain(present(beside.rows[0]).groups[0]);
  });

  it("keeps every answer of what a sentence means, though all were given before the first was drawn", () => {
    const own = starter("Bring the pink lead over.");
    const row = present(present(sheetView(own, planView(wiring, own))).rows[0]);
    expect(row.sentence.step).toBeNull();
    let kept: Starter = { ...own, sheetMeans: { other: { act: "remove", wire: null, from: "cap-c", to: null, with: null } } };
    const wire = { color: null, lead: "FEED", toward: null, starters: true };
    for (const said of [{ act: "land" }, { wire }, { to: "cap-c" }] as const) kept = { ...kept, sheetMeans: saidOf(kept, row, said) };
    expect(kept.sheetMeans?.[row.key]).toEqual({ act: "land", wire, from: null, to: "cap-c", with: null });
    expect(sheetView(kept, planView(wiring, own))?.rows.map(({ verdict }) => verdict)).toEqual(["agrees"]);
    expect(Object.keys(without(kept.sheetMeans, row.key) ?? {})).toEqual(["other"]);
  });

  it("what the sheet limits more strictly counts once it is used: the rule of learning, the wire of a jumper", () => {
    const own = starter("Wait 10 minutes between starts.\nRun it 7 times.\nExtend a lead with 12 AWG or heavier.\nNot over 60 A LRA.");
    const { limits } = present(sheetView(own, planView(wiring, own)));
    expect(limits.map(({ kind, wins }) => [kind, wins])).toEqual([
      ["lockedRotorMostA", "sheet"],
      ["runs", "sheet"],
      ["restS", "sheet"],
      ["extensionAwg", "sheet"],
    ]);
    const used: Starter = { ...own, ...limitsOf(own, limits) };
    expect(parseRecord(used).ok).toBe(true);
    expect(used.learningRule).toMatchObject({ runs: 7, mostRuns: 8, restS: 600 });
    const view = planView(wiring, used);
    expect(view.begun.conductors.filter((c) => c.id.startsWith("jumper.")).map((c) => c.awg)).toEqual([12]);
    expect(
      packList(view, wiringNames(view.asFound, null, "us")).kit.some(({ text }) => text.startsWith("12 AWG wire for each jumper")),
    ).toBe(true);
    expect(present(sheetView(used, view)).limits.every(({ wins }) => wins === "same")).toBe(true);
  });

  it("leaves the app's own where that is stricter, and what no sheet can mean", () => {
    const own = starter(
      "Wait 4 minutes between starts.\nExtend a lead with 16 AWG.\nIt may take up to 9 hours before the compressor starts.",
    );
    const { limits } = present(sheetView(own, planView(wiring, own)));
    expect(limits.map(({ kind, wins, believed }) => [kind, wins, believed])).toEqual([
      ["delayS", "sheet", false],
      ["restS", "own", true],
      ["extensionAwg", "own", true],
    ]);
    expect(limitsOf(own, limits)).toEqual({});
  });
});
