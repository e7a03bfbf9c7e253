import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { CHROMIUM_FLAGS } from "./chromium.mjs";
import { serveWithInstruments } from "./serve-instruments.mjs";

/** A phone on a thin line: its processor against this machine's, and its network. */
const SLOWER = 4;
const LINE = { download: 1.6e6 / 8, upload: 0.75e6 / 8, latency: 150 };
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };
const ROUNDS = 5;
/** Walks through all stages, of which each stage's middle is told: one alone also tells what else the machine was at. */
const WALKS = 3;
const JOB = "/job/demo-front-job";
const STAGES = ["survey", "check", "choose", "prepare", "before", "isolate", "fit", "learn", "prove", "hand-over"];
/** What a headline says while there is no answer yet. */
const NO_ANSWER = "still loading|Working it out|Looking";

/** Time for a stage and all it works out to come to rest, ms. */
const REST_MS = 5000;
const settled = () => new Promise((done) => setTimeout(done, REST_MS));
const middle = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];

/** Times the first screens on a slow phone with a thin line, and looks for tasks that hold the page on a walk through all stages. */
export async function benchPhone(bare, demo, line) {
  const empty = await rounds(bare, "/");
  line(
    "slow phone, empty app: question on screen, ms (2,500 at most)",
    `${empty.ms.toFixed(0)}, most ${empty.mostMs.toFixed(0)}, script until then ${empty.kb.toFixed(0)} kB`,
  );
  for (const [name, path] of [
    ["logbook", "/"],
    ["Check", `${JOB}/check`],
  ]) {
    const { ms, mostMs } = await rounds(demo, path, true);
    line(`slow phone, ${name} opened again: answer, ms (2,500 at most)`, `${ms.toFixed(0)}, most ${mostMs.toFixed(0)}`);
  }
  const acts = await practice(bare);
  line(
    "slow phone, practice bench: act until it is told, ms (50 at most)",
    `${middle(acts).toFixed(0)}, most ${Math.max(...acts).toFixed(0)}`,
  );
  const walks = [];
  for (let k = 0; k < WALKS; k++) walks.push(await walk(demo));
  const stages = STAGES.map((stage, k) => ({ stage, ms: middle(walks.map((all) => all[k])) }));
  const [worst] = stages.toSorted((a, b) => b.ms - a.ms);
  const most = Math.max(...walks.flat());
  line(
    "slow phone, all stages walked: longest task, ms (100 at most)",
    `${worst.ms.toFixed(0)} on opening ${worst.stage}, most ${most.toFixed(0)} (${stages.map(({ stage, ms }) => `${stage} ${ms.toFixed(0)}`).join(", ")})`,
  );
}

/** A fresh visit a round, or one `again`: when its headline stood, and the script that had come by then. */
async function rounds(folder, path, again = false) {
  const visits = [];
  for (let k = 0; k < ROUNDS; k++)
    await onPhone(folder, async (page, address) => {
      await page.goto(address + path, { waitUntil: "load" });
      if (again) {
        await page.waitForFunction(() => globalThis.bench.answered !== null, { timeout: 60_000 });
        await page.evaluate(() => navigator.serviceWorker.ready);
        await page.reload({ waitUntil: "load" });
      }
      await page.waitForFunction(() => globalThis.bench.answered !== null, { timeout: 60_000 });
      visits.push(await page.evaluate(() => globalThis.bench.answered));
    });
  const ms = visits.map((visit) => visit.ms);
  return { ms: middle(ms), mostMs: Math.max(...ms), kb: middle(visits.map((visit) => visit.kb)) };
}

/** Goes from stage to stage by the strip's own addresses; gives the longest task after each opening, ms. */
async function walk(folder) {
  const found = [];
  await onPhone(folder, async (page, address) => {
    await page.goto(`${address}${JOB}/survey`, { waitUntil: "load" });
    await page.waitForSelector("#answer");
    await settled();
    for (const stage of STAGES) {
      await page.evaluate(() => globalThis.bench.longest());
      await page.evaluate((to) => globalThis.bench.open(to), `${JOB}/${stage}`);
      await page.waitForFunction(
        (to) => location.pathname.startsWith(to) && document.querySelector("#answer") !== null,
        { timeout: 60_000 },
        `${JOB}/${stage}`,
      );
      await settled();
      found.push(await page.evaluate(() => globalThis.bench.longest()));
    }
  });
  return found;
}

