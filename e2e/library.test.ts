import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answer, answerLike, downloaded, fieldValue, go, keptIn, ownRig, press, sees, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt } from "./look.ts";
import { startFrom } from "./start-from.ts";

const sessions: Session[] = [];
afterAll(async () => {
  for (const s of sessions) await s.close();
});

const jobOf = (page: Page): string => new URL(page.url()).pathname.replace(/\/[^/]+$/, "");

describe("a library of one's own", LONG, () => {
  it("keeps a unit without a name, and the next of its model takes a third of the entries", async () => {
    const session = await openApp();
    sessions.push(session);
    const { page, downloads } = session;
    let entries = 0;
    const enter = async (label: string, text: string): Promise<void> => {
      await type(page, label, text);
      entries += 1;
    };
    await ownRig(page);
    const job = jobOf(page);
    for (const [label, text] of [
      ["Cooling", "13500"],
      ["Locked rotor amps", "63"],
      ["Rated load amps", "13.2"],
      ["Fan amps", "2.5"],
      ["Run capacitor", "45"],
    ] as const)
      await enter(label, text);
    await press(page, "More, if the plate has it");
    await enter("Largest breaker the plate allows", "25");
    await enter("Minimum circuit ampacity", "19");
    await enter("Model, as printed", "KD 135-S2");
    await go(page, `${job}/prepare/found`);
    await answerLike(page, /^\d+ parts and \d+ wires/);
    await startFrom(page, "rooftop-overload");
    entries += 1;
    await until("the circuit", async () => !(await answer(page)).startsWith("0"));
    const found = await answer(page);
    const first = entries;
    const picture = join(downloads, "..", "box.png");
    writeFileSync(picture, await page.screenshot());
    const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph it as found")]);
    await chooser.accept([picture]);
    await until("the photo", async () => (await keptIn(page)).records.some((r) => r.kind === "photo"));
    await go(page, `${job}/hand-over`);
    await press(page, "As found, photo 1", "click", "checkbox");
    await press(page, "Keep KD 135-S2 in your library");
    await sees(page, /Kept in your library/);

    await go(page, `${job}/survey`);
    await press(page, "Add another unit to this rig");
    await until("the other unit", async () => jobOf(page) !== job);
    await answerLike(page, /Enter the plate|Enter two things/);
    entries = 0;
    await press(page, "More, if the plate has it");
    await enter("Model, as printed", "kd135s2");
    await sees(page, /You have done one of these/);
    await sees(page, /Kit that went up\s.*\d × /s);
    await page.waitForSelector('img[alt="As found, another KD 135-S2"]');
    expect(await fieldValue(page, "Locked rotor amps")).toBe("");
    if (process.env.SHOT !== undefined) {
      await lookAt(page, 'section[aria-label="What you know of this model"]', (e) => e.scrollIntoView());
      await page.screenshot({ path: `${process.env.SHOT}-offer.png` });
    }
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Use these where this unit has none");
    await press(page, "Use this circuit");
    await sees(page, /Taken over\. Look at each on this unit/);
    await until("the figures", async () => (await fieldValue(page, "Locked rotor amps")) === "63");
    const other = jobOf(page);
    await go(page, `${other}/prepare/found`);
    await until("the same circuit", async () => (await answer(page)) === found);
    expect(entries).toBeLessThanOrEqual(first / 3);

    await go(page, "/library");
    await answerLike(page, /1 model from 1 unit/);
    await type(page, "Model, board, color, trait", "kd135 black");
    await sees(page, /KD 135-S2/);
    if (process.env.SHOT !== undefined) await page.screenshot({ path: `${process.env.SHOT}-library.png` });
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Export the library");
    const file = await downloaded(downloads, ".ampsaver.json");
    const there = await openApp("/rigs");
    sessions.push(there);
    await upload(there.page, file);
    await sees(there.page, /1 × model in your library: new/);
    await press(there.page, "Import it");
    await until("the model", async () => (await keptIn(there.page)).records.length >= 0);
    await go(there.page, "/library");
    await answerLike(there.page, /1 model from 1 unit/);
    expect([...session.complaints, ...there.complaints]).toEqual([]);
  });
});
