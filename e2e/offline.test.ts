import { createApp } from "@amp-saver/server";
import type { Page } from "puppeteer-core";
import { afterAll, describe, expect, inject, it } from "vitest";
import { openApp, type Session, TABLE } from "./browser.ts";
import { answerLike, chord, fieldValue, press, sees, type, until } from "./hands.ts";
import { listen } from "./listen.ts";
import { LONG } from "./long.ts";
import { serveVersions } from "./versions-of-app.ts";

/** A device that keeps the app for when there is no signal. */
const KEEPS = { ...TABLE, keepsApp: true };
const sessions: Session[] = [];
afterAll(async () => {
  for (const s of sessions) await s.close();
});

describe("without a signal", () => {
  it("opens from the second visit on with the server gone, and works", async () => {
    const { server, port } = await listen(createApp({ folder: inject("folder") }));
    const session = await openApp("/", KEEPS, `http://localhost:${port}`);
    sessions.push(session);
    const { page } = session;
    await page.waitForSelector("#answer");
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.waitForFunction(async () => (await caches.keys()).length > 0);
    await page.reload({ waitUntil: "load" });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    server.closeAllConnections();
    await new Promise((closed) => server.close(closed));
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /^Enter its size or plate/);
    await press(page, "Look at an example");
    await sees(page, /5 jobs, 3 rigs/);
    await answerLike(page, /Tin Lantern: /);
    await page.keyboard.press("o");
    await until("what is next to open", async () => /\/job\/demo-/.test(page.url()));
    await page.goto(new URL("/job/demo-front-job/prove", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /65 % less/);
    await page.keyboard.press("2");
    await answerLike(page, /to spare/);
    // Every face the app brings, those too that no screen so far has used.
    const faces = () => page.evaluate(() => [...document.fonts].map((f) => ({ family: f.family.replaceAll('"', ""), status: f.status })));
    await until("every face is read", async () => (await faces()).every(({ status }) => status === "loaded"));
    expect(new Set((await faces()).map(({ family }) => family))).toEqual(
      new Set(["Hepta Slab", "Atkinson Hyperlegible Next", "Atkinson Hyperlegible"]),
    );
  });

  it("works over plain http from another device, and says what is missing", LONG, async () => {
    const session = await openApp("/", undefined, inject("address").replace("localhost", "rig.test"));
    sessions.push(session);
    const { page } = session;
    expect(await page.evaluate(() => isSecureContext)).toBe(false);
    await press(page, "Look at an example");
    await sees(page, /5 jobs, 3 rigs/);
    await press(page, "New rig");
    await type(page, "Name of the rig", "Over http");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await press(page, "keys");
    await sees(page, /This address is not a secure one/);
    expect(session.complaints).toEqual([]);
  });

  it("asks nothing of any other host", LONG, async () => {
    const session = await openApp("/", KEEPS);
    sessions.push(session);
    const { page } = session;
    const hosts = new Set<string>();
    page.on("request", (r) => /^https?:/.test(r.url()) && hosts.add(new URL(r.url()).host));
    await page.reload({ waitUntil: "load" });
    await press(page, "Look at an example");
    await answerLike(page, /Tin Lantern: /);
    await page.keyboard.press("o");
    await until("what is next to open", async () => /\/job\/demo-/.test(page.url()));
    await page.goto(new URL("/job/demo-front-job/prove", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /65 % less/);
    expect([...hosts]).toEqual([new URL(page.url()).host]);
  });
});

describe("a newer app", LONG, () => {
  it("waits in every tab for what is half typed there", async () => {
    const app = await serveVersions();
    const session = await openApp("/", KEEPS, app.address);
    sessions.push(session);
    const { page, profile } = session;
    await sees(page, /New rig/);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload({ waitUntil: "load" });
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    const second = await profile.newPage();
    await second.goto(page.url(), { waitUntil: "load" });
    await press(second, "New rig");
    await type(second, "Name of the rig", "Half typ");
    app.become(1);
    await page.bringToFront();
    await page.evaluate(() => navigator.serviceWorker.getRegistration().then((known) => known?.update().then(() => undefined)));
    await sees(page, /A new version is ready/);
    const marked = (each: Page): Promise<boolean> => each.evaluate(() => "marked" in globalThis);
    for (const each of [page, second]) await each.evaluate(() => Object.assign(globalThis, { marked: true }));
    await press(page, "Reload");
    await until("the first tab to run the newer app", async () => !(await marked(page).catch(() => true)));
    await second.bringToFront();
    await sees(second, /reloads once your half-typed entry is finished or cleared/);
    expect([await marked(second), await fieldValue(second, "Name of the rig")]).toEqual([true, "Half typ"]);
    await second.focus("#rig-name");
    await second.keyboard.type("ed out");
    await second.keyboard.press("Enter");
    await until("the second tab to follow", async () => !(await marked(second).catch(() => true)));
    await sees(second, /Half typed out/);
    app.close();
  });
});

describe("two tabs", () => {
  it("show each other's changes, and undo reaches across", async () => {
    const session = await openApp();
    sessions.push(session);
    const { page, profile } = session;
    await press(page, "Look at an example");
    await answerLike(page, /Tin Lantern: /);
    const second = await profile.newPage();
    await second.goto(new URL("/rigs", page.url()).href);
    await answerLike(second, /3 rigs, 4 air conditioners/);
    await press(second, "Delete Fennel Row 12");
    await press(second, "Delete");
    await answerLike(second, /2 rigs, 3 air conditioners/);
    await page.bringToFront();
    await sees(page, /4 jobs, 2 rigs/);
    await chord(page, "z", "Control");
    await sees(page, /5 jobs, 3 rigs/);
    await second.bringToFront();
    await answerLike(second, /3 rigs, 4 air conditioners/);
  });
});
