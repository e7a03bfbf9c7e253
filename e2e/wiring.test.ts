import { execFileSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, downloaded, named, openPart, pick, press, sees, take, type, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt, lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
});
afterAll(() => session.close());

async function photograph(page: Page, button: string, folder: string): Promise<void> {
  const path = join(folder, "..", "box.png");
  writeFileSync(path, await page.screenshot());
  const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, button)]);
  await chooser.accept([path]);
  await until("the photo", () => lookAtAll(page, "img", (all) => all.length > 0));
}

/** From an empty database to a printed plan: as found, resistances, proofs, steps; then a mis-wiring refused. */
describe("the wiring of a unit", () => {
  it("is drawn as found from switches", async () => {
    const { page } = session;
    await press(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("4");
    await answerLike(page, /^6 parts and 11 wires, from what you selected/);
    await pick(page, "Start aid", "start-capacitor-ptc");
    await answerLike(page, /^8 parts and 14 wires/);
    await press(page, "Overload in the box, in common", "click", "checkbox");
    await answerLike(page, /^9 parts and 15 wires/);
    await named(page, "button", "white, 12 AWG, compressor R to cap C");
    expect(await axeFindings(page)).toEqual([]);
  });

  it("is corrected wire by wire, and refuses what makes no sense", async () => {
    const { page } = session;
    const wire = await named(page, "button", "white, 12 AWG, compressor R to cap C");
    await wire.evaluate((e) => (e as SVGElement).focus());
    await page.keyboard.press("Enter");
    await type(page, "Color", "blue, white stripe");
    await named(page, "button", "blue, white stripe, 12 AWG, compressor R to cap C");
    await answerLike(page, /as corrected by hand/);
    await type(page, "Color", " ");
    await sees(page, /The color is missing: 1 to 40 letters/);
    await pick(page, "To", "comp.R");
    await sees(page, /A wire needs two different ends/);
    await named(page, "button", "blue, white stripe, 12 AWG, compressor R to cap C");
  });

  it("names the pins from three resistances and gives them to the start study", async () => {
    const { page } = session;
    await openPart(page, "Find the wires");
    await answerLike(page, /^Lift all three leads/);
    await type(page, "Leads a and b, ohm", "4,5");
    await type(page, "Leads b and c, ohm", "1.1");
    await type(page, "Leads c and a, ohm", "3.7");
    await type(page, "Probes held together, ohm", "0.3");
    await answerLike(page, /^Lead c is compressor C, lead b compressor R, lead a compressor S\.$/);
    await sees(page, /Run winding 0\.80 ohm, start winding 3\.40 ohm/);
    await press(page, "Use these for the start study");
    await sees(page, /The start study uses them/);
    await type(page, "Leads c and a, ohm", "a lot");
    await sees(page, /Leads c and a must be a number from 0\.05 to 100 ohm/);
    await type(page, "Leads c and a, ohm", "3.7");
    await press(page, "Lead b shows a path to the case", "click", "checkbox");
    await answerLike(page, /^Stop: lead b reads to the case/);
    await press(page, "Lead b shows a path to the case", "click", "checkbox");
    await answerLike(page, /^Lead c is compressor C/);
  });

  it("refuses a beep with the windings attached, and releases by two proofs and a photo", async () => {
    const { page, downloads } = session;
    await sees(page, /Not released: a second proof and a photo as found missing/);
    await press(page, "Read end to end", "click", "checkbox");
    await sees(page, /Not a proof: with an end still on, the windings connect the terminals and any wire beeps/);
    await press(page, "Both ends are off everything", "click", "checkbox");
    await sees(page, /Not a proof: a beep does not tell the ohms/);
    await type(page, "End to end, ohm", "0.3");
    await sees(page, /more than 0\.2 ohm end to end is not one wire/);
    await type(page, "End to end, ohm", "0.1");
    await press(page, "No path to any other lead", "click", "checkbox");
    await press(page, "Traced by eye from end to end", "click", "checkbox");
    await sees(page, /Not released: a photo as found missing/);
    await photograph(page, "Photograph it as found", downloads);
    await sees(page, /Released: two proofs and a photo/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("plans every step and draws the state it leads to", async () => {
    const { page } = session;
    await openPart(page, "Plan");
    await answerLike(page, /^4 leads, 3 wires to move, nothing cut\.$/);
    await sees(page, /Start capacitor and PTC stay bolted in, ends capped and labeled\. Every wire to be opened is proven/);
    await sees(page, /Lift blue, white stripe \(compressor R – cap C\) off cap C/);
    for (let k = 0; k < 8; k++) await press(page, "Next step");
    await sees(page, /Put FEED onto cap C: ¼ in female push-on\.\s+Not compressor C, the round mark/);
    await pick(page, "Starter family", "FM");
    await answerLike(page, /needs a contactor, and this unit has none\. No plan is guessed/);
    await pick(page, "Starter family", "F5");
    await answerLike(page, /^5 leads, 4 wires to move, nothing cut\.$/);
    await pick(page, "Starter family", "F4");
    await answerLike(page, /^4 leads/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("tests the start parts before money is spent, and says what is wrong with one", async () => {
    const { page } = session;
    await openPart(page, "As found");
    await press(page, "Test the start parts");
    await type(page, "PTC, ohm", "25");
    await sees(page, /A good one shows 5\.0 to 100 ohm\.\s+It is good\./);
    await type(page, "PTC, ohm", "900");
    await sees(page, /It reads too much: worn contact/);
    await type(page, "PTC, ohm", "-3");
    await sees(page, /PTC must be a number from 0 to 1,000,000 ohm/);
    await press(page, "PTC: no path", "click", "checkbox");
    await sees(page, /It is open: it helps no start/);
    await page.reload({ waitUntil: "load" });
    await press(page, "Test the start parts");
    await sees(page, /It is open: it helps no start/);
  });

  it("packs the kit, and names what is missing", async () => {
    const { page } = session;
    await openPart(page, "Kit");
    await sees(page, /\d+ things are not packed yet/);
    await press(page, "Kit and spares: all packed");
    await press(page, "Tools: all packed");
    await until("the buttons to go", async () => (await page.$$("::-p-text(: all packed)")).length === 1);
    const open = (): Promise<number> => lookAtAll(page, 'main [role="checkbox"][aria-checked="false"]', (all) => all.length);
    for (let left = await open(); left > 2; left--) {
      await take(page, 'main [role="checkbox"][aria-checked="false"]', "click");
      await until("one less", async () => (await open()) === left - 1);
    }
    await sees(page, /Not packed yet: end caps, labels, insulating tape; sealing putty\./);
    await openPart(page, "Plan");
    await answerLike(page, /^4 leads/);
  });

  it("prints plan, crimps, kit and the way back", async () => {
    const { page, downloads } = session;
    await press(page, "Print or PDF");
    const path = await downloaded(downloads, "wiring-plan.pdf");
    const pages = execFileSync("pdftotext", ["-layout", path, "-"])
      .toString()
      .split("\f")
      .filter((p) => p.trim() !== "");
    expect(pages.length).toBe(5);
    const [found, done, steps, crimps, back] = pages.map((p) => p.replaceAll(/\s+/g, " ")) as [string, string, string, string, string];
    expect(found).toMatch(/Wiring plan: Slate Wagon, Roof unit.*Line voltage and charged capacitors kill.*As found/);
    for (const name of ["cap HERM", "compressor S", "Start capacitor"]) expect(found).toContain(name);
    expect(done).toMatch(/Soft starter.*RUN-OUT.*blue, white stripe \(compressor R – cap C\): two proofs and a photo/);
    expect(steps).toMatch(
      /1 Photograph the box, both sides, before anything moves\..*9 Put FEED onto cap C: ¼ in female push-on\. Not compressor C, the round mark\./,
    );
    expect(crimps).toMatch(
      /RUN-OUT .*buy ¼ in male spade, insulated, blue, 16 AWG, on the ground, holds 30 lb.*UL 486A, from memory.*Kit and spares/,
    );
    expect(back).toMatch(/Undo the install.*Put blue, white stripe \(compressor R – cap C\) onto cap C.*Put the PTC back in/);
    expect(`${found}${done}${steps}${crimps}${back}`).not.toMatch(/(?<![A-Za-z0-9°]|cap |compressor )C(?![A-Za-z0-9-])/);
    expect(readFileSync(path).subarray(0, 5).toString()).toBe("%PDF-");
  });

  it("refuses a mis-wiring with what it would do, and is right again when it is put right", async () => {
    const { page } = session;
    await openPart(page, "Check");
    for (let left = 7; left > 0; left--) {
      await answerLike(page, left === 1 ? /^Not known yet: 1 wire is/ : new RegExp(`^Not known yet: ${left} wires are not confirmed`));
      await take(page, "main label::-p-text(seen on)", "click");
    }
    await answerLike(page, /no fault found/);
    await press(page, "REF, 16 AWG, REF to overload B");
    await pick(page, "To", "can.C");
    await answerLike(page, /^Not yet: the lead that senses common is on the wrong side\. It can destroy the starter\.$/);
    await sees(page, /Different from the plan\s+REF: REF – cap C/);
    await pick(page, "To", "overload.A");
    await answerLike(page, /^No fault found, but it is not what was planned\.$/);
    await press(page, "Reset to the plan");
    await answerLike(page, /no fault found/);
    expect(await axeFindings(page)).toEqual([]);
    expect(session.complaints).toEqual([]);
  });

  it("survives a reload, and is saved as a picture", async () => {
    const { page, downloads } = session;
    await page.reload();
    await answerLike(page, /no fault found/);
    await press(page, "Save SVG");
    const svg = readFileSync(await downloaded(downloads, "wiring-as-built.svg"), "utf8");
    for (const word of ["cap C", "compressor R", "RUN-OUT", "blue, white stripe"]) expect(svg).toContain(word);
    expect(svg).not.toContain("var(--");
  });
});

describe("on a phone", LONG, () => {
  it("the map fits the width, its names readable, and can be drawn nearer", async () => {
    const phone = await openApp("/", PHONE);
    const { page } = phone;
    await press(page, "Look at an example", "tap");
    await answerLike(page, /Tin Lantern/);
    await page.goto(new URL("/job/demo-rear-job/prepare/plan", page.url()).href);
    await answerLike(page, /^4 leads, 3 wires to move, nothing cut/);
    await page.waitForSelector("main svg text");
    const sizes = await lookAtAll(page, "main svg text", (all) =>
      all.map((t) => {
        const box = t.getBoundingClientRect();
        return { height: box.height, right: box.right, left: box.left, text: t.textContent };
      }),
    );
    expect(sizes.length).toBeGreaterThan(20);
    expect(sizes.filter((s) => s.height < 11 || s.left < 0 || s.right > 390)).toEqual([]);
    const width = (): Promise<number> => lookAt(page, "main svg[viewBox]", (e) => e.getBoundingClientRect().width);
    const before = await width();
    await press(page, "Zoom in", "tap");
    expect(await width()).toBeGreaterThan(before * 1.2);
    await press(page, "Whole map", "tap");
    expect(await width()).toBe(before);
    expect(await axeFindings(page)).toEqual([]);
    await phone.close();
  });
});
