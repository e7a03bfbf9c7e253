import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, type Session } from "./browser.ts";
import { answerLike, fieldValue, keptIn, pick, press, sees, take, type } from "./hands.ts";
import { LONG } from "./long.ts";

let session: Session;
beforeAll(async () => {
  session = await openApp();
  await press(session.page, "Look at an example");
  await sees(session.page, /5 jobs, 3 rigs/);
  await session.page.goto(new URL("/job/demo-rear-job/prepare/sheet", session.page.url()).href, { waitUntil: "load" });
});
afterAll(() => session.close());

/** A page of a sheet as a maker might print it, as a picture. */
const PAGE = `<body style="margin:0;background:#f6f3ea;font:34px/1.7 sans-serif;padding:60px;width:1300px">
<h1 style="font-size:46px">Installation</h1>
<p>1. Remove the black wire from the C terminal of the run capacitor.</p>
<p>2. Connect the violet lead to HERM.</p>
<p>3. Connect the orange lead to the C terminal.</p></body>`;

describe("the maker's sheet beside the plan of this unit", LONG, () => {
  it("says which step does not fit, why, what to do here, and what the sheet leaves out", async () => {
    const { page } = session;
    await answerLike(page, /^Not as printed: 1 step does not fit this unit\.$/);
    await sees(page, /This unit has no contactor T1\.\s+On this unit: Put REF pink onto overload B/);
    await sees(page, /Left out by the sheet.*Leave the PTC out of the circuit/s);
    expect(await axeFindings(page)).toEqual([]);
  });

  it("lets its stricter limits count: the learning rule asks for them afterwards", async () => {
    const { page } = session;
    await sees(page, /Rest between starts: sheet 5 min, here 4 min/);
    await press(page, "Use the sheet’s limits");
    await sees(page, /Rest between starts: sheet 5 min, here 5 min\s+in use/);
    const kept = await keptIn(page);
    expect(JSON.stringify(kept.records)).toContain('"restS":300');
  });

  it("is read from a photo on the device, and enters nothing before it is kept", async () => {
    const { page, browser, downloads } = session;
    const drawn = await browser.newPage();
    await drawn.setViewport({ width: 1420, height: 760 });
    await drawn.setContent(PAGE);
    const path = join(downloads, "..", "sheet.png");
    writeFileSync(path, await drawn.screenshot());
    await drawn.close();
    await page.bringToFront();
    await type(page, "Steps of the sheet", "");
    const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph the sheet")]);
    await chooser.accept([path]);
    await sees(page, /Read from the photo\. Compare it with the sheet/);
    expect(await fieldValue(page, "Steps of the sheet")).toContain("Remove the black wire from the C terminal of the run capacitor");
    await sees(page, /This unit has no contactor T1/);
    await press(page, "Keep the text");
    await sees(page, /No black wire is there\. The step means white/);
    await sees(page, /It says C without saying whose/);
  });

  it("a sentence that is not understood is told by a person, and then laid beside the plan", async () => {
    const { page } = session;
    await take(page, "::-p-xpath(//li[contains(., 'orange')]//button[contains(., 'Say what it means')])");
    await pick(page, "What to do", "land");
    await pick(page, "Which wire", "lead FEED");
    await pick(page, "Onto", "cap-c");
    await sees(page, /Connect the orange lead to the C terminal\s+fits/);
    await press(page, "Read it again from the text");
    await sees(page, /It says C without saying whose/);
  });
});
