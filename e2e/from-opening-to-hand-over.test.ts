import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, downloaded, go, pick, press, sees, take, ticks, type, until } from "./hands.ts";
import { lookAtAll } from "./look.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp("/");
  const { page } = session;
  await page.waitForSelector("#answer");
  await press(page, "Look at an example");
  await answerLike(page, /Tin Lantern: /);
});
afterAll(() => session.close());

const REAR = "/job/demo-rear-job";

/** Opens a figure by its name and gives back what it opens to. */
async function opened(page: Page, name: string): Promise<string> {
  const summary = await until(`the figure ${name}`, async () => {
    for (const s of await page.$$("summary")) if ((await s.evaluate((e) => e.textContent ?? "")).startsWith(name)) return s;
    return null;
  });
  await until(`${name} to open`, () => ticks(page, summary));
  return summary.evaluate((e) => (e.parentElement?.textContent ?? "").replaceAll("\u00a0", " "));
}

describe("opening a unit", () => {
  it("asks for what is seen, stops where it would burn, and says what to do", async () => {
    const { page } = session;
    await go(page, `${REAR}/fit/open`);
    await answerLike(page, /^Look at everything first: 9 things are left\.$/);
    const found = (what: string, state: string) => `[role="radiogroup"][aria-label="${what}"] [role="radio"][value="${state}"]`;
    const answer = async (what: string, state: string): Promise<void> => {
      await take(page, found(what, state), "click");
    };
    await answer("Burnt or melted insulation", "found");
    await answerLike(page, /^Not yet: burnt or melted insulation\. Repair before you wire\.$/);
    await sees(page, /Find out why: a loose terminal or too much current/);
    await answer("Burnt or melted insulation", "mended");
    await answer("The coil is dirty", "found");
    await answerLike(page, /: 7 things are left\.$/);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("counts screws by place with what hides them, and does not close while one place is short", async () => {
    const { page } = session;
    await press(page, "Shroud, out: one more");
    await press(page, "Shroud, out: one more");
    await pick(page, "Shroud: hidden by", "sealant");
    await press(page, "Shroud, back in: one more");
    await until("kept", () =>
      lookAtAll(
        page,
        "output",
        (all) =>
          all
            .slice(0, 2)
            .map((e) => e.textContent)
            .join() === "2,1",
      ),
    );
    await page.reload({ waitUntil: "load" });
    await until("still there", () =>
      lookAtAll(
        page,
        "output",
        (all) =>
          all
            .slice(0, 2)
            .map((e) => e.textContent)
            .join() === "2,1",
      ),
    );
    await press(page, "Shroud: all 2 back in");
    await until("the place to be whole", () =>
      lookAtAll(page, "output", (all) =>
        all
          .slice(0, 2)
          .map((e) => e.textContent)
          .join(),
      ).then((counts) => counts === "2,2"),
    );
  });
});

describe("something is wrong", () => {
  it("leads from a hum to the next measurement, and from a reading to its cause", async () => {
    const { page } = session;
    await go(page, `${REAR}/prove/after`);
    await press(page, "Something is wrong");
    await pick(page, "What does it do?", "trips-after-minutes");
    await sees(page, /Next: all amps on the source\./);
    await type(page, "All amps on the source, A", "11");
    await page.keyboard.press("Enter");
    await sees(page, /Next: running amps\./);
    await type(page, "Running amps, A", "19");
    await page.keyboard.press("Enter");
    await sees(page, /The compressor works too hard: clean the coil/);
    await page.reload({ waitUntil: "load" });
    await sees(page, /The compressor works too hard: clean the coil/);
    expect(await axeFindings(page)).toEqual([]);
  });
});

describe("figures open where the work is", () => {
  it("shows what the time to bleed and the windings rest on", async () => {
    const { page } = session;
    await go(page, `${REAR}/isolate`);
    expect(await opened(page, "Time to bleed it")).toMatch(/R × C × ln\(highest volts ÷ 10 V\)[\s\S]*Bleeder 20,000 ohm/);
    await go(page, `${REAR}/fit/find`);
    expect(await opened(page, "Run winding")).toMatch(/Reading less the probes[\s\S]*Leads b and c 1\.40 ohm[\s\S]*Probes 0\.20 ohm/);
  });
});

describe("the work on all units", () => {
  it("has one order, one kit and one quote, on paper too", async () => {
    const { page, downloads } = session;
    await go(page, "/rig/demo-tin-lantern/work");
    await answerLike(page, /for all of it, .* less than one after another\.$/);
    await sees(
      page,
      /Read the starts as found, in turns[\s\S]*Every source off and locked; prove dead once for all[\s\S]*Learning runs, in turns/,
    );
    await sees(page, /One kit for all[\s\S]*2 × ¼ in male spade/);
    expect(await opened(page, "Work, by the hour")).toMatch(/Minutes of all work ÷ 60/);
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "Quote as PDF");
    const text = execFileSync("pdftotext", ["-layout", await downloaded(downloads, "-quote.pdf"), "-"]).toString();
    expect(text).toMatch(/Quote for Tin Lantern, 2 units/);
  });
});

describe("what is handed over", () => {
  it("has model, serial, year, customer and fitter, on the page and on paper", async () => {
    const { page, downloads } = session;
    await go(page, `${REAR}/survey`);
    await answerLike(page, /enough for an answer/);
    await type(page, "Customer", "A. Reader, bay 4");
    await press(page, "More, if the plate has it");
    await type(page, "Serial number", "8 114 220");
    await type(page, "Year made", "1719");
    await sees(page, /Year made must be a number from 1950 to 2200/);
    await type(page, "Year made", "2019");
    await page.keyboard.press("Enter");
    await go(page, `${REAR}/hand-over`);
    await sees(page, /serial 8 114 220, made in 2019[\s\S]*Customer: A\. Reader, bay 4\.[\s\S]*Who fitted it is not entered/);
    await type(page, "Fitted by", "R. Quill");
    await page.keyboard.press("Enter");
    await sees(page, /Fitted by: R\. Quill\./);
    await sees(page, /Found and not mended: the coil is dirty/);
    await until("the sheet to be ready", async () => {
      const button = await page.$("::-p-aria(Hand-over sheet as PDF)");
      return button !== null && !(await button.evaluate((e) => (e as HTMLButtonElement).disabled));
    });
    await press(page, "Hand-over sheet as PDF");
    const text = execFileSync("pdftotext", ["-layout", await downloaded(downloads, "-hand-over.pdf"), "-"]).toString();
    expect(text).toMatch(/serial 8 114 220, made in 2019/);
    expect(text).toMatch(/Fitted by: R\. Quill/);
  });
});

describe("a photo that proves a step", () => {
  it("is asked for where nobody sees it later, and belongs to its step", async () => {
    const { page, downloads } = session;
    await page.evaluate(() =>
      localStorage.setItem("amp-saver proof demo-rear-job", JSON.stringify({ run: "demo", evidence: null, at: Date.now() })),
    );
    await go(page, `${REAR}/isolate`);
    await press(page, "It is proven dead: start work");
    await answerLike(page, /^Proven dead at/);
    await go(page, `${REAR}/fit/wire`);
    await sees(page, /Take a photo of this step: it proves what nobody sees later/);
    const path = join(downloads, "..", "step.png");
    writeFileSync(path, await page.screenshot());
    const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph this step")]);
    await chooser.accept([path]);
    await answerLike(page, /^Lift yellow/);
    expect(await page.evaluate(() => document.body.textContent)).not.toContain("A photo proves this step");
    await press(page, "Previous step");
    await sees(page, /A photo proves this step/);
  });
});
