import { togetherQuestion } from "@amp-saver/cases";
import { studyTogether } from "@amp-saver/core/study/together";
import type { AnyRecord, Source } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { cardRows } from "../hand-over/hand-over-parts.ts";
import { limitsCard } from "./limits-card.view.ts";

const records = demoRecords();
const of = <K extends AnyRecord["kind"]>(kind: K, rigId: string) =>
  records.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind && "rigId" in r && r.rigId === rigId);

/** A rig's card on one of its sources, with loads planned off besides. */
function cardOf(rigId: string, sourceId: string, off: ReadonlySet<string> = new Set()) {
  const question = togetherQuestion(
    {
      rig: records.find((r): r is Extract<AnyRecord, { kind: "rig" }> => r.kind === "rig" && r.id === rigId)!,
      units: of("unit", rigId),
      jobs: of("job", rigId),
      loads: of("load", rigId).map((l) => ({ ...l, on: l.on && !off.has(l.id) })),
      starters: records.filter((r) => r.kind === "starter"),
      unitsOff: off,
      unlearned: new Set<string>(),
    },
    records.find((r) => r.kind === "source" && r.id === sourceId) as Source,
  )!;
  const study = studyTogether(question.given);
  return { question, study, card: limitsCard(study, question) };
}

describe("the limits card of a source", () => {
  it("names on each spell everything planned on exactly once, as on or as off", () => {
    for (const source of ["demo-small-gen", "demo-gen", "demo-pedestal"]) {
      const { question, card } = cardOf("demo-tin-lantern", source);
      const all = [...question.given.units, ...question.given.loads].map((l) => l.id as string);
      for (const { on, off } of [card.start, card.run]) {
        const named = on === "everything" ? all : [...on, ...off];
        expect(named.toSorted()).toEqual(all.toSorted());
        expect(on === "everything").toBe(off.length === 0);
      }
    }
  });

  it("holds: with what must be off turned off, the source carries the rest", () => {
    const { card } = cardOf("demo-heron-post", "demo-heron-gen");
    expect(card.run.off.length).toBeGreaterThan(0);
    const rest = cardOf("demo-heron-post", "demo-heron-gen", new Set([...card.start.off, ...card.run.off]));
    expect(rest.study.budget.status).toBe("fits");
    expect(rest.study.fit).not.toBe("too-much");
    expect(rest.card.run).toEqual({ on: "everything", off: [] });
  });

  it("says both spells in one row where they are alike, and in two where they differ", () => {
    const name = (id: string): string => id.toUpperCase();
    const same = { on: ["a"], off: ["b"] };
    expect(cardRows("Yard", { start: same, run: same }, name)).toEqual([["Yard", "While it starts and runs", "A", "B"]]);
    expect(cardRows("Yard", { start: same, run: { on: "everything", off: [] } }, name)).toEqual([
      ["Yard", "While an air conditioner starts", "A", "B"],
      ["Yard", "While it runs", "everything on the list", "–"],
    ]);
  });

  it("lists what cannot be on this source at all as off, whatever may be on", () => {
    const { card, question } = cardOf("demo-fennel-row", "demo-gen");
    expect(question.impossible.length).toBeGreaterThan(0);
    expect(card.start.off).toEqual(expect.arrayContaining([...question.impossible]));
    expect(card.run.off).toEqual(expect.arrayContaining([...question.impossible]));
  });
});
