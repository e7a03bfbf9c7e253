import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answer, answerLike, named, openPart, pick, press, sees, ticks, type, until } from "./hands.ts";
import { LONG } from "./long.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
});
afterAll(() => session.close());

/** Two boxes, a start capacitor with its PTC; then every way there is to do it otherwise. */
describe("the ways of a plan", LONG, () => {
  it("names the far box on the map and runs a jumper from it, step by step", async () => {
    const { page } = session;
    await press(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press("4");
    await pick(page, "Start aid", "start-capacitor-ptc");
    for (const box of await page.$$('[role="checkbox"]')) {
      const label = await box.evaluate((e) => (e as HTMLInputElement).labels?.[0]?.textContent ?? "");
      if (label.startsWith("Second electrical box on the other side")) await until("the second box", () => ticks(page, box));
    }
    await sees(page, /Relay, far box/);
    await openPart(page, "Plan");
    await sees(page, /Run the jumper for REF from the far end along the factory loom/);
    await sees(page, /Put jumper for REF onto relay NO/);
    await sees(page, /Join jumper for REF with REF/);
    await press(page, "Lead to common is too short", "click", "checkbox");
    await until("no jumper", async () => !(await page.evaluate(() => document.body.textContent ?? "")).includes("jumper for REF"));
    await press(page, "Lead to common is too short", "click", "checkbox");
    await sees(page, /Put jumper for REF onto relay NO/);
  });

  it("takes the start aid out, or leaves it in capped", async () => {
    const { page } = session;
    await sees(page, /Start capacitor and PTC stay bolted in, ends capped and labeled/);
    await pick(page, "Start aid", "remove");
    await sees(page, /Start capacitor and PTC come out and are kept to undo the install/);
    await sees(page, /Unbolt the start capacitor and take it out/);
  });

  it("uses the joint that is asked for, says what comes of it, and where it does not take the wires", async () => {
    const { page } = session;
    await pick(page, "Joints", "butt");
    await sees(page, /butt crimp: 22–10 AWG, up to 2 wires, to 221 °F, vibration good, permanent/);
    await pick(page, "Sense common", "splice");
    await sees(page, /It does not take one joint of this plan; the usual is used there/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("says of every end what it has, what it meets, and what to buy by its gender", async () => {
    const { page } = session;
    await pick(page, "Joints", "usual");
    await openPart(page, "Kit");
    await sees(page, /has bare end, goes into a female push-on; buy ¼ in male spade, insulated, blue/);
    await sees(page, /has ¼ in female push-on, takes a male spade; keeps its ¼ in female push-on/);
    await openPart(page, "As found");
    const wire = await named(page, "button", "white, 12 AWG, compressor R to cap C");
    await wire.evaluate((e) => (e as SVGElement).focus());
    await page.keyboard.press("Enter");
    await pick(page, "Terminal on its loose end", "ring");
    await openPart(page, "Kit");
    await sees(page, /has ring for the screw, is joined with other wires, cut that end off; lever connector/);
  });

  it("has ground wires picked though the map does not draw them", async () => {
    const { page } = session;
    await openPart(page, "As found");
    await press(page, "green (supply G – compressor G)");
    await sees(page, /From[\s\S]*supply G/);
  });

  it("turns the plan over when the ohms contradict the circuit as found, loudly, until it is set right", async () => {
    const { page } = session;
    await openPart(page, "Find the wires");
    await type(page, "Leads a and b, ohm", "4.2");
    await type(page, "Leads b and c, ohm", "0.8");
    await type(page, "Leads c and a, ohm", "3.4");
    await answerLike(page, /^Lead c is compressor C, lead b compressor R, lead a compressor S\.$/);
    await pick(page, "Lead a is on", "w-run");
    await sees(page, /Stop: the ohms contradict the circuit as found/);
    await sees(page, /white \(compressor R – cap C\) leads to compressor S, not to compressor R\. Colors prove nothing/);
    expect(await axeFindings(page)).toEqual([]);
    await openPart(page, "Plan");
    await answerLike(page, /^The ohms put a wire on another compressor terminal than the circuit as found\. No plan is guessed\.$/);
    await press(page, "Exchange the whole wires");
    await until("a plan", async () => /^4 leads/.test(await answer(page)));
    await sees(page, /Lift red \(compressor R – cap C\) off cap C/);
    await openPart(page, "Find the wires");
    await pick(page, "Lead b is on", "w-start");
    await answerLike(page, /^Lead c is compressor C/);
    expect(await page.$("::-p-text(Stop: the ohms contradict)")).toBeNull();
  });
});
