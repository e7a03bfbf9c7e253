import { readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { answer, answerLike, downloaded, fieldValue, keptIn, press, sees, take, type, until, upload } from "./hands.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
});
afterAll(() => session.close());

/** The whole path of a new user, from an empty database to a file read back in. Steps depend on one another. */
describe("from an empty database to proof and back", () => {
  it("names a rig and copies a plate", async () => {
    const { page } = session;
    await answerLike(page, /^Enter its size or plate/);
    await press(page, "New rig");
    await press(page, "Begin");
    await sees(page, /Name of the rig is missing: 1 to 120 letters/);
    await type(page, "Name of the rig", "Copper Kettle");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "63");
    await type(page, "Rated load amps", "13,2");
    await type(page, "Fan amps", "2.5");
    await type(page, "Run capacitor", "45");
    await answerLike(page, /Add what feeds it/);
  });

  it("refuses a figure out of its limits, says which, and keeps the old one", async () => {
    const { page } = session;
    await type(page, "Fan amps", "-4");
    await sees(page, /Fan amps must be a number from 0\.0 to 50 A\./);
    await type(page, "Fan amps", "2.5");
    expect(await page.$('[role="alert"]')).toBeNull();
  });

  it("adds a generator and answers in a sentence with the deciding figure", async () => {
    const { page } = session;
    await press(page, "Add a generator");
    await answerLike(page, /Enter the source’s watts/);
    await type(page, "Running watts", "1600");
    await type(page, "Surge watts", "2000");
    await answerLike(page, /enough for an answer/);
    await press(page, "See the answer", "click", "link");
    expect(
      await answerLike(page, /^No\. It needs \d+\.\d A to start; this generator can supply \d+\.\d A and shuts off after 1\.\d+ s\.$/),
    ).toBeTruthy();
    await page.waitForSelector('svg[aria-label^="Picture of the start"]');
  });

  it("switches the way of starting and lays one over the other", async () => {
    const { page } = session;
    await take(page, '[role="radio"][value="soft"]', "click");
    expect(
      await answerLike(
        page,
        /^No\. It starts, then the generator shuts off after about .*: running needs 1\d\.\d A; it can supply 1\d\.\d A\.$/,
      ),
    ).toBeTruthy();
    await page.select('select:has(option[value="hard"])', "direct");
    await sees(page, /Direct: off at 1\.\d+ s/);
    await sees(page, /Soft starter: \d+\.\d A, at speed in 0\.\d+ s/);
    await page.keyboard.press("w");
    await sees(page, /It shuts off after about \d+ (min|s)/);
    await page.keyboard.press("Escape");
  });

  it("adds a hook-up on which it fits", async () => {
    const { page } = session;
    await page.keyboard.press("1");
    await press(page, "Add shore power");
    await type(page, "Breaker", "30");
    await page.keyboard.press("Tab");
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("2");
    expect(await answerLike(page, /^Yes\. It starts with .* to spare and runs with 1\d\.\d A to spare\.$/)).toBeTruthy();
  });

  it("recomputes while a slider is dragged", async () => {
    const { page } = session;
    const before = await answer(page);
    const thumb = await page.waitForSelector("#loads");
    const box = await thumb?.boundingBox();
    await page.mouse.move(box!.x + 11, box!.y + 15);
    await page.mouse.down();
    await page.mouse.move(box!.x + 120, box!.y + 15, { steps: 6 });
    const during = await until("another answer while dragging", async () => {
      const now = await answer(page);
      return now !== before && now;
    });
    await page.mouse.up();
    expect(during).not.toBe(before);
    await thumb?.focus();
    await page.keyboard.press("Home");
    await answerLike(page, new RegExp(before.slice(0, 20)));
  });

  it("takes readings on both sides and says what they prove", async () => {
    const { page } = session;
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("5");
    await answerLike(page, /^No before readings yet\. Take 3 starts\.$/);
    const amps = async (text: string): Promise<void> => {
      await type(page, "Amps", text);
      await page.keyboard.press("Enter");
      await sees(page, new RegExp(`${text.replace(".", "\\.")} A`));
    };
    for (const a of ["62.1", "62.6", "63.4"]) await amps(a);
    await answerLike(page, /^It draws 62\.6 A to start, middle of 3 readings\.$/);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("9");
    await answerLike(page, /^No after readings yet/);
    for (const a of ["21.4", "21.8", "22.3"]) await amps(a);
    await answerLike(page, /^Yes: starting amps fell from 62\.6 A to 21\.8 A, 65 % less\.$/);
    await press(page, "Correct the reading of 21.4\u00a0A");
    await type(page, "Amps", "24.4");
    await press(page, "Keep the correction");
    await sees(page, /24\.4 A[\s\S]*Corrected: it said 21\.4 A, inrush, 100 ms, compressor common/);
    await answerLike(page, /^Yes: starting amps fell from 62\.6 A to 22\.3 A/);
    await press(page, "Correct the reading of 24.4\u00a0A");
    await type(page, "Amps", "21.4");
    await press(page, "Keep the correction");
    await answerLike(page, /^Yes: starting amps fell from 62\.6 A to 21\.8 A, 65 % less\.$/);
    await page.select("select:has(option[value=max-hold])", "max-hold");
    await amps("19.0");
    await sees(page, /Left out: another kind or wire/);
    await sees(page, /never probe its terminals live/);
    await sees(page, /AC volts do not show a charged capacitor/);
  });

  it("has everything after a reload", async () => {
    const { page } = session;
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /65 % less/);
    await page.keyboard.press("1");
    await answerLike(page, /enough for an answer/);
    expect(await fieldValue(page, "Rated load amps")).toBe("13.2");
  });

  it("exports, deletes undoably, and reads the file back in to the same", async () => {
    const { page, downloads } = session;
    await page.goto(new URL("/rigs", page.url()).href);
    await answerLike(page, /1 rig, 1 air conditioner, 2 sources/);
    const before = await keptIn(page);
    await press(page, "Export Copper Kettle");
    const file = await downloaded(downloads, ".ampsaver.json");
    expect(JSON.parse(readFileSync(file, "utf8"))).toMatchObject({ format: "amp-saver/rigs", version: 2 });
    const remove = async (): Promise<void> => {
      await press(page, "Delete Copper Kettle");
      await press(page, "Delete");
      await answerLike(page, /No rig is kept/);
    };
    await remove();
    await press(page, "Undo");
    await answerLike(page, /1 rig/);
    expect(await keptIn(page)).toEqual(before);
    await remove();
    await upload(page, file);
    await sees(page, /1 × rig: new/);
    await sees(page, /7 × reading: new/);
    await press(page, "Import it");
    await answerLike(page, /1 rig, 1 air conditioner, 2 sources/);
    expect(await keptIn(page)).toEqual(before);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
