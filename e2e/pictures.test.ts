import { readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answer, answerLike, chord, downloaded, type Kept, keptIn, press, sees, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt, lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
  await press(session.page, "Look at an example");
  await sees(session.page, /5 jobs, 3 rigs/);
  await session.page.goto(new URL("/job/demo-front-job/check", session.page.url()).href, { waitUntil: "load" });
  await answerLike(session.page, /to spare/);
});
afterAll(() => session.close());

/** Chooses one of the pictures. */
async function picture(name: string): Promise<void> {
  await press(session.page, name, "click", "radio");
}

/** What the picture in focus reads after these keys. */
async function reads(...keys: ("ArrowDown" | "ArrowRight" | "PageDown" | "Home" | "End")[]): Promise<string> {
  const { page } = session;
  const picture = await page.waitForSelector('[role="slider"][aria-label^="Read the picture"]');
  await picture?.focus();
  for (const key of keys) await page.keyboard.press(key);
  return (await picture?.evaluate((e) => e.getAttribute("aria-valuetext") ?? ""))?.replaceAll("\u00a0", " ") ?? "";
}

describe("the pictures of an answer", LONG, () => {
  it("reads the start out by keys, to the end", async () => {
    expect(await reads("Home")).toMatch(/^0\.0\d s: .* A, 1\d\d V, [\d,]+ rpm/);
    const late = await reads("End");
    expect(late).toMatch(/s: .* A, .* rpm/);
    expect(late).not.toBe(await reads("Home"));
  });

  it("reads it out under the pointer", async () => {
    const { page } = session;
    const box = await (await page.$('svg[aria-label^="Picture of the start"]'))?.boundingBox();
    await page.mouse.move(box!.x + 200, box!.y + box!.height - 150);
    const first = await sees(page, /\d s: [\d.]+ A, \d+ V, [\d,]+ rpm/);
    await page.mouse.move(box!.x + 200, box!.y + box!.height - 110);
    await until("another place", async () => (await sees(page, /\d s: [\d.]+ A, \d+ V, [\d,]+ rpm/)) !== first);
  });

  it("sets current against time, with what the source allows", async () => {
    await picture("Current and time");
    expect(await reads("Home", "PageDown")).toMatch(/ A: (reached for|never reached).*; allowed for /);
  });

  it("maps the margin over heat and height, each cell computed", async () => {
    const { page } = session;
    await picture("Weather and altitude");
    await page.waitForSelector('svg[aria-label^="In how many of 100 tries"]');
    await until("every row", async () => !/Simulating: \d+ of/.test(await lookAt(page, "main", (e) => e.textContent ?? "")));
    const cool = await reads("Home");
    const hot = await reads("End");
    expect(cool).toMatch(/: fits, starts in \d+ of 100 tries, works in \d+/);
    expect(hot).toMatch(/: does not fit, starts in \d+ of 100 tries, works in \d+/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("keeps a picture as SVG and as PNG that stand alone", async () => {
    const { page, downloads } = session;
    await picture("The start");
    await press(page, "Save SVG");
    const svg = readFileSync(await downloaded(downloads, ".svg"), "utf8");
    expect(svg).toMatch(/^<svg[^>]+viewBox=/);
    expect(svg).toMatch(/@font-face\{[^}]*data:font\/woff2/);
    expect(svg).not.toMatch(/var\(--|https?:\/\/(?!www\.w3\.org)/);
    await press(page, "Save PNG");
    const png = readFileSync(await downloaded(downloads, ".png"));
    const drawn = await lookAt(page, 'svg[aria-label^="Picture of the start"]', (e) => e.getBoundingClientRect().width);
    expect(png.subarray(1, 4).toString()).toBe("PNG");
    expect(png.readUInt32BE(16)).toBe(Math.round(2 * drawn));
    expect(png.length).toBeGreaterThan(20_000);
  });

  it("opens a figure to its formula and to what went in", async () => {
    const { page } = session;
    await page.keyboard.press("w");
    await sees(page, /How it was worked out/);
    const folded = await page.$$('[role="dialog"] details');
    expect(folded.length).toBeGreaterThanOrEqual(4);
    for (const one of folded) await (await one.$("summary"))?.click();
    const told = await lookAtAll(page, '[role="dialog"] details', (all) =>
      all.map((d) => ({
        formula: d.querySelector("p")?.textContent ?? "",
        inputs: d.querySelectorAll("li").length,
        text: d.textContent ?? "",
      })),
    );
    for (const { formula, inputs, text } of told) expect([text, formula.length > 10 && inputs > 0]).toEqual([text, true]);
    expect(told.map((t) => t.text).join("\n")).toMatch(/common practice, no source|from memory|ACI|NEC|ASHRAE|physics/i);
    await page.keyboard.press("Escape");
  });
});

describe("refining by readings", () => {
  it("shows each reading beside plate and refined model, and why some are left out", async () => {
    const { page } = session;
    await press(page, "Refine by readings");
    await sees(page, /Off by \d+ % by the plate alone, by \d+ % refined/);
    await sees(page, /a start with the starter tells nothing about the motor/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("takes the refined unit, answers anew, and gives it back", async () => {
    const { page } = session;
    const before = await keptIn(page);
    const was = await answer(page);
    await press(page, "Use these");
    await sees(page, /Refined by 5 readings/);
    await until("an answer with the refined unit", async () => (await answer(page)) !== was);
    await chord(page, "z", "Control");
    await answerLike(page, new RegExp(`^${was.replaceAll(/[.*+?^${}()|[\]\\]/g, "\\$&")}$`));
    const units = ({ records }: Kept): unknown[] => records.filter((r) => r.kind === "unit");
    expect(units(before).length).toBe(4);
    expect(units(await keptIn(page))).toEqual(units(before));
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
