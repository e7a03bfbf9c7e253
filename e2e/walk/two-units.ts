import type { Page } from "puppeteer-core";
import { answerLike, sees } from "../hands.ts";

const REST_S = 301;
const RUN_S = 301;

/** What goes through a job: a finger, or a keyboard. */
export interface Hand {
  readonly tap: (name: string, role?: string) => Promise<void>;
  readonly tapAll: (...names: readonly string[]) => Promise<void>;
  /** Presses what a selector finds: what has no name that stays the same. */
  readonly tapAt: (selector: string) => Promise<void>;
  /** Types into the field that takes what is typed, and ends the entry. */
  readonly enter: (text: string) => Promise<void>;
  readonly fill: (label: string, text: string) => Promise<void>;
  readonly pick: (label: string, word: string) => Promise<void>;
  readonly photograph: (name: string, path: string) => Promise<void>;
  readonly waits: (seconds: number) => Promise<void>;
}

/** A roof of two units from an empty database to both hand-overs, with nothing left out. */
export async function twoUnits(page: Page, hand: Hand, photo: string): Promise<void> {
  const stage = (to: string): Promise<void> => hand.tapAt(`nav a[href$="/${to}"]:not(.hidden a)`);
  const other = (): Promise<void> => hand.tapAt('header a[href*="/job/"]');
  const part = (name: string): Promise<void> => hand.tap(name, "radio");

  const plate = async (): Promise<void> => {
    await hand.fill("Locked rotor amps", "63");
    await hand.fill("Rated load amps", "13.2");
  };
  const prepare = async (): Promise<void> => {
    await hand.photograph("Photograph it as found", photo);
    await part("Kit");
    await hand.tap("Everything on this list is packed");
  };
  const dead = async (): Promise<void> => {
    await hand.tapAll("All 3 measured: 0 V on low impedance", "It shows 121 V again", "Both bled: each shows 0 V");
    await sees(page, /Read again in \d+ s/);
    await hand.waits(31);
    await hand.tapAll("Both show 0 V", "It is proven dead: start work");
    await answerLike(page, /^Proven dead at/);
  };
  const again = async (): Promise<void> => {
    await stage("isolate");
    await hand.tapAll("All off and locked again", "It shows 121 V again");
    await dead();
  };
  const shared = async (): Promise<void> => {
    await hand.tap("Use that proof of the sources");
    await dead();
  };
  const readings = async (starts: readonly string[], running: string): Promise<void> => {
    for (const [k, amps] of starts.entries()) {
      await hand.tap("Amps", "textbox");
      await hand.enter(amps);
      await sees(page, new RegExp(`${amps.replace(".", "\\.")} A`));
      if (k === starts.length - 1) continue;
      await hand.tap("It is off: start the rest");
      await hand.waits(REST_S);
      await sees(page, /It has rested\. The next start counts/);
    }
    await hand.enter(running);
    await sees(page, new RegExp(`${running.replace(".", "\\.")} A`));
  };
  const fit = async (): Promise<void> => {
    await hand.tap("Go on to Fit", "link");
    await hand.tap("None of these 9 is there");
    await part("Find the wires");
    await hand.tap("Probes held together, ohm", "textbox");
    for (const ohm of ["0.2", "0.9", "3.9", "3.2"]) await hand.enter(ohm);
    await hand.tap("No path to the case");
    await hand.pick("Lead a is on", "black (relay NO – compressor C)");
    await hand.pick("Lead b is on", "white (compressor R – cap C)");
    await sees(page, /9 of 11|8 of 11/);
    await hand.tap("Yes");
    await sees(page, /9 of 11/);
    await hand.tap("Yes");
    await sees(page, /Nothing is left to read or to prove here/);
    await part("Mount");
    await part("upright");
    await hand.enter("2");
    await hand.tap("All 7 are so");
    await answerLike(page, /^Go\. This place is good for the starter\.$/);
    await part("Wire");
    await hand.photograph("Photograph this step", photo);
    for (const said of [/^Dry fit/, /^Lift/]) {
      await answerLike(page, said);
      await hand.tap("Done");
    }
    await answerLike(page, /^Join/);
    await hand.photograph("Photograph this step", photo);
    for (const said of [/^Join/, /^Put FEED/, /^Put START/, /^Put REF/]) {
      await answerLike(page, said);
      await hand.tap("Tugged, it holds");
    }
    await answerLike(page, /^Photograph the finished work/);
    await hand.photograph("Photograph this step", photo);
    await answerLike(page, /^Every step is done/);
  };
  const call = async (): Promise<void> => {
    await hand.tapAll("Cooling is called: count from now", "All 4 are so");
    await answerLike(page, /^It ran as expected/);
  };
  const learnAndProve = async (): Promise<void> => {
    await stage("learn");
    await hand.tap("It is on full shore power, or on a source that can carry it", "checkbox");
    for (let k = 0; k < 5; k++) {
      await hand.tap("It started");
      await hand.waits(RUN_S);
      await hand.tap("It is off again");
      await hand.waits(REST_S);
    }
    await hand.tap("Go on to Prove", "link");
    await readings(["16.4", "16.1", "16.6"], "11.3");
    await part("Run test");
    await hand.tap("It runs: start the timer");
    await hand.waits(1810);
    await hand.tap("It ran well: end the run");
    await part("Proof");
    await hand.tap("Keep this proof");
    await sees(page, /Kept on/);
  };
  const shut = async (): Promise<void> => {
    await hand.tap("Go on to Fit", "link");
    await hand.tap("All 6 are so");
    await answerLike(page, /^Closed, every screw is back/);
  };
  const handOver = async (): Promise<void> => {
    await hand.tap("Hand-over sheet as PDF");
    await hand.tap("Hand over: the job is done");
    await sees(page, /This job is handed over/);
  };

  await plate();
  await part("Inverter generator");
  await hand.fill("Running watts", "1800");
  await hand.fill("Surge watts", "2200");
  await answerLike(page, /^No\./);
  await hand.tap("Name it to keep it");
  await hand.enter("Grey Heron");
  await stage("survey");
  await hand.tap("Add shore power");
  await hand.fill("Breaker", "30");
  await hand.tap("Generator");
  await hand.tap("Add another unit to this rig");
  await answerLike(page, /^Enter the plate/);
  await plate();
  await stage("prepare");
  await prepare();
  await other();
  await prepare();

  await stage("isolate");
  await hand.tap("All 6 are so");
  for (const asked of [/7 of 24/, /8 of 24/, /9 of 24/]) {
    await sees(page, asked);
    await part("Yes");
  }
  await hand.tap("All 6 are off, locked or tagged");
  await sees(page, /16 of 24/);
  await hand.enter("121");
  await dead();
  await other();
  await shared();
  await stage("before");
  await hand.tap("Power is back: lock again");
  await sees(page, /Hang the clamp only on a dead unit/);
  await hand.pick("Fed by", "Shore power");
  await hand.fill("Volts at the unit", "119");
  await readings(["56.2", "57.0", "55.8"], "11.4");
  await other();
  await hand.fill("Volts at the unit", "119");
  await readings(["56.4", "57.2", "55.9"], "11.5");

  await again();
  await fit();
  await other();
  await stage("isolate");
  await shared();
  await fit();
  await hand.tap("First power", "link");
  await hand.tapAll("All 3 are so", "Power is on: lock the work");
  await call();
  await other();
  await hand.tap("All 3 are so");
  await call();
  await learnAndProve();
  await other();
  await learnAndProve();

  await again();
  await shut();
  await other();
  await hand.tap("Go to Isolate", "link");
  await shared();
  await shut();
  await stage("hand-over");
  await handOver();
  await other();
  await handOver();
}
