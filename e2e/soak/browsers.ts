import type { Page } from "puppeteer-core";

/** Fields of the survey that are typed into, and what they may hold. */
export const FIELDS = ["Locked rotor amps", "Rated load amps", "Fan amps", "Note"] as const;

/** Fills a field at once by its label, as typing does, whether or not its page is in front; null where it is not there. */
export function fill(page: Page, label: string, text: string): Promise<boolean> {
  return page.evaluate(
    (wanted, value) => {
      const all = [...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("input, textarea")];
      const field = all.find((e) => [...(e.labels ?? [])].some((l) => l.textContent?.startsWith(wanted)));
      if (field === undefined) return false;
      const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
      // Over a text that is there already, letter by letter: it may have been typed here before another tab typed its own.
      for (const typed of field.value === value ? [value.slice(0, -1), value] : [value]) {
        Object.getOwnPropertyDescriptor(kind.prototype, "value")!.set!.call(field, typed);
        field.dispatchEvent(new Event("input", { bubbles: true }));
      }
      return true;
    },
    label,
    text,
  );
}
