import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { ROOFTOP, stiffStart } from "../packages/core/validation/plates.ts";
import { SAMPLE_HZ, soundOfStart } from "../packages/core/validation/start-sound.ts";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { hasten, setClock } from "./clock.ts";
import { answerLike, downloaded, go, pick, press, sees, type, until, upload } from "./hands.ts";
import { lookAt } from "./look.ts";
import { small } from "./roof-page.ts";
import { waveFile } from "./wave-file.ts";

let phone: Session;
let job: string;
const tap = (page: Page, name: string, role = "button"): Promise<void> => press(page, name, "tap", role);

beforeAll(async () => {
  phone = await openApp("/", PHONE, inject("withoutInstruments"));
  await phone.page.waitForSelector("#answer");
  await hasten(phone.page, 1);
  await phone.page.reload({ waitUntil: "load" });
});
afterAll(() => phone.close());

async function typeReading(page: Page, amps: string): Promise<void> {
  await type(page, "Amps", amps);
  await tap(page, "Keep this reading");
  await until("the field to empty", async () => (await lookAt(page, "#reading-amps", (e) => (e as HTMLInputElement).value)) === "");
}

/** Seconds the large timer shows. */
const timer = (page: Page): Promise<number> =>
  lookAt(page, 'main p[role="timer"].figure', (e) => {
    const [minutes, seconds] = (e.textContent ?? "").split(":").map(Number);
    return minutes! * 60 + seconds!;
  });

