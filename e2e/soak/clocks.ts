import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { openApp } from "../browser.ts";
import { hasten, setClock } from "../clock.ts";
import { fieldValue, keptIn, notYet, ownRig, sees, until, upload } from "../hands.ts";
import { FIELDS, fill } from "./browsers.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

const YEAR_S = 31_557_600;

/** Clocks set forward and back, by seconds up to years, between what is typed, photographed and taken back: nothing is dropped or mixed up. */
export async function clocks(chance: Chance, tries: number): Promise<Tally> {
  const counter = new Counter("clocks set forward and back");
  const session = await openApp();
  const { page, downloads } = session;
  await sees(page, /New rig/);
  await hasten(page, 1);
  await page.reload({ waitUntil: "load" });
  await ownRig(page);
  const path = join(downloads, "..", "plate.png");
  writeFileSync(path, await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200, scale: 1 } }));
  let photos = 0;
  for (let k = 0; k < tries; k++) {
    const by = Math.round(chance.of([1, 60, 3600, 86_400, YEAR_S, 10 * YEAR_S]) * chance.between(-1.5, 1.5));
    const [before, after] = [chance.between(3, 40).toFixed(1), chance.between(41, 80).toFixed(1)];
    await until("the field", () => fill(page, FIELDS[0], before));
    if (chance.oneIn(3)) {
      await upload(page, path);
      photos += 1;
    }
    const whole = (amps: string) => async () => {
      const { records, blobs } = await keptIn(page);
      const unit = records.find((r) => r.kind === "unit") as { readonly lockedRotorA?: { readonly value: number } } | undefined;
      const taken = records.filter((r) => r.kind === "photo" && blobs.some((p) => p.id === r.id)).length;
      return unit?.lockedRotorA?.value === Number(amps) && taken === photos
        ? true
        : notYet([unit?.lockedRotorA?.value, amps, taken, photos]);
    };
    const kept = (amps: string, when: string): Promise<unknown> =>
      until(when, whole(amps), 15_000).catch((error: unknown) => counter.fault(`clock by ${by} s: ${String(error).slice(0, 200)}`));
    await kept(before, "all before the clock is set");
    await setClock(page, by);
    await page.reload({ waitUntil: "load" });
    await sees(page, /Locked rotor amps/);
    await kept(before, "all after the clock was set");
    // Between two words on one field another is typed, so that they are two steps however near the clock says they are.
    await until("the note", () => fill(page, "Note", `by ${by}, ${k}`));
    await until("the field", () => fill(page, FIELDS[0], after));
    await kept(after, "what was typed after it");
    await page.keyboard.press("Escape");
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.down("Control");
    await page.keyboard.press("z");
    await page.keyboard.up("Control");
    await kept(before, "the last step to be taken back");
    if ((await fieldValue(page, FIELDS[0])) !== String(Number(before)))
      counter.fault(`the page shows ${await fieldValue(page, FIELDS[0])} after undo`);
    counter.end(by < 0 ? "back" : "forward");
  }
  if (session.complaints.length > 0) counter.fault(session.complaints.join("; ").slice(0, 300));
  await session.close();
  return counter.tally();
}
