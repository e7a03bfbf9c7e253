import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { hasten, setClock } from "./clock.ts";
import { answerLike, go, named, notYet, press, sees, take, ticks, type, until } from "./hands.ts";

let roof: Session;
beforeAll(async () => {
  roof = await openApp("/", PHONE);
  await hasten(roof.page, 1);
  await roof.page.reload({ waitUntil: "load" });
  await press(roof.page, "Look at an example", "tap");
  await answerLike(roof.page, /Tin Lantern: /);
});
afterAll(() => roof.close());

const REAR = "/job/demo-rear-job";
const FRONT = "/job/demo-front-job";
const QUESTIONS = 'section[aria-label="Is it proven dead?"]';

/** Which of how many is asked, or nothing once all are answered. */
const asked = async (page: Page): Promise<string | null> =>
  (await page.$(`${QUESTIONS} [aria-live] .figure`))?.evaluate((e) => e.textContent) ?? null;

/** Waits until another question is asked than this. */
const another = (page: Page, than: string | null): Promise<unknown> =>
  until("another question", async () => {
    const now = await asked(page);
    return now === than ? notYet(now) : { now };
  });

/** Types into the one field that is asked for, and goes on. */
async function enter(page: Page, label: string, text: string): Promise<void> {
  const before = await asked(page);
  await type(page, label, text);
  await press(page, "Next", "tap");
  await another(page, before);
}

/** Answers every question about what feeds the roof with one tap each. */
async function everythingOff(page: Page): Promise<number> {
  let taps = 0;
  for (let k = 0; k < 30; k++) {
    const radio = await page.$(`${QUESTIONS} [role="radio"][value="locked"]`);
    if (radio === null) return taps;
    const before = await asked(page);
    await until("the answer", () => ticks(page, radio, "tap"));
    await another(page, before);
    taps += 1;
  }
  throw new Error("the sources do not end");
}

