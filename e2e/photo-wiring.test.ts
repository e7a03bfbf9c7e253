import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { boxHtml } from "./box-picture.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, downloaded, go, keptIn, named, notYet, ownRig, press, sees, ticks, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";
import { startFrom } from "./start-from.ts";

const sessions: Session[] = [];
afterAll(async () => {
  for (const s of sessions) await s.close();
});

/** Takes the box's photo, drawn from a seed, as found. */
async function photograph({ page, browser, downloads }: Session, seed: number): Promise<void> {
  const path = join(downloads, "..", `box-${seed}.jpg`);
  const drawn = await browser.newPage();
  await drawn.setViewport({ width: 800, height: 600 });
  await drawn.setContent(boxHtml(seed));
  writeFileSync(path, await drawn.screenshot({ type: "jpeg", quality: 80 }));
  await drawn.close();
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph it as found", "tap")]);
  await chooser.accept([path]);
}

/** Where on the screen a share of the photo is. */
async function spotOf(page: Page, x: number, y: number): Promise<{ readonly x: number; readonly y: number }> {
  const photo = await named(page, "application", "Photo of the box with its marks");
  await photo.scrollIntoView();
  const box = (await photo.boundingBox())!;
  return { x: box.x + x * box.width, y: box.y + y * box.height };
}

/** Puts a finger down beside a place, slides onto it and lifts it. */
async function point(page: Page, x: number, y: number): Promise<void> {
  const near = await spotOf(page, x + 0.05, y);
  const at = await spotOf(page, x, y);
  const touch = await page.touchscreen.touchStart(near.x, near.y);
  await touch.move((near.x + at.x) / 2, at.y);
  await touch.move(at.x, at.y);
  await touch.end();
}

const counted = async (page: Page): Promise<readonly [number, number]> => {
  const text = await sees(page, /\d+ of \d+ places marked/);
  const [, done, of] = /(\d+) of (\d+) places marked/.exec(text)!;
  return [Number(done), Number(of)];
};

const marks = async (page: Page): Promise<Readonly<Record<string, { x: number; y: number }>>> => {
  const photo = (await keptIn(page)).records.find(({ kind, pins }) => kind === "photo" && pins !== undefined);
  return (photo?.pins ?? {}) as Record<string, { x: number; y: number }>;
};

describe("the wiring on the user's own photo", LONG, () => {
  it.each([
    [1, "rooftop-freeze-board"],
    [7, "condenser-one-pole-module"],
    [11, "rooftop-circuit-board"],
    [17, "rooftop-at-the-pin"],
  ])("%i, %s: marked with a finger, stepped through, and there on another device", async (seed, id) => {
    const session = await openApp("/", PHONE);
    sessions.push(session);
    const { page, downloads } = session;
    await ownRig(page);
    const job = new URL(page.url()).pathname.replace(/\/[^/]+$/, "");
    await go(page, `${job}/prepare/found`);
    await answerLike(page, /^\d+ parts and \d+ wires/);
    await startFrom(page, id);
    await go(page, `${job}/prepare/plan`);
    await answerLike(page, /^\d leads, /);
    await press(page, "Show your photo", "tap");
    await sees(page, /There is no photo of the box yet/);
    await photograph(session, seed);
    const [, of] = await counted(page);
    expect(of).toBeGreaterThan(2);
    const first = await until("a place to mark", async () => {
      const names = await lookAtAll(page, "main button", (all) => all.map((b) => b.textContent ?? ""));
      return names.find((name) => name.startsWith("Mark ")) ?? notYet(names);
    });
    await press(page, first, "tap");
    for (let k = 0; k < of; k++) {
      await sees(page, /Point at .*Slide until it is in the circle/);
      await point(page, 0.15 + 0.7 * ((k * 0.37) % 1), 0.2 + 0.6 * ((k * 0.61) % 1));
      await until(`${k + 1} marks`, async () => Object.keys(await marks(page)).length === k + 1 || notYet(await marks(page)));
    }
    expect(await counted(page)).toEqual([of, of]);
    const kept = await marks(page);
    const [mark] = Object.values(kept);
    expect(mark!.x).toBeCloseTo(0.15, 1);
    expect(mark!.y).toBeCloseTo(0.2, 1);
    if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-pins-${id}.png` });
    expect(await axeFindings(page)).toEqual([]);

    // The same step stands out on the photo as on the map: each marked place is told by its name.
    const told = new Set<string>();
    for (const step of await page.$$("main ol button")) {
      await until("the step to be taken", () => ticks(page, step, "tap"));
      for (const tag of await lookAtAll(page, "[role=application] > span", (all) => all.map((e) => e.textContent ?? ""))) told.add(tag);
    }
    expect(told.size).toBe(of);
    if (process.env.SHOT !== undefined) {
      await (await named(page, "application", "Photo of the box with its marks")).scrollIntoView();
      await page.screenshot({ path: `${process.env.SHOT}-lit-${id}.png` });
    }
    await press(page, "Print or PDF", "tap");
    const text = execFileSync("pdftotext", ["-layout", await downloaded(downloads, ".pdf"), "-"]).toString();
    const [, list = ""] = text.split("On the photo");
    for (const name of told) expect(list.replaceAll(/\s+/g, " ")).toContain(name.replaceAll("\u00a0", " "));

    await go(page, "/rigs");
    await press(page, "Export Slate Wagon", "tap");
    const file = await downloaded(downloads, ".ampsaver.zip");
    const other = await openApp("/rigs", PHONE);
    sessions.push(other);
    await upload(other.page, file);
    await press(other.page, "Import it", "tap");
    await until("the marks", async () => JSON.stringify(await marks(other.page)) === JSON.stringify(kept));
    await go(other.page, `${job}/prepare/plan`);
    await answerLike(other.page, /^\d leads, /);
    await press(other.page, "Show your photo", "tap");
    expect(await counted(other.page)).toEqual([of, of]);
  });
});
