import { METHODS, writeRigFile } from "@amp-saver/records";
import { writeRigArchive } from "@amp-saver/records/archive";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { check, checkBytes } from "../src/check.ts";
import { refused } from "./ask.ts";

describe("a rig file", () => {
  const records = demoRecords();
  const rig = records.find((r) => r.kind === "rig")!;
  /** The rig with all its units and loads, on the first two of its sources. */
  const [one, other] = records.filter((r) => r.kind === "source" && r.rigId === rig.id);
  const own = records.filter((r) => {
    if (r.kind === "starter" || r === rig || r === one || r === other) return true;
    return (r.kind === "unit" || r.kind === "load") && r.rigId === rig.id;
  });
  const jobs = records.flatMap((r) => (r.kind === "job" && r.rigId === rig.id ? [{ ...r, sourceId: null, answer: null }] : []));
  own.push(...jobs);
  const text = writeRigFile(own, "2026-07-01T00:00:00.000Z", "0.2.0");
  interface Report {
    readonly units: readonly {
      readonly name: string;
      readonly sources: readonly { readonly name: string; readonly ways: readonly Way[] }[];
    }[];
    readonly together: readonly { readonly source: string; readonly fit: string; readonly switchOff: readonly string[] }[];
  }
  interface Way {
    readonly method: string;
    readonly fit: string;
    readonly tries: { readonly of: number; readonly hold: number } | null;
  }

  it("gives a report of every unit on every source, every way, in the order of the file; packed the same", async () => {
    const outcome = check(text);
    if (outcome.exit !== 0) throw new Error(outcome.line);
    const report = JSON.parse(outcome.out) as Report;
    const names = (kind: string): string[] => own.flatMap((r) => (r.kind === kind && "name" in r ? [r.name] : []));
    expect(report.units.map((u) => u.name)).toEqual(names("unit"));
    expect(report.together.map((t) => t.source)).toEqual(names("source"));
    for (const { sources } of report.units) {
      expect(sources.map((s) => s.name)).toEqual(names("source"));
      for (const { ways } of sources) expect(ways.map((w) => w.method)).toEqual([...METHODS]);
    }
    const ways = report.units.flatMap((u) => u.sources.flatMap((s) => s.ways));
    for (const { fit, tries } of ways) {
      const share = tries!.hold / tries!.of;
      if (fit === "fits") expect(share).toBeGreaterThanOrEqual(0.95);
      if (fit === "too-much") expect(share).toBeLessThan(0.5);
    }
    expect(new Set(ways.map((w) => w.fit)).size).toBeGreaterThan(1);
    const packed = checkBytes(await writeRigArchive(own, new Map(), "2026-07-01T00:00:00.000Z", "0.2.0"));
    expect(packed).toEqual(outcome);
  });

  it("is refused in one line where it is damaged", () => {
    expect(refused(text.replace('"plateVolts":{"value":115', '"plateVolts":{"value":1150'))).toMatch(
      /the rig file is refused: bad-field \(.*plateVolts/,
    );
    expect(refused(text.replace('"version":1', '"version":99'))).toMatch(/the rig file is refused/);
    const broken = checkBytes(new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3]));
    expect(broken).toMatchObject({ exit: 2, line: expect.stringMatching(/^amp-saver check: the rig file is refused: not-a-zip/) });
  });
});
