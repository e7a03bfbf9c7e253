import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { writeRigFile } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { answerLike, keptIn, press, sees, upload } from "./hands.ts";

const folder = mkdtempSync(join(tmpdir(), "amp-saver-bad-"));
let session: Session;
let before: unknown;
beforeAll(async () => {
  session = await openApp();
  await press(session.page, "Look at an example");
  await sees(session.page, /5 jobs, 3 rigs/);
  await session.page.waitForFunction(() => !document.body.textContent?.includes("no answer yet"));
  await session.page.goto(new URL("/rigs", session.page.url()).href);
  await answerLike(session.page, /3 rigs, 4 air conditioners, 10 sources/);
  before = await keptIn(session.page);
});
afterAll(async () => {
  await session.close();
  rmSync(folder, { recursive: true });
});

const good = writeRigFile(demoRecords(), "2026-06-21T18:41:00.000Z", "0.1.0");
const changed = (change: (file: { version: number; records: Record<string, unknown>[] }) => void): string => {
  const file = JSON.parse(good);
  change(file);
  return JSON.stringify(file);
};

const BAD: readonly (readonly [string, string | Buffer, RegExp])[] = [
  ["nothing at all", "", /its text is not JSON/],
  ["a picture", Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 255, 254]), /its text is not JSON/],
  ["half a file", good.slice(0, good.length / 2), /its text is not JSON/],
  ["a list", "[1,2,3]", /does not say so at its head/],
  ["another program’s file", '{"format":"notes","version":1,"records":[]}', /does not say so at its head/],
  ["a newer file", changed((f) => Object.assign(f, { version: 9 })), /written by a newer version/],
  [
    "a figure out of its limits",
    changed((f) => Object.assign(f.records[1]!, { fanA: { value: 9e9, from: "plate" } })),
    /record 2, unit\.fanA\.value/,
  ],
  [
    "a field nobody knows",
    changed((f) => Object.assign(f.records[0]!, { script: "<img src=x onerror=alert(1)>" })),
    /record 1, rig\.script/,
  ],
  ["one record twice", changed((f) => f.records.push(f.records[0]!)), /in it twice/],
  ["a unit without its rig", changed((f) => f.records.splice(0, 1)), /not in the file/],
];

describe("ten bad files", () => {
  it.each(BAD)("%s is refused in a clear sentence and changes nothing", async (name, content, sentence) => {
    const { page } = session;
    const path = join(folder, `${name.replaceAll(/\W/g, "-")}.json`);
    writeFileSync(path, content);
    await upload(page, path);
    await sees(page, /This file was not read\. Nothing has changed\./);
    await sees(page, sentence);
    await press(page, "Close");
    expect(await keptIn(page)).toEqual(before);
  });

  it("shows what a good one would change, and changes nothing until told to", async () => {
    const { page } = session;
    const path = join(folder, "good.json");
    writeFileSync(
      path,
      changed((f) => Object.assign(f.records[0]!, { name: "Tin Lantern, repainted" })),
    );
    await upload(page, path);
    await sees(page, /Changed on both devices: 1 thing to decide/);
    await sees(page, /Tin Lantern: name\s+here: Tin Lantern\s+file: Tin Lantern, repainted/);
    await press(page, "Cancel");
    expect(await keptIn(page)).toEqual(before);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
