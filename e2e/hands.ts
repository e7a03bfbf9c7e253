import { existsSync, readdirSync, statSync } from "node:fs";
import type { ElementHandle, KeyInput, Page } from "puppeteer-core";
import { aim, hit } from "./aim.ts";
import { quicklyNamed } from "./by-name.ts";
import { lookAtAll } from "./look.ts";
import { notYet, until } from "./until.ts";

export { notYet, PATIENCE_MS, until } from "./until.ts";

/** What is read at a place, spaces plain, and whether a study was stopped there because the machine was too busy. */
interface Reading {
  readonly text: string;
  readonly stopped: boolean;
}

/** Reads the answer at the top of the page, or all of the page that is visible, in one message. */
const read = (page: Page, selector: "#answer" | "body"): Promise<Reading> =>
  page.evaluate((from) => {
    const place = document.querySelector<HTMLElement>(from);
    // biome-ignore lint/performance/useDomNodeTextContent: only what is visible counts here
    const text = (from === "body" ? place?.innerText : place?.textContent) ?? "";
    const alerts = [...document.querySelectorAll("[role=alert]")];
    return { text: text.replaceAll("\u00a0", " "), stopped: alerts.some((e) => /so it was stopped/.test(e.textContent ?? "")) };
  }, selector);

/** Asks again where a study was stopped, as the page offers. */
const askAgain = (page: Page): Promise<void> =>
  lookAtAll(page, "[role=alert]", (all) =>
    all
      .find((e) => /so it was stopped/.test(e.textContent ?? ""))
      ?.querySelector("button")
      ?.click(),
  );

/** Text of the answer at the top of the page, spaces plain. */
export async function answer(page: Page): Promise<string> {
  return (await read(page, "#answer").catch(() => ({ text: "" }))).text;
}

/** Waits for an answer that matches. */
export function answerLike(page: Page, pattern: RegExp): Promise<string> {
  return until(`an answer like ${pattern}`, async () => {
    const { text, stopped } = await read(page, "#answer").catch(() => ({ text: "", stopped: false }));
    if (pattern.test(text)) return { text };
    if (stopped) await askAgain(page);
    return notYet(text);
  }).then(({ text }) => text);
}

/** An element by role and accessible name, as a screen reader finds it. */
export function named(page: Page, role: string, name: string): Promise<ElementHandle<Element>> {
  return until(`a ${role} named ${name}`, async () => {
    const quickly = await quicklyNamed(page, role, name).catch(() => null);
    if (quickly !== null) return quickly;
    const found = await page.$(`::-p-aria(${name}[role="${role}"])`).catch(() => null);
    return found !== null && (await found.isVisible().catch(() => false)) ? found : null;
  }).catch(async (error: Error) => {
    const { text } = await read(page, "body").catch((unread) => ({ text: String(unread) }));
    throw new Error(`${error.message}; the page at ${page.url()} says ${JSON.stringify(text.slice(0, 1500))}`);
  });
}

/** Goes to another address of the app, as typing it does. */
export const go = (page: Page, path: string): Promise<unknown> => page.goto(new URL(path, page.url()).href, { waitUntil: "load" });

/** Opens a part of preparing or fitting, by the stage it belongs to. */
export async function openPart(page: Page, name: string): Promise<void> {
  const stage = ["Find the wires", "Check"].includes(name) ? "fit" : "prepare";
  await page.locator(`nav a[href$="/${stage}"]`).click();
  await press(page, name, "click", "radio");
}

/** Clicks or taps what may be ticked, and waits until it shows that it was: false where the click went elsewhere. */
export async function ticks(page: Page, box: ElementHandle<Element>, how: "click" | "tap" = "click"): Promise<boolean> {
  const at = await aim(box);
  return typeof at !== "string" && hit(page, at, how);
}

/** Taps or clicks the answer at a place of the page, again where the page moved under the finger. */
export function take(page: Page, selector: string, how: "click" | "tap" = "tap"): Promise<boolean> {
  return until(`${selector} to be answered`, async () => {
    const found = await page.$(selector);
    return found !== null && ticks(page, found, how);
  });
}

/** Presses a button by its name, with the mouse or a finger, as a hand would: not while it is greyed, and again when it was drawn anew meanwhile. */
export async function press(page: Page, name: string, how: "click" | "tap" = "click", role = "button"): Promise<void> {
  for (let tries = 3; tries > 0; tries--) {
    const at = await until(`${name} to be pressed`, async () => {
      const found = await aim(await named(page, role, name)).catch(() => "gone");
      return typeof found === "string" ? notYet(found) : found;
    });
    if (await hit(page, at, how)) return;
  }
  throw new Error(`${name} was drawn anew under the finger`);
}

/** Has a phone show what is asked in a list from the next page on, as its own setting does. */
export async function asList(page: Page): Promise<void> {
  await page.evaluateOnNewDocument(() => {
    const kept = JSON.parse(localStorage.getItem("amp-saver settings") ?? "{}");
    localStorage.setItem("amp-saver settings", JSON.stringify({ ...kept, asking: "list" }));
  });
}

/** Presses a key while others are held. */
export async function chord(page: Page, key: KeyInput, ...held: readonly KeyInput[]): Promise<void> {
  for (const k of held) await page.keyboard.down(k);
  await page.keyboard.press(key);
  for (const k of held.toReversed()) await page.keyboard.up(k);
}