describe("in gloves, one question a screen", () => {
  it("asks what feeds the roof one by one, each with one tap and no scrolling, and leads back", async () => {
    const { page } = roof;
    await go(page, `${REAR}/isolate`);
    await answerLike(page, /^\d+ checks left\. Next: switch off 2\.2 kW generator\.$/);
    const first = await asked(page);
    expect(first).toMatch(/^\d+ of \d+$/);
    const box = await (await named(page, "radio", "Off, locked or tagged")).boundingBox();
    expect(box!.y + box!.height).toBeLessThan(844 - 52);
    expect(box!.height).toBeGreaterThanOrEqual(79);
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Not here today", "tap", "radio");
    await another(page, first);
    await press(page, "Back", "tap");
    // An auto-start is not asked of a generator that is not here: one question less.
    const again = first?.replace(/\d+$/, (all) => String(Number(all) - 1));
    await until("the first again", async () => (await asked(page)) === again || notYet(await asked(page)));
    const away = await named(page, "radio", "Not here today");
    expect(await away.evaluate((e) => e.getAttribute("aria-checked"))).toBe("true");
    await press(page, "Next", "tap");
    await another(page, again ?? null);
    expect(await everythingOff(page)).toBe(8);
    // The next question has come into view by itself.
    const field = await (await named(page, "textbox", "Meter proved before, V")).boundingBox();
    expect(field!.y).toBeGreaterThan(50);
    expect(field!.y + field!.height).toBeLessThan(844 - 52);
  });

  it("takes figures at the fingers’ own pace: a field stays until one goes on", async () => {
    const { page } = roof;
    // The last answer led here: a figure may be typed at once, and Enter goes on.
    const meter = await asked(page);
    await until("the field to be ready", () => page.evaluate(() => document.activeElement instanceof HTMLInputElement));
    await page.keyboard.type("121");
    await page.keyboard.press("Enter");
    await another(page, meter);
    const pair = await asked(page);
    await type(page, "line to neutral, V", "0.1");
    await press(page, "line to neutral: on low impedance", "tap", "checkbox");
    await sees(page, /line to neutral: dead/);
    expect(await asked(page)).toBe(pair);
    await press(page, "Next", "tap");
    await another(page, pair);
    await enter(page, "line to ground, V", "0");
    await enter(page, "neutral to ground, V", "0");
    const again = await asked(page);
    await press(page, "It shows 121 V again", "tap");
    await another(page, again);
    for (const name of ["cap C–HERM", "cap C–FAN", "start capacitor 1–2"]) await enter(page, `${name}: DC volts, V`, "2");
    await sees(page, /Read again in \d+ s/);
    await setClock(page, 31);
    for (const name of ["cap C–HERM", "cap C–FAN", "start capacitor 1–2"]) {
      await named(page, "textbox", `${name}: DC volts again, V`);
      const before = await asked(page);
      await type(page, `${name}: DC volts again, V`, "1");
      await press(page, "Next", "tap");
      await another(page, before);
    }
    await answerLike(page, /^All checks done\. Confirm below to start work\.$/);
    await press(page, "It is proven dead: start work", "tap");
    await answerLike(page, /^Proven dead at/);
  });

  it("proves the roof once: the other unit takes the sources over and asks only for its own pairs and capacitors", async () => {
    const { page } = roof;
    await go(page, `${FRONT}/isolate`);
    await sees(page, /Rear, over the bunks on this rig was proven dead at \d+:\d\d, and its sources are off/);
    await press(page, "Use that proof of the sources", "tap");
    await answerLike(page, /^8 checks left\. Next: measure line to neutral\.$/);
    expect(await axeFindings(page)).toEqual([]);
    await type(page, "line to neutral, V", "0");
    await press(page, "line to neutral: on low impedance", "tap", "checkbox");
    await answerLike(page, /^7 checks left\. Next: measure line to ground\.$/);
  });

  it("keeps the other unit proven when a source is only said to be away", async () => {
    const { page } = roof;
    await press(page, "Show them as a list", "tap");
    const generator = `${QUESTIONS} [role="radiogroup"][aria-label="2.2 kW generator"] [role="radio"]`;
    await take(page, `${generator}[value="locked"]`);
    await take(page, `${generator}[value="away"]`);
    await press(page, "Ask one at a time", "tap");
    await go(page, `${REAR}/isolate`);
    await answerLike(page, /^Proven dead at/);
  });

  it("locks every unit of the roof when power is back on one", async () => {
    const { page } = roof;
    await go(page, `${REAR}/isolate`);
    await answerLike(page, /^Proven dead at/);
    await press(page, "Power is back: lock again", "tap");
    await answerLike(page, /^\d+ checks left\. Next: switch off 2\.2 kW generator\.$/);
    await go(page, `${FRONT}/isolate`);
    await answerLike(page, /^\d+ checks left\. Next: switch off 2\.2 kW generator\.$/);
    expect(await page.$("::-p-text(Use that proof of the sources)")).toBeNull();
  });

  it("asks about the place once a day: a unit added today takes the answers over", async () => {
    const { page } = roof;
    await go(page, `${FRONT}/survey`);
    await press(page, "Add another unit to this rig", "tap");
    await until("the new unit", async () => !page.url().includes("demo-") || notYet(page.url()));
    await go(page, page.url().replace("/survey", "/isolate"));
    expect(await named(page, "radiogroup", "The roof is dry")).not.toBeNull();
    await press(page, "Same answers as for Rear, over the bunks today", "tap");
    await until(
      "the first source to be asked",
      async () => (await page.$(`${QUESTIONS} [role="radiogroup"][aria-label="2.2 kW generator"]`)) !== null,
    );
    await go(page, `${FRONT}/isolate`);
  });

  it("keeps what warns on the screen of a phone held sideways", async () => {
    const { page } = roof;
    await page.setViewport({ width: 844, height: 390, isMobile: true, hasTouch: true });
    await sees(page, /Waiting is no proof\. A meter on AC volts does not show a charged capacitor/);
    await sees(page, /Line voltage kills, capacitors stay charged/);
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
    await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  });

  it("shows them as a list where that is wanted, and remembers it", async () => {
    const { page } = roof;
    await press(page, "Show them as a list", "tap");
    // Ten of before, and the added unit's own breaker.
    await until("every source", async () => (await page.$$(`${QUESTIONS} [role="radio"][value="locked"]`)).length === 11);
    await page.reload({ waitUntil: "load" });
    await until("every source still", async () => (await page.$$(`${QUESTIONS} [role="radio"][value="locked"]`)).length === 11);
    await press(page, "Ask one at a time", "tap");
    await until("one question", async () => (await page.$$(`${QUESTIONS} [role="radio"][value="locked"]`)).length === 1);
    expect(roof.complaints).toEqual([]);
  });
});
