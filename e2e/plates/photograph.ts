import { writeFileSync } from "node:fs";
import type { Browser } from "puppeteer-core";
import { plateHtml } from "./page.ts";
import { type PlateSpec, plateOf } from "./spec.ts";

/** Draws the plate of a number and writes its photograph to a file. */
export async function photographOf(browser: Browser, number: number, path: string): Promise<PlateSpec> {
  const spec = plateOf(number);
  const page = await browser.newPage();
  await page.setViewport({ width: 1600, height: 1200 });
  await page.setContent(plateHtml(spec));
  writeFileSync(path, await page.screenshot({ type: "jpeg", quality: spec.quality }));
  await page.close();
  return spec;
}
