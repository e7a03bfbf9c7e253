import { isDeepStrictEqual } from "node:util";
import fc from "fast-check";
import { strToU8, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import { type AnyRecord, type Job, newPhoto, newSound, PHOTO_MOST_BYTES, type PhotoId, type SoundId, writeRigFile } from "../index.ts";
import { readRigArchive, writeRigArchive } from "./rig-archive.ts";

const NOW = "2026-06-21T18:41:00.000Z";
const job = demoRecords().find((r) => r.kind === "job")!;
const photo = (id: string): AnyRecord => newPhoto({ id: id as PhotoId, now: NOW }, job, "plate", { across: 1600, down: 1200, bytes: 8 });
const jpeg = (last: number): Uint8Array => Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 16, 74, last);
const zip = (files: Record<string, Uint8Array>): Uint8Array => zipSync(files);
const rigs = (...photos: AnyRecord[]): Uint8Array => strToU8(writeRigFile([...demoRecords(), ...photos], NOW, "0.1.0"));

describe("the rig archive", () => {
  it("reads back records and pictures exactly, each picture with its own photo", async () => {
    const records = [...demoRecords(), photo("../a b"), photo("c"), photo("d")];
    const blobs = new Map([
      ["../a b", jpeg(1)],
      ["d", jpeg(3)],
    ]);
    const read = readRigArchive(await writeRigArchive(records, blobs, NOW, "0.1.0"));
    expect(read).toEqual({ ok: true, value: { records, blobs, shared: {} } });
  });

  it("carries spoken notes beside photos, each its own", async () => {
    const sound = newSound({ id: "s" as SoundId, now: NOW }, job, "lift run-off", { seconds: 3, type: "audio/webm", bytes: 6 });
    const records = [...demoRecords(), photo("p"), sound];
    const blobs = new Map([
      ["p", jpeg(1)],
      ["s", Uint8Array.of(0x1a, 0x45, 0xdf, 0xa3, 1, 2)],
    ]);
    expect(readRigArchive(await writeRigArchive(records, blobs, NOW, "0.1.0"))).toEqual({
      ok: true,
      value: { records, blobs, shared: {} },
    });
    blobs.set("s", jpeg(2));
    expect(readRigArchive(await writeRigArchive(records, blobs, NOW, "0.1.0"))).toMatchObject({
      reason: "not-a-sound",
      where: "sounds/1.bin",
    });
  });

  it.each([
    ["no zip", strToU8("PK but not really"), "not-a-zip"],
    ["a zip of something else", zip({ "holiday.txt": strToU8("sun") }), "no-rig-file"],
    ["a rig file that is refused", zip({ "rigs.ampsaver.json": strToU8("{") }), "not-json"],
    ["a picture that is none", zip({ "rigs.ampsaver.json": rigs(photo("a")), "photos/1.jpg": strToU8("<svg/>") }), "not-a-picture"],
    [
      "a picture that unfolds too far",
      zip({ "rigs.ampsaver.json": rigs(photo("a")), "photos/1.jpg": new Uint8Array(PHOTO_MOST_BYTES + 1) }),
      "picture-too-large",
    ],
  ])("refuses %s", (_name, bytes, reason) => {
    expect(readRigArchive(bytes)).toMatchObject({ ok: false, reason });
  });

  it("passes over what does not belong to it, and never throws, whatever the bytes", () => {
    expect(readRigArchive(zip({ "rigs.ampsaver.json": rigs(), "../../etc/passwd": strToU8("x") }))).toMatchObject({ ok: true });
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 300 }), (noise) => {
        expect(readRigArchive(noise).ok).toBe(false);
      }),
      { seed: 4, numRuns: 60 },
    );
  });
});

describe("a damaged archive", async () => {
  const sound = newSound({ id: "s" as SoundId, now: NOW }, job, "lift run-off", { seconds: 3, type: "audio/webm", bytes: 6 });
  const few = demoRecords().filter((r) => r.id === job.rigId || r.id === (job as Job).unitId);
  const records = [...few, { ...job, starterId: null, sourceId: null } as AnyRecord, photo("p"), photo("q"), sound];
  const blobs = new Map([
    ["p", jpeg(1)],
    ["q", jpeg(2)],
    ["s", Uint8Array.of(0x1a, 0x45, 0xdf, 0xa3, 1, 2)],
  ]);
  const good = await writeRigArchive(records, blobs, NOW, "0.1.0");
  const whole = readRigArchive(good);
  /** What comes of an archive with some bytes spoilt: refused, or as if they were not. */
  const harmless = (spoilt: Uint8Array): boolean => {
    const read = readRigArchive(spoilt);
    return !read.ok || isDeepStrictEqual(read, whole);
  };

  it("begins as one that is read whole", () => {
    expect(whole).toMatchObject({ ok: true, value: { records, blobs } });
  });

  it("is refused wherever a byte is flipped, or reads as if it were not", () => {
    const told = Array.from(good, (byte, at) => {
      const spoilt = good.slice();
      spoilt[at] = byte ^ (1 << (at % 8));
      return harmless(spoilt);
    });
    expect(told.flatMap((kept, at) => (kept ? [] : [at]))).toEqual([]);
  });

  it("is refused for a checksum that is not that of its bytes, and says of which file", () => {
    for (const name of ["rigs.ampsaver.json", "photos/2.jpg", "sounds/1.bin"]) {
      const spoilt = good.slice();
      const view = new DataView(spoilt.buffer);
      // The directory lies last: the name's last place is its entry there, and 30 bytes before it the checksum.
      const entry = Buffer.from(spoilt).lastIndexOf(name) - 46;
      view.setUint32(entry + 16, view.getUint32(entry + 16, true) ^ 1, true);
      expect(readRigArchive(spoilt)).toMatchObject({ ok: false, reason: "damaged", where: name });
    }
  });

  it("is refused cut short, with a part twice, or with several bytes spoilt", () => {
    fc.assert(
      fc.property(
        fc.nat(good.length - 2),
        fc.nat(good.length - 2),
        fc.uint8Array({ minLength: 1, maxLength: 40 }),
        (from, length, noise) => {
          expect(readRigArchive(good.subarray(0, from)).ok).toBe(false);
          const twice = new Uint8Array([
            ...good.subarray(0, from + 1),
            ...good.subarray(Math.max(0, from - length), from + 1),
            ...good.subarray(from + 1),
          ]);
          expect(harmless(twice)).toBe(true);
          const spoilt = good.slice();
          spoilt.set(noise.slice(0, good.length - from), from);
          expect(harmless(spoilt)).toBe(true);
        },
      ),
      { seed: 5, numRuns: 150 },
    );
  });
});
