import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, notYet, press, sees, take, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp("/");
  await press(session.page, "Look at an example");
  await answerLike(session.page, /Tin Lantern: /);
});
afterAll(() => session.close());

/** Titles of the entries that stand open. */
const opened = (): Promise<string[]> =>
  lookAtAll(session.page, 'main h3:has(> button[aria-expanded="true"])', (all) => all.map((e) => e.textContent ?? ""));

describe("the guide", LONG, () => {
  it("opens from a Why at what is asked about, and leads back", async () => {
    const { page } = session;
    await page.goto(new URL("/job/demo-front-job/check", page.url()).href, { waitUntil: "load" });
    await answerLike(page, /to spare|short/);
    await page.keyboard.press("w");
    await press(page, "Why, in the guide: Simulated tries, and what changes them", "click", "link");
    await answerLike(page, /^Words, method, rules, figures, and what is left out\.$/);
    await until("the entry to stand open alone", async () => {
      const open = await opened();
      return open.join() === "Simulated tries" || notYet(open);
    });
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe("Simulated tries");
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Back", "click", "link");
    await until("Check again", async () => page.url().endsWith("/job/demo-front-job/check"));
  });

  it("leads from every stage to that stage’s own entry", async () => {
    const { page } = session;
    for (const [path, title] of [
      ["/job/demo-front-job/survey", "Survey: what is known, and how well"],
      ["/job/demo-rear-job/isolate", "Isolate: proven dead"],
      ["/job/demo-front-job/learn", "Learn: until the peak has settled"],
      ["/job/demo-front-job/prove/after", "Prove: what the starter did"],
    ] as const) {
      await page.goto(new URL(path, page.url()).href, { waitUntil: "load" });
      await page.waitForSelector('#answer, a[href^="/guide#"]');
      await take(page, 'a[href^="/guide#"]', "click");
      await until(`${title} to stand open`, async () => (await opened()).join() === title || notYet(await opened()));
    }
  });

  it("is searched by words, rules, figures and sources, and says what it does not have", async () => {
    const { page } = session;
    const find = async (words: string): Promise<void> => {
      const field = await until("the search", () => page.$('input[type="search"]'));
      await field.click({ count: 3 });
      await field.type(words);
    };
    await find("peukert lead");
    await sees(page, /1 entry/);
    await sees(page, /Peukert.s exponent, lead/);
    await find("NEC 440.62");
    await sees(page, /A plug-in unit and its circuit/);
    await find("zeppelin");
    await sees(page, /Nothing in the guide has “zeppelin”\./);
    expect(session.complaints).toEqual([]);
  });

  it("stands under the question mark on a phone, folds and unfolds by touch, and never wider than the screen", async () => {
    const phone = await openApp("/", PHONE);
    const { page } = phone;
    await press(page, "keys", "tap");
    await press(page, "Open the guide", "tap", "link");
    await answerLike(page, /^Words, method, rules/);
    await take(page, "#rest button");
    await sees(page, /Time between two starts\. Below 3 min the pressures are not equal/);
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
    const small = await lookAtAll(page, "main a, main h3 button, main input", (all) =>
      all.filter((e) => (e.closest("label") ?? e).getBoundingClientRect().height < 44).map((e) => e.textContent),
    );
    expect(small).toEqual([]);
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Back", "tap", "link");
    await until("home", async () => new URL(page.url()).pathname === "/");
    expect(phone.complaints).toEqual([]);
    await phone.close();
  });
});
