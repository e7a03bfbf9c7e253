import { rmSync } from "node:fs";
import type { Page } from "puppeteer-core";
import { newProfile, openApp, type Session } from "../browser.ts";
import { fieldValue, ownRig, type, until } from "../hands.ts";
import { FIELDS } from "./browsers.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

const WAYS = ["reload", "other address", "tab closed", "page crashed", "browser killed"] as const;
/** What a browser that is killed may still lose, ms; on a busy machine whatever its database has not answered yet. */
const DISK_MS = 1000;

/** Saves that the database has not answered yet. */
function pending(page: Page): Promise<number> {
  return page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith("amp-saver pending")).length);
}

/** Pages that go away while something is typed, by every way there is, on a machine up to six times slower: the next page has it. */
export async function kills(chance: Chance, tries: number): Promise<Tally> {
  const counter = new Counter("pages that go away while typed in");
  const profile = newProfile();
  let session: Session = await openApp("/", undefined, undefined, profile);
  await ownRig(session.page);
  const address = session.page.url();
  let page = session.page;
  for (let k = 0; k < tries; k++) {
    const way = chance.of(WAYS);
    const slowing = chance.of([1, 3, 6]);
    const label = chance.of(FIELDS);
    const text = label === "Note" ? `note ${k} ${chance.upTo(1e6)}` : chance.between(3, 40).toFixed(1);
    const cdp = await page.createCDPSession();
    await cdp.send("Emulation.setCPUThrottlingRate", { rate: slowing });
    await type(page, label, text);
    await new Promise((gone) => setTimeout(gone, way === "browser killed" ? DISK_MS : chance.upTo(60)));
    if (way === "browser killed") await until("the database to have answered", async () => (await pending(page)) === 0);
    if (way === "reload") await page.reload({ waitUntil: "load" });
    else if (way === "other address") await page.goto(new URL("/rigs", address).href, { waitUntil: "load" });
    else if (way === "browser killed") {
      const program = session.browser.process();
      const ended = new Promise((gone) => program?.once("exit", gone));
      program?.kill("SIGKILL");
      await ended;
      session = await openApp(new URL(address).pathname, undefined, undefined, profile);
      page = session.page;
    } else {
      const next = await session.profile.newPage();
      if (way === "tab closed") await page.close();
      else {
        // A page that crashed answers nothing any more: it is left where it is.
        const crashed = new Promise((gone) => page.once("error", gone));
        cdp.send("Page.crash").catch(() => undefined);
        await crashed;
      }
      page = next;
    }
    if (page.url() !== address) await page.goto(address, { waitUntil: "load" });
    const kept = await fieldValue(page, label).catch(() => "no page");
    counter.end(`${way}, ${slowing} × slower`);
    const same = label === "Note" ? kept === text : Number(kept) === Number(text);
    if (!same) counter.fault(`${way}, ${slowing} × slower: ${label} is ${JSON.stringify(kept)}, typed was ${JSON.stringify(text)}`);
    const left = await pending(page);
    if (left > 1) counter.fault(`${left} saves still wait to be done again`);
  }
  await session.close();
  rmSync(profile, { recursive: true, force: true });
  return counter.tally();
}
