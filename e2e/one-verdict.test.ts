import { execFileSync, spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openApp, type Session } from "./browser.ts";
import { answer, answerLike, downloaded, go, press, sees, type, until } from "./hands.ts";
import { LONG } from "./long.ts";
import { lookAt, lookAtAll } from "./look.ts";

const JOB = "/job/demo-front-job";
const SOURCE = "2.2 kW generator";
const ROOT = fileURLToPath(new URL("..", import.meta.url));
/** What the page shows; nothing while it is being loaded. */
const textOf = (page: Page): Promise<string> =>
  lookAt(page, "main", (e) => (e.textContent ?? "").replaceAll("\u00a0", " ")).catch(() => "");

/** What one surface says of the same rig: words of the fit, and amps to spare of the two sides. */
interface Said {
  readonly fit: string;
  readonly startA: string;
  readonly runA: string;
  readonly of100: number;
}

describe("one verdict, wherever it is read", LONG, () => {
  let session: Session;
  let said: Said;
  beforeAll(async () => {
    session = await openApp();
    await press(session.page, "Look at an example");
    await sees(session.page, /5 jobs, 3 rigs/);
  });
  afterAll(() => session.close());

  it("Check says it in a sentence, with its tries", async () => {
    const { page } = session;
    await go(page, `${JOB}/check`);
    await sees(page, /Works in \d+ of 100 tries\./);
    const sentence = (await answer(page)).replaceAll("\u00a0", " ");
    const figures = /It starts with ([\d.]+) A to spare and runs with ([\d.]+) A to spare\.$/.exec(sentence);
    expect(figures).not.toBeNull();
    const tries = /Works in (\d+) of 100 tries\./.exec(await textOf(page))!;
    const fit = sentence.startsWith("Yes.") ? "fits" : sentence.startsWith("Barely.") ? "barely fits" : "does not fit";
    said = { fit, startA: figures![1]!, runA: figures![2]!, of100: Number(tries[1]) };
    expect(said.of100 >= 95 ? "fits" : said.of100 >= 50 ? "barely fits" : "does not fit").toBe(fit);
    expect(await lookAt(page, "aside, main", (e) => e.textContent ?? "")).toContain(SOURCE);
    await until("its glyph among the sources", async () => (await textOf(page)).includes(`${SOURCE}${fit}`));
  });

  it("the thresholds and the map turn where the tries do", async () => {
    const { page } = session;
    const turn = /Stops working above (\d+).°F/.exec(await sees(page, /Stops working above \d+.°F/));
    await press(page, "Weather and altitude", "click", "radio");
    await page.waitForSelector('svg[aria-label^="In how many of 100 tries"]');
    const picture = await page.$('[role="slider"][aria-label^="Read the picture"]');
    await until("every cell", async () => !/Simulating: \d+ of/.test(await textOf(page)));
    await picture!.focus();
    await page.keyboard.press("Home");
    const cells: { air: number; works: number; word: string }[] = [];
    for (let k = 0; k < 13; k++) {
      const text = ((await picture!.evaluate((e) => e.getAttribute("aria-valuetext"))) ?? "").replaceAll("\u00a0", " ");
      const read = /^(\d+) °F, .*: (fits|barely fits|does not fit), starts in (\d+) of 100 tries, works in (\d+)$/.exec(text);
      if (read === null) throw new Error(`not a cell: ${text}`);
      cells.push({ air: Number(read[1]), word: read[2]!, works: Number(read[4]) });
      await page.keyboard.press("ArrowRight");
    }
    for (const { works, word } of cells) expect(works >= 95 ? "fits" : works >= 50 ? "barely fits" : "does not fit").toBe(word);
    expect(cells.map((c) => c.works)).toEqual(cells.map((c) => c.works).toSorted((a, b) => b - a));
    const lastWorks = cells.filter((c) => c.works >= 50).at(-1)!.air;
    expect(Math.abs(lastWorks - Number(turn![1]))).toBeLessThanOrEqual(10);
  });

  it("Choose counts the same tries of the same way", async () => {
    const { page } = session;
    await go(page, `${JOB}/choose`);
    await answerLike(page, /works in \d+ of 100 tries/);
    const row = await until("as many tries as in Check", async () => {
      const rows = await lookAtAll(page, "main li", (all) => all.map((e) => (e.textContent ?? "").replaceAll("\u00a0", " ")));
      return rows.find((text) => text.startsWith("Soft starter, Roof class") && text.includes(`${said.of100} of 100`));
    });
    expect(row).toContain(said.fit);
    expect(row).toContain(`${said.startA} A`);
    expect(row).toContain(`${said.runA} A`);
  });

  it("the logbook keeps what Check said", async () => {
    const { page } = session;
    await go(page, "/");
    await sees(page, new RegExp(`Fit a soft starter[\\s\\S]*${said.runA} A`));
    const row = await lookAtAll(page, "main a, main li", (all) =>
      all.map((e) => (e.textContent ?? "").replaceAll("\u00a0", " ")).find((text) => text.includes("Fit a soft starter")),
    );
    expect(row).toContain(`${said.runA} A`);
    expect(row).toContain(said.fit);
  });

  it("the hand-over says it on screen and on paper", async () => {
    const { page, downloads } = session;
    await go(page, `${JOB}/hand-over`);
    await sees(page, new RegExp(`${SOURCE}\\s+${said.fit}`));
    await press(page, "Hand-over sheet as PDF");
    const pdf = execFileSync("pdftotext", ["-layout", await downloaded(downloads, "-hand-over.pdf"), "-"], { encoding: "utf8" });
    expect(pdf.replaceAll("\u00a0", " ")).toMatch(new RegExp(`${SOURCE.replaceAll(".", "\\.")}\\s+${said.fit}`));
  });

  it("the headless command says it of the exported rig", async () => {
    const { page, downloads } = session;
    await go(page, "/rigs");
    await press(page, "Export Tin Lantern");
    const file = await downloaded(downloads, ".ampsaver.json");
    const { stdout, status } = spawnSync("node", ["scripts/check.mjs", file], { cwd: ROOT, encoding: "utf8", maxBuffer: 50_000_000 });
    expect(status).toBe(0);
    interface Way {
      readonly method: string;
      readonly fit: string;
      readonly startSpareA: number;
      readonly runSpareA: number;
      readonly tries: { readonly of: number; readonly hold: number };
    }
    const report = JSON.parse(stdout) as {
      units: { name: string; sources: { name: string; ways: Way[] }[] }[];
      together: { source: string; fit: string }[];
    };
    const way = report.units
      .find((u) => u.name === "Front, over the darkroom")!
      .sources.find((s) => s.name === SOURCE)!
      .ways.find((w) => w.method === "soft")!;
    expect({ fits: "fits", "just-fits": "barely fits", "too-much": "does not fit" }[way.fit]).toBe(said.fit);
    expect(way.startSpareA.toFixed(1)).toBe(said.startA);
    expect(way.runSpareA.toFixed(1)).toBe(said.runA);
    expect(Math.abs((100 * way.tries.hold) / way.tries.of - said.of100)).toBeLessThanOrEqual(4);
    await go(page, "/rig/demo-tin-lantern/together");
    const together = report.together.find((t) => t.source === SOURCE)!;
    const word = { fits: "fits", "just-fits": "barely fits", "too-much": "does not fit", "not-known": "not known" }[together.fit]!;
    await until("the same in what can run together", async () => (await textOf(page)).includes(`${SOURCE}${word}`));
    expect(session.complaints).toEqual([]);
  });
});

