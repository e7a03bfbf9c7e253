import { existsSync, readdirSync, statSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import type { ElementHandle, Page } from "puppeteer-core";
import { quicklyNamed } from "./by-name.ts";

class NotYet {
  readonly saw: unknown;
  constructor(saw: unknown) {
    this.saw = saw;
  }
}
/** What was seen instead of what is waited for. */
export const notYet = (saw: unknown): NotYet => new NotYet(saw);

/** How long anything is waited for before it is taken to have failed, ms: what is there soon on a machine that rests may take minutes on one that is busy. */
export const PATIENCE_MS = 150_000;

/** How soon is looked again at first, and at most how late later, ms. */
const FIRST_LOOK_MS = 12;
const LAST_LOOK_MS = 100;

/** Waits until a check holds, and says what it last saw when it does not. */
export async function until<T>(what: string, look: () => Promise<T | NotYet | undefined | false | null>, ms = PATIENCE_MS): Promise<T> {
  const end = Date.now() + ms;
  let last: unknown;
  for (let again = FIRST_LOOK_MS; Date.now() < end; again = Math.min(2 * again, LAST_LOOK_MS)) {
    const seen = await look();
    if (seen instanceof NotYet) last = seen.saw;
    else if (seen !== undefined && seen !== false && seen !== null) return seen;
    await pause(again);
  }
  throw new Error(`waited in vain for ${what}; last saw ${JSON.stringify(last)}`);
}

/** Text of the answer at the top of the page, spaces plain. */
export async function answer(page: Page): Promise<string> {
  const text = await page.$eval("#answer", (e) => e.textContent ?? "").catch(() => "");
  return text.replaceAll("\u00a0", " ");
}

/** Where a machine was too busy for a study's time, asks again, as the page offers. */
async function tryAgain(page: Page): Promise<void> {
  await page.evaluate(() => {
    const alerts = [...document.querySelectorAll("[role=alert]")].filter((e) => /so it was stopped/.test(e.textContent ?? ""));
    alerts[0]?.querySelector("button")?.click();
  });
}

/** Waits for an answer that matches. */
export function answerLike(page: Page, pattern: RegExp): Promise<string> {
  return until(`an answer like ${pattern}`, async () => {
    const text = await answer(page);
    if (pattern.test(text)) return { text };
    await tryAgain(page);
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
  });
}

/** Opens a part of preparing or fitting, by the stage it belongs to. */
export async function openPart(page: Page, name: string): Promise<void> {
  const stage = ["Find the wires", "Check"].includes(name) ? "fit" : "prepare";
  await page.locator(`nav a[href$="/${stage}"]`).click();
  await (await named(page, "radio", name)).click();
}

/** How long something stays where it is before a finger goes there: more than two frames, ms. */
const STAYS_MS = 40;

/** Waits until an element stays where it is: an eye does, before the finger goes there. */
function atRest(element: ElementHandle<Element>): Promise<true> {
  let last = "";
  let since = Date.now();
  return until("it to stay where it is", async () => {
    const { x, y } = (await element.boundingBox()) ?? {};
    if (last !== `${x} ${y}`) since = Date.now();
    last = `${x} ${y}`;
    return Date.now() - since >= STAYS_MS;
  });
}

/** How long a click is waited for that a hand made and that may have met nothing, ms. */
const CLICK_MS = 5000;

/** Clicks or taps an element and tells whether it was reached, which it is not where the page moves meanwhile. */
async function clicked(page: Page, element: ElementHandle<Element>, how: "click" | "tap"): Promise<boolean> {
  await element.evaluate((e) => {
    const global = globalThis as { reached?: boolean | null };
    global.reached = null;
    const note = (event: Event): void => {
      global.reached ??= event.composedPath().includes(e);
    };
    addEventListener("click", note, { once: true, capture: true });
  });
  await element[how]();
  return until(
    "the click to meet something",
    async () => {
      const reached = await page.evaluate(() => (globalThis as { reached?: boolean | null }).reached).catch(() => undefined);
      // Where another page has come meanwhile, it was reached.
      return reached === undefined ? [true] : reached !== null && [reached];
    },
    CLICK_MS,
  ).then(
    ([reached]) => reached === true,
    () => false,
  );
}

/** Whether a box is ticked or a choice taken; null for what is neither, or is gone. */
const ticked = (element: ElementHandle<Element>): Promise<string | null> =>
  element.evaluate((e) => (e.isConnected ? e.getAttribute("aria-checked") : null)).catch(() => null);

/** Clicks or taps what may be ticked, and waits until it shows that it was: false where the click went elsewhere. */
export async function ticks(page: Page, box: ElementHandle<Element>, how: "click" | "tap" = "click"): Promise<boolean> {
  const before = await ticked(box);
  await box.scrollIntoView();
  await atRest(box);
  if (!(await clicked(page, box, how))) return false;
  if (before === null) return true;
  const isRadio = await box.evaluate((e) => e.getAttribute("role") === "radio").catch(() => true);
  await until("the tick to be seen", async () => {
    const now = await ticked(box);
    return now === null || now !== before || (isRadio && now === "true");
  });
  return true;
}

/** Taps the answer at a place of the page, again where the page moved under the finger. */
export function take(page: Page, selector: string): Promise<boolean> {
  return until(`${selector} to be answered`, async () => {
    const found = await page.$(selector);
    return found !== null && ticks(page, found, "tap");
  });
}

/** Presses a button by its name, with the mouse or a finger, as a hand would: not while it is greyed, and again when it was drawn anew meanwhile. */
export async function press(page: Page, name: string, how: "click" | "tap" = "click", role = "button"): Promise<void> {
  for (let tries = 3; ; tries--) {
    const button = await until(`${name} to be pressed`, async () => {
      const found = await named(page, role, name);
      return (await found.evaluate((e) => (e as HTMLButtonElement).disabled === true).catch(() => true)) ? notYet("greyed") : found;
    });
    try {
      if (await ticks(page, button, how)) return;
      throw new Error(`${name} was drawn anew under the finger: detached`);
    } catch (error) {
      if (tries === 1 || !/detached/.test(String(error))) throw error;
    }
  }
}

/** Has a phone show what is asked in a list from the next page on, as its own setting does. */
export async function asList(page: Page): Promise<void> {
  await page.evaluateOnNewDocument(() => {
    const kept = JSON.parse(localStorage.getItem("amp-saver settings") ?? "{}");
    localStorage.setItem("amp-saver settings", JSON.stringify({ ...kept, asking: "list" }));
  });
}

/** Replaces what a field holds, and looks whether it stands there: where the page was drawn anew under the finger, it is typed again. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  for (let tries = 3; ; tries--) {
    const field = await named(page, "textbox", label);
    await field.scrollIntoView();
    await atRest(field);
    await field.click();
    await page.keyboard.down("Control");
    await page.keyboard.press("a");
    await page.keyboard.up("Control");
    await page.keyboard.press("Backspace");
    await field.type(text);
    const [stands, has] = await field.evaluate((e) => [(e as HTMLInputElement).value, e === document.activeElement] as const);
    if (stands === text && has) return;
    if (tries === 1)
      throw new Error(`${label} holds ${JSON.stringify(stands)} instead of ${JSON.stringify(text)}${has ? "" : " and lost the focus"}`);
  }
}

/** Sets a list by its label, as a finger on the device’s own list does. */
export async function pick(page: Page, label: string, value: string): Promise<void> {
  const list = await page.waitForSelector(`::-p-aria(${label})`);
  await list?.evaluate((e, to) => {
    const select = e as HTMLSelectElement;
    Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value")!.set!.call(select, to);
    select.dispatchEvent(new Event("change", { bubbles: true }));
  }, value);
}

/** What a field holds. */
export async function fieldValue(page: Page, label: string): Promise<string> {
  const field = await named(page, "textbox", label);
  return field.evaluate((e) => (e as HTMLInputElement).value);
}

/** Whole visible text of the page, spaces plain. */
async function pageText(page: Page): Promise<string> {
  // biome-ignore lint/performance/useDomNodeTextContent: only what is visible counts here
  return (await page.$eval("body", (e) => (e as HTMLElement).innerText)).replaceAll("\u00a0", " ");
}

/** Waits for text anywhere on the page. */
export function sees(page: Page, pattern: RegExp): Promise<string> {
  return until(`text like ${pattern}`, async () => {
    const text = await pageText(page);
    const seen = pattern.exec(text)?.[0];
    if (seen !== undefined) return seen;
    await tryAgain(page);
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
