import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { buildApp } from "./build.mjs";
import { CHROMIUM_FLAGS } from "./chromium.mjs";
import { ensurePrograms, ROOT } from "./install.mjs";
import { serveWithInstruments } from "./serve-instruments.mjs";

const TABLE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true };
const JOB = "/job/demo-front-job";
/** A practice under way: off, locked, open, and three of its ohms measured. */
const PRACTICED = {
  seed: 5,
  ended: null,
  acts: [
    { act: "switch", source: "shore", on: false },
    { act: "lock", source: "shore" },
    { act: "open", cover: "box" },
    { act: "open", cover: "terminals" },
    { act: "measure", range: "ohms", from: "comp.C", to: "comp.R" },
    { act: "measure", range: "ohms", from: "comp.C", to: "comp.S" },
    { act: "measure", range: "ohms", from: "comp.R", to: "comp.S" },
  ],
};
const SHOTS = [
  ["home", "/", TABLE],
  ["rigs", "/rigs", TABLE],
  ["survey", `${JOB}/survey`, TABLE],
  ["check", `${JOB}/check`, TABLE, "daylight", { shows: "Measure this next" }],
  ["check-night", "/job/demo-condenser-job/check", TABLE, "night", { shows: "Measure this next" }],
  ["choose", `${JOB}/choose`, TABLE],
  ["wiring-plan", "/job/demo-rear-job/prepare/plan", TABLE],
  ["isolate-phone", "/job/demo-rear-job/isolate", PHONE],
  [
    "fit-phone",
    "/job/demo-rear-job/fit/wire",
    PHONE,
    "daylight",
    { job: "demo-rear-job", run: "demo", at: "/job/demo-rear-job/isolate", press: "It is proven dead" },
  ],
  ["learn", "/job/demo-hatch-job/learn", TABLE],
  ["prove", `${JOB}/prove`, TABLE],
  ["hand-over", "/job/demo-hatch-job/hand-over", TABLE],
  ["instruments", "/instruments", TABLE],
  ["together", "/rig/demo-tin-lantern/together", TABLE],
  ["day", "/rig/demo-tin-lantern/day", TABLE],
  ["maker-sheet", "/job/demo-rear-job/prepare/sheet", TABLE],
  ["history", "/rig/demo-heron-post/history", TABLE],
  ["guide", "/guide", TABLE],
  ["practice", "/practice/which-wire-is-which", TABLE, "daylight", { keep: ["amp-saver practice which-wire-is-which", PRACTICED] }],
];

if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
const folder = await buildApp({ mode: "demo", outDir: "dist-demo" });
const { default: puppeteer } = await import("puppeteer-core");
const { address, close } = await serveWithInstruments(folder);
const profile = mkdtempSync(`${tmpdir()}/amp-saver-shots-`);
const browser = await puppeteer.launch({
  executablePath: "/usr/bin/chromium",
  userDataDir: profile,
  args: CHROMIUM_FLAGS,
});
const wanted = process.argv.slice(2);
for (const [name, path, viewport, theme = "daylight", first] of SHOTS) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const page = await browser.newPage();
  await page.setViewport(viewport);
  await page.evaluateOnNewDocument((t) => localStorage.setItem("amp-saver settings", JSON.stringify({ theme: t })), theme);
  if (first?.keep !== undefined) {
    const [key, value] = first.keep;
    await page.evaluateOnNewDocument((k, text) => localStorage.setItem(k, text), key, JSON.stringify(value));
  } else if (first?.job !== undefined) {
    await page.evaluateOnNewDocument(({ job, run }) => {
      if (localStorage.getItem(`amp-saver proof ${job}`) === null)
        localStorage.setItem(`amp-saver proof ${job}`, JSON.stringify({ run, evidence: null, at: Date.now() }));
    }, first);
    await page.goto(address + first.at, { waitUntil: "load" });
    await page.waitForSelector(`::-p-text(${first.press})`);
    await page.evaluate(
      (text) => [...document.querySelectorAll("button")].find((b) => b.textContent.startsWith(text))?.click(),
      first.press,
    );
  }
  await page.goto(address + path, { waitUntil: "load" });
  await page.waitForSelector("#answer");
  await page.waitForFunction(() => !/still loading/.test(document.body.textContent));
  if (first?.shows !== undefined) await page.waitForSelector(`::-p-text(${first.shows})`, { timeout: 120_000 });
  await new Promise((settled) => setTimeout(settled, 9000));
  await page.screenshot({ path: `${ROOT}docs/screenshots/${name}.png` });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
rmSync(profile, { recursive: true, force: true });
close();
