import type { ElementHandle, Page } from "puppeteer-core";
import { setClock } from "../clock.ts";
import { named, notYet, until } from "../hands.ts";
import type { Hand } from "./two-units.ts";

/** Most stops to one target; more means that there is no way. */
const MOST_STOPS = 250;

/** A keyboard alone, by the names a screen reader says; it notes every stop on the way that has none. */
export class KeyHand implements Hand {
  private readonly page: Page;
  /** Keys pressed, those typed left out. */
  keys = 0;
  readonly nameless = new Set<string>();

  constructor(page: Page) {
    this.page = page;
  }

  async tap(name: string, role = "button"): Promise<void> {
    await this.onto(() => named(this.page, role, name), name, role === "checkbox" || role === "radio" ? "Space" : "Enter");
  }

  async tapAll(...names: readonly string[]): Promise<void> {
    for (const name of names) await this.tap(name);
  }

  async tapAt(selector: string): Promise<void> {
    await this.onto(async () => (await this.page.waitForSelector(selector))!, selector, "Enter");
  }

  async enter(text: string): Promise<void> {
    await until("a field to type in", () => this.page.evaluate(() => document.activeElement instanceof HTMLInputElement));
    await this.page.keyboard.type(text);
    await this.press("Enter");
    const left = (typed: string): boolean => {
      const at = document.activeElement;
      return !(at instanceof HTMLInputElement) || at.value !== typed;
    };
    await until(`${text} to be taken`, () => this.page.evaluate(left, text));
  }

  async fill(label: string, text: string): Promise<void> {
    await this.onto(() => named(this.page, "textbox", label), label, null);
    await this.page.keyboard.type(text);
  }

  async pick(label: string, word: string): Promise<void> {
    const find = (): Promise<ElementHandle<Element>> => until(label, () => this.page.$(`::-p-aria(${label}[role="combobox"])`));
    await this.onto(find, label, null);
    const list = await find();
    // As many letters as tell it from the others: the page may go on to the next question with the last of them.
    const letters = await list.evaluate((e, text) => {
      const words = [...(e as HTMLSelectElement).options].map((o) => o.text);
      if (!words.includes(text)) return null;
      const same = (n: number): number => words.filter((w) => w.startsWith(text.slice(0, n))).length;
      return text.slice(
        0,
        [...text].findIndex((_, k) => same(k + 1) === 1 || words.find((w) => w.startsWith(text.slice(0, k + 1))) === text) + 1,
      );
    }, word);
    if (letters === null) throw new Error(`${label} has no ${word}`);
    await this.page.keyboard.type(letters);
    const chosen = (e: Element, text: string): boolean => !e.isConnected || (e as HTMLSelectElement).selectedOptions[0]?.text === text;
    await until(`${word} to be chosen`, () => list.evaluate(chosen, word));
  }

  async photograph(name: string, path: string): Promise<void> {
    const [chooser] = await Promise.all([this.page.waitForFileChooser(), this.tap(name)]);
    await chooser.accept([path]);
  }

  waits(seconds: number): Promise<void> {
    return setClock(this.page, seconds);
  }

  private async onto(find: () => Promise<ElementHandle<Element>>, name: string, key: "Enter" | "Space" | null): Promise<void> {
    await until(`${name} to be pressed`, async () => {
      const found = await find();
      if (await found.evaluate((e) => (e as HTMLButtonElement).disabled === true)) return notYet("greyed");
      const where = await this.reach(found, name).catch((error: unknown) => {
        if (/detached|not found|context/i.test(String(error))) return "gone" as const;
        throw error;
      });
      // Where the page was drawn anew on the way, it begins again.
      if (where === "gone") return notYet("drawn anew");
      if (key !== null && where !== "chosen") await this.press(key);
      return true;
    });
  }

  /** Goes on from stop to stop until it is the target; in a group of choices by the arrow keys, which choose. */
  private async reach(target: ElementHandle<Element>, name: string): Promise<"there" | "chosen" | "gone"> {
    const passed: string[] = [];
    for (let k = 0; k < MOST_STOPS; k++) {
      const at = await target.evaluate((e) => {
        const now = document.activeElement;
        const labels = [...((now as HTMLInputElement | null)?.labels ?? [])].map((l) => l.textContent).join(" ");
        const said = now?.getAttribute("aria-label") ?? (labels || now?.textContent) ?? "";
        const group = e.closest("[role=radiogroup]");
        return {
          gone: !e.isConnected,
          there: now === e,
          beside: group !== null && now !== e && group.contains(now),
          outer: now === null || now === document.body ? "" : now.outerHTML.slice(0, 120),
          said: said.trim() || (now?.getAttribute("aria-labelledby") ?? "") || (now?.getAttribute("placeholder") ?? ""),
        };
      });
      if (at.gone) return "gone";
      if (at.there)
        return (await target.evaluate((e) => e.getAttribute("role") === "radio" && e.getAttribute("aria-checked") === "true"))
          ? "chosen"
          : "there";
      if (at.outer !== "" && at.said === "") this.nameless.add(at.outer);
      passed.push(at.said.slice(0, 30));
      await this.press(at.beside ? "ArrowRight" : "Tab");
    }
    throw new Error(`no way by keyboard to ${name}; passed ${passed.slice(-60).join(" | ")}`);
  }

  private async press(key: "Tab" | "Enter" | "Space" | "ArrowRight"): Promise<void> {
    this.keys += 1;
    await this.page.keyboard.press(key);
  }
}