/** Replaces what a field holds, and looks whether it stands there: where the page was drawn anew under the finger, it is typed again. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  let amiss = "it moved away under the finger";
  for (let tries = 3; tries > 0; tries--) {
    const [field, at] = await until(`${label} to be typed into`, async () => {
      const found = await named(page, "textbox", label);
      const place = await aim(found).catch(() => "gone");
      return typeof place === "string" ? notYet(place) : ([found, place] as const);
    });
    if (!(await hit(page, at, "click"))) continue;
    if (at.holds !== "") {
      await chord(page, "a", "Control");
      await page.keyboard.press("Backspace");
    }
    await page.keyboard.type(text);
    const [stands, has] = await field.evaluate((e) => [(e as HTMLInputElement).value, e === document.activeElement] as const);
    if (stands === text && has) return;
    amiss = `it holds ${JSON.stringify(stands)}${has ? "" : " and lost the focus"}`;
  }
  throw new Error(`${label} does not take ${JSON.stringify(text)}: ${amiss}`);
}

/** Sets a list by its label, as a finger on the device’s own list does: only to what it offers, and again where it was drawn anew meanwhile. */
export async function pick(page: Page, label: string, value: string): Promise<void> {
  await until(`${label} to offer ${value}`, async () => {
    const list = await page.$(`::-p-aria(${label})`).catch(() => null);
    const set = list?.evaluate((e, to) => {
      const select = e as HTMLSelectElement;
      if (!select.isConnected || select.disabled || ![...select.options].some((o) => o.value === to)) return false;
      Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value")!.set!.call(select, to);
      select.dispatchEvent(new Event("change", { bubbles: true }));
      return true;
    }, value);
    return set?.catch(() => false);
  });
}

/** What a field holds. */
export async function fieldValue(page: Page, label: string): Promise<string> {
  const field = await named(page, "textbox", label);
  return field.evaluate((e) => (e as HTMLInputElement).value);
}

/** Waits for text anywhere on the page. */
export function sees(page: Page, pattern: RegExp): Promise<string> {
  return until(`text like ${pattern}`, async () => {
    const { text, stopped } = await read(page, "body");
    const seen = pattern.exec(text)?.[0];
    if (seen !== undefined) return seen;
    if (stopped) await askAgain(page);
    return notYet(text.slice(0, 1500));
  });
}

/** Path of the file that a download left behind, once all of it is there: the browser lays an empty one first. */
export function downloaded(folder: string, ending: string): Promise<string> {
  return until(`a download ending in ${ending}`, async () => {
    const all = existsSync(folder) ? readdirSync(folder) : [];
    const name = all.find((f) => f.endsWith(ending));
    if (name === undefined || all.some((f) => f.endsWith(".crdownload"))) return undefined;
    const path = `${folder}/${name}`;
    return statSync(path).size > 0 ? path : undefined;
  });
}

/** Gives a file to the page, at the field for files or at one of several. */
export async function upload(page: Page, path: string, field = 'input[type="file"]'): Promise<void> {
  const picker = await page.waitForSelector(field);
  await (picker as ElementHandle<HTMLInputElement> | null)?.uploadFile(path);
}

/** Makes a rig of one's own and ends at the survey of its first job. */
export async function ownRig(page: Page): Promise<void> {
  await press(page, "New rig");
  await type(page, "Name of the rig", "Slate Wagon");
  await page.keyboard.press("Enter");
  await answerLike(page, /Enter two things/);
}

/** What lies in the browser's database, past the app. */
export interface Kept {
  readonly records: readonly (Readonly<Record<string, unknown>> & { readonly kind: string; readonly id: string })[];
  /** Bytes beside the records, each under its own id. */
  readonly blobs: readonly { readonly id: string; readonly bytes: Readonly<Record<string, number>> }[];
}

/** Every record in the browser's database, by kind and id, and all bytes beside them but when those were kept. */
export async function keptIn(page: Page): Promise<Kept> {
  const text = await page.evaluate(async () => {
    const open = indexedDB.open("amp-saver");
    const db = await new Promise<IDBDatabase>((settle, fail) => {
      open.onsuccess = () => settle(open.result);
      open.onerror = () => fail(open.error);
    });
    const all = async (name: string): Promise<Record<string, unknown>[]> => {
      const request = db.transaction(name).objectStore(name).getAll();
      return new Promise((settle, fail) => {
        request.onsuccess = () => settle(request.result);
        request.onerror = () => fail(request.error);
      });
    };
    const records = (await all("rigs")).flatMap((row) => JSON.parse(row.text as string) as { kind: string; id: string }[]);
    const key = (r: { kind: string; id: string }): string => `${r.kind} ${r.id}`;
    const blobs = (await all("pixels")).map(({ id, bytes }) => ({ id, bytes }));
    db.close();
    return JSON.stringify({ records: records.toSorted((a, b) => (key(a) < key(b) ? -1 : 1)), blobs });
  });
  return JSON.parse(text) as Kept;
}

const MOST_TABS = 120;

/** Tabs until the element in focus has this name; never touches the mouse. */
export async function tabTo(page: Page, name: RegExp): Promise<void> {
  const seen: string[] = [];
  for (let k = 0; k < MOST_TABS; k++) {
    await page.keyboard.press("Tab");
    const label = await page.evaluate(() => {
      const e = document.activeElement as HTMLInputElement | null;
      const labels = [...(e?.labels ?? [])].map((l) => l.textContent).join(" ");
      return (e?.getAttribute("aria-label") ?? (labels || e?.textContent) ?? "").trim();
    });
    seen.push(label);
    if (name.test(label)) return;
  }
  throw new Error(`no way by keyboard to ${name}; passed ${seen.join(" | ")}`);
}
