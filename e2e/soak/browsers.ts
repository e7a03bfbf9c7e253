import type { Page } from "puppeteer-core";
import { answerLike, press, type } from "../hands.ts";

/** A rig of one's own, its survey shown. */
export async function ownRig(page: Page): Promise<void> {
  await press(page, "New rig");
  await type(page, "Name of the rig", "Slate Wagon");
  await page.keyboard.press("Enter");
  await answerLike(page, /Two things are missing/);
}

/** Fields of the survey that are typed into, and what they may hold. */
export const FIELDS = ["Locked rotor amps", "Rated load amps", "Fan amps", "Note"] as const;

/** Fills a field at once by its label, as typing does, whether or not its page is in front; null where it is not there. */
export function fill(page: Page, label: string, text: string): Promise<boolean> {
  return page.evaluate(
    (wanted, value) => {
      const all = [...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("input, textarea")];
      const field = all.find((e) => [...(e.labels ?? [])].some((l) => l.textContent?.startsWith(wanted)));
      if (field === undefined) return false;
      const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
      Object.getOwnPropertyDescriptor(kind.prototype, "value")!.set!.call(field, value);
      field.dispatchEvent(new Event("input", { bubbles: true }));
      return true;
    },
    label,
    text,
  );
}

/** Everything the browser keeps: records by kind and id, and which pictures have their bytes. */
export interface Kept {
  readonly records: readonly Readonly<Record<string, unknown>>[];
  readonly pixels: readonly string[];
}

/** Reads what is kept, past the app. */
export async function keptIn(page: Page): Promise<Kept> {
  const text = await page.evaluate(async () => {
    const open = indexedDB.open("amp-saver");
    const db = await new Promise<IDBDatabase>((settle, fail) => {
      open.onsuccess = () => settle(open.result);
      open.onerror = () => fail(open.error);
    });
    const ask = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((settle, fail) => {
        request.onsuccess = () => settle(request.result);
        request.onerror = () => fail(request.error);
      });
    const rows = (await ask(db.transaction("rigs").objectStore("rigs").getAll())) as { text: string }[];
    const pixels = await ask(db.transaction("pixels").objectStore("pixels").getAllKeys());
    db.close();
    return JSON.stringify({ records: rows.flatMap((row) => JSON.parse(row.text) as object[]), pixels });
  });
  return JSON.parse(text) as Kept;
}
