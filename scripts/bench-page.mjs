import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { setTimeout as pause } from "node:timers/promises";
import { CHROMIUM_FLAGS } from "./chromium.mjs";
import { serveFolder } from "./serve-folder.mjs";

/** Pause of the page before it tries a settled question, ms; not part of the trials. */
const SETTLED_MS = 250;
/** The same before the map and before the smallest that works. */
const MAP_SETTLED_MS = 180;
const ROUNDS = 5;
const STEPS = 20;

const middle = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];

/** Times what a reader waits for in Check, in the real page: trials, slider to new trace, stop. */
export async function benchPage(folder, line) {
  const { default: puppeteer } = await import("puppeteer-core");
  const { address, close } = await serveFolder(folder);
  const profile = mkdtempSync(`${tmpdir()}/amp-saver-bench-`);
  const browser = await puppeteer.launch({ executablePath: "/usr/bin/chromium", userDataDir: profile, args: CHROMIUM_FLAGS });
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${address}/job/demo-front-job/check`, { waitUntil: "load" });
  await page.waitForSelector("#loads");
  await page.evaluate(watch);
  await pause(8000);

  const whole = [];
  for (let k = 0; k < ROUNDS; k++) {
    await page.focus("#loads");
    await page.keyboard.press("ArrowRight");
    whole.push((await page.evaluate(() => globalThis.bench.trials())) - SETTLED_MS);
    await pause(1500);
  }
  line("1,000 tries in Chromium, two workers, ms (1,500 at most)", `${middle(whole).toFixed(0)}, most ${Math.max(...whole).toFixed(0)}`);

  const traces = [];
  const thumb = await (await page.$("#loads")).boundingBox();
  const [x, y] = [thumb.x + thumb.width / 2, thumb.y + thumb.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let k = 0; k < STEPS; k++) {
    await page.mouse.move(x + 6 + 3 * k, y);
    traces.push(await page.evaluate(() => globalThis.bench.trace()));
    await pause(120);
  }
  await page.mouse.up();
  line("slider to new trace in Chromium, ms (50 at most)", `${middle(traces).toFixed(0)}, most ${Math.max(...traces).toFixed(0)}`);

  const stops = [];
  for (let k = 0; k < ROUNDS; k++) {
    await page.focus("#loads");
    await page.keyboard.press("ArrowRight");
    const stop = await page.waitForSelector("::-p-aria(stop[role='button'])");
    const from = performance.now();
    await stop.evaluate((button) => button.click());
    await Promise.all(page.workers().map((worker) => worker.evaluate(() => 0)));
    stops.push(performance.now() - from);
    await pause(300);
  }
  line("stop to every worker idle, ms (100 at most)", `${middle(stops).toFixed(0)}, most ${Math.max(...stops).toFixed(0)}`);

  const maps = [];
  for (let k = 0; k < ROUNDS; k++) {
    await page.focus("#loads");
    await page.keyboard.press("ArrowRight");
    await pause(4000);
    await clickOn(page, "radio", "Weather and altitude");
    maps.push((await page.evaluate(() => globalThis.bench.map())) - MAP_SETTLED_MS);
    await clickOn(page, "radio", "The start");
    await pause(500);
  }
  line("the map in Chromium, two workers, ms (1,500 at most)", `${middle(maps).toFixed(0)}, most ${Math.max(...maps).toFixed(0)}`);

  await page.focus("#loads");
  await page.keyboard.press("ArrowRight");
  await pause(5000);
  await clickOn(page, "button", "Find the smallest that works");
  const { firstMs, wholeMs } = await page.evaluate(() => globalThis.bench.smallest());
  line("the smallest that works: first figure, ms (3,000 at most)", firstMs.toFixed(0));
  line("the same, all four ways, ms (15,000 at most)", wholeMs.toFixed(0));

  await browser.close();
  rmSync(profile, { recursive: true, force: true });
  close();
}

async function clickOn(page, role, name) {
  const found = await page.waitForSelector(`::-p-aria([role="${role}"][name="${name}"])`);
  await found.evaluate((element) => element.click());
}

/** Runs in the page: notes when a key went down or a slider moved, when the trace changed on screen, and when the trials were through. */
function watch() {
  const MAP_BEGUN_MS = 3000;
  let downAt = 0;
  let drawn;
  const begin = () => {
    downAt = performance.now();
    drawn = trace();
  };
  for (const type of ["keydown", "pointermove", "click"]) addEventListener(type, begin, true);
  const trace = () => document.querySelector('svg[aria-label^="Picture of the start"] path[stroke="var(--steel)"]')?.getAttribute("d");
  const text = () => document.querySelector("main").textContent;
  const when = (holds) =>
    new Promise((settle) => {
      const look = () => (holds() ? settle(performance.now() - downAt) : requestAnimationFrame(look));
      look();
    });
  globalThis.bench = {
    trials: async () => {
      await when(() => /so far/.test(text()));
      return when(() => /Works in \d+ of 100 tries\./.test(text()) && !/so far/.test(text()));
    },
    map: async () => {
      await when(() => /Simulating: \d+ of/.test(text()) || performance.now() - downAt > MAP_BEGUN_MS);
      return when(() => !/Simulating: \d+ of/.test(text()));
    },
    smallest: async () => {
      const table = () => document.querySelector('section[aria-label="The smallest that works"]');
      const firstMs = await when(() => /\d\sW/.test(table()?.querySelector("tbody")?.textContent ?? ""));
      const wholeMs = await when(() => table()?.querySelector('[role="status"]') === null);
      return { firstMs, wholeMs };
    },
    trace: () => when(() => trace() !== drawn),
  };
}
