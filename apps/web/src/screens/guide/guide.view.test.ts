import { COMMON_PRACTICE } from "@amp-saver/core/quantity";
import { LEARNING_RUN_PARAMS } from "@amp-saver/core/study/learning-runs/params";
import { describe, expect, it } from "vitest";
import { wordsAmiss } from "../../../../../test/words-not-used.ts";
import { GUIDE_CHAPTERS } from "../../words/guide/index.ts";
import { figureRow, searchGuide } from "./guide.view.ts";

describe("the guide", () => {
  it("has every entry under a name of its own, with something said in it", () => {
    const whole = searchGuide("");
    const ids = [...whole.chapters.flatMap((c) => c.entries.map((e) => e.id)), ...whole.figures.map((t) => t.id)];
    expect(new Set(ids).size).toBe(ids.length);
    expect(GUIDE_CHAPTERS.flatMap((c) => c.entries).filter((e) => e.text.join("").length < 40)).toEqual([]);
    expect(whole.count).toBeGreaterThan(250);
  });

  it("finds what has every word, in text, in sources and in figures", () => {
    const cap = searchGuide("CAP herm");
    expect(cap.chapters.flatMap((c) => c.entries.map((e) => e.id))).toEqual(["run-cap"]);
    expect(searchGuide("NEC 440.62").chapters.flatMap((c) => c.entries.map((e) => e.id))).toEqual(["check", "plug-in"]);
    expect(searchGuide("peukert").figures.map((t) => [t.id, t.rows.length])).toEqual([["figures-battery", 2]]);
    expect(searchGuide("peukert herm").count).toBe(0);
  });

  it("shows a figure with its unit, its spread and who says so", () => {
    expect(figureRow(LEARNING_RUN_PARAMS.leastRestS).slice(1)).toEqual(["180\u00a0s", "–", COMMON_PRACTICE]);
    const of = (value: number, unit: string) => figureRow({ label: "x", unit, value, min: 0, max: 1, source: "s" })[1];
    expect(of(0.0000009612, "kg")).toBe("0.000001\u00a0kg");
    expect(of(30_000, "ohm")).toBe("30,000\u00a0ohm");
    expect(of(0, "1")).toBe("0");
    expect(of(0.475, "l")).toBe("0.475\u00a0l");
    expect(of(100, "ft")).toBe("100\u00a0ft");
  });

  it("shows no figure that is not one, and says each in plain words", () => {
    const rows = searchGuide("").figures.flatMap((t) => t.rows);
    expect(rows.filter((row) => /NaN|Infinity|undefined/.test(row.join(" ")))).toEqual([]);
    expect(rows.flatMap((row) => wordsAmiss(row.join("; ")).map((amiss) => `${row[0]}: ${amiss}`))).toEqual([]);
  });
});
