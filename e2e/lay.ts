import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { Page } from "puppeteer-core";
import type { Sample } from "../apps/web/samples/write.ts";
import { sees } from "./hands.ts";

const FOLDER = fileURLToPath(new URL("samples", import.meta.url));

/** What every version so far kept, by the name of its sample. */
export const SAMPLES = readdirSync(FOLDER).map(
  (name) => [name.replace(".json", ""), JSON.parse(readFileSync(join(FOLDER, name), "utf8")) as Sample] as const,
);

/** Puts a database of an earlier version where the app will look for it, as that version left it. */
export async function lay(page: Page, sample: Sample): Promise<void> {
  await sees(page, /Look at an example/);
  await page.goto(new URL("/icon-192.png", page.url()).href);
  // The page that was left may be frozen with its database open, and asking for it to go then waits for good.
  const devTools = await page.createCDPSession();
  await devTools.send("Storage.clearDataForOrigin", { origin: new URL(page.url()).origin, storageTypes: "indexeddb" });
  await devTools.detach();
  await page.evaluate(async ({ version, tables }) => {
    const done = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((settle, fail) => {
        request.onsuccess = () => settle(request.result);
        request.onerror = () => fail(request.error);
      });
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
