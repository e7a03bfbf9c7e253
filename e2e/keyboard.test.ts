import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { answerLike, chord, notYet, sees, tabTo, until } from "./hands.ts";
import { lookAt } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
  await session.page.waitForSelector("#answer");
});
afterAll(() => session.close());

/** The main path with the keyboard alone. */
describe("by keyboard only", () => {
  it("names a rig, copies its plate and adds a source", async () => {
    const { page } = session;
    await page.keyboard.press("n");
    await page.waitForSelector("#rig-name:focus");
    await page.keyboard.type("Reed House");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await tabTo(page, /^Locked rotor amps$/);
    await page.keyboard.type("63");
    await tabTo(page, /^Rated load amps$/);
    await page.keyboard.type("13.2");
    await tabTo(page, /^Add a generator$/);
    await page.keyboard.press("Enter");
    await sees(page, /Running watts/);
    await page.keyboard.down("Shift");
    await tabTo(page, /^Running watts$/);
    await page.keyboard.up("Shift");
    await page.keyboard.type("2200");
    await answerLike(page, /enough for an answer/);
  });

  it("says where a figure comes from", async () => {
    const { page } = session;
    await tabTo(page, /^Where Running watts comes from: sheet$/);
    await page.keyboard.press("Enter");
    const inFocus = (word: string): Promise<unknown> =>
      page.waitForFunction(
        (text) => document.activeElement?.getAttribute("role") === "option" && (document.activeElement.textContent ?? "").includes(text),
        {},
        word,
      );
    await inFocus("sheet");
    await page.keyboard.press("End");
    await inFocus("guessed");
    await page.keyboard.press("Enter");
    await until("the guessed mark", () => page.$('[aria-label="Where Running watts comes from: guessed"]'));
  });

  it("asks, switches and opens the reasons by single keys", async () => {
    const { page } = session;
    await page.keyboard.press("2");
    await answerLike(page, /^No\. It needs/);
    for (const way of ["direct", "hard", "soft"]) {
      await page.keyboard.press("m");
      await page.waitForSelector(`[role="radio"][value="${way}"][aria-checked="true"]`);
    }
    await answerLike(page, /^(Yes|Barely)\./);
    await page.keyboard.press("t");
    const before = await page.evaluate(() => document.activeElement?.getAttribute("aria-valuetext"));
    await page.keyboard.press("ArrowUp");
    await until("a hotter day", async () => (await page.evaluate(() => document.activeElement?.getAttribute("aria-valuetext"))) !== before);
    await sees(page, /Use the rig’s own/);
    await page.keyboard.press("w");
    await sees(page, /How it was worked out/);
    await page.keyboard.press("Escape");
    await page.keyboard.press("?");
    await sees(page, /Keys and settings/);
    await page.keyboard.press("Escape");
  });

  it("undoes and redoes", async () => {
    const { page } = session;
    await chord(page, "z", "Control");
    await until("the rig’s own weather", async () => !/Back to the rig/.test(await lookAt(page, "main", (e) => e.textContent ?? "")));
    await chord(page, "z", "Control");
    await page.waitForSelector('[role="radio"][value="hard"][aria-checked="true"]');
    await chord(page, "z", "Control", "Shift");
    await answerLike(page, /^(Yes|Barely)\./);
  });

  it("walks by arrows through parts that each draw the page anew, and keeps the focus", async () => {
    const { page } = session;
    const job = (/^.*\/job\/[^/]+\//.exec(page.url()) ?? [""])[0];
    const inFocus = (): Promise<string | null | undefined> =>
      page.evaluate(() => (document.activeElement?.role === "radio" ? document.activeElement.getAttribute("value") : undefined));
    for (const [stage, parts] of [
      ["prepare", ["found", "plan", "sheet", "kit"]],
      ["fit", ["find", "mount", "wire", "check", "power", "close"]],
      ["prove", ["after", "test", "proof"]],
    ] as const) {
      await page.goto(`${job}${stage}`, { waitUntil: "load" });
      await (await page.waitForSelector(`[role="radio"][value="${parts[0]}"]`))?.focus();
      for (const part of parts.slice(1)) {
        await page.keyboard.press("ArrowRight");
        await until(`${part} to be chosen and in focus`, async () => {
          const shown = new URL(page.url()).pathname.split("/").at(-1);
          return shown === part && (await inFocus()) === part ? true : notYet([shown, await inFocus()]);
        });
      }
    }
  });

  it("turns the page dark and light again by a key", async () => {
    const { page } = session;
    const theme = (): Promise<string | undefined> => page.evaluate(() => document.documentElement.dataset.theme);
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    const before = await theme();
    for (const other of [true, false]) {
      await page.keyboard.press("d");
      await until("the other theme", async () => ((await theme()) !== before) === other || notYet(await theme()));
    }
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
