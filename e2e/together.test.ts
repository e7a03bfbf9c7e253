import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answer, answerLike, keptIn, press, sees, tabTo, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";

const folder = mkdtempSync(join(tmpdir(), "amp-saver-loads-"));
afterAll(() => rmSync(folder, { recursive: true }));

/** What would stand on paper, and the file it makes. */
async function printed(page: Page): Promise<string> {
  await page.emulateMediaType("print");
  const pdf = await page.pdf({ format: "A5" });
  expect(Buffer.from(pdf.subarray(0, 5)).toString()).toBe("%PDF-");
  expect(pdf.length).toBeGreaterThan(5000);
  const shown = await lookAtAll(page, "section, p, h1, h2, h3, dt, dd, a, button", (all) =>
    all
      .filter((e) => getComputedStyle(e).visibility === "visible" && (e as HTMLElement).offsetParent !== null)
      .map((e) => (e.children.length === 0 ? e.textContent : ""))
      .join("\n"),
  );
  await page.emulateMediaType("screen");
  return shown;
}

/** Plans something off by touch, and waits until it is: the page may move under the finger meanwhile. */
async function untick(page: Page, name: string): Promise<void> {
  const state = (): Promise<string | null> =>
    page.$eval(`::-p-aria(${name}[role="checkbox"])`, (e) => e.getAttribute("aria-checked")).catch(() => null);
  await until(`${name} to be planned off`, async () => {
    if ((await state()) === "false") return true;
    const said = await answer(page);
    await pause(250);
    if (said !== (await answer(page))) return false;
    await press(page, name, "tap", "checkbox");
    await pause(250);
    return (await state()) === "false";
  });
}

