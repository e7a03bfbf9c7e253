import type { ElementHandle, Page } from "puppeteer-core";
import { until } from "./until.ts";

/** How long something stays where it is before a finger goes there, ms, and at least how many frames of the page. */
const STAYS_MS = 80;
const STAYS_FRAMES = 4;
/** How long is waited in the page itself until something comes to rest, ms: what still moves then is looked at again. */
const MOVES_MOST_MS = 5000;
/** How long a click is waited for that a hand made and that may have met nothing, ms. */
const CLICK_MS = 5000;

/** Where an element is hit, and what it held and whether it was ticked before. */
export interface Aim {
  readonly x: number;
  readonly y: number;
  readonly ticked: string | null;
  readonly isRadio: boolean;
  readonly holds: string | null;
}

/**
 * Brings an element on the screen and waits until it stays where it is, as an eye does before the finger goes
 * there, in one message to the page. From then on the page notes whether the hand meets it; where something else has
 * moved there meanwhile, nothing is pressed, as who looks where he presses would not. A word where it cannot be hit.
 */
export function aim(element: ElementHandle<Element>): Promise<Aim | "greyed" | "gone" | "moving"> {
  return element.evaluate(
    async (e, staysMs, staysFrames, mostMs) => {
      const frame = (): Promise<unknown> =>
        new Promise((settle) => {
          requestAnimationFrame(settle);
          setTimeout(settle, 100);
        });
      const seen = await new Promise<number>((settle) => {
        const observer = new IntersectionObserver((entries) => {
          observer.disconnect();
          settle(entries[0]?.intersectionRatio ?? 0);
        });
        observer.observe(e);
        setTimeout(() => settle(0), 500);
      });
      if (seen < 1) e.scrollIntoView({ block: "center", inline: "center", behavior: "instant" });
      const place = (): { x: number; y: number } | null => {
        const box = [...e.getClientRects()].find((r) => r.width * r.height > 1);
        if (box === undefined) return null;
        const middle = (from: number, to: number, most: number): number => (Math.max(from, 0) + Math.min(to, most)) / 2;
        return { x: middle(box.left, box.right, innerWidth), y: middle(box.top, box.bottom, innerHeight) };
      };
      let last = "";
      let since = performance.now();
      let frames = 0;
      for (const end = since + mostMs; ; await frame()) {
        if (!e.isConnected) return "gone";
        const at = place();
        const where = JSON.stringify(at);
        const now = performance.now();
        if (where !== last) [since, frames] = [now, 0];
        last = where;
        frames += 1;
        if (at !== null && now - since >= staysMs && frames > staysFrames) {
          if ((e as HTMLButtonElement).disabled === true) return "greyed";
          const over = new AbortController();
          const aimed = { e, reached: null as boolean | null, over };
          (globalThis as { aimed?: typeof aimed }).aimed?.over.abort();
          Object.assign(globalThis, { aimed });
          const guard = (event: Event): void => {
            const to = event.target instanceof Element ? event.target : null;
            const meets = event.composedPath().includes(e) || to?.closest("label")?.control === e;
            const misses = aimed.reached === false || !meets;
            if (misses) {
              aimed.reached = false;
              // A touch that begins while the page scrolls cannot be held back.
              if (event.cancelable) event.preventDefault();
              event.stopImmediatePropagation();
            } else if (event.type === "click") aimed.reached = true;
            if (event.type === "click") over.abort();
          };
          for (const kind of ["pointerdown", "mousedown", "touchstart", "pointerup", "mouseup", "touchend", "click"])
            addEventListener(kind, guard, { capture: true, passive: false, signal: over.signal });
          const holds = e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement ? e.value : null;
          return { ...at, ticked: e.getAttribute("aria-checked"), isRadio: e.getAttribute("role") === "radio", holds };
        }
        if (now > end) return "moving";
      }
    },
    STAYS_MS,
    STAYS_FRAMES,
    MOVES_MOST_MS,
  );
}

/** What came of a click: whether it met what was aimed at, and whether that is ticked now; gone where the page is another. */
const met = (page: Page): Promise<{ readonly reached: boolean | null; readonly ticked: string | null } | "gone"> =>
  page
    .evaluate(() => {
      const { aimed } = globalThis as { aimed?: { e: Element; reached: boolean | null } };
      if (aimed === undefined) return "gone" as const;
      return { reached: aimed.reached, ticked: aimed.e.isConnected ? aimed.e.getAttribute("aria-checked") : null };
    })
    .catch(() => "gone" as const);

/** Clicks or taps where it was aimed, and tells whether the click met it, which it does not where the page moves meanwhile; waits until a tick is seen. */
export async function hit(page: Page, { x, y, ticked, isRadio }: Aim, how: "click" | "tap"): Promise<boolean> {
  await (how === "tap" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y));
  const reached = await until(
    "the click to meet something",
    async () => {
      const now = await met(page);
      return now === "gone" ? [true] : now.reached !== null && [now.reached];
    },
    CLICK_MS,
  ).catch(() => [false]);
  if (reached[0] !== true) return false;
  if (ticked === null) return true;
  return until("the tick to be seen", async () => {
    const now = await met(page);
    return now === "gone" || now.ticked === null || now.ticked !== ticked || (isRadio && now.ticked === "true");
  });
}
