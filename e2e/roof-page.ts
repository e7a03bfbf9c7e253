import type { Page } from "puppeteer-core";
import { ticks, until } from "./hands.ts";
import { lookAtAll } from "./look.ts";

/** Ticks everything on the page whose name matches. */
export async function tickAll(page: Page, pattern: RegExp): Promise<number> {
  const boxes = await page.$$('[role="checkbox"][aria-checked="false"]');
  let ticked = 0;
  for (const box of boxes) {
    const name = await box.evaluate((e) => e.getAttribute("aria-label") ?? (e as HTMLInputElement).labels?.[0]?.textContent ?? "");
    if (!pattern.test(name)) continue;
    // Tapped again where the page moved under the finger, as who looks at it would.
    await until(`${name} to be ticked`, () => ticks(page, box, "tap"));
    ticked += 1;
  }
  return ticked;
}

/** Targets of the page smaller than a gloved finger, links inside sentences left out. */
export const small = (page: Page): Promise<string[]> =>
  lookAtAll(page, "main button, main select, main input:not(.sr-only), main a.flex", (all) =>
    all
      .filter((e) => (e as HTMLElement).offsetParent !== null)
      .map((e) => ({ name: e.getAttribute("aria-label") ?? e.textContent ?? "", box: e.getBoundingClientRect() }))
      .filter(({ box }) => box.height < 47.5)
      .map(({ name, box }) => `${name}: ${Math.round(box.width)} × ${Math.round(box.height)}`),
  );
