import type { ElementHandle, Page } from "puppeteer-core";

/** What has a role by itself. */
const NATIVE: Readonly<Record<string, string>> = {
  button: "button, summary",
  link: "a[href]",
  radio: 'input[type="radio"]',
  checkbox: 'input[type="checkbox"]',
  textbox: 'input:not([type]), input[type="text"], textarea',
  searchbox: 'input[type="search"]',
};

/**
 * An element by its role and its name as the page itself gives them: label, words, or what it is labelled by. The
 * browser's own tree of names says the same and takes a hundred times as long on a large page; null leaves it to that.
 */
export async function quicklyNamed(page: Page, role: string, name: string): Promise<ElementHandle<Element> | null> {
  const native = NATIVE[role];
  if (native === undefined) return null;
  const found = await page.evaluateHandle(
    (selector, wanted) => {
      const plain = (text: string): string => text.replaceAll(/[\s\u00a0]+/g, " ").trim();
      const words = (e: Node): string => {
        if (!(e instanceof Element)) return e.textContent ?? "";
        if (e.getAttribute("aria-hidden") === "true") return "";
        const label = e.getAttribute("aria-label");
        if (label !== null) return label;
        return [...e.childNodes].map(words).join(e.tagName === "SPAN" || e.tagName === "B" ? "" : " ");
      };
      const nameOf = (e: Element): string => {
        const by = e.getAttribute("aria-labelledby");
        if (by !== null)
          return by
            .split(/\s+/)
            .map((id) => words(document.getElementById(id) ?? document.createTextNode("")))
            .join(" ");
        const label = e.getAttribute("aria-label");
        if (label !== null) return label;
        if (e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement) return [...(e.labels ?? [])].map(words).join(" ");
        const labels = e instanceof HTMLButtonElement ? [...e.labels] : [];
        return labels.length > 0 ? labels.map(words).join(" ") : words(e);
      };
      const all = [...document.querySelectorAll(selector)].filter(
        (e) => e.closest("[aria-hidden=true], [inert]") === null && e.checkVisibility(),
      );
      return all.find((e) => plain(nameOf(e)) === plain(wanted)) ?? null;
    },
    `:is(${native}, [role="${role}"]):not([role]:not([role="${role}"]))`,
    name,
  );
  return found.asElement() as ElementHandle<Element> | null;
}
