import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { answer, answerLike, named, notYet, press, sees, until } from "../hands.ts";
import { proveDead } from "../prove-dead.ts";
import { startFrom } from "../start-from.ts";

/** What playing a wiring through showed: the plan's sentence, every joint of the kit, every step, every step back. */
export interface Played {
  readonly plan: string;
  readonly ends: readonly string[];
  readonly steps: readonly string[];
  readonly back: readonly string[];
}

/** Most steps of one way in or back. */
const MOST_STEPS = 40;

const go = (page: Page, path: string): Promise<unknown> => page.goto(new URL(path, page.url()).href, { waitUntil: "load" });

/** Ticks what shows that each wire to be opened is the right one, and photographs it. */
async function proveWires(page: Page, job: string, folder: string): Promise<void> {
  await go(page, `${job}/fit/find`);
  await sees(page, /Traced by eye/);
  for (const box of await page.$$('main [role="checkbox"][aria-checked="false"]')) {
    const name = await box.evaluate((e) => (e as HTMLButtonElement).labels?.[0]?.textContent ?? "");
    if (!/Traced by eye|unit’s own diagram/.test(name)) continue;
    await box.scrollIntoView();
    await box.click();
    await until(`${name} to be ticked`, async () => (await box.evaluate((e) => e.getAttribute("aria-checked"))) === "true");
  }
  const path = join(folder, "..", "box.png");
  writeFileSync(path, await page.screenshot());
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph it as found")]);
  await chooser.accept([path]);
  await until("no wire unproven", async () => {
    const text = await page.$eval("main", (e) => e.textContent ?? "");
    return !/Not released/.test(text) || notYet(text.slice(0, 600));
  });
}

/** Does what is asked step by step until the answer says that it is done; gives every sentence. */
async function stepThrough(page: Page, done: RegExp): Promise<readonly string[]> {
  const said: string[] = [];
  for (let k = 0; k < MOST_STEPS; k++) {
    const sentence = await answer(page);
    if (done.test(sentence)) return said;
    said.push(sentence);
    const tug = await page.$("::-p-aria(Tugged, it holds)");
    await press(page, tug === null ? "Done" : "Tugged, it holds");
    await until("the next step", async () => (await answer(page)) !== sentence || notYet(sentence));
  }
  throw new Error(`no end after ${MOST_STEPS} steps: ${said.join(" | ")}`);
}

/** Plays one wiring met in the field through on a job: as found, plan, kit with genders, every step, and the way back. */
export async function playWiring(page: Page, job: string, id: string, folder: string): Promise<Played> {
  await go(page, `${job}/prepare/found`);
  await answerLike(page, /^\d+ parts and \d+ wires, from what you selected/);
  await startFrom(page, id);
  await go(page, `${job}/prepare/plan`);
  const plan = await answerLike(page, /^\d leads, .*\.$/);
  await go(page, `${job}/prepare/kit`);
  await sees(page, /Crimp on the ground/);
  const ends = await page.$$eval("main li", (all) =>
    all.map((e) => e.textContent ?? "").filter((text) => /has .*, (goes|takes|is joined)/.test(text)),
  );
  await proveWires(page, job, folder);
  await go(page, `${job}/isolate`);
  await proveDead(page);
  await go(page, `${job}/fit/wire`);
  await named(page, "button", "Done");
  const steps = await stepThrough(page, /^Every step is done/);
  await go(page, `${job}/fit/check`);
  await answerLike(page, /no fault found/);
  await go(page, `${job}/fit/undo`);
  await named(page, "button", "Done");
  const back = await stepThrough(page, /^Everything is|^Undone|as found/);
  return { plan, ends, steps, back };
}
