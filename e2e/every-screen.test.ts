import { appendFileSync, writeFileSync } from "node:fs";
import type { Page } from "puppeteer-core";
import { describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE } from "./browser.ts";
import { answerLike, press, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { amissIn, saidBy } from "./said.ts";

/** Where every screen's text is printed once, to be read from top to bottom. */
const PRINTED = process.env.PRINT_TEXTS;

const STAGES = [
  "survey",
  "check",
  "choose",
  "prepare/found",
  "prepare/plan",
  "prepare/sheet",
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
const OTHERS = [
  "/",
  "/rigs",
  "/instruments",
  "/guide",
  "/practice",
  "/practice/windings",
  "/library",
  "/pair/demo-tin-lantern",
  "/nowhere",
];
const screensOf = (job: string): readonly string[] => STAGES.map((stage) => `/job/${job}/${stage}`);
const VIEWS = RIGS.flatMap((rig) => ["together", "history", "day", "work"].map((view) => `/rig/${rig}/${view}`));

/** How long a page stays the same before it is taken to be there, ms; longer where it says what the one before it said: that may be still the one before. */
const STAYS_MS = 150;
const SAME_STAYS_MS = 3000;

/** What a page says; nothing before its answer is there, however long that takes. */
const saidNow = (page: Page): Promise<string> =>
  page.evaluate(() => {
    if (document.querySelector("h1") === null) return "";
    // biome-ignore lint/performance/useDomNodeTextContent: what is asked is what a person sees.
    return document.querySelector("main")?.innerText ?? "";
  });

/** Goes to a path as a link does, and waits until what is shown stays as it is. */
async function at(page: Page, path: string): Promise<void> {
  const left = await saidNow(page);
  await page.evaluate((to) => {
    history.pushState({}, "", to);
    dispatchEvent(new PopStateEvent("popstate"));
  }, path);
  let last = "";
  let since = Date.now();
  await until(`${path} to stay as it is`, async () => {
    const text = await saidNow(page);
    if (text !== last || text.trim() === "" || /\btrying\b|Simulating|^Reading what is kept/m.test(text)) since = Date.now();
    last = text;
    return Date.now() - since > (text === left ? SAME_STAYS_MS : STAYS_MS);
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

/** Screens whose text is read, and those of them and others that axe looks at too: one job at the desk, another on a phone. */
const AT_THE_DESK = {
  read: [...JOBS.flatMap(screensOf), ...VIEWS],
  looked: [...screensOf("demo-front-job"), ...VIEWS.slice(0, 4), ...OTHERS],
};
const ON_A_PHONE = { read: [], looked: [...screensOf("demo-rear-job"), ...VIEWS.slice(0, 4), ...OTHERS] };

/** Every screen of the demo, in every stage of every job; at the desk and on a phone at once, since each mostly waits. */
describe("every screen", LONG, () => {
  it.concurrent.each([
    ["at the desk", undefined, AT_THE_DESK],
    ["on a phone", PHONE, ON_A_PHONE],
  ] as const)(
    "%s says only what is to be said, in short labels and sentences, passes axe and is no larger than the screen",
    async (_where, screen, { read: texts, looked }) => {
      if (PRINTED !== undefined && screen === undefined) writeFileSync(PRINTED, "");
      const session = await openApp("/", screen);
      const { page } = session;
      await press(page, "Look at an example");
      await answerLike(page, /^Tin Lantern: /);
      const amiss: string[] = [];
      for (const path of new Set([...texts, ...looked])) {
        await at(page, path);
        amiss.push(...(await read(page, path)));
        if (!looked.includes(path)) continue;
        const [wider, taller] = await page.evaluate(() => {
          const { scrollWidth, clientWidth, scrollHeight, clientHeight } = document.documentElement;
          return [scrollWidth - clientWidth, scrollHeight - clientHeight] as const;
        });
        if (wider > 0) amiss.push(`${path}: ${wider} pixels wider than the screen`);
        if (taller > 0) amiss.push(`${path}: the page around the screen can be scrolled by ${taller} pixels`);
        // Colors are the same wherever they are looked at.
        for (const theme of screen === undefined ? ["night", "daylight"] : ["daylight"]) {
          await inTheme(page, theme);
          amiss.push(...(await axeFindings(page, theme === "night")).map((f) => `${theme} ${path}: ${f}`));
        }
      }
      expect(amiss).toEqual([]);
      expect(session.complaints).toEqual([]);
      await session.close();
    },
  );
});
