import type { LocalProof } from "@amp-saver/core/study/isolation";
import type { AnyRecord, FitLog, Job, RecordKind } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import {
  countedFitLog,
  declared,
  feedsAgain,
  feedsBefore,
  fromRoof,
  isolationView,
  lockNow,
  roofProof,
  siteToday,
} from "./isolate.view.ts";

const all = demoRecords();
const of = <K extends RecordKind>(kind: K) =>
  all.filter(
    (r): r is Extract<AnyRecord, { kind: K }> =>
      r.kind === kind && (r.id === "demo-tin-lantern" || ("rigId" in r && r.rigId === "demo-tin-lantern")),
  );
const [rig] = of("rig");
const [units, sources, wirings, jobs, works] = [of("unit"), of("source"), of("wiring"), of("job"), of("work")];
const front = jobs.find((j) => j.id === "demo-front-job")!;
const rear = jobs.find((j) => j.id === "demo-rear-job")!;
const NOW = Date.parse("2026-06-21T16:00:00.000Z");

const viewOf = (job: Job, work: FitLog) =>
  isolationView({
    rig: rig!,
    unit: units.find((u) => u.id === job.unitId)!,
    units,
    sources,
    wiring: wirings.find((w) => w.unitId === job.unitId)!,
    work,
  });
const workOf = (job: Job): FitLog => works.find((w) => w.jobId === job.id)!;
const begun: LocalProof = { run: "demo", evidence: null, at: NOW };
const proved = declared(viewOf(front, workOf(front)), begun, NOW);
const input = { rig: rig!, units, sources, wirings, jobs, works, nowMs: NOW };
const given = (id: string): LocalProof | null => (id === front.id ? proved : null);

describe("one roof, one proof", () => {
  it("is offered to the rig’s other unit while it holds, and never to the unit itself", () => {
    expect(roofProof(rear, { ...input, deadProofOf: given })?.unitName).toBe("Front, over the darkroom");
    expect(roofProof(front, { ...input, deadProofOf: given })).toBeNull();
    expect(roofProof(rear, { ...input, deadProofOf: () => null })).toBeNull();
    expect(roofProof(rear, { ...input, deadProofOf: () => begun })).toBeNull();
    expect(roofProof(rear, { ...input, deadProofOf: given, nowMs: NOW + 61 * 60_000 })).toBeNull();
    const opened = works.map((w) => (w.jobId === front.id ? { ...w, sources: { ...w.sources, fuse: { off: false, locked: false } } } : w));
    expect(roofProof(rear, { ...input, works: opened, deadProofOf: given })).toBeNull();
  });

  it("gives sources and the meter, and leaves pairs, capacitors and the meter after to be read here", () => {
    const roof = roofProof(rear, { ...input, deadProofOf: given })!;
    const mine = { ...workOf(rear), ...fromRoof(roof, workOf(rear)), run: "mine" };
    const here: LocalProof = { run: "mine", evidence: null, at: NOW };
    const view = viewOf(rear, countedFitLog(mine, here, NOW));
    expect([...new Set(view.open.map((t) => t.task))]).toEqual(["pair", "meter-after", "first-discharge", "second-discharge"]);
    expect(view.open.length).toBeLessThan(viewOf(rear, { ...mine, sources: {}, meterBefore: null }).open.length / 2);
    expect(lockNow(view, here, NOW)).toBe("tasks-open");
  });

  it("ends with a source that can feed again, and not with one that is off or not here", () => {
    const answers = [
      { off: true, locked: true },
      { off: true, locked: false, away: false },
      { off: false, locked: false, away: true },
      { off: false, locked: false },
      { off: false, locked: false, away: false },
    ];
    expect(answers.map(feedsAgain)).toEqual([false, false, false, true, true]);
  });

  it("asks nothing of an auto-start whose generator is not here, and asks it again once the generator is", () => {
    const asked = (away: boolean): readonly string[] => {
      const sources = { ...workOf(rear).sources, "demo-gen": { off: false, locked: false, away } };
      return viewOf(rear, { ...workOf(rear), sources }).feeds.map((f) => f.id);
    };
    expect(asked(true)).toEqual(asked(false).filter((id) => id !== "demo-gen auto-start"));
    expect(asked(false)).toContain("demo-gen auto-start");
    expect(asked(true)).toContain("demo-gen");
  });

  it("keeps reasons about sources and none about this unit’s own pairs", () => {
    const reasons = { "source-off fuse": "there is no control fuse here", "pair L-N": "could not be reached at all" };
    const roof = { unitName: "", at: NOW, work: { ...workOf(front), overrides: reasons } };
    expect(fromRoof(roof, workOf(rear)).overrides).toEqual({ "source-off fuse": reasons["source-off fuse"] });
  });

  it("asks the same place once a day: answers of another unit’s visit today are offered, older ones are not", () => {
    const on = (day: string) =>
      siteToday(rear, { jobs, works: works.map((w) => ({ ...w, updatedAt: "2026-06-21T15:00:00.000Z" })), units }, (iso) =>
        iso.startsWith(day),
      );
    expect(on("2026-06-21")).toEqual({ unitName: "Front, over the darkroom", site: workOf(front).site });
    expect(on("2026-06-22")).toBeNull();
  });
});

describe("a house’s condenser", () => {
  it("is on the ground: no ladder is asked, and its disconnect is one of what is switched off", () => {
    const view = isolationView({
      rig: { ...rig!, place: "house" },
      unit: units[0]!,
      units,
      sources,
      wiring: wirings[0]!,
      work: { ...workOf(front), site: {} },
    });
    expect(view.place).toBe("ground");
    expect(view.site.unanswered).not.toContain("ladder");
    expect(view.feeds.map((f) => f.kind)).toContain("disconnect");
  });
});

describe("what was off at the last proof", () => {
  const stored: FitLog = { ...workOf(front), events: [{ at: "2026-06-21T15:00:00.000Z", what: "proved" }] };
  const anew = countedFitLog(stored, null, NOW);
  const today = (ms: number): boolean => new Date(ms).toISOString().startsWith("2026-06-21");
  const asked = (kept: FitLog, work = anew) => feedsBefore(viewOf(front, work), work, kept, today);

  it("is offered again in one answer, with everything that is asked", () => {
    const { sources, at } = asked(stored)!;
    expect(new Date(at).toISOString()).toBe("2026-06-21T15:00:00.000Z");
    const told = viewOf(front, { ...anew, sources });
    expect(told.open.filter(({ task }) => task.startsWith("source-"))).toEqual([]);
  });

  it("is not offered where one was on or only off, once one is told anew, without a proof, or the day after", () => {
    const [id] = Object.keys(stored.sources);
    const but = (answer: FitLog["sources"][string]): FitLog => ({ ...stored, sources: { ...stored.sources, [id!]: answer } });
    expect(asked(but({ off: false, locked: false }))).toBeNull();
    expect(asked(but({ off: true, locked: false }))).toBeNull();
    expect(asked(stored, { ...anew, sources: { [id!]: { off: true, locked: true } } })).toBeNull();
    expect(asked({ ...stored, events: [] })).toBeNull();
    expect(asked({ ...stored, events: [{ at: "2026-06-20T15:00:00.000Z", what: "proved" }] })).toBeNull();
  });
});
