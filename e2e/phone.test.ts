import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, press, sees, take, type } from "./hands.ts";
import { lookAt } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp("/", PHONE);
});
afterAll(() => session.close());

const wider = (): Promise<number> =>
  session.page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** The same path on a phone, by touch alone. */
describe("on a phone, by touch", () => {
  it("goes from nothing to an answer", async () => {
    const { page } = session;
    await press(page, "New rig", "tap");
    await type(page, "Name of the rig", "Lark Cabin");
    await press(page, "Begin", "tap");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "50");
    await type(page, "Rated load amps", "10.4");
    await press(page, "Add a generator", "tap");
    await type(page, "Running watts", "2200");
    await type(page, "Surge watts", "2700");
    await press(page, "See the answer", "tap", "link");
    await answerLike(page, /shuts off after|drags the source down|works in \d+ of 100/);
    expect(await wider()).toBe(0);
  });

  it("changes the way of starting in a sheet of its own", async () => {
    const { page } = session;
    await take(page, "::-p-xpath(//section[@aria-label='What the answer is about']//button[contains(., 'As found')])");
    await sees(page, /Start method/);
    await take(page, '[role="dialog"] [role="radio"][value="soft"]');
    await press(page, "Close", "tap");
    await answerLike(page, /^(Yes|Barely)\. It (starts with .* to spare and runs with \d\.\d A to spare|works in \d+ of 100 tries)\.$/);
  });

  it("shows volts and speed in place of amps", async () => {
    const { page } = session;
    await press(page, "Volts and rpm", "tap", "radio");
    await sees(page, /Rpm/);
    await press(page, "Amps", "tap", "radio");
  });

  it("opens the stages as a list and takes a reading", async () => {
    const { page } = session;
    await lookAt(page, "main", (e) => e.scrollTo(0, e.scrollHeight));
    await press(page, "2 Check", "tap");
    await take(page, "::-p-xpath(//*[@role='dialog']//a[contains(., 'Before')])");
    await answerLike(page, /^No before readings yet/);
    expect(await lookAt(page, "main", (e) => e.scrollTop)).toBe(0);
    await type(page, "Amps", "49.5");
    await press(page, "Keep this reading", "tap");
    await answerLike(page, /^It draws 49\.5 A to start\. Take 2 more\.$/);
    expect(await wider()).toBe(0);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
