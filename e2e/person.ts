import { setTimeout as pause } from "node:timers/promises";
import type { ElementHandle, Page } from "puppeteer-core";
import { expect } from "vitest";
import { chord, named, notYet, until } from "./hands.ts";

/** What a person does to a page, whatever with. */
export interface Person {
  readonly press: (name: string, role?: string) => Promise<void>;
  /** Follows a link by its address. */
  readonly follow: (href: string) => Promise<void>;
  readonly type: (label: string, text: string) => Promise<void>;
  /** Sets a list to a value. */
  readonly pick: (label: string, value: string) => Promise<void>;
  /** Ticks every open box whose name matches; says how many. */
  readonly tickAll: (pattern: RegExp) => Promise<number>;
  /** Chooses in every group of radios the one of this value. */
  readonly choose: (selector: string) => Promise<void>;
}

/** Most boxes or radios set in one go; more means that one of them never holds. */
const MOST = 60;

/** Open boxes whose name matches, as the page is now. */
async function open(page: Page, pattern: RegExp): Promise<ElementHandle<Element>[]> {
  const boxes = await page.$$('[role="checkbox"][aria-checked="false"]');
  const wanted: ElementHandle<Element>[] = [];
  for (const box of boxes) {
    const name = await box.evaluate((e) => e.getAttribute("aria-label") ?? (e as HTMLInputElement).labels?.[0]?.textContent ?? "");
    if (pattern.test(name)) wanted.push(box);
  }
  return wanted;
}

/** Sets one after the other, each looked for anew, since setting one may draw the others anew; says how many. */
async function each(find: () => Promise<ElementHandle<Element>[]>, set: (one: ElementHandle<Element>) => Promise<void>): Promise<number> {
  let done = 0;
  for (let k = 0; k < MOST; k++) {
    const [next] = await find();
    if (next === undefined) return done;
    try {
      await set(next);
      await checked(next);
      done += 1;
    } catch (error) {
      if (!/detached/.test(String(error))) throw error;
    }
  }
  throw new Error("one of them never holds");
}

/** Waits until it is ticked, or gone with the page that it led away from. */
const checked = (box: ElementHandle<Element>): Promise<unknown> =>
  until("it to be ticked", () =>
    box.evaluate((e) => !e.isConnected || (e as HTMLInputElement).checked === true || e.getAttribute("aria-checked") === "true"),
  );

const MOST_TABS = 400;

/** A person who has nothing but a keyboard: everything is reached by Tab and arrows, nothing by script. */
export function withKeyboard(page: Page): Person {
  const reach = async (element: ElementHandle<Element>, inside = false): Promise<void> => {
    for (let k = 0; k < MOST_TABS; k++) {
      const way = await element.evaluate((e, group) => {
        const at = document.activeElement;
        if (group ? (e.closest("[role=radiogroup], fieldset")?.contains(at) ?? false) : e === at) return "there";
        return at !== null && (e.compareDocumentPosition(at) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0 ? "back" : "on";
      }, inside);
      if (way === "there") return;
      if (way === "back") await page.keyboard.down("Shift");
      await page.keyboard.press("Tab");
      if (way === "back") await page.keyboard.up("Shift");
    }
    const name = await element.evaluate((e) => e.getAttribute("aria-label") ?? e.textContent ?? e.id);
    throw new Error(`no way by Tab to ${name}`);
  };
  const move = async (radio: ElementHandle<Element>): Promise<void> => {
    await reach(radio, true);
    for (let k = 0; k < 16; k++) {
      const at = await radio.evaluate((e) => {
        if (!e.isConnected || e.getAttribute("aria-checked") === "true" || (e as HTMLInputElement).checked) return "there";
        return e === document.activeElement ? "on it" : "beside";
      });
      if (at === "there") return;
      await page.keyboard.press(at === "on it" ? "Space" : "ArrowRight");
      await pause(60);
    }
  };
  return {
    async press(name, role = "button") {
      const button = await until(`${name} to be pressed`, async () => {
        const found = await named(page, role, name);
        return (await found.evaluate((e) => (e as HTMLButtonElement).disabled === true).catch(() => true)) ? notYet("greyed") : found;
      });
      await reach(button);
      await page.keyboard.press(role === "checkbox" ? "Space" : "Enter");
    },
    async follow(href) {
      await reach((await page.waitForSelector(`a[href="${href}"]`, { visible: true }))!);
      await page.keyboard.press("Enter");
    },
    async type(label, text) {
      await reach(await named(page, "textbox", label));
      await chord(page, "a", "Control");
      await page.keyboard.press("Backspace");
      await page.keyboard.type(text);
    },
    async pick(label, value) {
      const list = (await page.waitForSelector(`::-p-aria(${label})`))!;
      await reach(list);
      const shown = (): Promise<string> => list.evaluate((e) => (e as HTMLSelectElement).value);
      const options = await list.evaluate((e) => [...(e as HTMLSelectElement).options].map((o) => o.value));
      for (const option of options.slice(0, options.indexOf(value) + 1)) {
        await page.keyboard.press(option === options[0] ? "Home" : "ArrowDown");
        await until(`${label} to be ${option}`, async () => (await shown()) === option || notYet(await shown()));
      }
      expect(await shown()).toBe(value);
    },
    tickAll: (pattern) =>
      each(
        () => open(page, pattern),
        async (box) => {
          await reach(box);
          await page.keyboard.press("Space");
        },
      ),
    async choose(selector) {
      await page.waitForSelector(selector);
      await each(() => page.$$(`${selector}:not([aria-checked="true"])`), move);
    },
  };
}
