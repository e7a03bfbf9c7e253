import type { Page } from "puppeteer-core";
import { describe, expect, it } from "vitest";
import { SeededRandom } from "../packages/core/src/numeric/index.ts";
import type { Session } from "./browser.ts";
import { hasten } from "./clock.ts";
import { answerLike, asList, keptIn, ownRig, pick, press, sees, type, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt } from "./look.ts";
import { at, jobsOf, meetByRoom, rigOf, same, shot, showCodes, TwoPhones } from "./pair-hands.ts";
import { proveDead } from "./prove-dead.ts";

const CUTS = 10;
/** About how many steps the visit has, over which the cuts are spread. */
const STEPS = 34;
/** How many times as fast both phones count runs and rests. */
const RATE = 20;
/** Peaks of the runs, by unit. */
const PEAKS = [
  ["34.2", "33.5"],
  ["28.1", "27.9"],
] as const;

/** How the line of two phones is lost, and how it comes back. */
interface Cutting {
  readonly meet: (roof: Page, below: Page) => Promise<void>;
  readonly cut: (roof: Page, below: Page, phones: TwoPhones) => Promise<void>;
  /** What two people do to be connected again. */
  readonly mend: (roof: Page, below: Page) => Promise<void>;
}

/** Keeps every direct connection that a page makes from the next load on, so that it can be lost. */
const watchPeers = (page: Page): Promise<unknown> =>
  page.evaluateOnNewDocument(() => {
    const lost: RTCPeerConnection[] = [];
    const Real = RTCPeerConnection;
    Object.assign(globalThis, {
      lost,
      RTCPeerConnection: class extends Real {
        constructor(configuration: RTCConfiguration) {
          super(configuration);
          lost.push(this);
        }
      },
    });
  });

const bothCut = async (roof: Page, below: Page): Promise<void> => {
  for (const page of [roof, below]) {
    await at(page, "/pair");
    await answerLike(page, /is out of reach\. Show each other codes again\.$/);
  }
};

const direct: Cutting = {
  meet: async (roof, below) => {
    await at(roof, `/pair/${await rigOf(roof)}`);
    await press(roof, "Direct, no server", "tap", "radio");
    await at(below, "/join");
    await press(below, "Direct, no server", "tap");
    await showCodes(roof, below);
  },
  cut: async (roof) => {
    await roof.evaluate(() => (globalThis as unknown as { lost: RTCPeerConnection[] }).lost.at(-1)?.close());
  },
  mend: async (roof, below) => {
    await bothCut(roof, below);
    await press(below, "The other shows its code first", "tap");
    await showCodes(roof, below);
    for (const page of [roof, below]) await answerLike(page, /is connected/);
  },
};

const relay: Cutting = {
  meet: meetByRoom,
  cut: async (_roof, _below, phones) => phones.cut(),
  mend: async () => undefined,
};

/** One visit of two phones, step by step; the line is cut at ten of them. */
class Visit {
  readonly roof: Session;
  readonly below: Session;
  readonly phones: TwoPhones;
  cuts = 0;
  private readonly by: Cutting;
  private readonly random = new SeededRandom(23, 1);
  private steps = 0;
  private isCut = false;
  private here: Page;

  constructor(phones: TwoPhones, roof: Session, below: Session, by: Cutting) {
    this.phones = phones;
    this.roof = roof;
    this.below = below;
    this.by = by;
    this.here = roof.page;
  }

  /** One of the two; the one of before while the line is cut, since the other does not know yet. */
  side(): Page {
    if (!this.isCut) this.here = this.random.next() < 0.5 ? this.roof.page : this.below.page;
    return this.here;
  }

  /** Between two steps: the line comes back, or is cut. */
  async between(): Promise<void> {
    this.steps += 1;
    if (this.isCut) await this.mend();
    else if (this.random.next() < (CUTS - this.cuts) / Math.max(1, (STEPS - this.steps) / 2)) await this.cut();
  }

