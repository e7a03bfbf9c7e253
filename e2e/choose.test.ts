import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, fieldValue, press, sees, take, type, until } from "./hands.ts";
import { lookAt, lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
});
afterAll(() => session.close());

/** Survey with three sources, the remedies side by side, and the one to take opened in Check. */
describe("choosing a remedy", () => {
  it("surveys a unit with three sources", async () => {
    const { page } = session;
    await answerLike(page, /^Enter its size or plate/);
    await press(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "63");
    await type(page, "Rated load amps", "13.2");
    await type(page, "Fan amps", "2.5");
    await press(page, "Add shore power");
    await type(page, "Breaker", "15");
    await press(page, "Add a generator");
    await type(page, "Running watts", "5500");
    await take(page, '[role="radio"][value="generator"]', "click");
    await press(page, "Add a generator");
    await until(
      "a fresh source",
      async () =>
        (await lookAtAll(page, "button[aria-expanded]", (all) => all.filter((b) => b.textContent === "Generator").length)) === 2 &&
        (await fieldValue(page, "Running watts")) === "",
    );
    await type(page, "Running watts", "2600");
    await type(page, "Surge watts", "3200");
    await answerLike(page, /enough for an answer/);
  });

  it("sets every remedy side by side and never offers a larger breaker", async () => {
    const { page } = session;
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("3");
    await answerLike(page, /Soft starter, learned, about \$350/);
    await sees(page, /As it is\s+does not fit/);
    await sees(page, /A larger breaker or a thicker wire is never a fix/);
    await sees(page, /Running amps and running cost stay the same/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("takes a price and a starter of one’s own, and says why one does not match", async () => {
    const { page } = session;
    await type(page, "Soft starter", "295");
    await answerLike(page, /Soft starter, learned, about \$295/);
    await type(page, "Soft starter", "-3");
    await sees(page, /Soft starter must be a number from 0/);
    await press(page, "Add a starter");
    await type(page, "Name", "Loft class");
    await type(page, "Largest locked rotor amps", "40");
    await sees(page, /The plate’s locked rotor amps are more than it may start/);
    await type(page, "Largest locked rotor amps", "75");
    await type(page, "Price", "240");
    await answerLike(page, /Soft starter, Loft class, about \$240/);
  });

  it("opens one in Check, where the answer is the same", async () => {
    const { page } = session;
    await press(page, "Open in Check: Soft starter, Loft class");
    await answerLike(page, /^Yes/);
    await page.waitForSelector('[role="radio"][value="soft"][aria-checked="true"]');
    await until("tries to begin", async () => /Works in \d+ of 100 tries/.test(await lookAt(page, "main", (e) => e.textContent ?? "")));
  });

  it("stops the tries when told to", async () => {
    const { page } = session;
    // Tries may be over before a hand gets there; this one presses the moment it sees the button.
    const script = await page.evaluateOnNewDocument(() => {
      new MutationObserver(() => {
        const stop = [...document.querySelectorAll("main button")].find((b) => b.textContent === "stop");
        if (stop === undefined || document.documentElement.dataset.stopped !== undefined) return;
        document.documentElement.dataset.stopped = /\(([\d,]+) of [\d,]+\)/.exec(document.querySelector("main")?.textContent ?? "")?.[1];
        (stop as HTMLButtonElement).click();
      }).observe(document, { childList: true, subtree: true, characterData: true });
    });
    await page.reload({ waitUntil: "load" });
    await page.waitForFunction(() => document.documentElement.dataset.stopped !== undefined);
    await page.waitForFunction(() => /Works in \d+ of 100 tries\./.test(document.querySelector("main")?.textContent ?? ""));
    const done = await page.evaluate(() => document.documentElement.dataset.stopped?.replace(",", ""));
    expect(Number(done)).toBeLessThan(1000);
    expect(await lookAt(page, "main", (e) => e.textContent)).not.toMatch(/so far/);
    await page.removeScriptToEvaluateOnNewDocument(script.identifier);
  });

  it("shows what learning is expected to look like", async () => {
    const { page } = session;
    await page.keyboard.press("8");
    await sees(page, /Expected: settled by start \d\./);
    await sees(page, /Once it has learned, inrush mode on compressor common should show \d+\.\d to \d+\.\d A\./);
    await sees(page, /In the simulation the restart stalls/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
