import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { openApp, PHONE } from "../browser.ts";
import { hasten, toMorning } from "../clock.ts";
import { KeyHand } from "./key-hand.ts";
import { twoUnits } from "./two-units.ts";

/** The same roof of two units by keyboard alone, found by what a screen reader says; no stop on the way is without a name. */
it("two units from the plate to the hand-over by keyboard, each thing found by the name it has", async () => {
  const { page, downloads, close, complaints } = await openApp("/", { ...PHONE, keepsApp: true });
  await hasten(page, 1);
  await toMorning(page);
  await page.reload({ waitUntil: "load" });
  const photo = join(downloads, "..", "box.png");
  writeFileSync(photo, await page.screenshot());
  const hand = new KeyHand(page);
  await twoUnits(page, hand, photo);
  process.stdout.write(`by keyboard: ${hand.keys} keys beside those typed\n`);
  expect([...hand.nameless]).toEqual([]);
  expect(complaints).toEqual([]);
  await close();
});