/** A rig of three units surveyed, budgeted and shed with the keyboard alone. Steps depend on one another. */
describe("a three-unit rig, by keyboard only", () => {
  let session: Session;
  beforeAll(async () => {
    session = await openApp();
    await session.page.waitForSelector("#answer");
  });
  afterAll(() => session.close());

  const plate = async (lra: string, rla: string): Promise<void> => {
    const { page } = session;
    await tabTo(page, /^Locked rotor amps$/);
    await page.keyboard.type(lra);
    await tabTo(page, /^Rated load amps$/);
    await page.keyboard.type(rla);
  };

  it("surveys three plates and a hook-up", async () => {
    const { page } = session;
    await page.keyboard.press("n");
    await page.waitForSelector("#rig-name:focus");
    await page.keyboard.type("Quill Barge");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await plate("63", "13.2");
    await tabTo(page, /^Add shore power$/);
    await page.keyboard.press("Enter");
    await sees(page, /Wiring and cord/);
    await page.keyboard.down("Shift");
    await tabTo(page, /^Breaker$/);
    await page.keyboard.up("Shift");
    await page.keyboard.type("30");
    await answerLike(page, /enough for an answer/);
    for (const [lra, rla] of [
      ["50", "10.4"],
      ["44", "9"],
    ] as const) {
      await tabTo(page, /^Amp Saver/);
      await page.keyboard.press("Enter");
      await tabTo(page, /^Rigs and sources/);
      await page.keyboard.press("Enter");
      await answerLike(page, /1 rig/);
      await tabTo(page, /^Add a unit$/);
      await page.keyboard.press("Enter");
      await answerLike(page, /Enter the plate/);
      await plate(lra, rla);
      await answerLike(page, /Add what feeds it|enough for an answer/);
    }
  });

  it("adds loads and says what must go off", async () => {
    const { page } = session;
    await tabTo(page, /^What can run together$/);
    await page.keyboard.press("Enter");
    await answerLike(page, /^Not all at once\. Turn off /);
    for (const [key, name] of [
      ["m", "Microwave"],
      ["b", "Battery charger"],
    ] as const) {
      await tabTo(page, /^Add a load$/);
      await page.keyboard.press(key);
      await until(`${name} in the list`, () => page.$(`::-p-aria(${name}[role="checkbox"])`));
    }
    expect(await answerLike(page, /Microwave/)).toMatch(/^Not all at once\. Turn off (Unit \d|Roof unit)/);
  });

  it("moves the answer when something is planned off, and brings it to a fit", async () => {
    const { page } = session;
    for (const name of [/^Microwave$/, /^Battery charger$/]) {
      await page.evaluate(() => (document.activeElement as HTMLElement).blur());
      await tabTo(page, name);
      await page.keyboard.press("Space");
    }
    const shed = await answerLike(page, /^Not all at once\. Turn off (?!.*(Microwave|Battery charger))/);
    const names = shed
      .replace(/^Not all at once\. Turn off /, "")
      .replace(/\.$/, "")
      .split(/, | and /);
    for (const name of names) {
      await page.evaluate(() => (document.activeElement as HTMLElement).blur());
      await tabTo(page, new RegExp(`^${name}$`));
      await page.keyboard.press("Space");
    }
    await answerLike(page, /^(Yes|Barely)\./);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("prints the limits card and nothing else", async () => {
    const { page } = session;
    await page.evaluate(() => {
      const counted = globalThis as unknown as { printed: number };
      counted.printed = 0;
      globalThis.print = () => {
        counted.printed += 1;
      };
      (document.activeElement as HTMLElement).blur();
    });
    await page.keyboard.press("p");
    expect(await page.evaluate(() => (globalThis as unknown as { printed: number }).printed)).toBe(1);
    const paper = await printed(page);
    expect(paper).toMatch(/Quill Barge on Shore power/);
    expect(paper).toMatch(/While an air conditioner starts/);
    expect(paper).toMatch(/Never a larger breaker or wire/);
    expect(paper).not.toMatch(/Logbook|Add a load|What can run together/);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});

/** The same on a phone, by touch: from an empty database to the card. */
describe("a three-unit rig, by touch on a phone", LONG, () => {
  let session: Session;
  beforeAll(async () => {
    session = await openApp("/", PHONE);
  });
  afterAll(() => session.close());

  it("surveys three plates and a generator", async () => {
    const { page } = session;
    await press(page, "New rig", "tap");
    await type(page, "Name of the rig", "Moth Tender");
    await press(page, "Begin", "tap");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "50");
    await type(page, "Rated load amps", "10.4");
    await press(page, "Add a generator", "tap");
    await type(page, "Running watts", "3500");
    await type(page, "Surge watts", "4500");
    await answerLike(page, /enough for an answer/);
    for (const [lra, rla] of [
      ["44", "9"],
      ["63", "13.2"],
    ] as const) {
      await page.goto(new URL("/rigs", page.url()).href, { waitUntil: "load" });
      await press(page, "Add a unit", "tap");
      await answerLike(page, /Enter the plate/);
      await type(page, "Locked rotor amps", lra);
      await type(page, "Rated load amps", rla);
      await answerLike(page, /enough for an answer/);
    }
  });

  it("budgets, sheds and shows the card", async () => {
    const { page } = session;
    await press(page, "What can run together", "tap", "link");
    const shed = await answerLike(page, /[Tt]urn off /);
    const names = shed
      .replace(/^.*[Tt]urn off /, "")
      .replace(/( while the others start)?\.$/, "")
      .split(/, | and /);
    expect(names.length).toBeGreaterThan(0);
    for (const name of names) await untick(page, name);
    const now = await until("another answer", async () => {
      const said = await answer(page);
      return said !== shed && said;
    });
    expect(now).not.toMatch(/^Too much/);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
    expect(await axeFindings(page)).toEqual([]);
    expect(await printed(page)).toMatch(/Moth Tender on Generator/);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});

describe("a list of loads as a file, on a phone", LONG, () => {
  let session: Session;
  beforeAll(async () => {
    session = await openApp("/", PHONE);
    await press(session.page, "Look at an example", "tap");
    await sees(session.page, /Fennel Row 12/);
    await session.page.waitForFunction(() => !document.body.textContent?.includes("no answer yet"));
    await session.page.goto(new URL("/rig/demo-tin-lantern/together", session.page.url()).href, { waitUntil: "load" });
    await answerLike(session.page, /^Not all at once/);
  });
  afterAll(() => session.close());

  const read = async (name: string, text: string): Promise<void> => {
    const path = join(folder, name);
    writeFileSync(path, text);
    await upload(session.page, path, 'input[type="file"][accept*="csv"]');
  };

  it.each([
    ["empty.csv", "", /The list is empty/],
    ["twice.csv", "name,watts,watts\nHob,5,6\n", /The column watts appears twice/],
    ["negative.csv", "name,amps\nHob,-4\n", /Line 2, amps: must be a number from 0\.0 to 200 A/],
    ["endless.csv", `name,watts\n${"Hob,1800\n".repeat(100_000)}`, /at most 20 loads/],
  ])("%s is refused in a clear sentence and changes nothing", async (name, text, sentence) => {
    const before = await keptIn(session.page);
    await read(name, text);
    await sees(session.page, sentence);
    expect(await keptIn(session.page)).toEqual(before);
  });

  it("takes a good one with decimal commas, and gives it back at one undo", async () => {
    const { page } = session;
    const before = await keptIn(page);
    await read("good.csv", "name;amps;priority\nDough press;4,5;5\nLathe;6,2;4\n");
    await sees(page, /2 loads imported/);
    await answerLike(page, /Dough press|Lathe/);
    await press(page, "Undo", "tap");
    await until("the list as it was", async () => JSON.stringify(await keptIn(page)) === JSON.stringify(before));
  });

  it("sheds by touch until it fits, and fits the page", async () => {
    const { page } = session;
    for (const name of ["Rear, over the bunks", "Battery charger", "Chemistry bath heater"]) await untick(page, name);
    await answerLike(page, /^(Yes|Barely)\./);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
    expect(await axeFindings(page)).toEqual([]);
    expect(await printed(page)).toMatch(/Tin Lantern on 2\.2 kW generator/);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});

describe("the day of a rig", () => {
  let session: Session;
  beforeAll(async () => {
    session = await openApp();
    await press(session.page, "Look at an example");
    await sees(session.page, /5 jobs, 3 rigs/);
    await session.page.goto(new URL("/rig/demo-tin-lantern/together", session.page.url()).href, { waitUntil: "load" });
    await answerLike(session.page, /^Not all at once/);
  });
  afterAll(() => session.close());

  it("is one choice away, names what is short and its worst moment", async () => {
    const { page } = session;
    await press(page, "Hour by hour", "click", "radio");
    await answerLike(page, /^Not everything can run: .* has no power/);
    await sees(page, /Worst moment \d\d:\d\d: [\d,]+ W needed at once/);
    await sees(page, /Front, over the darkroom: \d+ starts/);
    await sees(page, /Fuel: \d+\.\d gal/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("is read out by keys, from midnight to midnight", async () => {
    const { page } = session;
    await page.focus('[role="slider"]');
    await page.keyboard.press("Home");
    await sees(page, /00:00: [\d,]+ W needed, [\d,]+ W available, \d+ °F, bank \d+ %/);
    await page.keyboard.press("End");
    await sees(page, /23:55: /);
  });

  it("moves when hours are changed", async () => {
    const { page } = session;
    const before = await answer(page);
    await press(page, "Pedestal, 30 A: all day");
    await until("another answer", async () => (await answer(page)) !== before);
    const select = await page.waitForSelector("::-p-aria(2.2 kW generator, to)");
    await (select as unknown as { select: (value: string) => Promise<void> }).select("1440");
    await until("the new hour", async () => (await select?.evaluate((e) => (e as HTMLSelectElement).value)) === "1440");
    await press(page, "Pedestal, 30 A: not available this day");
    await sees(page, /The bank is at its limit|no power/);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
