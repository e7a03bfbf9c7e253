import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { Page } from "puppeteer-core";
import { afterEach, describe, expect, it } from "vitest";
import type { Sample } from "../apps/web/samples/write.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, press, sees, until } from "./hands.ts";

const FOLDER = fileURLToPath(new URL("samples", import.meta.url));
const SAMPLES = readdirSync(FOLDER).map(
  (name) => [name.replace(".json", ""), JSON.parse(readFileSync(join(FOLDER, name), "utf8")) as Sample] as const,
);
let session: Session | undefined;
afterEach(async () => {
  await session?.close();
  session = undefined;
});

/** Puts a database of an earlier version where the app will look for it, as that version left it. */
async function lay(page: Page, sample: Sample): Promise<void> {
  await sees(page, /Look at an example/);
  await page.goto(new URL("/icon-192.png", page.url()).href);
  await page.evaluate(async ({ version, tables }) => {
    const done = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((settle, fail) => {
        request.onsuccess = () => settle(request.result);
        request.onerror = () => fail(request.error);
      });
    await done(indexedDB.deleteDatabase("amp-saver"));
    const opening = indexedDB.open("amp-saver", version);
    opening.onupgradeneeded = () => {
      for (const [name, { keyPath, autoIncrement, indexes, rows }] of Object.entries(tables)) {
        const table = opening.result.createObjectStore(name, { keyPath, autoIncrement });
        for (const index of indexes) table.createIndex(index.name, index.keyPath, index);
        for (const row of rows as { bytes?: number[] }[])
          table.put(row.bytes === undefined ? row : { ...row, bytes: Uint8Array.from(row.bytes) });
      }
    };
    (await done(opening)).close();
  }, sample);
  await page.goto(new URL("/", page.url()).href, { waitUntil: "load" });
}

/** Every other version is tried as a database, the rest as a file; `npm run soak` tries all as both. */
const everyOther = (first: 0 | 1): typeof SAMPLES => SAMPLES.filter((_, k) => k % 2 === first);

describe.each(everyOther(0))("what version %s kept", (_name, sample) => {
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
    await page.keyboard.down("Control");
    await page.keyboard.press("z");
    await page.keyboard.up("Control");
    await until("the note as it was", async () => (await value("Note")) !== "propane in the left bay");
    await page.goto(new URL("/job/demo-front-job/prove", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /less|before|after/);
    await sees(page, /Before/);
    expect(complaints).toEqual([]);
  });
});

describe.each(everyOther(1))("what version %s kept", (_name, sample) => {
  it("as a file is read, shown before it is taken in, and taken in", async () => {
    session = await openApp("/rigs");
    const { page, downloads, complaints } = session;
    const path = join(downloads, "..", "old.ampsaver.json");
    writeFileSync(path, sample.file);
    const picker = await page.waitForSelector('input[type="file"]');
    await (picker as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(path);
    await sees(page, /1 × rig: new/);
    await press(page, "Take it in");
    await answerLike(page, /^1 rig, 2 air conditioners, \d sources\.$/);
    await page.goto(new URL("/job/demo-rear-job/check", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /100 tries|to spare|shuts off|works in/);
    expect(complaints).toEqual([]);
  });
});
