import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { setTimeout as pause } from "node:timers/promises";
import { bigLogbook } from "./big-logbook.mjs";
import { CHROMIUM_FLAGS } from "./chromium.mjs";
import { serveFolder } from "./serve-folder.mjs";

const JOBS = 10_000;
const ROUNDS = 7;
const middle = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];

/** Times a logbook of 10,000 jobs in the real page: read in, listed, searched, written, and a cancelled reading. */
export async function benchLogbook(folder, demo, line) {
  const { default: puppeteer } = await import("puppeteer-core");
  const { address, close } = await serveFolder(folder);
  const home = mkdtempSync(`${tmpdir()}/amp-saver-bench-`);
  const file = `${home}/big.ampsaver.json`;
  writeFileSync(file, JSON.stringify(bigLogbook(demo, JOBS)));
  const browser = await puppeteer.launch({ executablePath: "/usr/bin/chromium", userDataDir: `${home}/profile`, args: CHROMIUM_FLAGS });
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  const cdp = await page.createCDPSession();
  await cdp.send("Browser.setDownloadBehavior", { behavior: "allow", downloadPath: home });
  await page.goto(`${address}/rigs`, { waitUntil: "load" });
  await page.waitForSelector("::-p-text(Import a file)");
  await page.evaluate(watch);
  const sees = (pattern, ms = 120_000) => page.evaluate((p, most) => globalThis.bench.sees(p, most), pattern, ms);
  const choose = async () => (await page.$("input[type=file]")).uploadFile(file);

  await choose();
  await sees("% *$|\\d+ %");
  await page.evaluate(() => globalThis.bench.press("Cancel"));
  await pause(500);
  const untouched = await page.evaluate(() => !/5,?000 rigs/.test(document.querySelector("main").textContent));

  let from = performance.now();
  await choose();
  await page.waitForSelector("::-p-text(What this file would change)");
  const looked = performance.now() - from;
  await page.evaluate(() => globalThis.bench.longest());
  from = performance.now();
  await page.evaluate(() => globalThis.bench.press("Import it"));
  await sees("5000 rigs");
  await page.waitForFunction(() => document.querySelector("progress") === null);
  const taken = performance.now() - from;
  const longest = await page.evaluate(() => globalThis.bench.longest());
  line(
    "10,000 jobs read in, checked and written, ms (10,000 at most)",
    `${(looked + taken).toFixed(0)} (${looked.toFixed(0)} to the preview)`,
  );
  line("  cancelled while reading: nothing changed; longest task of the page, ms", `${untouched}, ${longest.toFixed(0)}`);

  const opens = [];
  const searches = [];
  for (let k = 0; k < ROUNDS; k++) {
    opens.push(await page.evaluate(() => globalThis.bench.open("/", "Tin Lantern 4999")));
    await pause(600);
    searches.push(await page.evaluate((text) => globalThis.bench.search(text), `lantern 3${k}7`));
    await page.evaluate(() => globalThis.bench.open("/rigs", "5000 rigs"));
    await pause(300);
  }
  line("10,000 jobs: pressed to list on screen, ms (300 at most)", `${middle(opens).toFixed(0)}, most ${Math.max(...opens).toFixed(0)}`);
  line(
    "10,000 jobs: a letter typed to rows on screen, ms (50 at most)",
    `${middle(searches).toFixed(0)}, most ${Math.max(...searches).toFixed(0)}`,
  );

  from = performance.now();
  await page.evaluate(() => globalThis.bench.press("Export all"));
  let saved;
  while (saved === undefined) {
    await pause(50);
    saved = readdirSync(home).find((f) => f === "all-rigs.ampsaver.json");
  }
  const written = performance.now() - from;
  const text = readFileSync(`${home}/${saved}`, "utf8");
  line(
    "10,000 jobs written to a file, ms (10,000 at most)",
    `${written.toFixed(0)}, ${(statSync(`${home}/${saved}`).size / 1e6).toFixed(0)} MB, ${JSON.parse(text).records.length} records`,
  );

  const loads = [];
  for (let k = 0; k < ROUNDS; k++) {
    await page.goto("about:blank");
    from = performance.now();
    await page.goto(`${address}/`, { waitUntil: "domcontentloaded" });
    await page.waitForFunction(() => document.querySelector("main ul")?.textContent.includes("Tin Lantern 4999"));
    loads.push(performance.now() - from);
  }
  line("10,000 jobs: page opened anew to list on screen, ms", `${middle(loads).toFixed(0)}, most ${Math.max(...loads).toFixed(0)}`);
  await browser.close();
  rmSync(home, { recursive: true, force: true });
  close();
}

/** Runs in the page: presses, waits for text by frame, and notes the longest task. */
function watch() {
  const text = () => document.querySelector("main").textContent.replaceAll("\u00a0", " ");
  let longest = 0;
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) longest = Math.max(longest, entry.duration);
  }).observe({ entryTypes: ["longtask"] });
  const when = (holds, most = 120_000) => {
    const from = performance.now();
    return new Promise((settle, fail) => {
      const look = () => {
        if (holds()) settle(performance.now() - from);
        else if (performance.now() - from > most) fail(new Error(`waited in vain; saw ${text().slice(0, 400)}`));
        else requestAnimationFrame(look);
      };
      look();
    });
  };
  const button = (name) =>
    [...document.querySelectorAll("button")].find((b) => b.textContent.startsWith(name) || b.getAttribute("aria-label") === name);
  globalThis.bench = {
    longest: () => {
      const was = longest;
      longest = 0;
      return was;
    },
    sees: (pattern, most) => when(() => new RegExp(pattern).test(text()), most),
    press: (name) => button(name).click(),
    open: (path, wanted) => {
      document.querySelector(`nav a[href="${path}"]`).click();
      return when(() => location.pathname === path && text().includes(wanted));
    },
    search: async (words) => {
      const field = document.querySelector("input[type=search]");
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
      const type = (value) => {
        set.call(field, value);
        field.dispatchEvent(new Event("input", { bubbles: true }));
      };
      type(words.slice(0, -1));
      await new Promise((settle) => setTimeout(settle, 500));
      const before = document.querySelector("main ul").textContent;
      const found = when(() => document.querySelector("main ul").textContent !== before);
      type(words);
      return found;
    },
  };
}
