import fc from "fast-check";
import { strToU8, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { demoRecords } from "./demo/index.ts";
import { type AnyRecord, newPhoto, newSound, PHOTO_MOST_BYTES, type PhotoId, type SoundId, writeRigFile } from "./index.ts";
import { readRigArchive, writeRigArchive } from "./rig-archive.ts";

const NOW = "2026-06-21T18:41:00.000Z";
const job = demoRecords().find((r) => r.kind === "job")!;
const photo = (id: string): AnyRecord => newPhoto({ id: id as PhotoId, now: NOW }, job, "plate", { across: 1600, down: 1200, bytes: 8 });
const jpeg = (last: number): Uint8Array => Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 16, 74, last);
const zip = (files: Record<string, Uint8Array>): Uint8Array => zipSync(files);
const rigs = (...photos: AnyRecord[]): Uint8Array => strToU8(writeRigFile([...demoRecords(), ...photos], NOW, "0.1.0"));

describe("the rig archive", () => {
  it("reads back records and pictures exactly, each picture with its own photo", () => {
    const records = [...demoRecords(), photo("../a b"), photo("c"), photo("d")];
    const pixels = new Map([
      ["../a b", jpeg(1)],
      ["d", jpeg(3)],
    ]);
    const read = readRigArchive(writeRigArchive(records, pixels, NOW, "0.1.0"));
    expect(read).toEqual({ ok: true, value: { records, pixels, shared: {} } });
  });

  it("carries spoken notes beside photos, each its own", () => {
    const sound = newSound({ id: "s" as SoundId, now: NOW }, job, "lift run-off", { seconds: 3, type: "audio/webm", bytes: 6 });
    const records = [...demoRecords(), photo("p"), sound];
    const pixels = new Map([
      ["p", jpeg(1)],
      ["s", Uint8Array.of(0x1a, 0x45, 0xdf, 0xa3, 1, 2)],
    ]);
    expect(readRigArchive(writeRigArchive(records, pixels, NOW, "0.1.0"))).toEqual({ ok: true, value: { records, pixels, shared: {} } });
    pixels.set("s", jpeg(2));
    expect(readRigArchive(writeRigArchive(records, pixels, NOW, "0.1.0"))).toMatchObject({ reason: "not-a-sound", where: "sounds/1.bin" });
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
      fc.property(fc.uint8Array({ maxLength: 300 }), fc.nat(), (noise, at) => {
        const good = writeRigArchive(demoRecords(), new Map(), NOW, "0.1.0");
        const spoilt = good.slice();
        spoilt.set(noise.slice(0, good.length), at % Math.max(1, good.length - noise.length));
        expect(readRigArchive(noise).ok).toBe(false);
        expect(typeof readRigArchive(spoilt).ok).toBe("boolean");
      }),
      { seed: 4, numRuns: 60 },
    );
  });
});
