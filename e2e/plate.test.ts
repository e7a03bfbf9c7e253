import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { createApp } from "@amp-saver/server";
import type { Page } from "puppeteer-core";
import { afterAll, describe, expect, inject, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session, TABLE } from "./browser.ts";
import { answerLike, fieldValue, keptIn, named, press, sees, type } from "./hands.ts";
import { listen } from "./listen.ts";
import { LONG } from "./long.ts";
import { photographOf } from "./plates/photograph.ts";

const sessions: Session[] = [];
afterAll(async () => {
  for (const s of sessions) await s.close();
});

async function newRig(page: Page): Promise<void> {
  await press(page, "New rig");
  await type(page, "Name of the rig", "Copper Finch");
  await page.keyboard.press("Enter");
  await answerLike(page, /Enter two things/);
}

/** Takes the photograph of a drawn plate in Survey. */
async function take({ page, browser, downloads }: Session, number: number): Promise<void> {
  const path = join(downloads, "..", `plate-${number}.jpg`);
  await photographOf(browser, number, path);
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph the plate")]);
  await chooser.accept([path]);
}

describe("a plate by camera", LONG, () => {
  it("is read on the phone, compared figure by figure, and entered with where it stands on the photo", async () => {
    const session = await openApp("/", PHONE);
    sessions.push(session);
    const { page } = session;
    await newRig(page);
    // Plate 10: 21.5 A rated, 120 A locked, in two columns.
    await take(session, 10);
    await sees(page, /1 of 1\d/);
    expect(JSON.stringify(await keptIn(page))).not.toContain("lockedRotorA");
    await sees(page, /The plate says 120/);
    if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-phone.png` });
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "The plate says 120 A", "tap");
    await sees(page, /2 of 1\d/);
    await press(page, "The plate says 21.5 A", "tap");
    // Corrected before it is confirmed, and refused where it can be no fan's.
    await sees(page, /3 of 1\d/);
    await press(page, "Correct it", "tap");
    await type(page, "Fan amps, A", "170");
    await press(page, "The plate says 170 A", "tap");
    await sees(page, /Fan amps must be/);
    await type(page, "Fan amps, A", "1.8");
    await press(page, "The plate says 1.8 A", "tap");
    await sees(page, /4 of 1\d/);
    await press(page, "Leave it out", "tap");
    await press(page, "Close", "tap");
    expect(await fieldValue(page, "Locked rotor amps")).toBe("120");
    expect(await fieldValue(page, "Rated load amps")).toBe("21.5");
    expect(await fieldValue(page, "Fan amps")).toBe("1.8");
    expect(await fieldValue(page, "Cooling")).toBe("");
    await named(page, "combobox", "Where Locked rotor amps comes from: plate, photo");
    await page.waitForSelector('img[alt="Locked rotor amps, as it stands on the photo"]');
    if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-survey.png` });
    expect(session.complaints).toEqual([]);
  });

  it("is read with the server gone once the reader was kept by one tap", async () => {
    const { server, port } = await listen(createApp({ folder: inject("folder") }));
    const session = await openApp("/", { ...TABLE, keepsApp: true }, `http://localhost:${port}`);
    sessions.push(session);
    const { page } = session;
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.waitForFunction(async () => (await caches.keys()).length > 0);
    await page.reload({ waitUntil: "load" });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await newRig(page);
    await press(page, "Add a generator");
    await press(page, "Keep the reader on this device (6 MB)");
    await sees(page, /The reader is on this device/);
    server.closeAllConnections();
    await new Promise((closed) => server.close(closed));
    await page.reload({ waitUntil: "load" });
    await take(session, 28);
    await press(page, "Generator", "click", "radio");
    await sees(page, /The plate says 1600 W/);
    if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-desk.png` });
    await press(page, "The plate says 1600 W");
    await press(page, "Close");
    expect(await fieldValue(page, "Running watts")).toBe("1600");
    expect(session.complaints.filter((said) => !/ERR_CONNECTION_REFUSED|Failed to load resource/.test(said))).toEqual([]);
  });

  it("that is no plate says so, and nothing is entered", async () => {
    const session = await openApp();
    sessions.push(session);
    const { page, downloads } = session;
    await newRig(page);
    const path = join(downloads, "..", "wall.png");
    writeFileSync(path, await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 40 } }));
    const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph the plate")]);
    await chooser.accept([path]);
    await sees(page, /Nothing on this photo reads as a figure/);
  });
});
