import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFindings } from "./axe.ts";
import { openApp, PHONE, type Session } from "./browser.ts";
import { answerLike, downloaded, fieldValue, go, keptIn, named, press, sees, type, until, upload } from "./hands.ts";
import { LONG } from "./long.ts";

let roof: Session;
let van: Session;
beforeAll(async () => {
  [roof, van] = [await openApp("/", PHONE), await openApp("/rigs", PHONE)];
});
afterAll(async () => {
  await roof.close();
  await van.close();
});

async function hand(from: Session, to: Session, file: string): Promise<void> {
  await go(from.page, "/rigs");
  await press(from.page, "Export Tin Lantern", "tap");
  const path = await downloaded(from.downloads, file);
  await go(to.page, "/rigs");
  await upload(to.page, path);
}

/** Two phones on one job: each edits, the files cross, nothing is lost. */
describe("two phones and one rig", LONG, () => {
  it("take the same rig", async () => {
    await press(roof.page, "Look at an example", "tap");
    await answerLike(roof.page, /Tin Lantern: /);
    await hand(roof, van, "rig-ntern.ampsaver.json");
    await sees(van.page, /1 × rig: new/);
    await press(van.page, "Import it", "tap");
    await answerLike(van.page, /1 rig/);
  });

  it("edit it apart, one field on both", async () => {
    for (const [{ page }, amps, rated] of [
      [roof, "64", null],
      [van, "66", "12.9"],
    ] as const) {
      await go(page, "/job/demo-front-job/survey");
      await type(page, "Locked rotor amps", amps);
      if (rated !== null) await type(page, "Rated load amps", rated);
      await until("it to be kept", async () => JSON.stringify(await keptIn(page)).includes(`"value":${rated ?? amps}`));
      await page.reload({ waitUntil: "load" });
      await until("the plate", async () => (await fieldValue(page, "Locked rotor amps")) !== "");
      expect(await fieldValue(page, "Locked rotor amps")).toBe(amps);
    }
  });

  it("are in use that one field, and lose neither of the others", async () => {
    const { page } = roof;
    await hand(van, roof, "rig-ntern.ampsaver.json");
    await sees(page, /Changed on both devices: 1 thing to decide/);
    await sees(page, /Front, over the darkroom: lockedRotorA/);
    expect(await (await named(page, "radio", "file: 66")).evaluate((e) => e.getAttribute("data-state"))).toBe("checked");
    expect(await axeFindings(page)).toEqual([]);
    await press(page, "here: 64", "tap", "radio");
    await press(page, "Import it", "tap");
    await until("it to be taken in", async () => JSON.stringify(await keptIn(page)).includes('"value":12.9'));
    await go(page, "/job/demo-front-job/survey");
    expect(await fieldValue(page, "Locked rotor amps")).toBe("64");
    expect(await fieldValue(page, "Rated load amps")).toBe("12.9");
    expect([...roof.complaints, ...van.complaints]).toEqual([]);
  });
});