/** The same path where no instrument answers: every figure typed, every start tapped. */
describe("with nothing but a finger", () => {
  it("says that none answers, and misses nothing", async () => {
    const { page } = phone;
    await go(page, "/instruments");
    await answerLike(page, /^None is connected. Type every reading in\.$/);
    await go(page, "/");
    await tap(page, "New rig");
    await type(page, "Name of the rig", "Slate Wagon");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Locked rotor amps", "63");
    await type(page, "Rated load amps", "13.2");
    await tap(page, "Add shore power");
    job = new URL(page.url()).pathname.replace("/survey", "");
  });

  it("takes a before reading, and refuses what cannot be one by its name and limits", async () => {
    const { page } = phone;
    await go(page, `${job}/before`);
    await answerLike(page, /^No before readings yet\. Take 3 starts\.$/);
    await typeReading(page, "61");
    await type(page, "Amps", "0");
    await tap(page, "Keep this reading");
    await sees(page, /Amps must be a number from/);
  });

  it("refuses a learning rule out of its limits, by name and limit, and keeps the old one", async () => {
    const { page } = phone;
    await go(page, `${job}/learn`);
    await answerLike(page, /^Not yet: no run is finished\.$/);
    await pick(page, "Learning rule", "own");
    await type(page, "Rest, s", "20");
    await sees(page, /Rest, s must be a number from 180 to 3600/);
    await type(page, "Rest, s", "180");
    await type(page, "Run, s", "60");
    await type(page, "Runs, at least", "2");
    await type(page, "Runs, at most", "2");
    await tap(page, "It is on full shore power, or on a source that can carry it", "checkbox");
    await sees(page, /60 s run, 3 min rest/);
  });

  it("tells a wait from a fault while it is silent", async () => {
    const { page } = phone;
    await tap(page, "Cooling is called");
    await sees(page, /Waiting, not faulty: (fan starts|start delay), \d:\d\d until it is late/);
    await press(page, "No", "tap", "radio");
    await setClock(page, 120);
    await sees(page, /The fan should be running: no call, or no power/);
    await press(page, "Yes", "tap", "radio");
    await setClock(page, 1200);
    await sees(page, /Late by \d+:\d\d: off, then look/);
    await sees(page, /Volts at the unit while it calls for cooling/);
    await tap(page, "Off again, it never started");
    await sees(page, /Rested: call for cooling/);
  });

  it("counts a run by two taps, and its rest over a reload", async () => {
    const { page } = phone;
    await tap(page, "It started");
    await sees(page, /Run 1: switch it off when this is over/);
    await setClock(page, 61);
    await sees(page, /Run 1 is over: switch it off/);
    await tap(page, "It is off again");
    await sees(page, /Resting before start 2/);
    await type(page, "Peak of run 1, A", "34.2");
    await sees(page, /34\.2 A/);
    const before = await timer(page);
    await page.reload({ waitUntil: "load" });
    await sees(page, /Resting before start 2/);
    const after = await timer(page);
    expect(after).toBeLessThanOrEqual(before);
    expect(after).toBeGreaterThan(before - 178);
    expect(await axeFindings(page)).toEqual([]);
    expect(await small(page)).toEqual([]);
  });

  it("gives the whole rest again when the clock is set back, and says so", async () => {
    const { page } = phone;
    await setClock(page, -3600);
    await sees(page, /The clock was set back\. Rest and run count again from now; nothing is lost/);
    expect(await timer(page)).toBeGreaterThan(60);
    await sees(page, /1 run done/);
    await setClock(page, 3600);
  });

  it("says what was missed behind a locked screen, and goes on", async () => {
    const { page, profile } = phone;
    await setClock(page, 200);
    await sees(page, /Rested: call for cooling/);
    await tap(page, "It started");
    await sees(page, /Run 2: switch it off/);
    const other = await profile.newPage();
    await other.goto(page.url());
    await setClock(other, 400);
    await page.bringToFront();
    await other.close();
    await sees(page, /Missed: this run should have ended (\d+ s|\d+(\.\d)? min) ago\. Switch it off now/);
    await tap(page, "It is off again");
    await type(page, "Peak of run 2, A", "24");
    await answerLike(page, /^After 2 runs it still moves: see its sheet\.$/);
    await type(page, "Peak of run 2, A", "33.5");
    await answerLike(page, /^The rule’s 2 runs are done; too few peaks were read to tell\.$/);
  });

  it("takes after readings, asks for a third where two disagree, and leaves the odd one out", async () => {
    const { page } = phone;
    await go(page, `${job}/prove`);
    await answerLike(page, /^No after readings yet\./);
    // Rested since the last learning run, as the coach asks.
    await setClock(page, 300);
    await sees(page, /It has rested\. The next start counts/);
    await typeReading(page, "22");
    await typeReading(page, "34");
    await sees(page, /The two after readings disagree\. Take a third/);
    await typeReading(page, "22.4");
    await answerLike(page, /^Yes: starting amps fell from 61\.0 A to 22\.2 A, 64 % less/);
    await sees(page, /Left out: far from the others/);
  });

  it("reads a recorder’s file as confirmed, sets it over the simulated start, and gives it back as COMTRADE", async () => {
    const { page, downloads } = phone;
    const folder = mkdtempSync(join(tmpdir(), "amp-saver-wave-"));
    const path = join(folder, "start on pedestal.csv");
    const rows = Array.from({ length: 2400 }, (_, k) => {
      const t = k / 1200 - 0.2;
      const size = t < 0 ? 0 : t < 0.4 ? 60 : 11.5;
      return `${(k / 1.2).toFixed(3).replace(".", ",")};${(1414.2 * size * Math.sin(2 * Math.PI * 60 * t)).toFixed(1).replace(".", ",")}`;
    });
    writeFileSync(path, `Recorder 7\n\nZeit [ms];Strom [mA]\n${rows.join("\n")}\n`);
    await go(page, `${job}/prove`);
    await sees(page, /Recorded starts/);
    const give = (file: string): Promise<void> => upload(page, file, 'input[aria-label="File of samples"]');
    const empty = join(folder, "nothing.csv");
    writeFileSync(empty, "\n\n");
    await give(empty);
    await sees(page, /The file is empty/);
    await give(path);
    await sees(page, /How should this file be read/);
    await tap(page, "Keep this recording");
    await sees(page, /start on pedestal/);
    await sees(page, /2,400 samples, 1,200 a second/);
    await sees(page, /Largest cycle\s+60\.0 A/);
    await sees(page, /Running\s+11\.5 A/);
    await tap(page, "COMTRADE as .cfg and .dat: start on pedestal");
    expect(await downloaded(downloads, "start-on-pedestal.cfg")).toBeTruthy();
    expect(await downloaded(downloads, "start-on-pedestal.dat")).toBeTruthy();
    await page.reload({ waitUntil: "load" });
    await sees(page, /2,400 samples/);
    expect(await axeFindings(page)).toEqual([]);
    expect(phone.complaints).toEqual([]);
  });

  it("tells the time to speed by the sound of a start, and says what it was proved on", async () => {
    const { page } = phone;
    const { samples, toSpeedS } = soundOfStart(
      stiffStart(ROOFTOP, { kind: "as-found" }),
      { seed: 3, growlOverNoiseDb: 10, fan: true, engine: false, voices: false, secondUnit: false },
      2.5,
      7,
    );
    const path = join(mkdtempSync(join(tmpdir(), "amp-saver-sound-")), "start.wav");
    writeFileSync(path, waveFile(samples, SAMPLE_HZ));
    await go(page, `${job}/prove`);
    await tap(page, "Time to speed, by ear");
    await upload(page, path, 'input[aria-label="File of sound"]');
    const said = await sees(page, /On at 2\.\d s: at speed after \d\.\d\d s/);
    const [, seconds] = /at speed after (\d\.\d\d) s/.exec(said)!;
    expect(Math.abs(Number(seconds) - toSpeedS!)).toBeLessThan(0.1);
    await sees(page, /The line hums at 60\.0 Hz/);
    await sees(page, /Proved on synthesized sounds only/);
    writeFileSync(path, "no sound");
    await upload(page, path, 'input[aria-label="File of sound"]');
    await sees(page, /This file is not a sound/);
    expect(await axeFindings(page)).toEqual([]);
    expect(phone.complaints).toEqual([]);
  });
});
