import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { expertCourse } from "./course.ts";
import { drawLesson, LESSONS, markLesson, PRACTICE_WIRINGS, type PracticeAct, type PracticeCase, playPractice } from "./index.ts";

const SEEDS = [1, 2, 3, 5];
const expert = (given: PracticeCase, runs: boolean): readonly PracticeAct[] => {
  const course = expertCourse(given, runs);
  if (!course.ok) throw new Error(course.reason);
  return course.value;
};
const marked = (lesson: (typeof LESSONS)[number], given: PracticeCase, acts: readonly PracticeAct[]) => {
  const mark = markLesson(lesson, given, acts);
  if (!mark.ok) throw new Error(mark.reason);
  return mark.value;
};

describe.each(LESSONS.map((lesson) => [lesson.id, lesson] as const))("lesson %s", (_, lesson) => {
  it.each(SEEDS)("on seed %i is done by an expert: nothing hurts, nothing is luck, all is found", (seed) => {
    const given = drawLesson(lesson, seed);
    const acts = expert(given, lesson.goals.includes("runs"));
    const mark = marked(lesson, given, acts);
    const told = JSON.stringify({ faults: given.faults, stopped: mark.stopped && acts[mark.stopped.act], mark: { ...mark, expert: 0 } });
    expect([mark.stopped, mark.luck, mark.missed, mark.done], told).toEqual([null, [], [], true]);
    expect(mark.seconds).toBe(mark.expert.seconds);
  });

  it("is done by an expert on every wiring it may be drawn with", () => {
    for (const wiring of lesson.wirings) {
      const one = { ...lesson, wirings: [wiring] };
      const given = drawLesson(one, 7);
      const mark = marked(one, given, expert(given, one.goals.includes("runs")));
      expect([wiring, mark.stopped, mark.luck, mark.missed, mark.done]).toEqual([wiring, null, [], [], true]);
    }
  });

  it("is not done by hands that go in at once: stopped, or lucky", () => {
    for (const seed of SEEDS) {
      const given = drawLesson(lesson, seed);
      const can = given.netlist.parts.find((p) => p.kind === "run-capacitor")!.id;
      const mark = marked(lesson, given, [
        { act: "search", cover: "box" },
        { act: "open", cover: "box" },
        { act: "touch", at: `${can}.HERM` },
        { act: "touch", at: `${can}.C` },
      ]);
      expect(mark.done).toBe(false);
      expect(mark.stopped !== null || mark.luck.length > 0).toBe(true);
    }
  });

  it("tells nothing by its colors: the run wire has every color on some seed, and one that another wire has too", () => {
    const drawn = Array.from({ length: 60 }, (_v, seed) => drawLesson(lesson, seed).netlist.conductors);
    const runs = drawn.map((all) => all.find((c) => c.id === "w-run")!);
    expect(new Set(runs.map((c) => c.color)).size).toBe(8);
    expect(drawn.some((all, k) => all.some((c) => c.id !== "w-run" && c.color === runs[k]!.color))).toBe(true);
  });

  it("hides the same under the same seed", () => {
    fc.assert(
      fc.property(fc.nat(100_000), (seed) => {
        const given = drawLesson(lesson, seed);
        expect(drawLesson(lesson, seed)).toEqual(given);
        expect(given.faults.map((f) => f.code)).toHaveLength(lesson.hides.length);
      }),
      { numRuns: 20, seed: 5 },
    );
  });
});

describe("a clamp on the wrong wire", () => {
  it("is told, one on common is not", () => {
    const lesson = LESSONS.find(({ id }) => id === "amps-tell")!;
    const given: PracticeCase = { ...drawLesson(lesson, 3), hiddenScrew: "terminals" };
    const course = expert(given, true);
    expect(marked(lesson, given, course).readElsewhere).toEqual([]);
    const wrong = course.map((act): PracticeAct => (act.act === "clamp" ? { ...act, conductor: "w-run" } : act));
    const read = course.flatMap((act, k) => (act.act === "read" ? [k] : []));
    expect(read.length).toBeGreaterThan(0);
    expect(marked(lesson, given, wrong).readElsewhere).toEqual(read);
  });
});

describe("a hidden screw", () => {
  const given: PracticeCase = { ...drawLesson(LESSONS[0]!, 1), hiddenScrew: "box" };

  it("holds its cover until it is looked for, and no other", () => {
    const acts: readonly PracticeAct[] = [
      { act: "open", cover: "box" },
      { act: "search", cover: "terminals" },
      { act: "open", cover: "box" },
      { act: "search", cover: "box" },
      { act: "search", cover: "box" },
      { act: "open", cover: "box" },
    ];
    const played = playPractice(given, acts);
    const [did, held] = [{ did: true }, { refused: "screw-left" }];
    expect(played.ok && played.value.steps).toEqual([held, did, held, { did: true, screw: true }, did, did]);
  });

  it("holds some boxes and some terminal covers, and most none; the diagram in the lid lies about some colors", () => {
    const drawn = Array.from({ length: 80 }, (_, seed) => drawLesson(LESSONS[0]!, seed));
    const held = drawn.map((d) => d.hiddenScrew ?? "none");
    expect(new Set(held)).toEqual(new Set(["box", "terminals", "none"]));
    expect(held.filter((h) => h === "none").length).toBeGreaterThan(30);
    expect(drawn.some((d) => d.netlist.conductors.find((c) => c.id === "w-run")!.color !== d.diagram?.run)).toBe(true);
  });
});

describe("the lessons", () => {
  it("are twelve, each under a name of its own, and hide every fault of theirs on some seed", () => {
    expect(new Set(LESSONS.map(({ id }) => id)).size).toBe(12);
    expect(PRACTICE_WIRINGS).toHaveLength(19);
    for (const lesson of LESSONS) {
      const hidden = new Set(Array.from({ length: 60 }, (_, seed) => drawLesson(lesson, seed).faults.map((f) => f.code)).flat());
      expect([...hidden].toSorted()).toEqual([...new Set(lesson.hides.flat())].toSorted());
    }
  });
});
