import { describe, expect, it } from "vitest";
import { correctedReading, newJob, newReading, parseRecord, type Reading, type RigId, type UnitId } from "./index.ts";

const AT = "2031-02-01T10:00:00.000Z";
const job = newJob({ id: "job" as never, now: AT }, "rig" as RigId, "unit" as UnitId, "Fit");
const reading: Reading = { ...newReading({ id: "r" as never, now: AT }, job, "before", 630), volts: 118, meter: "Clamp meter" };
const { mode, conductor, amps, volts, restMin, outdoorC, meter } = reading;
const facts = { mode, conductor, amps, volts, restMin, outdoorC, meter };

describe("a reading that is corrected", () => {
  it("keeps what it said before, and when it was corrected", () => {
    const change = correctedReading(reading, { ...facts, amps: 63, volts: null }, "2031-02-01T11:00:00.000Z")!;
    expect(change).toMatchObject({ amps: 63, volts: null, mode: "inrush" });
    expect(change.was).toEqual([{ ...facts, at: "2031-02-01T11:00:00.000Z" }]);
    expect(parseRecord({ ...reading, ...change }).ok).toBe(true);
    const again = correctedReading({ ...reading, ...change }, { ...facts, amps: 64 }, "2031-02-01T12:00:00.000Z")!;
    expect(again.was?.map((w) => w.amps)).toEqual([630, 63]);
  });

  it("stays as it is where nothing differs", () => {
    expect(correctedReading(reading, facts, AT)).toBeNull();
  });

  it("never keeps more corrections than a record may hold", () => {
    let now = reading;
    for (let k = 1; k <= 30; k++) now = { ...now, ...correctedReading(now, { ...facts, amps: k }, AT) };
    expect(now.was).toHaveLength(20);
    expect(now.was?.at(-1)?.amps).toBe(29);
    expect(parseRecord(now).ok).toBe(true);
  });
});
