import type { PlateReading } from "@amp-saver/core/study/plate-reading";
import { asId, newUnit, newWiring, parseRecord } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { burns, confirmed, type PlateItem, plateItems, printedPlace } from "./plate-photo.view.ts";

const box = { x0: 0.1, y0: 0.2, x1: 0.3, y1: 0.25 };
const photo = asId("photo", "plate-1");
const reading: PlateReading = {
  figures: [
    { figure: "plateVolts", value: 230, beside: 208, text: "208/230", look: 0, box, doubts: [] },
    { figure: "lockedRotorA", value: 63, text: "63", look: 0, box, doubts: ["once"] },
    { figure: "runCapacitorF", value: 45e-6, text: "45", look: 0, box, doubts: [] },
    { figure: "printedShare", value: 0.06, text: "6", look: 0, box, doubts: [] },
    { figure: "runningW", value: 1800, text: "1800", look: 0, box, doubts: [] },
    { figure: "madeYear", value: 2019, text: "06/2019", look: 0, box, doubts: [] },
  ],
  texts: [{ named: "refrigerant", text: "R-454B", look: 0, box, doubts: [] }],
};
const find = (items: readonly PlateItem[], id: string): PlateItem => items.find((item) => item.id === id)!;

describe("what was read from a plate", () => {
  it("is offered in the order in which it matters, what the plate's kind has no place for left out", () => {
    expect(plateItems(reading, "unit", "us").map(({ id }) => id)).toEqual([
      "lockedRotorA",
      "plateVolts",
      "runCapacitorF",
      "runningW",
      "refrigerant",
      "madeYear",
    ]);
    expect(plateItems(reading, "generator", "us").map(({ id }) => id)).not.toContain("madeYear");
  });

  it("a run capacitor's volts and its second section go to what is printed on it", () => {
    const can: PlateReading = {
      figures: [
        { figure: "runCapacitorF", value: 45e-6, beside: 5e-6, text: "45/5", look: 0, box, doubts: [] },
        { figure: "printedVolts", value: 440, text: "440", look: 0, box, doubts: [] },
      ],
      texts: [],
    };
    const items = plateItems(can, "capacitor", "us");
    expect(items.map(({ id, text }) => [id, text])).toEqual([
      ["runCapacitorF", "45"],
      ["fanSectionF", "5"],
      ["printedVolts", "440"],
    ]);
    expect(confirmed(find(items, "printedVolts"), "440", photo, "us")).toEqual({
      ok: true,
      printed: { section: "run", what: { volts: 440 } },
    });
    expect(confirmed(find(items, "fanSectionF"), "5", photo, "us")).toMatchObject({
      printed: { section: "fan", what: { farad: expect.closeTo(5e-6, 9) } },
    });
    const wiring = newWiring(
      "2026-05-04T08:00:00.000Z",
      newUnit({ id: asId("unit", "u"), now: "2026-05-04T08:00:00.000Z" }, asId("rig", "r"), "Front"),
    );
    expect([printedPlace(wiring, "run"), printedPlace(wiring, "fan")]).toEqual(["can", "can FAN"]);
  });

  it("becomes a figure with its place on the photo, a record that the schema takes", () => {
    const items = plateItems(reading, "unit", "us");
    const volts = confirmed(find(items, "plateVolts"), "230", photo, "us");
    const capacitor = confirmed(find(items, "runCapacitorF"), "45", photo, "us");
    if (!volts.ok || !capacitor.ok) throw new Error("refused");
    expect(volts.unit).toEqual({
      plateVolts: { value: 230, from: "plate", photo: { id: photo, ...box } },
      lowestVolts: { value: 208, from: "plate", photo: { id: photo, ...box } },
    });
    expect(capacitor.unit?.runCapacitorF).toMatchObject({ tolerance: 0.06, from: "plate" });
    const unit = {
      ...newUnit({ id: asId("unit", "u"), now: "2026-07-01T00:00:00Z" }, asId("rig", "r"), "Roof"),
      ...volts.unit,
      ...capacitor.unit,
    };
    expect(parseRecord(unit)).toMatchObject({ ok: true });
  });

  it("is entered as corrected, and refused past its limits or where nothing is left of it", () => {
    const items = plateItems(reading, "unit", "us");
    expect(confirmed(find(items, "lockedRotorA"), "65", photo, "us")).toMatchObject({ unit: { lockedRotorA: { value: 65 } } });
    expect(confirmed(find(items, "lockedRotorA"), "65000", photo, "us")).toMatchObject({ ok: false });
    expect(confirmed(find(items, "refrigerant"), "  ", photo, "us")).toMatchObject({ ok: false });
    expect(confirmed(find(items, "madeYear"), "1850", photo, "us")).toMatchObject({ ok: false });
    expect(confirmed(find(items, "runningW"), "2000", photo, "us")).toMatchObject({ ok: true, source: { runningW: { value: 2000 } } });
  });

  it("warns of refrigerants that burn, and of none it does not know", () => {
    expect([burns("R-454B"), burns("r-32"), burns("R-410A"), burns("R-999")]).toEqual([true, true, false, null]);
  });
});
