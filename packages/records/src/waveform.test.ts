import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoRecords } from "./demo/index.ts";
import { readRigArchive, writeRigArchive } from "./exchange/rig-archive.ts";
import { bytesOf, newWaveform, packSamples, parseRecord, unpackSamples, type WaveformId } from "./index.ts";

const NOW = "2031-02-01T10:00:00.000Z";
const job = demoRecords().find((r) => r.kind === "job")!;
const waveform = (samples: number, hasVolts: boolean) =>
  newWaveform({ id: "w" as WaveformId, now: NOW }, job, {
    name: "start on pedestal",
    when: "before",
    conductor: "common",
    form: "instant",
    sampleHz: 4800,
    lineHz: 60,
    samples,
    hasVolts,
    sourceId: null,
    takenAt: NOW,
    found: {
      startS: 0.2,
      firstHalfCycleA: 84.7,
      largestCycleA: 59.8,
      inrushA: 58.8,
      runningA: 11.5,
      startTimeS: 0.4,
      restV: null,
      lowestV: null,
      cycles: [{ t: 1 / 60, rmsA: 59.8 }],
    },
  });

describe("samples of a recorded start", () => {
  it("come back as 32-bit figures, amps and volts each their own", () => {
    const sample = fc.float({ min: -500, max: 500, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(sample, sample), { minLength: 2, maxLength: 50 }), fc.boolean(), (pairs, hasVolts) => {
        const [amps, volts] = [pairs.map(([a]) => a), pairs.map(([, v]) => v)];
        const bytes = packSamples(amps, hasVolts ? volts : null);
        const record = waveform(pairs.length, hasVolts);
        expect(bytes.length).toBe(bytesOf(record));
        const back = unpackSamples(record, bytes)!;
        expect([...back.amps]).toEqual(amps);
        expect(back.volts === null ? null : [...back.volts]).toEqual(hasVolts ? volts : null);
        expect(unpackSamples({ ...record, samples: pairs.length + 1 }, bytes)).toBeNull();
      }),
      { seed: 51 },
    );
  });

  it("travel in an archive beside their record, and are refused where they do not fit it", async () => {
    const record = waveform(3, false);
    expect(parseRecord(record)).toEqual({ ok: true, value: record });
    const records = [...demoRecords(), record];
    const bytes = packSamples([1, -2, 3], null);
    const read = readRigArchive(await writeRigArchive(records, new Map([["w", bytes]]), NOW, "0.1.0"));
    expect(read).toMatchObject({ ok: true, value: { records } });
    expect(read.ok && [...read.value.blobs.get("w")!]).toEqual([...bytes]);
    const short = readRigArchive(await writeRigArchive(records, new Map([["w", bytes.slice(4)]]), NOW, "0.1.0"));
    expect(short).toMatchObject({ reason: "not-a-waveform", where: "waveforms/1.f32" });
  });

  it("are bounded: a record of more than a million is refused", () => {
    expect(parseRecord({ ...waveform(3, false), samples: 1_000_001 }).ok).toBe(false);
    expect(parseRecord({ ...waveform(3, false), lineHz: 400 }).ok).toBe(false);
  });
});
