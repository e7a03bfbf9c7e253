import { execFileSync } from "node:child_process";
import { rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { demoRecords } from "@amp-saver/records/demo";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { bigLogbook } from "../scripts/big-logbook.mjs";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, downloaded, fieldValue, go, keptIn, named, pick, press, sees, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";

let table: Session;
const jobsShown = (page: Page): Promise<string[]> =>
  lookAtAll(page, 'main ul a[href^="/job/"]', (all) => all.map((a) => a.getAttribute("href") ?? ""));

async function search(page: Page, words: string): Promise<void> {
  const field = await named(page, "searchbox", "rig, unit, source");
  await field.click({ count: 3 });
  await field.type(words);
}

beforeAll(async () => {
  table = await openApp("/", undefined, inject("withoutInstruments"));
  await press(table.page, "Look at an example");
  await answerLike(table.page, /Tin Lantern: /);
});
afterAll(() => table.close());

describe("the logbook", LONG, () => {
  it("stands by month, and is narrowed to a stage and to words in any order", async () => {
    const { page } = table;
    expect(await lookAtAll(page, "main h3", (all) => all.map((h) => h.textContent))).toEqual([
      "June 2026",
      "May 2026",
      "April 2026",
      "April 2025",
    ]);
    await pick(page, "Stage", "check");
    await until("two jobs", async () => (await jobsShown(page)).length === 2);
    await search(page, "bunks lantern");
    await until("one job", async () => (await jobsShown(page)).join() === "/job/demo-rear-job/check");
    await search(page, "no such thing");
    await sees(page, /Nothing in the logbook at this stage has “no such thing”\./);
    expect(await axeFindings(page)).toEqual([]);
  });
});

describe("a quote", LONG, () => {
  it("comes from the plan’s kit and one’s own prices, refuses a bad one, and goes on paper", async () => {
    const { page, downloads } = table;
    await go(page, "/job/demo-rear-job/choose");
    await sees(page, /Generator, running watts\s+[\d,]+.W/);
    await sees(page, /A bigger generator[\s\S]*At least [\d,]+.W running and [\d,]+.W surge\./);
    await press(page, "Quote sheet");
    await sees(page, /Hottest day/);
    await sees(page, /\d+ × Terminals with spares/);
    await type(page, "An hour of work", "5000");
    await sees(page, /An hour of work.*1,?000/);
    await type(page, "An hour of work", "120");
    await type(page, "Who quotes", "Reed and Slate, mobile work");
    const total = (await sees(page, /\$[\d,]+\.\d\d, \$[\d,]+\.\d\d to \$[\d,]+\.\d\d/)).split(",")[0]!;
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Quote as PDF");
    const text = execFileSync("pdftotext", ["-layout", await downloaded(downloads, "-quote.pdf"), "-"], { encoding: "utf8" }).replaceAll(
      "\u00a0",
      " ",
    );
    expect(text).toMatch(/Quote for Tin Lantern, Rear, over the bunks/);
    expect(text).toMatch(/Reed and Slate, mobile work/);
    expect(text).toContain(total);
    expect(text).toMatch(
      /The smallest that works\s+Limit\s+As found\s+With the soft starter\s+Generator, running watts\s+[\d,]+ W\s+[\d,]+ W/,
    );
    expect(text).toMatch(/Breaker and wire stay as the plate says/);
    expect(text).not.toMatch(/\bNaN\b|undefined|null/);
    await page.reload({ waitUntil: "load" });
    await press(page, "Quote sheet");
    expect(await fieldValue(page, "An hour of work")).toBe("120");
  });
});

describe("years later", LONG, () => {
  it("tells what was done, and begins the same job again on another unit", async () => {
    const { page } = table;
    await go(page, "/rigs");
    await press(page, "History: Tin Lantern", "click", "link");
    await answerLike(page, /^2 jobs, none handed over yet\.$/);
    await sees(page, /3 readings after, starting: 21\.8 A in the middle/);
    await sees(page, /No unit has had a second visit yet/);
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Duplicate: Fit a soft starter, Front, over the darkroom");
    await pick(page, "On which unit", "demo-rear");
    await press(page, "Create it");
    await sees(page, /Rear, over the bunks/);
    await answerLike(page, /^(Yes|No)/);
    await page.keyboard.down("Control");
    await page.keyboard.press("z");
    await page.keyboard.up("Control");
    await sees(page, /not kept on this device/);
    await go(page, "/rig/demo-tin-lantern/history");
    await answerLike(page, /^2 jobs/);
  });

  it("says after a next visit what has moved, like with like, and where to look", async () => {
    const { page } = table;
    await go(page, "/job/demo-front-job/hand-over");
    await press(page, "Hand over: the job is done");
    await sees(page, /This job is handed over: \d+ \w+ \d{4}, \d+:\d\d\./);
    await go(page, "/rig/demo-tin-lantern/history");
    await answerLike(page, /^2 jobs; (the next check is|a check was) due on \d+ \w+ \d{4}\.$/);
    await press(page, "Next visit after Fit a soft starter, Front, over the darkroom");
    await answerLike(page, /^Not known yet\. Read the start the same way as then\.$/);
    await page.select("select:has(option[value=demo-pedestal])", "demo-pedestal");
    for (const amps of ["33.1", "33.4", "32.8"]) {
      await type(page, "Amps", amps);
      await page.keyboard.press("Enter");
    }
    for (const amps of [/33\.1 A/, /33\.4 A/, /32\.8 A/]) await sees(page, amps);
    await answerLike(page, /^No: it starts at 33\.1 A, 52 % more than the 21\.8 A of then\.$/);
    await go(page, "/rig/demo-tin-lantern/history");
    await sees(page, /Handed over Front, over the darkroom/);
    await sees(page, /1 reading before, starting: 41\.0 A, not counted/);
    await sees(page, /Start amps: 21\.8 A then, 33\.1 A now: 52 % more\./);
    await sees(page, /Check the run capacitor, the terminals and the volts under load\. Then let it learn again/);
    const undo = await lookAtAll(page, 'a[aria-label^="Undo the install before a sale"]', (all) =>
      all.map((e) => e.getAttribute("aria-label")),
    );
    expect(undo).toEqual(["Undo the install before a sale: Fit a soft starter, Front, over the darkroom"]);
  });
});

describe("a unit that was handed over and looked at again", LONG, () => {
  it("is told whole: what is due, the way back, then beside now, and on paper when it was fitted", async () => {
    const { page, downloads } = table;
    await go(page, "/rig/demo-heron-post/history");
    await answerLike(page, /^2 jobs; (the next check is|a check was) due on \d+ \w+ \d{4}\.$/);
    await sees(page, /Kept running on 2 kW generator, 38 min/);
    await sees(page, /Start amps: 17\.5 A then, 17\.8 A now: the same within the meter’s error\./);
    await press(page, "Undo the install before a sale: Fit a soft starter, Over the serving hatch", "click", "link");
    await until("the steps back", async () => (await lookAtAll(page, "#way-back ol li", (all) => all.length)) > 3);
    await go(page, "/job/demo-hatch-look/prove");
    await answerLike(page, /^Yes: 17\.8 A and 17\.5 A then are the same within the readings\.$/);
    await sees(page, /Then\s+Apr 2025\s/);
    expect(await axeFindings(page)).toEqual([]);
    await go(page, "/job/demo-hatch-look/hand-over");
    await press(page, "Hand-over sheet as PDF");
    const file = await downloaded(downloads, "-hand-over.pdf");
    const sheet = execFileSync("pdftotext", ["-layout", file, "-"], { encoding: "utf8" });
    expect(sheet).toMatch(/Fitted on 26 April 2025/);
    expect(sheet).toMatch(/Wiring as built/);
    expect(sheet).not.toMatch(/ticked off here|\bNaN\b|undefined|null/);
    rmSync(file);
    await page.evaluate(() => localStorage.setItem("amp-saver settings", JSON.stringify({ measure: "si" })));
    await go(page, "/job/demo-hatch-job/hand-over");
    await press(page, "Hand-over sheet as PDF");
    const metric = execFileSync("pdftotext", ["-layout", await downloaded(downloads, "-hand-over.pdf"), "-"], {
      encoding: "utf8",
    });
    expect(metric).toMatch(/38 min, at 29\s°C, with refrigerator, lights/);
  });
});

describe("a long piece of work", LONG, () => {
  it("shows how far it is, and changes nothing when it is cancelled", async () => {
    const { page, downloads } = table;
    await go(page, "/rigs");
    await answerLike(page, /^3 rigs/);
    const before = await keptIn(page);
    const file = join(downloads, "..", "big.ampsaver.json");
    writeFileSync(file, JSON.stringify(bigLogbook(demoRecords(), 4000)));
    const choose = async (): Promise<void> => {
      await upload(page, file);
    };
    await choose();
    await sees(page, /Reading the file: nothing is changed yet/);
    await press(page, "Cancel");
    await until("the panel to go", async () => (await page.$("progress")) === null);
    await choose();
    await sees(page, /2000 × rig: new/);
    // Cancelled the moment it can be: a hand that waits for the page to rest comes too late on a busy machine.
    const cancelled = page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const look = (): void => {
            const said = /Importing: cancel and nothing has changed/.exec(document.body.textContent ?? "")?.[0];
            const button = [...document.querySelectorAll("button")].find((b) => b.textContent === "Cancel");
            if (said === undefined || button === undefined) return;
            watch.disconnect();
            button.click();
            resolve(said);
          };
          const watch = new MutationObserver(look);
          watch.observe(document.body, { childList: true, subtree: true, characterData: true });
        }),
    );
    await press(page, "Import it");
    await cancelled;
    await until("the panel to go", async () => (await page.$("progress")) === null);
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /^3 rigs/);
    expect(await keptIn(page)).toEqual(before);
    expect(table.complaints).toEqual([]);
  });
});
