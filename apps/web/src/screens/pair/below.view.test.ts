import {
  asId,
  type FitLog,
  feedsOf,
  type Learning,
  newFitLog,
  newJob,
  newLearning,
  newProof,
  newRig,
  newShore,
  newUnit,
} from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { belowSentence } from "./below.view.ts";

const NOW = "2026-06-01T08:00:00.000Z";
const at = (minute: number, what: "start" | "stop") =>
  ({ at: new Date(Date.parse(NOW) + minute * 60_000).toISOString(), what, peakA: null, failed: false, by: "tap" }) as const;
const rig = newRig({ id: asId("rig", "r"), now: NOW }, "Wren");
const units = ["Front", "Rear"].map((name) => newUnit({ id: asId("unit", name), now: NOW }, rig.id, name));
const jobs = units.map((unit) => newJob({ id: asId("job", unit.name), now: NOW }, rig.id, unit.id, "Fit"));
const learned = (k: number, ...events: Learning["events"][string][]): Learning => ({
  ...newLearning(NOW, jobs[k]!),
  rule: { runs: 5, mostRuns: 5, runS: 300, restS: 300 },
  events: Object.fromEntries(events.map((event, n) => [String(n).padStart(4, "0"), event])),
});
const shore = newShore({ id: asId("source", "s"), now: NOW }, rig.id, "Pedestal");
const asked = (minute: number, more: Partial<Parameters<typeof belowSentence>[0]>) =>
  belowSentence(
    { rig, jobs, units, sources: [shore], wirings: [], works: [], learnings: [], proofs: [], ...more },
    Date.parse(NOW) + minute * 60_000,
  );
const said = (minute: number, ...learnings: Learning[]) => asked(minute, { learnings });

describe("what the job asks of whoever is below", () => {
  it("is nothing before they begin, to switch off what runs, and to call for what rests least", () => {
    expect(said(1)).toBeNull();
    expect(said(1, learned(0, at(0, "start")))).toMatch(/^Front runs until \d\d:05\. Then switch it off\.$/);
    const front = learned(0, at(0, "start"), at(5, "stop"));
    expect(said(6, front)).toMatch(/^Front rests until \d\d:10\. Then call for cooling\.$/);
    expect(said(7, front, learned(1, at(6, "start")))).toMatch(/^Rear runs until \d\d:11/);
    expect(said(12, front)).toMatch(/call for cooling/i);
  });

  it("is to leave on what is tried, as long as the test is to last", () => {
    const test = { sourceId: shore.id, startedAt: NOW, endedAt: null, outcome: null, outdoorC: null, loadsOn: "" };
    const proof = newProof(NOW, jobs[1]!);
    expect(asked(3, { proofs: [{ ...proof, tests: { t: test } }] })).toMatch(/^Rear is tried until \d\d:30\. Leave it on\.$/);
    const over = { ...test, endedAt: NOW, outcome: "well" as const };
    expect(asked(3, { proofs: [{ ...proof, tests: { t: over } }] })).toBeNull();
  });

  it("is to switch off what still feeds the unit that is being isolated, one after the other, within the hour", () => {
    const work: FitLog = { ...newFitLog(NOW, jobs[0]!), run: "r" };
    const off = { off: true, locked: true };
    expect(asked(3, { works: [{ ...work, run: undefined }] })).toBeNull();
    expect(asked(3, { works: [work] })).toBe("Next off: Pedestal. Lock it and tag it, then tell the roof.");
    const next = asked(3, { works: [{ ...work, sources: { [shore.id]: off } }] });
    expect(next).toMatch(/^Next off: (?!Pedestal)/);
    const feeds = feedsOf(rig, units, [shore]);
    expect(asked(3, { works: [{ ...work, sources: Object.fromEntries(feeds.map(({ id }) => [id, off])) }] })).toBeNull();
    expect(asked(61, { works: [work] })).toBeNull();
  });
});
