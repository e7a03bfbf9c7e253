import type { Page } from "puppeteer-core";
import { answer, pick } from "./hands.ts";
import { lookAtAll } from "./look.ts";
import { notYet, until } from "./until.ts";

/** Begins a unit's circuit from a wiring met in the field, and waits until it is that one. */
export async function startFrom(page: Page, id: string): Promise<void> {
  await pick(page, "Start from", id);
  await until(`${id} to be taken`, async () => {
    const chosen = await lookAtAll(page, "main select", (all) => all.map((e) => (e as HTMLSelectElement).value));
    return chosen.includes(id) || notYet(await answer(page));
  });
}
