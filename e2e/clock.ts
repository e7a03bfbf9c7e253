import type { Page } from "puppeteer-core";

/** Where a page keeps by how much its clock was set. */
const SHIFT = "clock set by";

/**
 * Lets the clock of every page to come run so many times as fast from now on, reloads included, so
 * that rests of minutes take seconds. `setClock` sets it forward or back. Returns how to end it.
 */
export async function hasten(page: Page, times: number): Promise<() => Promise<void>> {
  const { identifier } = await page.evaluateOnNewDocument(
    (rate: number, from: number, key: string) => {
      const Real = Date;
      const now = (): number => Math.round(from + (Real.now() - from) * rate + Number(localStorage.getItem(key) ?? 0));
      globalThis.Date = new Proxy(Real, {
        construct: (target, args: unknown[]) => (args.length === 0 ? new target(now()) : Reflect.construct(target, args)),
        get: (target, name) => (name === "now" ? now : Reflect.get(target, name)),
      });
    },
    times,
    Date.now(),
    SHIFT,
  );
  return () => page.removeScriptToEvaluateOnNewDocument(identifier);
}

/** Sets the page's clock by some seconds, forward or back, for good. */
export function setClock(page: Page, seconds: number): Promise<void> {
  return page.evaluate((key, by) => localStorage.setItem(key, String(Number(localStorage.getItem(key) ?? 0) + by * 1000)), SHIFT, seconds);
}

/** Sets the page's clock to the next eight in the morning: a day's work begun then does not pass midnight. */
export function toMorning(page: Page): Promise<void> {
  return page.evaluate((key) => {
    const at = new Date();
    at.setHours(at.getHours() < 8 ? 8 : 32, 0, 0, 0);
    localStorage.setItem(key, String(at.getTime() - Date.now()));
  }, SHIFT);
}
