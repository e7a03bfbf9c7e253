import type { Page } from "puppeteer-core";
import { expect } from "vitest";
import { axeFindings } from "./axe.ts";
import { setClock } from "./clock.ts";
import { answerLike, named, press, sees, ticks, type, until } from "./hands.ts";
import { small } from "./roof-page.ts";

/** Answers and measures everything of a unit with a start capacitor in the list, and sees refused on the way what is not dead. */
export async function measureDead(page: Page): Promise<void> {
  for (const radio of await page.$$('[role="radio"][value="yes"]')) {
    await until("the answer", () => ticks(page, radio, "tap"));
  }
  await sees(page, /Flammable refrigerant: ventilate, no sparks, no soldering/);
  const feeds = await page.$$('[role="radio"][value="locked"]');
  expect(feeds).toHaveLength(4);
  for (const radio of feeds) {
    await until("the answer", () => ticks(page, radio, "tap"));
  }
  await type(page, "Meter proved before, V", "121");
  for (const [pair, volts] of [
    ["line to neutral", "0.1"],
    ["line to ground", "0"],
    ["neutral to ground", "118"],
  ] as const) {
    await type(page, `${pair}, V`, volts);
    if (pair === "line to neutral") await press(page, `${pair}: on low impedance`, "tap", "checkbox");
    // The meter's range stays as it is from one pair to the next.
    const range = await named(page, "checkbox", "neutral to ground: on low impedance");
    await until("the range to be taken over", () => range.evaluate((e) => e.getAttribute("aria-checked") === "true"));
  }
  await sees(page, /neutral to ground: Neutral is hot: reversed polarity/);
  await type(page, "neutral to ground, V", "-118");
  await sees(page, /neutral to ground: Neutral is hot: reversed polarity/);
  await type(page, "line to neutral, V", "-120");
  await sees(page, /line to neutral: Not dead/i);
  await type(page, "line to neutral, V", "-0.1");
  await sees(page, /line to neutral: dead/);
  await type(page, "neutral to ground, V", "1.2");
  await sees(page, /neutral to ground: dead/);
  await type(page, "Meter proved after, V", "-12");
  await type(page, "cap C–HERM: DC volts, V", "-4");
  await type(page, "cap C–FAN: DC volts, V", "2");
  await type(page, "start capacitor 1–2: DC volts, V", "-60");
  await answerLike(page, /^5 checks left\. Next: prove the meter again\.$/);
  await type(page, "Meter proved after, V", "120,5");
  await type(page, "start capacitor 1–2: DC volts, V", "3");
  await sees(page, /Read again in \d+ s/);
  expect(await page.$("::-p-aria(cap C–HERM: DC volts again, V)")).toBeNull();
  expect(await small(page)).toEqual([]);
  expect(await axeFindings(page)).toEqual([]);
  await setClock(page, 31);
  for (const name of ["cap C–HERM", "cap C–FAN", "start capacitor 1–2"]) {
    await named(page, "textbox", `${name}: DC volts again, V`);
    await type(page, `${name}: DC volts again, V`, "1");
  }
}
