import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { ROOFTOP, stiffStart } from "../packages/core/validation/plates.ts";
import { SAMPLE_HZ, soundOfStart } from "../packages/core/validation/start-sound.ts";
import { axeFindings } from "./axe.ts";
import { newProfile, openApp, PHONE, type Session } from "./browser.ts";
import { keptIn, notYet, ownRig, press, sees, type, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt, lookAtAll } from "./look.ts";
import { waveFile } from "./wave-file.ts";

const sessions: Session[] = [];
afterAll(async () => {
  for (const s of sessions) await s.close();
});

/** A start that runs for nine seconds and is switched off, in silence before and after. */
const { samples, toSpeedS } = soundOfStart(
  stiffStart(ROOFTOP, { kind: "as-found" }),
  { seed: 6, growlOverNoiseDb: 14, fan: true, engine: false, voices: false, secondUnit: false, offS: 12 },
  3,
  15,
);

describe("a start by ear, through the microphone", LONG, () => {
  it("is told while it is heard, kept as a reading of its own kind, and gives way to a person's own count", async () => {
    const folder = newProfile();
    mkdirSync(folder, { recursive: true });
    const heard = join(folder, "start.wav");
    writeFileSync(heard, waveFile(samples, SAMPLE_HZ));
    const session = await openApp("/", PHONE, undefined, folder, [`--use-file-for-fake-audio-capture=${heard}`]);
    sessions.push(session);
    const { page } = session;
    await ownRig(page);
    await type(page, "Locked rotor amps", "63");
    await type(page, "Rated load amps", "13.2");
    await press(page, "Add shore power", "tap");
    await page.goto(new URL(`${new URL(page.url()).pathname.replace(/\/[^/]+$/, "")}/before`, page.url()).href, { waitUntil: "load" });
    await press(page, "Time to speed, by ear", "tap");
    await press(page, "Keep the recording, 60 s at most", "tap", "checkbox");
    await press(page, "Listen now", "tap");
    // The file is heard over and over; a machine that is busy drops pieces of it, which is then no such start.
    const [at, seconds] = await until("a start told within a tenth of a second, and heard to its end", async () => {
      // biome-ignore lint/performance/useDomNodeTextContent: what is asked is what a person sees.
      const text = await lookAt(page, "main", (e) => (e as HTMLElement).innerText);
      const told = [...text.matchAll(/On at (\d+\.\d) s: at speed after (\d\.\d\d) s/g)].find(
        ([, , s]) => Math.abs(Number(s) - toSpeedS!) < 0.1,
      );
      return told !== undefined && /It ran until/.test(text) ? [told[1]!, told[2]!] : notYet(text.slice(-600));
    });
    await press(page, "Stop listening", "tap");
    await sees(page, /Ran 0:\d\d/);
    await press(page, `Keep the start at ${at} s`, "tap");
    await sees(page, new RegExp(`Times to speed before\\s+${seconds} s by ear`));
    await type(page, "Your own count of start 1, seconds", "0.9");
    await sees(page, new RegExp(`0\\.9 s by your own count; by ear it was ${seconds} s`));
    await sees(page, /Expected on this source/);
    const records = await until("the recording to be kept", async () => {
      const kept = (await keptIn(page)).records;
      return kept.some((r) => r.kind === "sound")
        ? kept
        : notYet(await lookAtAll(page, "[role=alert]", (all) => all.map((e) => e.textContent)));
    });
    const timing = records.find((r) => r.kind === "timing");
    expect(timing).toMatchObject({ when: "before", countedS: 0.9, heard: { lineHz: expect.closeTo(60, 0) } });
    expect(records.filter((r) => r.kind === "sound")).toHaveLength(1);
    expect(records.filter((r) => r.kind === "reading")).toEqual([]);
    expect(await axeFindings(page)).toEqual([]);
    expect(session.complaints).toEqual([]);
  });
});
