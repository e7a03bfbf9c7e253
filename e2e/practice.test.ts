import type { Page } from "puppeteer-core";
import { afterEach, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answer, answerLike, downloaded, named, pick, press, sees, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";
import { type Person, withKeyboard } from "./person.ts";
import { amissIn, saidBy } from "./said.ts";

let session: Session;
afterEach(() => session.close());

/** Opens a lesson with the unit of this number. */
async function lesson(page: Page, id: string, seed: number): Promise<void> {
  await page.evaluate(
    (key, text) => localStorage.setItem(key, text),
    `amp-saver practice ${id}`,
    JSON.stringify({ seed, acts: [], ended: null }),
  );
  await page.goto(new URL(`/practice/${id}`, page.url()).href, { waitUntil: "load" });
  await page.waitForSelector("#answer");
}

/** How somebody works the bench. */
interface Way {
  readonly press: (name: string, role?: string) => Promise<void>;
  /** Turns to a part of what is done. */
  readonly to: (panel: "unit" | "meter" | "power" | "wires" | "finds") => Promise<void>;
  readonly pick: (label: string, value: string) => Promise<void>;
}

const byHand = (page: Page, how: "click" | "tap"): Way => {
  const words = { unit: "Unit", meter: "Meter", power: "Power", wires: "Wires", finds: "Finish" };
  return {
    press: (name, role = "button") => press(page, name, how, role),
    to: async (panel) => {
      if (panel !== "unit" || how === "tap") await press(page, words[panel], how, "radio");
    },
    pick: (label, value) => pick(page, label, value),
  };
};
const byKeys = (page: Page): Way => {
  const me: Person = withKeyboard(page);
  return {
    press: (name, role) => me.press(name, role),
    to: (panel) => (panel === "unit" ? Promise.resolve() : me.choose(`[role="radio"][value="${panel}"]`)),
    pick: (label, value) => me.pick(label, value),
  };
};

/** Opens the box, its hidden screw looked for where one holds it. */
async function openBox(way: Way, page: Page): Promise<void> {
  await way.press("Open: electrical box");
  const told = await answerLike(page, /^Open: electrical box: done$|^It does not come off/);
  if (/done$/.test(told)) return;
  await way.press("Look for hidden screws");
  await answerLike(page, /one more screw/);
  await way.press("Open: electrical box");
  await answerLike(page, /^Open: electrical box: done$/);
}

/** Sets both probes down, and gives what the meter shows. */
async function measure(page: Page, way: Way, from: string, to: string): Promise<number> {
  await way.press(from);
  await way.press(to);
  const text = await answerLike(page, new RegExp(`, ${from} to ${to}$`));
  return Number.parseFloat(text.replaceAll(",", ""));
}

const PAIRS = [
  ["supply L", "supply N"],
  ["supply L", "supply ground"],
  ["supply N", "supply ground"],
] as const;

/** Both ends of every capacitor, as the page lists them. */
const capacitors = (page: Page): Promise<readonly (readonly string[])[]> =>
  lookAtAll(page, "main p", (all) =>
    all.flatMap((e) => (/ – (cap|fan cap|hard|start)/.test(e.textContent) ? [e.textContent.split(" – ")] : [])),
  );

/** Proves the open unit dead: meter, pairs, meter, every capacitor bled and read twice; then a hand goes in. */
async function proveDead(page: Page, way: Way): Promise<void> {
  await way.to("unit");
  expect(await measure(page, way, "proving unit L", "proving unit N")).toBeGreaterThan(100);
  for (const [from, to] of PAIRS) expect(await measure(page, way, from, to)).toBeLessThan(3);
  await measure(page, way, "proving unit L", "proving unit N");
  await way.to("wires");
  const caps = await capacitors(page);
  expect(caps.length).toBeGreaterThan(0);
  const bleeds = await page.$$("::-p-aria(Bleed 15 s)");
  for (const bleed of bleeds) {
    await bleed.focus();
    await page.keyboard.press("Enter");
    await answerLike(page, /^Bleed .*: done$/);
  }
  await way.to("meter");
  await way.pick("Range", "volts-dc");
  await way.to("unit");
  for (const [a = "", b = ""] of caps) expect(await measure(page, way, a, b)).toBeLessThan(30);
  await way.to("power");
  await way.press("1 min");
  await answerLike(page, /^Wait 1 min: done$/);
  await way.to("unit");
  for (const [a = "", b = ""] of caps) expect(await measure(page, way, a, b)).toBeLessThan(30);
  await way.press("Hand");
  await way.press("cap C");
  await answerLike(page, /^Touch cap C: done$/);
}

describe("the practice bench", () => {
  it("lesson 1, by finger on a phone: done, kept, and taken along in a file", LONG, async () => {
    session = await openApp("/", PHONE);
    const { page, downloads } = session;
    const way = byHand(page, "tap");
    await press(page, "Look at an example", "tap");
    await answerLike(page, /^Tin Lantern: /);
    await lesson(page, "is-it-dead", 5);
    await way.press("Switch shore power off");
    await way.press("Lock and tag");
    await openBox(way, page);
    await page.reload({ waitUntil: "load" });
    await sees(page, /\d acts/);
    await proveDead(page, way);
    expect(await axeFindings(page)).toEqual([]);
    await way.to("finds");
    await way.press("Finish and see");
    await answerLike(page, /^Is it dead\? Done\.$/);
    await sees(page, /Every time your hands went in, the unit was proven dead\./);
    expect(amissIn(await saidBy(page))).toEqual([]);
    await way.press("All lessons", "link");
    await answerLike(page, /^Next lesson: It feeds again$/);
    await sees(page, /done in \d+ min, an expert takes \d+ min, 1 try/);
    await page.goto(new URL("/rigs", page.url()).href, { waitUntil: "load" });
    await press(page, "Export all", "tap");
    const file = await downloaded(downloads, ".ampsaver.json");
    const other = await openApp("/rigs", PHONE);
    await upload(other.page, file);
    await press(other.page, "Import it", "tap");
    await sees(other.page, /Tin Lantern/);
    await other.page.goto(new URL("/practice", other.page.url()).href, { waitUntil: "load" });
    await sees(other.page, /done in \d+ min, an expert takes \d+ min, 1 try/);
    expect([...session.complaints, ...other.complaints]).toEqual([]);
    await other.close();
  });

  it("lesson 2, by mouse at the desk: what feeds again is found, a probe dragged to its terminal", LONG, async () => {
    session = await openApp("/practice");
    const { page } = session;
    const way = byHand(page, "click");
    await lesson(page, "it-feeds-again", 3);
    await way.press("Switch shore power off");
    await press(page, "Lock and tag");
    await way.press("1 min");
    await answerLike(page, /^Wait 1 min: done$/);
    for (const [piece, terminal] of [
      ["Probe 1", "supply L"],
      ["Probe 2", "supply N"],
    ] as const) {
      const [from, to] = [await named(page, "button", piece), await named(page, "button", terminal)];
      const [a, b] = [(await from.boundingBox())!, (await to.boundingBox())!];
      await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
      await page.mouse.down();
      await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 4 });
      await page.mouse.up();
    }
    expect(Number.parseFloat(await answerLike(page, /, supply L to supply N$/))).toBeGreaterThan(100);
    const kind = await until("the other source", async () =>
      lookAtAll(page, "main h2", (all) => all.map((e) => /^(Inverter|Generator), /.exec(e.textContent)?.[1]).find((k) => k !== undefined)),
    );
    await way.press(`Switch ${kind.toLowerCase()} off`);
    await answerLike(page, /off: done$/);
    await way.press("Lock and tag");
    await answerLike(page, /^Lock and tag (inverter|generator): done$/);
    await openBox(way, page);
    await proveDead(page, way);
    await way.to("finds");
    await way.pick("What is wrong with it?", kind === "Inverter" ? "inverter-feeds-again" : "auto-start");
    await way.press("Name it");
    await sees(page, /You named:/);
    await way.press("Finish and see");
    await answerLike(page, /^It feeds again\. Done\.$/);
    await sees(page, /measured and named/);
    expect(session.complaints).toEqual([]);
  });

  it("lesson 3, by keyboard alone: which pole is hot", LONG, async () => {
    session = await openApp("/practice");
    const { page } = session;
    const way = byKeys(page);
    await lesson(page, "which-pole-is-hot", 2);
    const volts: number[] = [];
    for (const [from, to] of PAIRS) volts.push(await measure(page, way, from, to));
    expect(Math.max(...volts)).toBeGreaterThan(100);
    await way.press("Switch shore power off");
    await way.press("Lock and tag");
    await answerLike(page, /^Lock and tag shore power: done$/);
    await openBox(way, page);
    await proveDead(page, way);
    await way.to("finds");
    await way.pick("What is wrong with it?", volts[2]! > 100 ? "hot-neutral-reversed" : "neutral-open");
    await way.press("Name it");
    await sees(page, /You named:/);
    await way.press("Finish and see");
    await answerLike(page, /^Which pole is hot\? Done\.$/);
    expect(session.complaints).toEqual([]);
  });

  it("stops a hand before it touches what is live, says why, and a guess does not count as found", async () => {
    session = await openApp("/practice");
    const { page } = session;
    await lesson(page, "it-stays-charged", 1);
    await openBox(byHand(page, "click"), page);
    await press(page, "Finish", "click", "radio");
    await press(page, "Hint, costs 2 min");
    await sees(page, /Switch every source off\./);
    await pick(page, "What is wrong with it?", "dirty-coil");
    await press(page, "Name it");
    await sees(page, /You named: Dirty coil/);
    await press(page, "Hand");
    await press(page, "relay COM");
    await answerLike(page, /^Stopped: you would have touched a live terminal/);
    await sees(page, /measure every pair on low impedance first/);
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Finish and see");
    await answerLike(page, /^Stopped at act \d+\. Not done yet\.$/);
    await sees(page, /You named dirty coil; it was not there\./);
    await press(page, "Same unit again");
    await until("the bench as it was at first", async () => /A roof unit|You bleed/.test(await answer(page)));
  });

  it("puts a unit of one’s own together, and refuses a number that is none", async () => {
    session = await openApp("/practice");
    const { page } = session;
    await pick(page, "Wiring", "condenser-two-pole");
    const field = await named(page, "textbox", "Number of the unit");
    await field.click({ count: 3 });
    await page.keyboard.type("12x");
    await sees(page, /Number of the unit must be a whole number from 1 to 1,000,000\./);
    await field.click({ count: 3 });
    await page.keyboard.type("77");
    await press(page, "Hidden faults");
    await press(page, "Weak run capacitor", "click", "checkbox");
    await press(page, "Start : Your own unit");
    await answerLike(page, /^A unit you put together\./);
    await sees(page, /House circuit, 240.V: on/);
    expect(session.complaints).toEqual([]);
  });
});
