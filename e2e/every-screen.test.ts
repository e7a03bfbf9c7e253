import { appendFileSync, writeFileSync } from "node:fs";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, press, until } from "./hands.ts";
import { amissIn, saidBy } from "./said.ts";

/** Where every screen's text is printed once, to be read from top to bottom. */
const PRINTED = process.env.PRINT_TEXTS;

const STAGES = [
  "survey",
  "check",
  "choose",
  "prepare/found",
  "prepare/plan",
  "prepare/kit",
  "before",
  "isolate",
  "fit/open",
  "fit/find",
  "fit/mount",
  "fit/wire",
  "fit/check",
  "fit/power",
  "fit/close",
  "fit/undo",
  "learn",
  "prove/after",
  "prove/test",
  "prove/proof",
  "hand-over",
];
const JOBS = ["demo-front-job", "demo-rear-job", "demo-condenser-job", "demo-hatch-job"];
const RIGS = ["demo-tin-lantern", "demo-fennel-row", "demo-heron-post"];
const OTHERS = ["/", "/rigs", "/instruments", "/guide", "/practice", "/nowhere"];
const screensOf = (job: string): readonly string[] => STAGES.map((stage) => `/job/${job}/${stage}`);
const VIEWS = RIGS.flatMap((rig) => ["together", "history", "day", "work"].map((view) => `/rig/${rig}/${view}`));

/** How long a page stays the same before it is taken to be there, ms. */
const STAYS_MS = 150;

/** Goes to a path as a link does, and waits until what is shown stays as it is. */
async function at(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState({}, "", to);
    dispatchEvent(new PopStateEvent("popstate"));
  }, path);
  let last = "";
  let since = Date.now();
  await until(`${path} to stay as it is`, async () => {
    const text = await page.evaluate(() => {
      const main = document.querySelector("main");
      // biome-ignore lint/performance/useDomNodeTextContent: what is asked is what a person sees.
      return main?.innerText ?? "";
    });
    if (text !== last || text.trim() === "" || /\btrying\b|Simulating|^Loading/m.test(text)) since = Date.now();
    last = text;
    return Date.now() - since > STAYS_MS;
  });
}

async function read(page: Page, path: string): Promise<readonly string[]> {
  const said = await saidBy(page);
  if (PRINTED !== undefined) appendFileSync(PRINTED, `\n== ${path}\n${said.lines.join("\n")}\n`);
  return amissIn(said).map((amiss) => `${path}: ${amiss}`);
}

const inTheme = (page: Page, theme: string): Promise<unknown> =>
  page.evaluate((to) => {
    document.documentElement.dataset.theme = to;
  }, theme);

/** Every screen of the demo, in every stage of every job. */
describe.each([
  ["at the desk", undefined],
  ["on a phone", PHONE],
] as const)("every screen %s", (where, screen) => {
  let session: Session;
  beforeAll(async () => {
    if (PRINTED !== undefined && screen === undefined) writeFileSync(PRINTED, "");
    session = await openApp("/", screen);
    await press(session.page, "Look at an example");
    await answerLike(session.page, /^Tin Lantern: /);
  });
  afterAll(() => session.close());

  it("says only what is to be said, in labels and sentences that are short", async () => {
    const { page } = session;
    const amiss: string[] = [];
    for (const path of [
      ...(screen === undefined ? JOBS : JOBS.slice(1, 2)).flatMap(screensOf),
      ...(screen === undefined ? VIEWS : VIEWS.slice(0, 4)),
      ...OTHERS,
    ]) {
      await at(page, path);
      amiss.push(...(await read(page, path)));
    }
    expect(amiss).toEqual([]);
  });

  it(`passes axe ${where} and is no wider than the screen, in both themes`, async () => {
    const { page } = session;
    const found: string[] = [];
    for (const path of [...screensOf("demo-front-job"), ...VIEWS.slice(0, 4), ...OTHERS]) {
      await at(page, path);
      const wider = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      if (wider > 0) found.push(`${path}: ${wider} pixels wider than the screen`);
      for (const theme of ["daylight", "night"]) {
        await inTheme(page, theme);
        found.push(...(await axeFindings(page)).map((f) => `${theme} ${path}: ${f}`));
      }
    }
    expect(found).toEqual([]);
    expect(session.complaints).toEqual([]);
  });
});