  async cut(): Promise<void> {
    if (this.cuts === CUTS) return;
    this.cuts += 1;
    this.isCut = true;
    await this.by.cut(this.roof.page, this.below.page, this.phones);
  }

  async mend(): Promise<void> {
    if (!this.isCut) return;
    const pages = [this.roof.page, this.below.page];
    const paths: string[] = [];
    for (const page of pages) paths.push(await pathOf(page));
    await this.by.mend(this.roof.page, this.below.page);
    for (const [k, page] of pages.entries()) if ((await pathOf(page)) !== paths[k]) await at(page, paths[k]!);
    this.isCut = false;
  }

  same(what: string): Promise<true> {
    return same(what, this.roof.page, this.below.page);
  }
}

/** What the units of some jobs are called. */
async function unitsOf(page: Page, jobs: readonly string[]): Promise<readonly unknown[]> {
  const { records } = await keptIn(page);
  const of = (kind: string, id: unknown) => records.find((r) => r.kind === kind && r.id === id);
  return jobs.map((job) => of("unit", of("job", job)?.unitId)?.name);
}

const pathOf = (page: Page): Promise<string> => page.evaluate(() => location.pathname);

/** How often somebody lifted a hold, as far as a phone knows. */
const lifted = (page: Page): Promise<number> =>
  page.evaluate(() => (localStorage.getItem("amp-saver pair state") ?? "").split('"lifted"').length - 1);

async function begin(phones: TwoPhones, by: Cutting): Promise<Visit> {
  const [roof, below] = [await phones.open(), await phones.open()];
  const endings: (() => Promise<void>)[] = [];
  for (const { page } of [roof, below]) {
    endings.push(await hasten(page, 1));
    await asList(page);
    await watchPeers(page);
    await page.reload({ waitUntil: "load" });
  }
  const { page } = roof;
  await ownRig(page);
  await type(page, "Locked rotor amps", "63");
  await press(page, "Add shore power", "tap");
  await at(page, "/rigs");
  await press(page, "Add a unit", "tap");
  await answerLike(page, /Enter the plate/);
  await type(page, "Locked rotor amps", "50");
  await by.meet(page, below.page);
  await sees(below.page, /Wait\. The next call shows here/);
  const visit = new Visit(phones, roof, below, by);
  await visit.same("the same rig on both");
  for (const end of endings) await end();
  return visit;
}

/** Readings typed on either phone. */
async function readings(visit: Visit, job: string): Promise<void> {
  const typed = ["41", "42", "43", "44"];
  for (const page of [visit.roof.page, visit.below.page]) await at(page, `/job/${job}/before`);
  for (const amps of typed) {
    const page = visit.side();
    await type(page, "Amps", amps);
    await press(page, "Keep this reading", "tap");
    await until("the field to empty", async () => (await lookAt(page, "#reading-amps", (e) => (e as HTMLInputElement).value)) === "");
    await visit.between();
  }
  await visit.mend();
  for (const { page } of [visit.roof, visit.below])
    await until("every reading once", async () => {
      const kept = (await keptIn(page)).records.filter((r) => r.kind === "reading").map((r) => String(r.amps));
      return JSON.stringify(kept.toSorted()) === JSON.stringify(typed);
    });
}

/** Proven dead on the roof, held against the other phone through every cut, lifted by the person who held it. */
async function isolation(visit: Visit, job: string): Promise<void> {
  const [roof, below] = [visit.roof.page, visit.below.page];
  await at(below, "/helper");
  await at(roof, `/job/${job}/isolate`);
  await proveDead(roof, async () => {
    await visit.between();
    await answerLike(roof, /^(\d+ checks? left\.|All checks done)/);
  });
  await visit.mend();
  await sees(below, /Switch nothing on.*Roof holds the roof as dead/s);
  await at(roof, `/job/${job}/fit/wire`);
  await sees(below, /Roof has hands in the unit/);
  for (let k = 0; k < 2; k++) {
    await visit.cut();
    await sees(below, /Switch nothing on.*Roof has hands in the unit/s);
    // The roof turned "dead" into "hands" itself, and that is all.
    expect([await lifted(roof), await lifted(below)]).toEqual([1, 1]);
    if (k === 0) await press(below, "Look at the job", "tap");
    await visit.mend();
    await sees(below, /Switch nothing on/);
  }
  expect(await lifted(below)).toBe(1);
  await at(roof, `/job/${job}/isolate`);
  await press(roof, "Power is back: lock again", "tap");
  await at(below, "/helper");
  await until("the hold to be gone below", async () => !/Switch nothing on/.test(await lookAt(below, "body", (e) => e.textContent ?? "")));
}

