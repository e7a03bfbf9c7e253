import type { Page } from "puppeteer-core";
import { setClock } from "./clock.ts";
import { answerLike, press, sees, ticks, type, until } from "./hands.ts";
import { lookAtAll } from "./look.ts";

/** Texts by which the page's fields of this kind are named. */
const fieldsLike = (page: Page, pattern: RegExp): Promise<readonly string[]> =>
  lookAtAll(page, "main input", (all) =>
    all.map((e) => e.getAttribute("aria-label") ?? (e as HTMLInputElement).labels?.[0]?.textContent ?? ""),
  ).then((labels) => labels.filter((label) => pattern.test(label)));

/** Goes through everything that Isolate asks on the page that is open, with a clock that can be set, and declares it dead; something may happen between. */
export async function proveDead(page: Page, between: () => Promise<void> = async () => undefined): Promise<void> {
  const fill = async (pattern: RegExp, text: string): Promise<number> => {
    const labels = await fieldsLike(page, pattern);
    for (const label of labels) {
      await type(page, label, text);
      await between();
    }
    return labels.length;
  };
  await answerLike(page, /^\d+ checks? left\. Next: /);
  const tick = async (pattern: RegExp): Promise<void> => {
    for (const box of await page.$$('[role="checkbox"][aria-checked="false"]')) {
      const name = await box.evaluate((e) => e.getAttribute("aria-label") ?? (e as HTMLInputElement).labels?.[0]?.textContent ?? "");
      if (!pattern.test(name)) continue;
      // Pressed again where the page moved under the finger, as who looks at it would.
      await until(`${name} to be ticked`, () => ticks(page, box));
    }
  };
  const open = '[role="radio"][value="locked"][aria-checked="false"]';
  for (let radio = await page.$(open); radio !== null; radio = await page.$(open)) {
    const asked = radio;
    await until("the answer", () => ticks(page, asked));
    await between();
  }
  await type(page, "Meter proved before, V", "121");
  await fill(/^(line|neutral).*, V$/, "0.1");
  await tick(/: on low impedance/);
  const first = await fill(/: DC volts, V$/, "2");
  await sees(page, /Read again in \d+ s/);
  await setClock(page, 31);
  await until("the second readings", async () => (await fieldsLike(page, /: DC volts again, V$/)).length === first);
  await fill(/: DC volts again, V$/, "1");
  await type(page, "Meter proved after, V", "120");
  await answerLike(page, /^All checks done/);
  await press(page, "It is proven dead: start work");
  await answerLike(page, /^Proven dead at/);
}
