import type { ElementHandle, Page } from "puppeteer-core";
import { setClock } from "../clock.ts";
import { named, notYet, until } from "../hands.ts";

/** What a hand did: taps, the key that ends an entry among them; values typed; swipes to what was off the screen or covered. */
export interface Count {
  readonly taps: number;
  readonly entries: number;
  readonly swipes: number;
}

/** Most swipes to one target; more means that it cannot be reached. */
const MOST_SWIPES = 40;
/** How much of what scrolls one swipe moves by at most. */
const SWIPE_SHARE = 0.7;

/** One finger on a phone, which counts all that it does. */
export class CountingHand {
  private readonly page: Page;
  private taps = 0;
  private entries = 0;
  private swipes = 0;
  private readonly swipedTo = new Map<string, number>();

  constructor(page: Page) {
    this.page = page;
  }

  /** Where it was swiped, most first. */
  places(): readonly string[] {
    return [...this.swipedTo].toSorted(([, a], [, b]) => b - a).map(([to, n]) => `${n} ${to}`);
  }

  count(): Count {
    const { taps, entries, swipes } = this;
    return { taps, entries, swipes };
  }

  /** Taps what has this role and name, once it is not greyed. */
  async tap(name: string, role = "button"): Promise<void> {
    await this.onto(() => named(this.page, role, name), name);
  }

  /** Taps each of some buttons, one after the other. */
  async tapAll(...names: readonly string[]): Promise<void> {
    for (const name of names) await this.tap(name);
  }

  /** Taps what a selector finds: what has no name that stays the same. */
  async tapAt(selector: string): Promise<void> {
    await this.onto(async () => (await this.page.waitForSelector(selector))!, selector);
  }

  /** Types into the field that takes what is typed. */
  async type(text: string): Promise<void> {
    await until("a field to type in", () => this.page.evaluate(() => document.activeElement instanceof HTMLInputElement));
    this.entries += 1;
    await this.page.keyboard.type(text);
  }

  /** The key of the keypad that ends an entry. */
  async enter(text: string): Promise<void> {
    await this.type(text);
    this.taps += 1;
    await this.page.keyboard.press("Enter");
    const left = (typed: string): boolean => {
      const at = document.activeElement;
      return !(at instanceof HTMLInputElement) || at.value !== typed;
    };
    await until(`${text} to be taken`, () => this.page.evaluate(left, text));
  }

  /** Taps a field and types. */
  async fill(label: string, text: string): Promise<void> {
    await this.tap(label, "textbox");
    await this.type(text);
  }

  /** Taps a list and one of its words. */
  async pick(label: string, word: string): Promise<void> {
    const list = await until(label, () => this.page.$(`::-p-aria(${label})`));
    await this.reach(list, label);
    const value = await list.evaluate((e, text) => [...(e as HTMLSelectElement).options].find((o) => o.text === text)?.value, word);
    if (value === undefined) throw new Error(`${label} has no ${word}`);
    await (list as ElementHandle<HTMLSelectElement>).select(value);
    this.taps += 2;
  }

  /** Taps a button and takes a photo. */
  async photograph(name: string, path: string): Promise<void> {
    const [chooser] = await Promise.all([this.page.waitForFileChooser(), this.tap(name)]);
    await chooser.accept([path]);
  }

  /** Lets time pass. */
  waits(seconds: number): Promise<void> {
    return setClock(this.page, seconds);
  }

  private async onto(find: () => Promise<ElementHandle<Element>>, name: string): Promise<void> {
    await until(`${name} to be tapped`, async () => {
      const found = await find();
      if (await found.evaluate((e) => (e as HTMLButtonElement).disabled === true)) return notYet("greyed");
      await this.reach(found, name);
      // Where the page was drawn anew under the finger, it goes there again.
      return found.tap().then(
        () => true,
        () => notYet("drawn anew"),
      );
    });
    this.taps += 1;
  }

  /** Swipes until a target is on the screen and nothing lies over it. */
  private async reach(target: ElementHandle<Element>, name: string): Promise<void> {
    for (let k = 0; k < MOST_SWIPES; k++) {
      const moved = await target.evaluate((e, share) => {
        const box = e.getBoundingClientRect();
        let frame = e.parentElement;
        // What is fixed to the screen scrolls with nothing.
        for (let up: Element | null = e; up !== null; up = up.parentElement) if (getComputedStyle(up).position === "fixed") frame = null;
        while (frame !== null && !(frame.scrollHeight > frame.clientHeight + 2 && /auto|scroll/.test(getComputedStyle(frame).overflowY)))
          frame = frame.parentElement;
        const { top = 0, bottom = innerHeight } = frame?.getBoundingClientRect() ?? {};
        const at = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2);
        if (frame === null || (at !== null && (e.contains(at) || at.contains(e)) && box.top >= top - 1 && box.bottom <= bottom + 1))
          return 0;
        const step = share * (bottom - top);
        const was = frame.scrollTop;
        frame.scrollBy(0, box.top < top ? -Math.min(step, top - box.top + 20) : Math.min(step, Math.max(120, box.bottom - bottom + 20)));
        return frame.scrollTop - was;
      }, SWIPE_SHARE);
      if (moved === 0) return;
      this.swipes += 1;
      const to = `${new URL(this.page.url()).pathname.replace(/\/job\/[^/]+/, "")} ${moved < 0 ? "up" : "down"} to ${name}`;
      this.swipedTo.set(to, (this.swipedTo.get(to) ?? 0) + 1);
    }
    throw new Error(`not reached after ${MOST_SWIPES} swipes`);
  }
}
