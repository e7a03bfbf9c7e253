import { join } from "node:path";
import { expect, it } from "vitest";
import { openApp } from "../browser.ts";
import { answerLike, named, press, type, until } from "../hands.ts";
import { photographOf } from "./photograph.ts";
import { BUILT_ON, type Entry, type PlateSpec, TRIED_ON } from "./spec.ts";

/** What the sheet calls a figure, and how it shows what is printed. */
const SHOWN: Readonly<Record<string, { readonly label: string; readonly text: (entry: Entry, spec: PlateSpec) => string }>> = {
  model: { label: "Model", text: ({ value }) => value },
  serial: { label: "Serial number", text: ({ value }) => value },
  refrigerant: { label: "Refrigerant", text: ({ value }) => value },
  volts: { label: "Volts", text: ({ value }) => value.split(/[/-]/).at(-1)! },
  outputVolts: { label: "Volts", text: ({ value }) => value },
  hz: { label: "Frequency", text: ({ value }) => value },
  ratedLoadA: { label: "Rated load amps", text: ({ value }) => String(Number(value)) },
  lockedRotorA: { label: "Locked rotor amps", text: ({ value }) => String(Number(value)) },
  fanA: { label: "Fan amps", text: ({ value }) => String(Number(value)) },
  circuitA: { label: "Minimum circuit ampacity", text: ({ value }) => String(Number(value)) },
  maxBreakerA: { label: "Largest breaker the plate allows", text: ({ value }) => value },
  cooling: {
    label: "Cooling",
    text: ({ value, printed }) => String(printed.includes("kW") ? Math.round((Number(value) * 1000) / 0.29307107) : Number(value)),
  },
  madeYear: { label: "Year made", text: ({ value }) => value },
  runCapacitor: { label: "Run capacitor", text: ({ value }) => value.split("/")[0]! },
  runningW: { label: "Running watts", text: ({ value }) => value },
  surgeW: { label: "Surge watts", text: ({ value }) => value },
  bankVolts: { label: "Battery volts", text: ({ value }) => value },
};
const KINDS = { unit: "Unit", capacitor: "Run capacitor", generator: "Generator", inverter: "Inverter" } as const;
/** Share of all figures that may be wrong with nothing said, and that has to be right. */
const WRONG_UNSAID = 0.01;
const RIGHT = 0.8;

/** Sixty drawn plates through the interface: half of them were looked at while the reader was built, the others never. */
it("reads sixty plates, and says which figures to look at twice", async () => {
  const session = await openApp();
  const { page, browser, downloads, complaints } = session;
  await press(page, "New rig");
  await type(page, "Name of the rig", "Copper Finch");
  await page.keyboard.press("Enter");
  await answerLike(page, /Enter two things/);
  await press(page, "Add a generator");
  await press(page, "Add an inverter");
  const counts = { built: { right: 0, flagged: 0, wrong: 0, open: 0 }, tried: { right: 0, flagged: 0, wrong: 0, open: 0 } };
  for (const number of [...BUILT_ON, ...TRIED_ON]) {
    const path = join(downloads, "..", `plate-${number}.jpg`);
    const spec = await photographOf(browser, number, path);
    const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, "Photograph the plate")]);
    await chooser.accept([path]);
    await named(page, "radio", "Unit");
    if (spec.kind !== "unit") await press(page, KINDS[spec.kind], "click", "radio");
    const read = await until("what was read", () =>
      page.evaluate(() => {
        const dialog = document.querySelector("[role=dialog]");
        const items = [...(dialog?.querySelectorAll('section[aria-label="Figures read"] > div') ?? [])];
        if (items.length === 0 && !/reads as a figure/.test(dialog?.textContent ?? "")) return null;
        return items.map((item) => ({
          label: item.querySelector("p span:first-child")?.textContent ?? "",
          text: (item.querySelector("p span:last-child")?.textContent ?? "").split("\u00a0")[0]!.replaceAll(",", ""),
          doubtful: /Look twice/.test(item.textContent ?? ""),
        }));
      }),
    );
    const mine = BUILT_ON.includes(number) ? counts.built : counts.tried;
    for (const entry of spec.entries) {
      const shown = SHOWN[entry.figure];
      if (shown === undefined || (entry.figure === "hz" && spec.kind !== "unit")) continue;
      const found = read.find(({ label }) => label === shown.label);
      const want = shown.text(entry, spec);
      if (found === undefined) mine.open += 1;
      else if (found.text === want) mine.right += 1;
      else if (found.doubtful) mine.flagged += 1;
      else {
        mine.wrong += 1;
        process.stdout.write(`plate ${number}: ${shown.label} ${found.text} for ${want}\n`);
      }
    }
    await press(page, "Close");
  }
  process.stdout.write(`${JSON.stringify(counts)}\n`);
  for (const { right, flagged, wrong, open } of Object.values(counts)) {
    const all = right + flagged + wrong + open;
    expect(wrong / all).toBeLessThan(WRONG_UNSAID);
    expect(right / all).toBeGreaterThan(RIGHT);
  }
  expect(complaints).toEqual([]);
  await session.close();
});
