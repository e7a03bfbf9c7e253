import type { BenchCommand, BenchState } from "@amp-saver/instruments/simulated";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { hasten } from "./clock.ts";
import { answerLike, asList, fieldValue, go, named, notYet, pick, press, sees, type, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt } from "./look.ts";

/** How many times as fast clock and bench run here. */
const RATE = 100;
const REAR = "/job/demo-rear-job";

let phone: Session;

/** A hand on the bench: thermostat, jaws, faults. */
async function hand(...commands: readonly BenchCommand[]): Promise<void> {
  for (const command of commands) {
    const response = await fetch(`${inject("address")}/api/bench`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(command),
    });
    expect(response.status).toBe(204);
  }
}

async function phaseOf(unit: string): Promise<BenchState["units"][number]["phase"] | undefined> {
  const state = (await (await fetch(`${inject("address")}/api/bench`)).json()) as BenchState;
  return state.units.find((u) => u.id === unit)?.phase;
}

const call = (unit: string, on: boolean): Promise<void> => hand({ do: "call", unit, on });
const comes = (unit: string, phase: string): Promise<true> =>
  until(`${unit} to be ${phase}`, async () => ((await phaseOf(unit)) === phase ? (true as const) : false));

/** One start of the rear unit, read by the clamp and taken over into the record. */
async function readStart(page: Page): Promise<void> {
  await hand({ do: "rate", times: RATE });
  await call("rear", true);
  await comes("rear", "running");
  await sees(page, /Clamp meter shows \d+(\.\d)? A, inrush/);
  await press(page, "Use the figure from Clamp meter", "tap");
  await press(page, "Keep this reading", "tap");
  await sees(page, /Rest \d:\d\d more before the next start counts|It has rested/);
  await call("rear", false);
  await press(page, "It is off: start the rest", "tap");
}

const mainText = (page: Page): Promise<string> => page.evaluate(() => document.querySelector("main")?.textContent.slice(0, 1500) ?? "");

/** Ohms on the multimeter's display. */
async function shownByMeter(page: Page): Promise<string> {
  const text = await page.evaluate(() => document.body.textContent ?? "");
  return /Take (\d+(\.\d+)?)\u00a0?\s?ohm from the multimeter/.exec(text)?.[1] ?? "";
}

const clear = (page: Page): Promise<unknown> =>
  page.evaluate(() =>
    fetch("/api/instruments/clamp", { method: "POST", headers: { "content-type": "application/json" }, body: '{"do":"clear"}' }),
  );

beforeAll(async () => {
  phone = await openApp("/", PHONE);
  await phone.page.waitForSelector("#answer");
  await hasten(phone.page, RATE);
  await phone.page.reload({ waitUntil: "load" });
  await press(phone.page, "Look at an example", "tap");
  await answerLike(phone.page, /Tin Lantern: /);
  await hand({ do: "rate", times: RATE }, { do: "clamp", unit: "rear", jaws: "common" }, { do: "fault", fault: "bounce", on: true });
});
afterAll(async () => {
  await hand({ do: "call", unit: "rear", on: false }, { do: "call", unit: "front", on: false }, { do: "rate", times: 1 });
  await phone.close();
});

