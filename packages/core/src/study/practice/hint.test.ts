import { describe, expect, it } from "vitest";
import { expertCourse } from "./course.ts";
import { drawLesson, hintFor, LESSONS, type PracticeAct } from "./index.ts";

const SEEDS = [2, 5];

const hint = (lesson: (typeof LESSONS)[number], seed: number, acts: readonly PracticeAct[]) => {
  const found = hintFor(lesson, drawLesson(lesson, seed), acts);
  if (!found.ok) throw new Error(found.reason);
  return found.value;
};

describe.each(LESSONS.map((lesson) => [lesson.id, lesson] as const))("hints of lesson %s", (_, lesson) => {
  it("lead on from anywhere on an expert’s course, and say at its end that it is done", () => {
    for (const seed of SEEDS) {
      const given = drawLesson(lesson, seed);
      const course = expertCourse(given, lesson.goals.includes("runs"));
      if (!course.ok) throw new Error(course.reason);
      expect(hint(lesson, seed, course.value).code).toBe("done");
      for (let k = 0; k < course.value.length; k += 4) {
        const early = hint(lesson, seed, course.value.slice(0, k));
        if (k < 6) expect(early.code).not.toBe("done");
      }
    }
  });
});

describe("a hint", () => {
  const [dead] = LESSONS;

  it("names what is still unproven, in the order of the work", () => {
    expect(hint(dead!, 1, []).code).toBe("source-on");
    expect(hint(dead!, 1, [{ act: "switch", source: "shore", on: false }]).code).toBe("not-locked");
    const locked: readonly PracticeAct[] = [
      { act: "switch", source: "shore", on: false },
      { act: "lock", source: "shore" },
    ];
    expect(hint(dead!, 1, locked).code).toBe("meter-before");
  });

  it("costs two minutes of the bench’s clock where it is asked for", () => {
    const with2 = hintFor(dead!, drawLesson(dead!, 1), [{ act: "hint" }, { act: "hint" }]);
    expect(with2.ok && with2.value.code).toBe("source-on");
  });
});
