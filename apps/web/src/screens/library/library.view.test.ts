import { asId, newJob, newPattern, newUnit, newWiring, parseRecord, readRigFile, writeRigFile } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { circuitTaken, patternFor, patternLines, patternsLike, plateTaken } from "./library.view.ts";

const now = "2026-07-01T08:00:00.000Z";
const rig = asId("rig", "r");
const first = {
  ...newUnit({ id: asId("unit", "u1"), now }, rig, "Over the galley"),
  model: "HL 135-A1",
  serial: "S 77",
  lockedRotorA: { value: 63, from: "plate", photo: { id: asId("photo", "p"), x0: 0, y0: 0, x1: 1, y1: 1 } },
  ratedLoadA: { value: 13.2, from: "plate" },
  refrigerant: "R-454B",
} as const;
const job = newJob({ id: asId("job", "j1"), now }, rig, first.id, "Fit it");
const pattern = newPattern({ id: asId("pattern", "m1"), now }, job, first, { ...newWiring(now, first), lidLow: true }, undefined, {
  kit: [{ what: "female", color: "blue", needed: 3, spare: 1 }],
  photos: [],
});
const second = {
  ...newUnit({ id: asId("unit", "u2"), now }, rig, "Rear"),
  model: "hl135a1",
  ratedLoadA: { value: 12.8, from: "plate" },
} as const;

describe("a model in one's library", () => {
  it("bears no name, serial, rig or photo of the unit it was learned from, and is a record like others", () => {
    const text = JSON.stringify(pattern);
    for (const secret of ["galley", "S 77", '"r"', "u1", '"photo":']) expect(text).not.toContain(secret);
    expect(parseRecord(pattern)).toMatchObject({ ok: true });
    expect(readRigFile(writeRigFile([pattern], now, "test"))).toMatchObject({ ok: true, value: { records: [pattern] } });
  });

  it("is found by its letters and digits, and not by a model too short to tell", () => {
    expect(patternFor([pattern], second.model)?.id).toBe(pattern.id);
    expect(patternFor([pattern], "HL 135-A2")).toBeUndefined();
    expect(patternFor([{ ...pattern, model: "A1" }], "a1")).toBeUndefined();
  });

  it("says what differs here, and fills only what this unit has not, as usual for the model", () => {
    const { plate, wiring } = patternLines(pattern, second, "us");
    expect(plate.find(({ text }) => text.startsWith("Rated load amps"))?.here).toMatch(/12\.8/);
    expect(plate.find(({ text }) => text.startsWith("Locked rotor amps"))?.here).toBeNull();
    expect(wiring.map(({ text }) => text)).toContain("little room under the lid");
    const taken = plateTaken(pattern, second);
    expect(taken).toMatchObject({ lockedRotorA: { value: 63, from: "typical" }, refrigerant: "R-454B" });
    expect(taken).not.toHaveProperty("ratedLoadA");
  });

  it("brings its circuit with nothing proven on it, whatever was proven on the one before", () => {
    const { wiring } = pattern;
    expect(wiring).not.toBeNull();
    const before = {
      ...newWiring(now, second),
      leads: { a: "w1" },
      proofs: { w1: { traced: true, onDiagram: true, reading: null, override: null } },
    };
    const after = { ...before, ...(wiring !== null && circuitTaken(wiring)) };
    expect(after).toMatchObject({ lidLow: true, leads: {}, built: null });
    expect(after.proofs).toEqual({});
    expect(parseRecord(after)).toMatchObject({ ok: true });
  });

  it("is searched by model, part, color and trait", () => {
    const like = (words: string): number => patternsLike([pattern], words, "us").length;
    expect([like("hl135"), like("run-capacitor"), like("black little room"), like("HL 135-A1"), like("pink elephant")]).toEqual([
      1, 1, 1, 1, 0,
    ]);
  });
});