/** Before, learning and after on a phone, every figure from the stand-ins of the demo's own rig. */
describe("with instruments that answer", LONG, () => {
  it("names them, shows them live, and turns their keys", async () => {
    const { page } = phone;
    await go(page, "/instruments");
    await answerLike(page, /^5 instruments are connected, all simulated\.$/);
    await press(page, "inrush", "tap", "radio");
    await sees(page, /– – –\s+inrush/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("takes before readings over, and leaves out the one that bounced", async () => {
    const { page } = phone;
    await go(page, `${REAR}/before`);
    await answerLike(page, /^No before readings yet\./);
    await sees(page, /Close the jaws around one wire: .*compressor C/);
    await sees(page, /Enter each start at once/);
    await readStart(page);
    await sees(page, /more than this plate’s locked rotor amps: a bounced contact/);
    await sees(page, /Rest \d:\d\d more before the next start counts|It has rested/);
    for (let k = 0; k < 2; k++) {
      await sees(page, /It has rested\. The next start counts/);
      await clear(page);
      await readStart(page);
    }
    await answerLike(page, /^It draws \d+\.\d A to start\. Take 1 more\.$/);
    await sees(page, /1 more start reading before/);
  });

  it("finds the wires from what the multimeter shows", async () => {
    // By the clock on the wall: by one that runs fast a proof has lapsed before the meter is read.
    const calm = await openApp("/", PHONE);
    const { page } = calm;
    await page.waitForSelector("#answer");
    await press(page, "Look at an example", "tap");
    await answerLike(page, /Tin Lantern: /);
    await asList(page);
    await go(page, `${REAR}/fit/find`);
    await answerLike(page, /^Lead c is compressor C, lead b compressor R, lead a compressor S\.$/);
    expect(await page.$("::-p-text(from the multimeter)")).toBeNull();
    await page.evaluate(() =>
      localStorage.setItem("amp-saver proof demo-rear-job", JSON.stringify({ run: "demo", evidence: null, at: Date.now() })),
    );
    await go(page, `${REAR}/isolate`);
    await press(page, "It is proven dead: start work", "tap");
    await answerLike(page, /^Proven dead at/);
    await go(page, `${REAR}/fit/find`);
    await hand({ do: "power", on: false }, { do: "probes", unit: "rear", between: "together" });
    const ranged = await page.evaluate(async () => {
      const headers = { "content-type": "application/json" };
      const answer = await fetch("/api/instruments/multimeter", { method: "POST", headers, body: '{"do":"range","range":"ohm"}' });
      return answer.status;
    });
    expect(ranged).toBe(204);
    // The probes lie together already: their ohms may stand there before they are asked for. The last digit moves by itself.
    let before = 0;
    for (const [between, label] of [
      ["together", "Probes held together"],
      ["R-S", "Leads a and b"],
      ["C-S", "Leads b and c"],
      ["R-C", "Leads c and a"],
    ] as const) {
      await hand({ do: "probes", unit: "rear", between });
      const shown = await until("the meter to change", async () => {
        const now = await shownByMeter(page);
        return now !== "" && Math.abs(Number(now) - before) > 0.1 * before ? now : notYet(now === "" ? await mainText(page) : now);
      });
      before = Number(shown);
      await press(page, `${label}: take ${shown} ohm from the multimeter`, "tap");
      await until("the field to hold it", async () => Number(await fieldValue(page, `${label}, ohm`)) === Number(shown));
    }
    await answerLike(page, /^Lead c is compressor C, lead a compressor R, lead b compressor S\.$/);
    await hand({ do: "power", on: true });
    await until("nothing to take from a live circuit", async () => (await page.$("::-p-text(from the multimeter)")) === null);
    await calm.close();
  });

  it("conducts two units in turns, told by the starters’ own links, until both are done", async () => {
    const { page } = phone;
    await hand({ do: "fit", unit: "rear", on: true }, { do: "fit", unit: "front", on: true });
    await go(page, "/rig/demo-tin-lantern/history");
    await press(page, "Duplicate: Fit a soft starter, Front, over the darkroom", "tap");
    await press(page, "Create it", "tap");
    await until("the new job", async () => /\/check/.test(page.url()));
    for (const [job, link] of [
      [/job\/([^/]+)/.exec(page.url())![1]!, "starter-front"],
      ["demo-rear-job", "starter-rear"],
    ] as const) {
      await go(page, `/job/${job}/learn`);
      await answerLike(page, /^Not yet: no run is finished\.$/);
      const first = await named(page, "button", "Cooling is called");
      expect(await first.evaluate((e) => (e as HTMLButtonElement).disabled)).toBe(true);
      await press(page, "It is on full shore power, or on a source that can carry it", "tap", "checkbox");
      if (link === "starter-rear") await press(page, "Eco mode is off, if a generator feeds it", "tap", "checkbox");
      await pick(page, "Learning rule", "own");
      for (const [field, text] of [
        ["Runs, at least", "3"],
        ["Runs, at most", "3"],
        ["Run, s", "60"],
        ["Rest, s", "180"],
      ] as const)
        await type(page, field, text);
      await pick(page, "Starts counted by", link);
      await until("the link to be kept", () =>
        page.$eval("::-p-aria(Starts counted by)", (e, to) => (e as HTMLSelectElement).value === to, link),
      );
      await sees(page, /About 9 min from now/);
    }
    await press(page, "Alternate with Front, over the darkroom", "tap", "checkbox");
    await sees(page, /About 10 min from now/);
    for (let run = 1; run <= 3; run++)
      for (const [unit, name] of [
        ["rear", "Run"],
        ["front", "Front"],
      ] as const) {
        await comes(unit, "off");
        await sees(page, unit === "rear" ? /Rested: call for cooling/ : /Front, over the darkroom\s+may start/);
        await call(unit, true);
        await sees(page, unit === "rear" ? new RegExp(`Run ${run}: switch it off when|Run ${run} is over`) : /runs, 0:\d\d left/);
        await sees(page, unit === "rear" ? new RegExp(`Run ${run} is over: switch it off`) : /runs, 0:00 left/);
        await call(unit, false);
        await sees(
          page,
          unit === "rear"
            ? run < 3
              ? /Resting before start|Rested: call/
              : /Done/
            : new RegExp(`${name}, over the darkroom\\s+(rests|done)`),
        );
      }
    await answerLike(page, /^(Yes: after 3 runs it has settled|After 3 runs it still moves)/);
    const picture = await lookAt(page, 'svg[aria-label*="runs done of"]', (e) => e.getAttribute("aria-label"));
    expect(picture).toMatch(/^3 runs done of/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("takes after readings the same way, and says what they prove", async () => {
    const { page } = phone;
    await go(page, `${REAR}/prove`);
    await answerLike(page, /^No after readings yet\./);
    for (let k = 0; k < 2; k++) {
      await sees(page, /It has rested\. The next start counts/);
      await clear(page);
      await readStart(page);
    }
    await answerLike(page, /starting amps fell from \d+\.\d A to \d+\.\d A, \d+ % less/);
    expect(phone.complaints).toEqual([]);
  });
});
