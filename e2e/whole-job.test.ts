import { execFileSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { isDeepStrictEqual } from "node:util";
import type { BenchCommand, BenchState } from "@amp-saver/instruments/simulated";
import ICAL from "ical.js";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { hasten, setClock } from "./clock.ts";
import { answer, answerLike, downloaded, type Kept, keptIn, notYet, sees, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAtAll } from "./look.ts";
import { type Person, withKeyboard } from "./person.ts";

/** How many times as fast the bench runs; the page's own clock is set forward where somebody would wait, and keeps its pace while it learns. */
const RATE = 100;
/** Longer than a unit rests before a start counts, s. */
const REST_S = 400;

/** A hand on the bench: thermostat, jaws, a starter fitted. */
async function hand(...commands: readonly BenchCommand[]): Promise<void> {
  for (const command of commands) {
    const headers = { "content-type": "application/json" };
    const response = await fetch(`${inject("ownBench")}/api/bench`, { method: "POST", headers, body: JSON.stringify(command) });
    expect(response.status).toBe(204);
  }
}

/** Records that differ, as they were and as they are. */
function changedOf(before: Kept, now: Kept): unknown {
  const is = new Map(now.records.map((r) => [`${r.kind} ${r.id}`, r]));
  return before.records.flatMap((was) => {
    const found = is.get(`${was.kind} ${was.id}`);
    return isDeepStrictEqual(was, found) ? [] : [{ was, is: found }].map((both) => JSON.stringify(both).slice(0, 2000));
  });
}

/** A key of the clamp meter itself. */
async function key(command: object): Promise<void> {
  const headers = { "content-type": "application/json" };
  const response = await fetch(`${inject("ownBench")}/api/instruments/clamp`, { method: "POST", headers, body: JSON.stringify(command) });
  expect(response.ok).toBe(true);
}

const comes = (phase: string): Promise<unknown> =>
  until(`the unit to be ${phase}`, async () => {
    const state = (await (await fetch(`${inject("ownBench")}/api/bench`)).json()) as BenchState;
    const now = state.units.find((u) => u.id === "rear")?.phase;
    return now === phase || notYet(now);
  });

/** A whole job on the demo rig's rear unit, told by the stand-ins of its own bench. */
describe("a whole job from Survey to Hand over, by keyboard only", LONG, () => {
  let session: Session;
  let me: Person;
  let plainClock: () => Promise<void>;
  const to = (stage: string): Promise<void> => me.follow(`/job/demo-rear-job/${stage.toLowerCase().replace(" ", "-")}`);

  beforeAll(async () => {
    session = await openApp("/", undefined, inject("ownBench"));
    await session.page.waitForSelector("#answer");
    plainClock = await hasten(session.page, 1);
    await session.page.reload({ waitUntil: "load" });
    me = withKeyboard(session.page);
    await hand({ do: "fit", unit: "rear", on: false }, { do: "rate", times: RATE }, { do: "clamp", unit: "rear", jaws: "common" });
    await key({ do: "mode", mode: "inrush" });
  });
  afterAll(async () => {
    await hand({ do: "call", unit: "rear", on: false }, { do: "fit", unit: "rear", on: false }, { do: "rate", times: 1 });
    await session.close();
  });

  const readStart = async (page: Page): Promise<void> => {
    await hand({ do: "rate", times: RATE }, { do: "call", unit: "rear", on: true });
    await comes("running");
    await sees(page, /Clamp meter shows \d+(\.\d)? A, inrush/);
    await me.press("Use the figure from Clamp meter");
    await me.press("Keep this reading");
    await sees(page, /Rest \d:\d\d more before the next start counts|It has rested/);
    await hand({ do: "call", unit: "rear", on: false });
    await me.press("It is off: start the rest");
    await key({ do: "clear" });
  };

  const fields = async (pattern: RegExp): Promise<readonly string[]> => {
    const labels = await lookAtAll(session.page, "main input", (all) =>
      all.map((e) => e.getAttribute("aria-label") ?? (e as HTMLInputElement).labels?.[0]?.textContent ?? ""),
    );
    return labels.filter((label) => pattern.test(label));
  };
  /** Types the same into every field whose label matches. */
  const fill = async (pattern: RegExp, text: string): Promise<number> => {
    const wanted = await fields(pattern);
    for (const label of wanted) await me.type(label, text);
    return wanted.length;
  };

  /** Everything that Isolate asks, up to the declaration. */
  const isolate = async (): Promise<void> => {
    const { page } = session;
    await answerLike(page, /^\d+ checks? left\. Next: /);
    await me.choose('[role="radio"][value="yes"]');
    await me.choose('[role="radio"][value="locked"]');
    await me.type("Meter proved before, V", "121");
    expect(await fill(/^(line|neutral).*, V$/, "0.1")).toBe(3);
    await me.tickAll(/: on low impedance/);
    expect(await fill(/: DC volts, V$/, "2")).toBeGreaterThanOrEqual(2);
    await sees(page, /Read again in \d+ s/);
    const capacitors = (await fields(/: DC volts, V$/)).length;
    await setClock(page, 31);
    await until("the second readings", async () => (await fields(/: DC volts again, V$/)).length === capacitors);
    await fill(/: DC volts again, V$/, "1");
    await me.type("Meter proved after, V", "120");
    await answerLike(page, /^All checks done. Confirm below to start work\.$/);
    await me.press("It is proven dead: start work");
    await answerLike(page, /^Proven dead at/);
  };

  it("surveys, checks and chooses", async () => {
    const { page } = session;
    await me.press("Look at an example");
    await answerLike(page, /^[A-Z].*: .*\.$/);
    await me.follow("/job/demo-rear-job/check");
    await sees(page, /Will it start\?/);
    await to("Survey");
    await answerLike(page, /enough for an answer/);
    await me.type("Rated load amps", "10.6");
    await to("Check");
    await answerLike(page, /^(Yes|No)/);
    await to("Choose");
    await sees(page, /Soft starter, Roof class/);
    await me.press("Open in Check: Soft starter, Roof class, 16 AWG leads");
    await answerLike(page, /^(Yes|Barely)\. It (starts with .* and runs with|works in)/);
  });

  it("reads the start as found", async () => {
    const { page } = session;
    await to("Before");
    await answerLike(page, /^No before readings yet\./);
    for (let k = 0; k < 3; k++) {
      if (k > 0) await setClock(page, REST_S);
      if (k > 0) await sees(page, /It has rested\. The next start counts/);
      await readStart(page);
    }
    await answerLike(page, /^It draws \d+\.\d A to start, middle of 3 readings\.$/);
  });

  it("prepares, isolates and proves dead", async () => {
    const { page, downloads } = session;
    await to("Prepare");
    await answerLike(page, /parts/);
    await to("Fit");
    await me.choose('[role="radio"][value="find"]');
    await sees(page, /Not proven dead on this device/);
    await me.type("Leads a and b, ohm", "5.6");
    await me.type("Leads b and c, ohm", "1.1");
    await me.type("Leads c and a, ohm", "4.5");
    await answerLike(page, /^Lead c is compressor C/);
    await me.tickAll(/Traced by eye|unit’s own diagram/);
    const picture = join(downloads, "..", "box.png");
    writeFileSync(picture, await page.screenshot());
    const [chooser] = await Promise.all([page.waitForFileChooser(), me.press("Photograph it as found")]);
    await chooser.accept([picture]);
    await sees(page, /Released: two proofs and a photo/);
    await to("Prepare");
    await me.choose('[role="radio"][value="plan"]');
    await sees(page, /Step 1 of 12/);
    await to("Isolate");
    await isolate();
  });

  it("mounts, wires every step, powers up and closes", async () => {
    const { page } = session;
    await to("Fit");
    await me.choose('[role="radio"][value="mount"]');
    await answerLike(page, /^\d+ checks left\. Next: /);
    await me.choose('[role="radio"][value="upright"]');
    await me.type("Free space behind the sheet", "1.18");
    await me.tickAll(/second restraint|fan’s sweep|Shaft turned|Air path|tubing|Lid and shroud|sharp edge|No water/);
    await answerLike(page, /^Go\. This place is good for the starter\.$/);
    await me.choose('[role="radio"][value="wire"]');
    await answerLike(page, /^Photograph the box, both sides/);
    for (let k = 0; k < 40; k++) {
      const sentence = await answer(page);
      if (/^Every step is done/.test(sentence)) break;
      const done = await page.$("::-p-aria(Tugged, it holds)");
      await me.press(done === null ? "Done" : "Tugged, it holds");
      await until("the next step", async () => (await answer(page)) !== sentence);
    }
    await answerLike(page, /^Every step is done. Check it, then first power\.$/);
    await me.choose('[role="radio"][value="power"]');
    expect(await me.tickAll(/Joints compared|terminal cover|Nobody near/)).toBe(3);
    await me.press("Power is on: lock the work");
    await answerLike(page, /^The fan runs first/);
    expect(await me.tickAll(/fan runs first|starts within|Lamp or code|No hum/)).toBe(4);
    await me.choose('[role="radio"][value="close"]');
    await answerLike(page, /^Locked/);
    await to("Isolate");
    await isolate();
    await to("Fit");
    await me.choose('[role="radio"][value="close"]');
    await me.tickAll(/Fixed: tape|Putty|Grommet|sealant|Lid closed|Every tool/);
    const missing = await answerLike(page, /screws are missing|^Closed/);
    for (let k = Number(/(\d+) screws/.exec(missing)?.[1] ?? 0); k > 0; k--) await me.press("Screws put back: one more");
    await answerLike(page, /^Closed, every screw is back. Go on to Learn\.$/);
  });

  it("lets it learn by its own link, and reads the start again", async () => {
    const { page } = session;
    await hand({ do: "fit", unit: "rear", on: true });
    await plainClock();
    await hasten(page, RATE);
    await page.reload({ waitUntil: "load" });
    await to("Learn");
    await answerLike(page, /^Not yet: no run is finished\.$/);
    await me.press("It is on full shore power, or on a source that can carry it", "checkbox");
    await me.press("Eco mode is off, if a generator feeds it", "checkbox");
    await me.pick("Learning rule", "own");
    for (const [field, text] of [
      ["Runs, at least", "3"],
      ["Runs, at most", "3"],
      ["Run, s", "60"],
      ["Rest, s", "180"],
    ] as const)
      await me.type(field, text);
    await me.pick("Starts counted by", "starter-rear");
    for (let run = 1; run <= 3; run++) {
      await comes("off");
      await sees(page, /Rested: call for cooling/);
      await hand({ do: "call", unit: "rear", on: true });
      await sees(page, new RegExp(`Run ${run} is over: switch it off`));
      await hand({ do: "call", unit: "rear", on: false });
      await sees(page, run < 3 ? /Resting before start|Rested: call/ : /Done/);
    }
    await answerLike(page, /^(Yes: after 3 runs it has settled|After 3 runs it still moves)/);
    await to("Prove");
    await answerLike(page, /^No after readings yet\./);
    await sees(page, /Clamp meter shows/);
    for (let k = 0; k < 2; k++) {
      await sees(page, /It has rested\. The next start counts/);
      await readStart(page);
    }
    await answerLike(page, /starting amps fell from \d+\.\d A to \d+\.\d A, \d+ % less/);
  });

  it("runs on the weak source, freezes the proof and hands over on paper", async () => {
    const { page, downloads } = session;
    await me.choose('[role="radio"][value="test"]');
    await me.pick("On which source", "demo-small-gen");
    await me.press("It runs: start the timer");
    await answerLike(page, /to the goal\.$/);
    await setClock(page, 1900);
    await answerLike(page, /^It has run for 3\d min: that shows it\.$/);
    await me.press("It ran well: end the run");
    await sees(page, /1\.6 kW generator: 3\d min, ended well/);
    await me.choose('[role="radio"][value="proof"]');
    await sees(page, /On 1\.6 kW generator it starts and keeps running: 3\d min/);
    await me.press("Keep this proof");
    await sees(page, /Worked out again now: the same result\./);
    await me.press("Go on to Hand over", "link");
    await answerLike(page, /^Starting amps are down \d+ %, to \d+\.\d A\. It kept running on one source\.$/);
    await sees(page, /1\.6 kW generator\s+(fits|barely fits|does not fit).*\s+kept running/);
    await me.press("Hand-over sheet as PDF");
    const pdf = await downloaded(downloads, "-hand-over.pdf");
    const text = execFileSync("pdftotext", ["-layout", pdf, "-"], { encoding: "utf8" }).replaceAll("\u00a0", " ");
    expect(text).toMatch(/Tin Lantern, Rear, over the bunks: hand-over/);
    expect(text).toMatch(/Starting amps fell from \d+\.\d A to \d+\.\d A: \d+ % less/);
    expect(text).toMatch(/It learned from 3 runs/);
    expect(text).toMatch(/Learning runs/);
    expect(text).toMatch(/1\.6 kW generator\s+.*kept running, 3\d min/);
    expect(text).toMatch(/Wiring as built/);
    expect(text).toMatch(/Undo the install/);
    expect(text).not.toMatch(/\bNaN\b|undefined|null/);
    await me.press("Reminders for the calendar");
    const calendar = readFileSync(await downloaded(downloads, "-reminders.ics"), "utf8");
    const events = new ICAL.Component(ICAL.parse(calendar)).getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
    expect(events.length).toBeGreaterThanOrEqual(2);
    expect(events.every((e) => e.summary.startsWith("Tin Lantern, Rear, over the bunks: "))).toBe(true);
    await me.press("Hand over: the job is done");
    await sees(page, /This job is handed over: \d+ \w+ \d{4}, \d+:\d\d\./);
  });

  it("travels: exported, wiped, read in again, equal", async () => {
    const { page, downloads } = session;
    await page.goto(new URL("/rigs", page.url()).href, { waitUntil: "load" });
    await me.press("Export Tin Lantern");
    const file = await downloaded(downloads, "rig-ntern.ampsaver.zip");
    const before = await keptIn(page);
    await me.press("Delete Tin Lantern");
    await me.press("Delete");
    await until("the rig to go", async () => !isDeepStrictEqual(await keptIn(page), before));
    await upload(page, file);
    await sees(page, /1 × proof: new/);
    await me.press("Import it");
    await until("everything back", async () => {
      const now = await keptIn(page);
      return isDeepStrictEqual(now, before) || notYet(changedOf(before, now));
    });
    await me.press("History: Tin Lantern", "link");
    await answerLike(page, /^2 jobs; the next check is due on \d+ \w+ \d{4}\.$/);
    await sees(page, /Proof kept: \d+ % less at the start/);
    await me.press("Undo the install before a sale: Will it start?, Rear, over the bunks", "link");
    await until("the steps back", async () => (await lookAtAll(page, "#way-back ol li", (all) => all.length)) > 3);
    expect(session.complaints).toEqual([]);
  });
});
