import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { openApp } from "../browser.ts";
import { hasten, toMorning } from "../clock.ts";
import { CountingHand } from "./hand.ts";
import { twoUnits } from "./two-units.ts";

const MOST = { taps: 230, entries: 75, swipes: 50 };
/** A roof of two units from an empty database to both hand-overs, by touch alone, with everything that is counted. */
it.each([
  ["upright", { width: 390, height: 844, phone: true }],
  ["sideways", { width: 844, height: 390, phone: true }],
])("two units from the plate to the hand-over, the phone held %s", async (held, screen) => {
  const { page, downloads, close, complaints } = await openApp("/", { ...screen, keepsApp: true });
  await hasten(page, 1);
  await toMorning(page);
  await page.reload({ waitUntil: "load" });
  const hand = new CountingHand(page);
  const photo = join(downloads, "..", "box.png");
  writeFileSync(photo, await page.screenshot());
  await twoUnits(page, hand, photo);

  const counted = hand.count();
  process.stdout.write(
    `${held}: ${counted.taps} taps, ${counted.entries} entries, ${counted.swipes} swipes\n${hand.places().join("\n")}\n`,
  );
  expect(complaints).toEqual([]);
  for (const what of ["taps", "entries", "swipes"] as const) expect.soft(counted[what], what).toBeLessThanOrEqual(MOST[what]);
  await close();
});
