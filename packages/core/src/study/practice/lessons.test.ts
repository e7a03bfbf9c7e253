import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { expertCourse } from "./course.ts";
import {
  drawLesson,
  faultsFor,
  LESSONS,
  markLesson,
  ownLesson,
  PRACTICE_FAULTS,
  PRACTICE_WIRINGS,
  type PracticeAct,
  type PracticeCase,
  playPractice,
  shownBench,
} from "./index.ts";

const SEEDS = [2, 5];
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

  it("is done by an expert on wirings from all over its list", () => {
    for (const wiring of lesson.wirings.filter((_w, k) => k % 5 === 0)) {
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

describe("a unit of one’s own", () => {
  it.each(PRACTICE_WIRINGS.map((wiring, k) => [wiring, k] as const))("%s: an expert finds what it can have, and is done", (wiring, k) => {
    const onShore = faultsFor({ wiring, fedBy: "shore" });
    const onSet = faultsFor({ wiring, fedBy: "generator" }).filter((code) => !onShore.includes(code));
    const all = [...onShore.map((code) => ["shore", code] as const), ...onSet.map((code) => ["generator", code] as const)];
    // Every fault on a third of the wirings, every wiring with a third of its faults.
    for (const [fedBy, code] of all.filter((_one, i) => (i + k) % 3 === 0)) {
      const own = ownLesson({ wiring, fedBy, faults: [code] });
      const given = drawLesson(own, 4);
      const mark = marked(own, given, expert(given, own.goals.includes("runs")));
      expect([code, fedBy, mark.stopped, mark.luck, mark.missed, mark.done]).toEqual([code, fedBy, null, [], [], true]);
    }
  });

  it("cannot have what shows nowhere in it", () => {
    const has = (wiring: string, fedBy: "shore" | "generator" = "shore") => faultsFor({ wiring, fedBy });
    expect(has("rooftop-circuit-board")).not.toContain("wrong-herm");
    expect(has("rooftop-ptc")).not.toContain("aid-left-in");
    expect(has("condenser-one-pole-module")).not.toContain("one-pole-unbroken");
    expect(has("condenser-two-pole")).not.toContain("neutral-open");
    expect(has("rooftop-boot", "generator")).not.toContain("auto-start");
    expect(new Set(PRACTICE_WIRINGS.flatMap((w) => [...has(w), ...has(w, "generator")])).size).toBe(PRACTICE_FAULTS.length);
  });
});

describe("a sealed capacitor", () => {
  const own = { wiring: "rooftop-circuit-board", fedBy: "shore" as const, faults: [] };
  // Its winding has burnt open, so that nothing drains it.
  const given: PracticeCase = { ...drawLesson(ownLesson(own), 1), faults: [{ code: "capacitor-rebounds" }], hiddenScrew: "terminals" };
  const ran: readonly PracticeAct[] = [
    { act: "call", on: true },
    { act: "wait", seconds: 60 },
    { act: "switch", source: "shore", on: false },
    { act: "lock", source: "shore" },
    { act: "open", cover: "box" },
  ];

  it("is read and bled where its wires end, at any of them; its own tabs are out of reach", () => {
    const at = (from: string, to: string): PracticeAct => ({ act: "measure", range: "volts-dc", from, to });
    const acts = [...ran, at("can.C", "can.HERM"), at("board-track.B", "ptc.2"), at("supply.N", "ptc.2")];
    const bled = [...acts, { act: "bleed" as const, part: "can", from: "C", to: "HERM", seconds: 20 }, at("startcap.1", "ptc.2")];
    const played = playPractice(given, bled);
    if (!played.ok) throw new Error(played.reason);
    const [tabs, box, line, , after] = played.value.steps.slice(ran.length);
    expect(tabs).toEqual({ refused: "sealed" });
    const volts = (step: typeof box): number => (step !== undefined && "shown" in step ? Math.abs(step.shown ?? 0) : Number.NaN);
    expect(volts(box)).toBeGreaterThan(30);
    expect(volts(line)).toBeCloseTo(volts(box), -1);
    expect(volts(after)).toBeLessThan(10);
  });

  it("hurts where its wires end", () => {
    const played = playPractice(given, [...ran, { act: "touch", at: "ptc.2" }]);
    expect(played.ok && played.value.stopped?.code).toBe("charged-touched");
  });

  it("cannot be proven drained once its wires are off", () => {
    const lifted = expert(given, false).concat({ act: "lift", conductor: "w-aid-3", at: "ptc.2" });
    const bench = playPractice(given, lifted);
    if (!bench.ok) throw new Error(bench.reason);
    expect(shownBench(bench.value.end).capacitors[0]?.readAt).toBeNull();
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
    expect(PRACTICE_WIRINGS).toHaveLength(20);
    for (const lesson of LESSONS) {
      const hidden = new Set(Array.from({ length: 60 }, (_, seed) => drawLesson(lesson, seed).faults.map((f) => f.code)).flat());
      expect([...hidden].toSorted()).toEqual([...new Set(lesson.hides.flat())].toSorted());
    }
  });
});
