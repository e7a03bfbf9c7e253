import { actOn, drawLesson, LESSONS, newBench, type PracticeAct, type PracticeStep, shownBench } from "@amp-saver/core/study/practice";
import { describe, expect, it } from "vitest";
import { benchNames, hintHolds, hintPlaces, lastTold, offMap, onClamp, onMeter, unitOf, wireTag } from "./bench.view.ts";
import { fateOf, pinsOf } from "./debrief.view.ts";
import { chosenAt, dailyAt, lessonRows, nextLesson, withRun } from "./lessons.view.ts";

function played(seed: number, acts: readonly PracticeAct[]) {
  const made = newBench(drawLesson(LESSONS[0]!, seed));
  if (!made.ok) throw new Error(made.reason);
  let bench = made.value;
  const steps: PracticeStep[] = [];
  for (const act of acts) {
    const done = actOn(bench, act);
    bench = done.bench;
    steps.push(done.step);
  }
  return { shown: shownBench(bench), steps };
}
const OPEN: readonly PracticeAct[] = [
  { act: "switch", source: "shore", on: false },
  { act: "open", cover: "box" },
  { act: "open", cover: "terminals" },
];

describe("names on the bench", () => {
  it("never tell which end of the compressor is which, nor a wire by what it is for", () => {
    for (let seed = 1; seed < 20; seed++) {
      const { shown } = played(seed, OPEN);
      const names = benchNames(unitOf(shown));
      const told = [...shown.points.map(names.place), ...shown.netlist.conductors.map((c) => names.wire(c.id))].join("\n");
      expect(told).not.toMatch(/compressor [CRS]\b|common wire|run wire|w-/);
      expect(Object.keys(shown.realOf).map((at) => names.place(at))).toEqual(["compressor 1", "compressor 2", "compressor 3"]);
      for (const { id } of shown.netlist.conductors) expect(names.wire(id)).toContain(wireTag(shown, id));
    }
  });

  it("call a real terminal what the map calls its place", () => {
    const { shown } = played(4, OPEN);
    const names = benchNames(unitOf(shown));
    for (const [place, real] of Object.entries(shown.realOf)) expect(names.terminal(real)).toBe(names.place(place));
    expect(offMap(shown).map(names.place)).toEqual(["proving unit L", "proving unit N", "supply ground", "compressor case"]);
  });
});

describe("what is told of an act", () => {
  it("is the reading first, why not where it was refused, and never the hint or the guess", () => {
    const acts: readonly PracticeAct[] = [
      { act: "measure", range: "volts-low-z", from: "proving.L", to: "proving.N" },
      { act: "measure", range: "ohms", from: "can.C", to: "can.HERM" },
    ];
    const { shown, steps } = played(2, acts);
    const names = benchNames(unitOf(shown));
    expect(lastTold([], [], names)).toBeNull();
    expect(lastTold(acts.slice(0, 1), steps, names)).toBe("120\u00a0V, proving unit L to proving unit N");
    expect(lastTold(acts, steps, names)).toBe("A cover is in the way. Open it first.");
    expect(onMeter(acts.slice(0, 1), steps)).toEqual(steps[0]);
    expect(onMeter(acts, steps)).toEqual({ refused: "cover-closed" });
    const hinted: readonly PracticeAct[] = [...acts, { act: "hint" }];
    expect(lastTold(hinted, [...steps, { did: true }], names)).toBe("A cover is in the way. Open it first.");
    expect([hintHolds(hinted), hintHolds(acts)]).toEqual([true, false]);
  });

  it("leaves the clamp’s face empty once it hangs elsewhere", () => {
    const clamp: PracticeAct = { act: "clamp", conductor: "w-run", mode: "live" };
    const shown: PracticeStep = { shown: 12, unit: "A" };
    expect(onClamp([clamp, { act: "read" }], [{ did: true }, shown])).toEqual(shown);
    expect(onClamp([clamp, { act: "read" }, clamp], [{ did: true }, shown, { did: true }])).toBeNull();
  });

  it("lights the places that a hint names", () => {
    const { shown } = played(4, OPEN);
    const real = Object.values(shown.realOf)[0]!;
    const hint = { code: "measure", act: { act: "measure", range: "ohms", from: real, to: "can.C" } } as const;
    expect([...hintPlaces(hint, shown)].map((at) => shown.realOf[at] ?? at)).toEqual([real, "can.C"]);
    expect(hintPlaces({ code: "name" }, shown).size).toBe(0);
  });
});

describe("a debrief", () => {
  it("tells measured from guessed, and reveals the ends", () => {
    const mark = { found: ["orphan", "low-volts"], named: ["orphan", "dirty-coil"] } as const;
    const codes = ["orphan", "low-volts", "dirty-coil", "bad-crimp"] as const;
    expect(codes.map((code) => fateOf(code, mark))).toEqual(["proven", "unnamed", "guessed", "missed"]);
    const { shown } = played(4, OPEN);
    expect(
      pinsOf(shown)
        .map(([, real]) => real)
        .toSorted(),
    ).toEqual(["compressor C", "compressor R", "compressor S"]);
  });
});

describe("the lessons", () => {
  const run = (seconds: number, done: boolean, endedAt: string) => ({
    seed: 1,
    acts: [],
    endedAt,
    done,
    found: [],
    missed: [],
    luck: 0,
    stopped: null,
    seconds,
    expertSeconds: 100,
  });

  it("keep the newest runs, and the shortest that was done among them", () => {
    let runs = {};
    runs = withRun(runs, "best", run(60, true, "2026-01-01T00:00:00.000Z"), 3);
    for (const [k, id] of ["a", "b", "c", "d"].entries()) runs = withRun(runs, id, run(90, false, `2026-01-0${k + 2}T00:00:00.000Z`), 3);
    expect(Object.keys(runs).toSorted()).toEqual(["best", "c", "d"]);
  });

  it("show what was done, and which comes next", () => {
    const head = { kind: "practice", schema: 1, createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" } as const;
    const done = { ...head, id: "practice-is-it-dead" as never, lesson: "is-it-dead", runs: { a: run(300, true, head.createdAt) } };
    const rows = lessonRows([done]);
    expect(rows.map((r) => r.tries)).toEqual([1, ...Array.from({ length: 11 }, () => 0)]);
    expect(nextLesson(rows)?.id).toBe("it-feeds-again");
    expect(rows.every(({ title, story }) => title !== "" && story !== "")).toBe(true);
  });

  it("are found by their address, today’s by the day, one’s own only once it is put together", () => {
    const day = 86_400_000;
    expect(chosenAt("windings", { seed: 1 }, 0)?.title).toBe("The windings");
    expect(chosenAt("nothing", { seed: 1 }, 0)).toBeNull();
    expect(chosenAt("own", { seed: 1 }, 0)).toBeNull();
    const own = { wiring: "rooftop-boot", fedBy: "shore", faults: ["dirty-coil"] } as const;
    expect(chosenAt("own", { seed: 1, own: { ...own, faults: [...own.faults] } }, 0)?.lesson.goals).toEqual([
      "proven-dead",
      "all-found",
      "runs",
    ]);
    expect(dailyAt(10 * day)).toEqual(dailyAt(10 * day + day - 1));
    expect(new Set(Array.from({ length: 30 }, (_, k) => dailyAt(k * day).lesson.id)).size).toBeGreaterThan(6);
  });
});
