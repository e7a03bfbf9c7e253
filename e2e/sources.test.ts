import { isDeepStrictEqual } from "node:util";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, fieldValue, keptIn, named, notYet, press, sees, type, until } from "./hands.ts";
import { lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
});
afterAll(() => session.close());

/** Waits until the page no longer shows an error. */
const noAlert = (): Promise<unknown> =>
  until("no error", async () => {
    const said = await lookAtAll(session.page, '[role="alert"]', (all) => all.map((e) => e.textContent).join(" "));
    return said === "" ? { said } : notYet(said);
  });

/** Sources surveyed in full, with figures that cannot be right among them. Steps depend on one another. */
describe("surveying an inverter on batteries and a measured circuit", () => {
  it("takes an inverter with its bank and its ratings in between", async () => {
    const { page } = session;
    await press(page, "New rig");
    await type(page, "Name of the rig", "Heron Loft");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "63");
    await type(page, "Rated load amps", "13.2");
    await answerLike(page, /shore power, a generator or an inverter/);
    await press(page, "Add an inverter");
    await answerLike(page, /Enter the source’s watts/);
    await type(page, "Running watts", "3000");
    await type(page, "Surge watts", "6000");
    await type(page, "Battery volts", "12.8");
    await press(page, "More about this source");
    await type(page, "Bank and cables", "6");
    await type(page, "Low-voltage cut-off", "11");
    await answerLike(page, /enough for an answer/);
  });

  it("refuses a rating that cannot be read, keeps what was typed, and takes it mended", async () => {
    const { page } = session;
    await press(page, "Ratings in between");
    await type(page, "Watts and seconds", "3600 long");
    await press(page, "Use these");
    await sees(page, /Watts and seconds, line 1: must be /);
    expect(await fieldValue(page, "Watts and seconds")).toBe("3600 long");
    await type(page, "Watts and seconds", "3600 1800");
    await press(page, "Use these");
    await noAlert();
  });

  it("leaves what was kept where a figure is refused, not the part of it that was good", async () => {
    const { page } = session;
    const kept = async () => (await keptIn(page)).records.find((r) => r.kind === "source")?.runningW;
    await type(page, "Running watts", "300000");
    await sees(page, /Running watts must be a number from 50 to 100,000 W/);
    await until("3,000 W to be kept", async () => isDeepStrictEqual(await kept(), { value: 3000, from: "sheet" }) || notYet(await kept()));
    expect(await fieldValue(page, "Running watts")).toBe("300000");
    await type(page, "Running watts", "3000");
    await noAlert();
  });

  it("says what the battery must give, in the answer’s own figures", async () => {
    const { page } = session;
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("2");
    await answerLike(page, /to spare|drops out|^No/);
    await page.keyboard.press("w");
    await sees(page, /battery/i);
    await page.keyboard.press("Escape");
  });

  it("refuses volts that rise under load, and gives the ohm of those that fall", async () => {
    const { page } = session;
    await page.keyboard.press("1");
    await press(page, "Add shore power");
    await type(page, "Breaker", "30");
    await press(page, "More about this source");
    await type(page, "Volts, nothing on", "118");
    await type(page, "Volts, loaded", "121");
    await type(page, "Amps of that load", "12");
    await sees(page, /Volts, loaded must be less than volts with nothing on/);
    await type(page, "Volts, loaded", "113.2");
    await sees(page, /That is 0\.40 ohm up to the rig/);
  });

  it("refuses a breaker’s band whose edges cross, and keeps one that does not", async () => {
    const { page } = session;
    await press(page, "Breaker trip curve");
    await type(page, "Trips at the latest", "1.35 3600");
    await press(page, "Use these");
    await sees(page, /needs two pairs or more/);
    await press(page, "Undo these changes");
    await type(page, "Trips at the earliest", "2 20");
    await page.keyboard.press("Enter");
    await page.keyboard.type("6 1");
    await press(page, "Use these");
    await noAlert();
    await type(page, "Trips at the latest", "2 10");
    await page.keyboard.press("Enter");
    await page.keyboard.type("6 0.5");
    await press(page, "Use these");
    await sees(page, /crosses the other edge/);
    await type(page, "Trips at the latest", "2 120");
    await page.keyboard.press("Enter");
    await page.keyboard.type("6 8");
    await press(page, "Use these");
    await noAlert();
  });

  it("takes cords in a row and answers with them", async () => {
    const { page } = session;
    await press(page, "Add a cord or adapter");
    await type(page, "Cord 1, length", "-5");
    await sees(page, /Cord 1, length must be a number from/);
    await type(page, "Cord 1, length", "50");
    await noAlert();
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("2");
    await answerLike(page, /to spare|drops out|^No/);
  });

  it("sets breaker and wire beside the plate, and never calls for a larger one", async () => {
    const { page } = session;
    await page.keyboard.press("1");
    await press(page, "More, if the plate has it");
    await type(page, "Largest breaker the plate allows", "25");
    await type(page, "Minimum circuit ampacity", "19");
    const circuit = await named(page, "group", "Its own breaker and wire, as found");
    const breaker = await circuit.$("input");
    await breaker?.click({ count: 3 });
    await breaker?.type("30");
    await sees(page, /The breaker is 30\.0 A, and the plate allows 25\.0 A at most\. It needs a smaller one/);
    await breaker?.click({ count: 3 });
    await breaker?.type("15");
    await sees(page, /it may trip while it runs[\s\S]*A larger breaker is no fix/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("has it all after a reload", async () => {
    const { page } = session;
    await page.reload({ waitUntil: "load" });
    await answerLike(page, /enough for an answer/);
    await page.waitForFunction(() => document.querySelectorAll("section button[aria-expanded]").length >= 2);
    await press(page, "Inverter");
    await sees(page, /Battery volts/);
    await press(page, "More about this source");
    expect(await fieldValue(page, "Watts and seconds")).toBe("3600 1800");
    expect(await fieldValue(page, "Bank and cables")).toMatch(/^6(\.0)?$/);
  });

  it("raised no complaint in the browser", () => {
    expect(session.complaints).toEqual([]);
  });
});