/** The unit that is practised on: the same every time. */
const PRACTICE_UNIT = { seed: 4, own: { wiring: "rooftop-common-cut", fedBy: "shore", faults: [] }, acts: [], ended: null };

/** Acts on the practice bench by their buttons and terminals: from each press until the headline tells what it showed, ms. */
async function practice(folder) {
  const found = [];
  await onPhone(folder, async (page, address) => {
    await page.evaluateOnNewDocument((unit) => localStorage.setItem("amp-saver practice own", unit), JSON.stringify(PRACTICE_UNIT));
    await page.goto(`${address}/practice/own`, { waitUntil: "load" });
    await page.waitForSelector("::-p-aria(Switch shore power off)");
    await settled();
    const act = async (label, told = true) => {
      const ms = await page.evaluate((name, tells) => globalThis.bench.act(name, tells), label, told);
      if (told) found.push(ms);
    };
    for (const button of ["Switch shore power off", "Lock and tag", "Look for hidden screws", "Open: electrical box", "15 s", "1 min"])
      await act(button);
    await act("Unit", false);
    for (const [from, to] of [
      ["proving unit L", "proving unit N"],
      ["supply L", "supply N"],
      ["supply L", "supply ground"],
      ["cap C", "cap HERM"],
      ["cap C", "cap FAN"],
    ]) {
      await act(from, false);
      await act(to);
    }
  });
  return found;
}

async function onPhone(folder, work) {
  const { default: puppeteer } = await import("puppeteer-core");
  const { address, close } = await serveWithInstruments(folder);
  const profile = mkdtempSync(`${tmpdir()}/amp-saver-bench-`);
  const browser = await puppeteer.launch({ executablePath: "/usr/bin/chromium", userDataDir: profile, args: CHROMIUM_FLAGS });
  try {
    const page = await browser.newPage();
    await page.setViewport(PHONE);
    await page.evaluateOnNewDocument(watch, NO_ANSWER);
    await page.emulateNetworkConditions(LINE);
    await page.emulateCPUThrottling(SLOWER);
    await work(page, address);
  } finally {
    await browser.close();
    rmSync(profile, { recursive: true, force: true });
    close();
  }
}

/** Runs in the page: when the headline stood and what had come by then, the longest task since last asked, and how to open an address without loading anew. */
function watch(noAnswer) {
  let longestMs = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) longestMs = Math.max(longestMs, duration);
  }).observe({ entryTypes: ["longtask"] });
  globalThis.bench = {
    answered: null,
    longest: () => {
      const was = longestMs;
      longestMs = 0;
      return was;
    },
    act: async (name, tells) => {
      const named = (e) => (e.getAttribute("aria-label") ?? e.textContent).trim() === name && e.checkVisibility();
      const all = () => [...document.querySelectorAll("button, [role=button], [role=radio]")];
      while (all().find(named) === undefined) await new Promise((done) => setTimeout(done, 50));
      const before = document.querySelector("#answer").textContent;
      const from = performance.now();
      const told = new Promise((tell) => {
        const look = new MutationObserver(() => {
          if (document.querySelector("#answer").textContent === before) return;
          look.disconnect();
          tell(performance.now() - from);
        });
        look.observe(document.body, { subtree: true, childList: true, characterData: true });
      });
      all()
        .find(named)
        .dispatchEvent(new MouseEvent("click", { bubbles: true }));
      if (!tells) return new Promise((done) => setTimeout(() => done(0), 500));
      const ms = await told;
      await new Promise((done) => setTimeout(done, 300));
      return ms;
    },
    open: (to) => {
      history.pushState(null, "", to);
      dispatchEvent(new PopStateEvent("popstate"));
    },
  };
  const look = () => {
    const text = document.querySelector("#answer")?.textContent ?? "";
    if (text === "" || new RegExp(noAnswer).test(text)) return requestAnimationFrame(look);
    const ms = performance.now();
    const script = performance.getEntriesByType("resource").filter(({ name, responseEnd }) => /\.js$/.test(name) && responseEnd <= ms);
    globalThis.bench.answered = { ms, kb: script.reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0) / 1000 };
  };
  requestAnimationFrame(look);
}
