import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterEach, describe, expect, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { answerLike, chord, press, sees, until, upload } from "./hands.ts";
import { lay, SAMPLES } from "./lay.ts";
import { LONG } from "./long.ts";

let session: Session | undefined;
afterEach(async () => {
  await session?.close();
  session = undefined;
});

/** Every other version is tried as a database, the rest as a file; `npm run soak` tries all as both. */
const everyOther = (first: 0 | 1): typeof SAMPLES => SAMPLES.filter((_, k) => k % 2 === first);

describe.each(everyOther(0))("what version %s kept", LONG, (_name, sample) => {
  it("as a database is there with every figure, its note and its step to undo", async () => {
    session = await openApp();
    const { page, complaints } = session;
    await lay(page, sample);
    // The bare picture that stood there meanwhile has no icon of its own.
    complaints.length = 0;
    await sees(page, /Tin Lantern/);
    await page.goto(new URL("/job/demo-rear-job/survey", page.url()).href, { waitUntil: "load" });
    await sees(page, /Locked rotor amps/);
    const value = (label: string): Promise<string> =>
      page.$eval(`::-p-aria(${label}[role="textbox"])`, (e) => (e as HTMLInputElement).value);
    const { records } = JSON.parse(sample.file) as {
      readonly records: readonly { readonly id: string; readonly lockedRotorA?: { readonly value: number } }[];
    };
    const typed = records.find((r) => r.id === "demo-rear")?.lockedRotorA?.value;
    expect(await value("Locked rotor amps")).toBe(String(typed));
    await until("the note", async () => (await value("Note")) === "propane in the left bay");
    await chord(page, "z", "Control");
    await until("the note as it was", async () => (await value("Note")) !== "propane in the left bay");
    await page.goto(new URL("/job/demo-front-job/prove", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /less|before|after/);
    await sees(page, /Before/);
    expect(complaints).toEqual([]);
  });
});

describe.each(everyOther(1))("what version %s kept", LONG, (_name, sample) => {
  it("as a file is read, shown before it is taken in, and taken in", async () => {
    session = await openApp("/rigs");
    const { page, downloads, complaints } = session;
    const path = join(downloads, "..", "old.ampsaver.json");
    writeFileSync(path, sample.file);
    await upload(page, path);
    await sees(page, /1 × rig: new/);
    await press(page, "Import it");
    await answerLike(page, /^1 rig, 2 air conditioners, \d sources\.$/);
    await page.goto(new URL("/job/demo-rear-job/check", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /100 tries|to spare|shuts off|works in/);
    expect(complaints).toEqual([]);
  });
});
