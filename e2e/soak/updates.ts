import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { openApp, TABLE } from "../browser.ts";
import { fieldValue, keptIn, ownRig, press, sees, until, upload } from "../hands.ts";
import { lay, SAMPLES } from "../lay.ts";
import { serveVersions } from "../versions-of-app.ts";
import { fill } from "./browsers.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

/** What earlier versions kept, as databases and as files, and apps that follow each other forward and back under a page that is typed in. */
export async function updates(chance: Chance, samples: number, changes: number): Promise<Tally> {
  const counter = new Counter("versions, forward and back");
  for (const [name, sample] of SAMPLES.slice(SAMPLES.length - samples)) {
    const wanted = (JSON.parse(sample.file) as { readonly records: readonly { readonly id: string }[] }).records.map((r) => r.id);
    for (const how of ["database", "file"] as const) {
      const session = await openApp(how === "file" ? "/rigs" : "/");
      const { page, downloads } = session;
      if (how === "database") {
        await lay(page, sample);
        await sees(page, /Tin Lantern/);
      } else {
        const path = join(downloads, "..", "old.ampsaver.json");
        writeFileSync(path, sample.file);
        await upload(page, path);
        await press(page, "Import it");
        await sees(page, /Tin Lantern/);
      }
      const kept = new Set((await keptIn(page)).records.map((r) => r.id));
      const lost = wanted.filter((id) => !kept.has(id));
      counter.end(`${how} of an earlier version`);
      if (lost.length > 0) counter.fault(`${how} of version ${name}: ${lost.join(", ")} not there`);
      await session.close();
    }
  }
  await inTurn(chance, changes, counter);
  return counter.tally();
}

/** Three apps that differ by what the browser compares, served in any order; the page is typed in when each comes. */
async function inTurn(chance: Chance, changes: number, counter: Counter): Promise<void> {
  let version = 0;
  const app = await serveVersions();
  const session = await openApp("/", { ...TABLE, keepsApp: true }, app.address);
  const { page } = session;
  await ownRig(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload({ waitUntil: "load" });
  for (let k = 0; k < changes; k++) {
    version = (version + 1 + chance.upTo(2)) % 3;
    app.become(version);
    const [note, draft] = [`note ${k}`, `9999${k}`];
    await until("the note", () => fill(page, "Note", note));
    await until("the field", () => fill(page, "Locked rotor amps", draft));
    await page.evaluate(() => navigator.serviceWorker.getRegistration().then((known) => known?.update().then(() => undefined)));
    await sees(page, /reloads once your half-typed entry is finished or cleared/);
    if ((await fieldValue(page, "Locked rotor amps")) !== draft) counter.fault("what was half typed was taken by an update");
    await until("the field", () => fill(page, "Locked rotor amps", "63"));
    await press(page, "Reload");
    await until("the app that came", () =>
      page
        .evaluate(() => document.querySelector("#answer") !== null && !document.body.textContent?.includes("A new version is ready"))
        .catch(() => false),
    );
    if ((await fieldValue(page, "Note")) !== note || (await fieldValue(page, "Locked rotor amps")) !== "63")
      counter.fault("an update lost what was typed");
    counter.end("app changed under a page");
  }
  await session.close();
  app.close();
}
