import { rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { newProfile, openApp } from "../browser.ts";
import { fieldValue, keptIn, ownRig, sees, until, upload } from "../hands.ts";
import { FIELDS, fill } from "./browsers.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

/** Devices that fill up under photos and typing, by the browser's own quota: it is told, and what is kept is kept whole. */
export async function quota(chance: Chance, tries: number): Promise<Tally> {
  const counter = new Counter("devices that are full");
  for (let k = 0; k < tries; k++) {
    const folder = newProfile();
    const session = await openApp("/", undefined, undefined, folder);
    const { page, downloads } = session;
    await ownRig(page);
    const cdp = await page.createCDPSession();
    const origin = new URL(page.url()).origin;
    const amps = chance.between(20, 90).toFixed(1);
    await until("the field", () => fill(page, FIELDS[0], amps));
    await until("the figure to be kept", async () => JSON.stringify(await keptIn(page)).includes(`"value":${Number(amps)}`));
    const { usage = 0 } = await page.evaluate(() => navigator.storage.estimate());
    await cdp.send("Storage.overrideQuotaForOrigin", { origin, quotaSize: Math.round(usage * chance.between(0.2, 1)) });
    const path = join(downloads, "..", "plate.png");
    writeFileSync(path, await page.screenshot({ clip: { x: 0, y: 0, width: 600, height: 400, scale: 2 } }));
    // The browser remembers for some seconds how much room there was.
    await until("the device to be full", async () => {
      if (chance.oneIn(3)) await upload(page, path);
      await fill(page, "Note", `note ${chance.upTo(1e9)}`);
      return /no room left/.test(await page.$eval("body", (e) => e.textContent ?? ""));
    }).catch((error: unknown) => counter.fault(`nothing was said: ${String(error).slice(0, 200)}`));
    await cdp.send("Storage.overrideQuotaForOrigin", { origin });
    await page.reload({ waitUntil: "load" });
    await sees(page, /Locked rotor amps/);
    if ((await fieldValue(page, FIELDS[0])) !== String(Number(amps)))
      counter.fault(`locked rotor amps are ${await fieldValue(page, FIELDS[0])}, typed was ${amps}`);
    const { records, blobs } = await keptIn(page);
    const bare = records.filter((r) => r.kind === "photo" && !blobs.some((p) => p.id === r.id));
    if (bare.length > 0) counter.fault(`${bare.length} photos without a picture`);
    counter.end("told, and whole");
    await session.close();
    rmSync(folder, { recursive: true, force: true });
  }
  return counter.tally();
}
