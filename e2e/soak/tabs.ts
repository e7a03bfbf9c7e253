import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { leavesWhenAsked, openApp } from "../browser.ts";
import { keptIn, notYet, ownRig, until, upload } from "../hands.ts";
import { FIELDS, fill } from "./browsers.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

/** Rounds with one browser: more would fill it with photos. */
const ROUNDS = 50;

/** What a tab did in a round: how it is told, what it should have left. */
/** How long what was done may take until it is kept, on a busy machine, ms. */
const KEPT_MS = 60_000;

interface Deed {
  readonly told: string;
  readonly field?: { readonly label: (typeof FIELDS)[number]; readonly text: string };
  readonly photo?: true;
}

/** Two tabs of one rig that type, photograph, load anew and leave at the same moment: each one's last word in each field and every picture is kept. */
export async function tabs(chance: Chance, tries: number): Promise<Tally> {
  const counter = new Counter("two tabs at once");
  for (let from = 0; from < tries; from += ROUNDS) await withOneBrowser(chance, Math.min(ROUNDS, tries - from), counter);
  return counter.tally();
}

async function withOneBrowser(chance: Chance, rounds: number, counter: Counter): Promise<void> {
  const session = await openApp();
  const first = session.page;
  await ownRig(first);
  const address = first.url();
  const path = join(session.downloads, "..", "plate.png");
  writeFileSync(path, await first.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200, scale: 1 } }));
  const second = await session.profile.newPage();
  leavesWhenAsked(second);
  await second.goto(address, { waitUntil: "load" });
  const both = [first, second] as const;
  for (const page of both) await (await page.createCDPSession()).send("Emulation.setFocusEmulationEnabled", { enabled: true });
  let photos = 0;
  for (let k = 0; k < rounds; k++) {
    const [one, other] = chance.oneIn(2) ? both : ([second, first] as const);
    // Each has fields of its own this round, so that neither's last word is the other's.
    const labels = chance.oneIn(2) ? FIELDS : FIELDS.toReversed();
    const pause = chance.upTo(80);
    const deeds = await Promise.all([
      act(one, chance, labels.slice(0, 2), k, path),
      new Promise((gone) => setTimeout(gone, pause)).then(() => act(other, chance, labels.slice(2), k, path)),
    ]);
    photos += deeds.filter((d) => d.photo).length;
    counter.end(
      deeds
        .map((d) => d.told)
        .toSorted()
        .join(" beside "),
    );
    const amiss = (): Promise<string[]> => wrong(first, deeds, photos);
    await until("both to be kept", async () => ((await amiss()).length === 0 ? true : notYet(await amiss())), KEPT_MS).catch(
      async (error: unknown) => {
        const seen = await Promise.all(both.map((page) => seenIn(page).catch(String)));
        counter.fault(`${deeds.map((d) => d.told).join(" beside ")}: ${String(error).slice(0, 300)}; the tabs show ${seen.join(" and ")}`);
      },
    );
  }
  if (session.complaints.length > 0) counter.fault(session.complaints.join("; ").slice(0, 300));
  await session.close();
}

/** What a tab says of itself: its fields, what is told, what it has not saved yet. */
function seenIn(page: Page): Promise<string> {
  return page.evaluate(() => {
    const fields = [...document.querySelectorAll("input")].slice(0, 6).map((e) => `${e.labels?.[0]?.textContent}: ${e.value}`);
    const told = [...document.querySelectorAll("[role=alert], [role=status]")].map((e) => e.textContent);
    const waits = Object.keys(localStorage).filter((key) => key.startsWith("amp-saver pending") || key.startsWith("amp-saver draft"));
    return JSON.stringify({ fields, told, waits }).slice(0, 800);
  });
}

async function act(page: Page, chance: Chance, labels: readonly (typeof FIELDS)[number][], k: number, path: string): Promise<Deed> {
  const label = chance.of(labels);
  const text = label === "Note" ? `round ${k} ${chance.upTo(1e6)}` : chance.between(3, 40).toFixed(1);
  const kind = chance.upTo(6);
  if (kind === 0) {
    await upload(page, path);
    return { told: "photo", photo: true };
  }
  if (kind === 1) {
    await page.reload({ waitUntil: "load" });
    await page.waitForSelector("#answer");
    return { told: "load" };
  }
  await until("the field", () => fill(page, label, text));
  if (kind > 2) return { told: "type", field: { label, text } };
  await page.reload({ waitUntil: "load" });
  await page.waitForSelector("#answer");
  return { told: "type and load", field: { label, text } };
}

const FIGURES = { "Locked rotor amps": "lockedRotorA", "Rated load amps": "ratedLoadA", "Fan amps": "fanA" } as const;

/** What of the deeds is not kept. */
async function wrong(page: Page, deeds: readonly Deed[], photos: number): Promise<string[]> {
  const { records, blobs } = await keptIn(page);
  const unit = records.find((r) => r.kind === "unit") as Record<string, { readonly value?: number } | null> | undefined;
  const rig = records.find((r) => r.kind === "rig");
  const taken = records.filter((r) => r.kind === "photo").map((r) => String(r.id));
  const fields = deeds.flatMap(({ field }) => {
    if (field === undefined) return [];
    const kept = field.label === "Note" ? rig?.note : unit?.[FIGURES[field.label]]?.value;
    return String(kept) === String(field.label === "Note" ? field.text : Number(field.text))
      ? []
      : [`${field.label} is ${kept}, typed was ${field.text}`];
  });
  return [
    ...fields,
    ...(taken.length === photos ? [] : [`${taken.length} photos of ${photos}`]),
    ...taken.filter((id) => !blobs.some((p) => p.id === id)).map((id) => `photo ${id} has no picture`),
  ];
}