describe("a worker that dies", () => {
  it("is told in a sentence with the text to copy, and asked again it answers", async () => {
    const session = await openApp();
    const { page } = session;
    await press(page, "Look at an example");
    await sees(page, /5 jobs, 3 rigs/);
    await page.evaluateOnNewDocument(() => {
      const Real = window.Worker;
      const broken = new Proxy(Real, {
        construct(target, args: ConstructorParameters<typeof Worker>) {
          const worker = new target(...args);
          if (!(window as unknown as { mended?: boolean }).mended)
            setTimeout(() => worker.dispatchEvent(new ErrorEvent("error", { message: "broken on purpose" })), 0);
          return worker;
        },
      });
      window.Worker = broken;
    });
    await go(page, `${JOB}/check`);
    await sees(page, /This could not be worked out\./);
    await until("the text to copy", async () => (await textOf(page)).includes("broken on purpose"));
    await page.evaluate(() => Object.assign(window, { mended: true }));
    await press(page, "Try again");
    await answerLike(page, /to spare/);
    await session.close();
  });
});

describe("an answer from the size alone", LONG, () => {
  it("is given, said to be wide, with the two plate figures that would narrow it most", async () => {
    const session = await openApp();
    const { page } = session;
    await page.waitForSelector("#answer");
    await page.keyboard.press("n");
    await page.waitForSelector("#rig-name:focus");
    await page.keyboard.type("Plain Basket");
    await page.keyboard.press("Enter");
    await answerLike(page, /Enter two things/);
    await type(page, "Cooling", "13500");
    await press(page, "Add a generator");
    await type(page, "Running watts", "2200");
    await type(page, "Surge watts", "2700");
    await answerLike(page, /enough for an answer/);
    await press(page, "See the answer", "click", "link");
    await answerLike(page, /^(Yes|Barely|No|Probably not)\./);
    await sees(page, /Works in \d+ of 100 tries\./);
    await sees(page, /This is from the size alone, so it is wide\. These narrow it most: .+ and .+\./);
    expect(session.complaints).toEqual([]);
    await session.close();
  });
});
