import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { hasten } from "./clock.ts";
import { answer, answerLike, asList, chord, downloaded, go, named, pick, press, sees, take, type, until, upload } from "./hands.ts";
import { lookAt, lookAtAll } from "./look.ts";
import { measureDead } from "./measure-dead.ts";
import { proveDead } from "./prove-dead.ts";
import { small, tickAll } from "./roof-page.ts";

let roof: Session;
let job: string;
beforeAll(async () => {
  roof = await openApp("/", { ...PHONE, keepsApp: true });
  const { page } = roof;
  await asList(page);
  await hasten(page, 1);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.waitForFunction(async () => (await caches.keys()).length > 0);
  await page.reload({ waitUntil: "load" });
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.setOfflineMode(true);
});
afterAll(() => roof.close());

const tap = (page: Page, name: string, role = "button"): Promise<void> => press(page, name, "tap", role);

/** One page through one whole job on a roof without a signal, and so one file: prepared, proven dead, mounted, fitted step by step, powered, closed. */
describe("on the roof, with the network off from the first tap", () => {
  it("prepares a unit with a start capacitor and its PTC", async () => {
    const { page } = roof;
    await tap(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await tap(page, "Add a generator");
    await type(page, "Running watts", "2200");
    job = new URL(page.url()).pathname.replace("/survey", "");
    await go(page, `${job}/prepare`);
    await answerLike(page, /^6 parts/);
    await pick(page, "Start aid", "start-capacitor-ptc");
    await answerLike(page, /^8 parts/);
    await go(page, `${job}/fit/find`);
    await answerLike(page, /^Lift all three leads/);
    await sees(page, /Not proven dead on this device\. Probe nothing and lift nothing yet/);
    await type(page, "Leads a and b, ohm", "4.2");
    await type(page, "Leads b and c, ohm", "0.8");
    await type(page, "Leads c and a, ohm", "3.4");
    await answerLike(page, /^Lead c is compressor C/);
    await tickAll(page, /Traced by eye|unit’s own diagram/);
    const path = join(roof.downloads, "..", "box.png");
    writeFileSync(path, await page.screenshot());
    const [chooser] = await Promise.all([page.waitForFileChooser(), tap(page, "Photograph it as found")]);
    await chooser.accept([path]);
    await sees(page, /Released: two proofs and a photo/);
  });

  it("keeps mounting and wiring locked, whatever address is opened", async () => {
    const { page } = roof;
    for (const part of ["mount", "wire"]) {
      await go(page, `${job}/fit/${part}`);
      await answerLike(page, /^Locked: it is not proven dead\. Prove it dead to go on\.$/);
      expect(await page.$("::-p-aria(Tugged, it holds)")).toBeNull();
    }
    await go(page, `${job}/fit/power`);
    await answerLike(page, /^Not yet: 7 wires are not confirmed\. Open Check\.$/);
    const on = await named(page, "button", "Power is on: lock the work");
    expect(await on.evaluate((e) => (e as HTMLButtonElement).disabled)).toBe(true);
  });

  it("goes through every source, pair and capacitor, and refuses what is not dead", async () => {
    const { page } = roof;
    await go(page, `${job}/isolate`);
    await answerLike(page, /^15 checks left\. Next: switch off Generator\.$/);
    await tap(page, "Skip a check");
    await type(page, "Reason: measure line to ground", "too short");
    await answerLike(page, /^15 checks left/);
    await type(page, "Reason: measure line to ground", "no bare metal in reach of a probe");
    await answerLike(page, /^14 checks left/);
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /^14 checks left/);
    await tap(page, "Skip a check");
    await type(page, "Reason: measure line to ground", "x");
    await answerLike(page, /^15 checks left/);
    await measureDead(page);
    await answerLike(page, /^All checks done. Confirm below to start work\.$/);
  });

  it("opens the work when it is declared, and keeps it open over a reload", async () => {
    const { page } = roof;
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /^All checks done/);
    await tap(page, "It is proven dead: start work");
    await answerLike(page, /^Proven dead at \d+:\d\d\. Work is open\.$/);
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /^Proven dead at/);
  });

  it("locks again when a figure of the proof changes, and opens when it is changed back", async () => {
    const { page } = roof;
    await type(page, "Meter proved before, V", "122");
    await answerLike(page, /^A figure was changed since. Prove it again\.$/);
    await type(page, "Meter proved before, V", "121");
    await answerLike(page, /^Proven dead at/);
  });

  it("judges the place for the starter", async () => {
    const { page } = roof;
    await go(page, `${job}/fit/find`);
    await answerLike(page, /^Lead c is compressor C/);
    expect(await lookAt(page, "main", (e) => e.textContent)).not.toMatch(/Not proven dead on this device/);
    await go(page, `${job}/fit/mount`);
    await answerLike(page, /^\d+ checks left\. Next: how is it mounted\?$/);
    await tap(page, "upside down", "radio");
    await sees(page, /Do not mount it upside down/);
    await tap(page, "upright", "radio");
    await type(page, "Free space behind the sheet", "0.59");
    await sees(page, /The screw is too long: 0\.24 in must stay free behind its tip/);
    await type(page, "Free space behind the sheet", "1.18");
    await tap(page, "Dry fit now; tape and screw after the test", "checkbox");
    await tap(page, "Dry fit now; tape and screw after the test", "checkbox");
    await tickAll(page, /second restraint|fan’s sweep|Shaft turned|Air path|tubing|Lid and shroud|sharp edge|No water/);
    await answerLike(page, /^Go\. This place is good for the starter\.$/);
    expect(await small(page)).toEqual([]);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("holds the wiring up where something speaks against the place, unless somebody gives a reason", async () => {
    const { page } = roof;
    await tap(page, "upside down", "radio");
    await answerLike(page, /^Not here\. See the reason below\.$/);
    for (const part of ["wire", "power", "close"]) {
      await go(page, `${job}/fit/${part}`);
      await answerLike(page, /^Not here: something speaks against the place\. Mount it elsewhere, or give a reason\.$/);
    }
    await go(page, `${job}/fit/mount`);
    await type(page, "Reason to mount it here all the same", "its sheet allows it under this lid");
    await go(page, `${job}/fit/wire`);
    await sees(page, /1 of \d+/);
    await go(page, `${job}/fit/mount`);
    await type(page, "Reason to mount it here all the same", " ");
    await tap(page, "upright", "radio");
    await answerLike(page, /^Go\. This place is good for the starter\.$/);
  });

  it("leads through every step with its map, and picks up where it was after a reload", async () => {
    const { page } = roof;
    await go(page, `${job}/fit/wire`);
    await answerLike(page, /^Photograph the box, both sides/);
    expect(await small(page)).toEqual([]);
    expect(await axeFindings(page)).toEqual([]);
    await tap(page, "Screws taken out: one more");
    await tap(page, "Screws taken out: one more");
    await tap(page, "Speak a note, 60 s at most");
    await named(page, "button", "Stop and keep the note");
    await new Promise((settled) => setTimeout(settled, 1200));
    await tap(page, "Stop and keep the note");
    await until("the note", () => lookAtAll(page, "audio", (all) => all.some((a) => a.readyState > 0)));
    for (let k = 0; k < 12; k++) {
      const sentence = await answer(page);
      if (k === 6) {
        await page.reload({ waitUntil: "load" });
        await answerLike(page, /^Lift white \(compressor R – cap C\) off cap C/);
      }
      const done = await page.$("::-p-aria(Tugged, it holds)");
      if (k === 8) {
        expect(done).not.toBeNull();
        await tap(page, "It moved");
        await sees(page, /Remake this joint, then tug again/);
        await go(page, `${job}/fit/power`);
        await answerLike(page, /^Not yet: \d wires are not confirmed/);
        await go(page, `${job}/fit/wire`);
        await until("the same step", async () => (await answer(page)) === sentence);
        await tap(page, "Remade, it holds");
      } else await tap(page, done === null ? "Done" : "Tugged, it holds");
      await until("the next step", async () => (await answer(page)) !== sentence);
    }
    await answerLike(page, /^Every step is done. Check it, then first power\.$/);
    await go(page, `${job}/fit/check`);
    await answerLike(page, /no fault found/);
  });

  it("undoes it in its own order, as guided as the way in, and takes a step back", async () => {
    const { page } = roof;
    await go(page, `${job}/fit/undo`);
    await answerLike(page, /^Photograph the box, both sides, before you undo anything\.$/);
    await tap(page, "Done");
    await answerLike(page, /^Lift REF /);
    await sees(page, /2 of \d+/);
    await tap(page, "Previous step");
    await tap(page, "Undo this step");
    await answerLike(page, /^Photograph the box, both sides, before you undo anything\.$/);
    await go(page, `${job}/fit/check`);
    await answerLike(page, /no fault found/);
  });

  it("powers up once everything is compared, and locks the work", async () => {
    const { page } = roof;
    await go(page, `${job}/fit/power`);
    await answerLike(page, /^Compare each joint with the plan/);
    expect(await tickAll(page, /Joints compared|terminal cover|Nobody near/)).toBe(3);
    await tap(page, "Power is on: lock the work");
    await answerLike(page, /^The fan runs first, then it is quiet, then the compressor starts\.$/);
    await go(page, `${job}/fit/wire`);
    await answerLike(page, /^Locked: it is not proven dead\. Prove it dead to go on\.$/);
  });

  it("is not unlocked by undo, by a second tab, or by a file", async () => {
    const { page, profile, downloads } = roof;
    for (let k = 0; k < 6; k++) {
      await chord(page, "z", "Control");
      await new Promise((settled) => setTimeout(settled, 150));
      expect(await answer(page)).toMatch(/^Locked/);
    }
    for (let k = 0; k < 6; k++) {
      await chord(page, "z", "Control", "Shift");
      await new Promise((settled) => setTimeout(settled, 150));
    }
    await go(page, `${job}/isolate`);
    await answerLike(page, /^15 checks left\. Next: switch off Generator\.$/);
    const declare = await named(page, "button", "It is proven dead: start work");
    expect(await declare.evaluate((e) => (e as HTMLButtonElement).disabled)).toBe(true);
    const generator = '[role="radiogroup"][aria-label="Generator"] [role="radio"]';
    await take(page, `${generator}[value="off"]`);
    await answerLike(page, /^15 checks left\. Next: switch off Generator: auto-start\.$/);
    await take(page, `${generator}[value="away"]`);
    await answerLike(page, /^13 checks left\. Next: /);
    await go(page, `${job}/fit/wire`);
    await answerLike(page, /^Locked/);
    const second = await profile.newPage();
    await second.setOfflineMode(true);
    await second.goto(new URL(`${job}/fit/wire`, page.url()).href);
    await answerLike(second, /^Locked/);
    await second.close();
    await page.bringToFront();
    await page.evaluate(() => localStorage.setItem("amp-saver proof nonsense", "{"));
    await go(page, "/rigs");
    await tap(page, "Export Slate Wagon");
    const archive = await downloaded(downloads, ".ampsaver.zip");
    const elsewhere = await openApp("/rigs", PHONE);
    await upload(elsewhere.page, archive);
    await sees(elsewhere.page, /1 × visit: new/);
    await sees(elsewhere.page, /1 × spoken note: new/);
    await tap(elsewhere.page, "Import it");
    await answerLike(elsewhere.page, /1 rig/);
    await go(elsewhere.page, `${job}/fit/wire`);
    await answerLike(elsewhere.page, /^Locked: it is not proven dead/);
    await go(elsewhere.page, `${job}/isolate`);
    await answerLike(elsewhere.page, /^15 checks left/);
    await go(elsewhere.page, `${job}/fit/find`);
    await until("the photo", () => lookAtAll(elsewhere.page, "img", (all) => all.some((i) => i.naturalWidth > 0)));
    await elsewhere.close();
  });

  it("closes only with every screw back", async () => {
    const { page } = roof;
    await go(page, `${job}/fit/power`);
    await answerLike(page, /^The fan runs first/);
    expect(await tickAll(page, /fan runs first|starts within|Lamp or code|No hum/)).toBe(4);
    await answerLike(page, /^It ran as expected/);
    await go(page, `${job}/fit/close`);
    await answerLike(page, /^Locked: it is not proven dead\. Prove it dead to go on\.$/);
    await go(page, `${job}/isolate`);
    await proveDead(page);
    await go(page, `${job}/fit/close`);
    await answerLike(page, /^Not closed yet: 6 things left/);
    expect(await tickAll(page, /Fixed: tape|Putty|Grommet|sealant|Lid closed|Every tool/)).toBe(6);
    await answerLike(page, /^Not closed yet: 2 screws are missing\.$/);
    await tap(page, "All 2 are back in");
    await answerLike(page, /^Closed, every screw is back. Go on to Learn\.$/);
    expect(await small(page)).toEqual([]);
    expect(await axeFindings(page)).toEqual([]);
    expect(roof.complaints.filter((c) => !/ERR_INTERNET_DISCONNECTED/.test(c))).toEqual([]);
  });
});