/** Two runs of two units on one clock, whoever of the two says that it started and stopped. */
async function course(visit: Visit, jobs: readonly string[]): Promise<void> {
  const { roof, below } = visit;
  // Time goes faster from here: both pages are loaded anew, which is a cut of its own.
  for (const { page } of [roof, below]) {
    await hasten(page, RATE);
    await page.reload({ waitUntil: "load" });
  }
  await visit.cut();
  await visit.mend();
  const names = await unitsOf(roof.page, jobs);
  const toLearn = async (page: Page, k: number): Promise<void> => {
    await at(page, `/job/${jobs[k]}/learn`);
    await sees(page, new RegExp(`Has the starter on ${names[k]} learned enough`));
  };
  for (const k of jobs.keys()) {
    await toLearn(roof.page, k);
    await pick(roof.page, "Learning rule", "own");
    for (const [label, text] of [
      ["Rest, s", "180"],
      ["Run, s", "60"],
      ["Runs, at least", "2"],
      ["Runs, at most", "2"],
    ] as const)
      await type(roof.page, label, text);
    await press(roof.page, "It is on full shore power, or on a source that can carry it", "tap", "checkbox");
  }
  await visit.same("the rules on both");
  for (let run = 1; run <= 2; run++)
    for (const k of jobs.keys()) {
      const say = async (waits: RegExp, what: string): Promise<Page> => {
        const page = visit.side();
        await toLearn(page, k);
        await sees(page, waits);
        await press(page, what, "tap");
        return page;
      };
      await say(/Rested: call for cooling/, "It started");
      await visit.between();
      const page = await say(new RegExp(`Run ${run} is over: switch it off`), "It is off again");
      await type(page, `Peak of run ${run}, A`, PEAKS[k]![run - 1]!);
      await visit.between();
    }
  while (visit.cuts < CUTS) {
    await visit.mend();
    await visit.cut();
  }
  await visit.mend();
  for (const { page } of [roof, below])
    for (const [k, job] of jobs.entries()) {
      await toLearn(page, k);
      await answerLike(page, /^The rule’s 2 runs are done/);
      const told = (await keptIn(page)).records.find((r) => r.kind === "learning" && r.jobId === job)?.events ?? {};
      const stops = Object.values(told).filter((e) => e.what === "stop");
      expect(stops.map((e) => String(e.peakA)).toSorted()).toEqual(PEAKS[k]!.toSorted());
    }
}

/** Each from a server of its own, so that the cuts of the one are not the other's; both at once, since each mostly waits. */
describe("two phones through a visit", LONG, () => {
  it.concurrent.each([
    ["over the server", relay],
    ["directly, with codes shown anew after each cut", direct],
  ])(
    "%s: read, isolate and learn with two units while the line is cut ten times: the same on both, each once, the lock lifted by a person only",
    async (_by, by) => {
      const phones = await TwoPhones.serve();
      const visit = await begin(phones, by);
      const jobs = await jobsOf(visit.roof.page);
      expect(jobs).toHaveLength(2);
      await readings(visit, jobs[0]!);
      await isolation(visit, jobs[0]!);
      await shot(visit.below.page, "visit");
      await course(visit, jobs);
      await visit.same("the same on both in the end");
      expect(visit.cuts).toBe(CUTS);
      expect([...visit.roof.complaints, ...visit.below.complaints].filter((c) => !/Failed to load resource|ERR_/.test(c))).toEqual([]);
      await phones.close();
    },
  );
});
