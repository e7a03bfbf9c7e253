import type { Page } from "puppeteer-core";
import { afterEach, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, fieldValue, keptIn, press, sees, type, until } from "./hands.ts";
import { lookAt } from "./look.ts";

let session: Session;
afterEach(() => session.close());

/** A finger that counts: taps, and figures typed. Typing into a field is one tap and one entry. */
function counting(page: Page) {
  const count = { taps: 0, entries: 0 };
  return {
    count,
    tap: async (name: string, role = "button"): Promise<void> => {
      count.taps += 1;
      await press(page, name, "tap", role);
    },
    enter: async (label: string, text: string): Promise<void> => {
      count.taps += 1;
      count.entries += 1;
      await type(page, label, text);
    },
  };
}

/** The question is asked before anything has a name. */
describe("the first answer from an empty app, on a phone", () => {
  it("comes from the size alone in at most five taps and two entries, and is kept under a name", async () => {
    session = await openApp("/", PHONE);
    const { page } = session;
    const me = counting(page);
    await answerLike(page, /^Enter its size or plate, and what feeds it\.$/);
    expect(await axeFindings(page)).toEqual([]);
    await me.enter("Cooling", "13500");
    await me.tap("Inverter generator", "radio");
    await me.enter("Running watts", "1800");
    const said = await answerLike(page, /^(No|Probably not|Barely|Yes)\b.*\.$/);
    await sees(page, /Works in \d+ of 100 tries\. As found, on a 95 °F day at sea level\./);
    expect(me.count.taps).toBeLessThanOrEqual(5);
    expect(me.count.entries).toBeLessThanOrEqual(2);
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
    await page.reload({ waitUntil: "load" });
    await answerLike(page, new RegExp(said.slice(0, 12)));
    expect(await fieldValue(page, "Running watts")).toBe("1800");
    await press(page, "Name it to keep it", "tap");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await until("Check to open", async () => page.url().endsWith("/check"));
    await answerLike(page, new RegExp(said.slice(0, 12)));
    const { records } = await keptIn(page);
    expect(records.map((r) => r.kind).toSorted()).toEqual(["job", "rig", "source", "unit"]);
    expect(session.complaints).toEqual([]);
  });

  it("comes from the whole plate in at most eight taps, and changes with what feeds it", async () => {
    session = await openApp("/", PHONE);
    const { page } = session;
    const me = counting(page);
    await me.enter("Locked rotor amps", "63");
    await me.enter("Rated load amps", "13.2");
    await me.tap("Open-frame generator", "radio");
    await me.enter("Running watts", "1600");
    await me.enter("Surge watts", "2000");
    const weak = await answerLike(page, /^(No|Probably not)\b/);
    expect(me.count.taps).toBeLessThanOrEqual(8);
    await type(page, "Locked rotor amps", "0.1");
    await sees(page, /Locked rotor amps must be a number from 2\.0 to 1,000 A\./);
    await type(page, "Locked rotor amps", "63");
    await press(page, "Shore power", "tap", "radio");
    await answerLike(page, /^Enter|^Not known|^No|^Yes|^Barely/);
    await type(page, "Breaker", "30");
    await until("another answer", async () => (await lookAt(page, "#answer", (e) => e.textContent)) !== weak);
    expect(session.complaints).toEqual([]);
  });
});
