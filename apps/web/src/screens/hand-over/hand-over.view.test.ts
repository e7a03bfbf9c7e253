import type { AirConditioner, FitLog, Job, Reading, Rig } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import type { JobBundle } from "../../store/queries.ts";
import { freeze, proofInput, proveInput, thaw } from "../prove/proof.view.ts";
import { fittedOn, labelText, remindersOf } from "./hand-over.view.ts";
import { plateLines, whoLines } from "./hand-over-parts.ts";

const records = demoRecords();
const one = <R>(id: string): R => records.find((r) => r.id === id) as R;
const job = one<Job>("demo-front-job");
const unit = one<AirConditioner>("demo-front");
const rig = one<Rig>("demo-tin-lantern");
const readings = records.filter((r): r is Reading => r.kind === "reading" && r.jobId === job.id);
const proved = proveInput(proofInput({ job, rig, unit, readings, learnings: [], proofs: [] }, null));

describe("what is handed over of the unit and of whom", () => {
  const bundle = (change: Partial<AirConditioner>, customer?: string) =>
    ({ unit: { ...unit, ...change }, rig: customer === undefined ? rig : { ...rig, customer } }) as JobBundle;

  it("is model, serial, year and the plate as entered; what is missing is said", () => {
    const whole = bundle({ model: "RT-135", serial: "8 114 220", madeYear: 2019, fanA: { value: 2.1, from: "typical" } });
    const [made, plate] = plateLines(whole, "us");
    expect(made).toBe("Model RT-135, serial 8 114 220, made in 2019.");
    expect(plate).toMatch(/^Plate: 115 V, 60 Hz; Locked rotor amps \d/);
    expect(plate).not.toContain("Fan");
    expect(plateLines(bundle({ model: "" }), "us")[0]).toBe("Model, serial number and year are not entered.");
  });

  it("is the customer and the fitter, or that nobody entered them", () => {
    expect(whoLines(bundle({}, "A. Reader, bay 4"), "R. Quill")).toEqual(["Customer: A. Reader, bay 4.", "Fitted by: R. Quill."]);
    expect(whoLines(bundle({}), undefined)).toEqual(["The customer is not entered.", "Who fitted it is not entered."]);
  });
});

describe("reminders", () => {
  const fitted = "2031-01-31T10:00:00.000Z";
  const tape = { mounting: { fastening: "tape", roofC: 70 } } as FitLog;

  it("fall on the day of the month, or its last where that month is shorter", () => {
    expect(remindersOf(tape, fitted).map((r) => [r.what, r.day])).toEqual([
      ["first-heat", "2031-02-28"],
      ["tape", "2031-07-31"],
      ["yearly", "2032-01-31"],
    ]);
  });

  it("count from first power, else from the first after reading", () => {
    const work = { events: [{ at: "2031-03-01T08:00:00.000Z", what: "powered" }] } as unknown as FitLog;
    expect(fittedOn(job, work, readings)).toBe("2031-03-01T08:00:00.000Z");
    expect(fittedOn(job, undefined, readings)).toBe(readings.find((r) => r.when === "after")!.takenAt);
    expect(fittedOn(job, undefined, [])).toBe(job.updatedAt);
  });
});

describe("the label's code", () => {
  it("holds what the next person needs, in under 300 letters", () => {
    const text = labelText(rig, unit, undefined, proved, "2026-06-21T18:41:00.000Z");
    expect(text.split("\n").slice(0, 4)).toEqual(["AMP-SAVER 1", "Tin Lantern", "Front, over the darkroom", "fitted 2026-06-21"]);
    expect(text).toContain("start A before 62.6 after 21.8");
    expect(text.length).toBeLessThan(300);
  });
});

describe("a frozen proof", () => {
  const frozen = freeze(proved.input, proved.study, "2026-06-21T18:41:00.000Z");

  it("is worked out again from its own inputs, whatever was added since", () => {
    expect(thaw(frozen, proved.input)).toMatchObject({ same: true, since: false });
    const more = proofInput({ job, rig, unit, readings: readings.slice(0, -1), learnings: [], proofs: [] }, null);
    expect(thaw(frozen, more)).toMatchObject({ same: true, since: true });
  });

  it("is the same after a file has put its fields in another order", () => {
    const turned = JSON.parse(JSON.stringify(frozen), (_key, value: unknown) =>
      typeof value === "object" && value !== null && !Array.isArray(value) ? Object.fromEntries(Object.entries(value).toReversed()) : value,
    ) as typeof frozen;
    expect(thaw(turned, proved.input)).toMatchObject({ same: true, since: false });
  });

  it("says so where it no longer shows the same", () => {
    expect(thaw({ ...frozen, shown: { ...frozen.shown, reduction: 0.7 } }, proved.input).same).toBe(false);
  });
});
