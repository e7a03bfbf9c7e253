import { type JobId, newFitLog, newJob, type RigId, type UnitId } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { packedFor } from "./kit.view.ts";

const NOW = "2026-06-21T09:00:00.000Z";
const jobOf = (id: string) => newJob({ id: id as JobId, now: NOW }, "rig" as RigId, `unit ${id}` as UnitId, "Fit");
const [one, two] = [jobOf("one"), jobOf("two")];
const packed = (job: typeof one, keys: Readonly<Record<string, boolean>>, at = NOW) => ({ ...newFitLog(at, job), packed: keys });
const today = (iso: string): boolean => iso.startsWith("2026-06-21");

describe("what is packed", () => {
  const first = packed(one, { "tool crimper": true, "consumable putty": true, "tool lamp": false, "kit spade": true });

  it("is one bag for every unit of the rig that day, but for each unit’s own terminals", () => {
    expect(packedFor(two, [first], today)).toEqual({ "tool crimper": true, "consumable putty": true });
    expect(packedFor(one, [first], today)).toEqual(first.packed);
  });

  it("is what the unit’s own list says where that says something, and nothing of another day", () => {
    const own = packed(two, { "tool crimper": false });
    expect(packedFor(two, [first, own], today)).toEqual({ "tool crimper": false, "consumable putty": true });
    expect(packedFor(two, [{ ...first, updatedAt: "2026-06-20T09:00:00.000Z" }], today)).toEqual({});
  });
});
