import { asId, type Learning, newJob, newLearning, newRig, newUnit } from "@amp-saver/records";
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
const said = (minute: number, ...learnings: Learning[]) => belowSentence({ jobs, units, learnings }, Date.parse(NOW) + minute * 60_000);

describe("what the runs ask of whoever is below", () => {
  it("is nothing before they begin, to switch off what runs, and to call for what rests least", () => {
    expect(said(1)).toBeNull();
    expect(said(1, learned(0, at(0, "start")))).toMatch(/^Front runs until \d\d:05\. Then switch it off\.$/);
    const front = learned(0, at(0, "start"), at(5, "stop"));
    expect(said(6, front)).toMatch(/^Front rests until \d\d:10\. Then call for cooling\.$/);
    expect(said(7, front, learned(1, at(6, "start")))).toMatch(/^Rear runs until \d\d:11/);
    expect(said(12, front)).toMatch(/call for cooling/i);
  });
});
