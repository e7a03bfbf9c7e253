import type { Page } from "puppeteer-core";
import { wordsAmiss } from "../test/words-not-used.ts";

/** Most words of a label. */
const MOST_LABEL_WORDS = 5;

/** What a page says: its lines as they are read, and its labels. */
export interface Said {
  readonly lines: readonly string[];
  readonly labels: readonly string[];
}

/** Everything a page says, with whatever folds away opened. */
export function saidBy(page: Page): Promise<Said> {
  return page.evaluate(() => {
    for (const fold of document.querySelectorAll("details")) fold.open = true;
    const plain = (text: string): string =>
      text
        .replaceAll("\u00a0", " ")
        .replaceAll(/[ \t]+/g, " ")
        .trim();
    const shown = (e: Element): boolean => e.checkVisibility() && !e.closest("[aria-hidden=true], .sr-only");
    // What a field is called, without the help beside it.
    const called = (e: Element): string => {
      const copy = e.cloneNode(true) as Element;
      for (const inner of copy.querySelectorAll("input, select, button, svg, .text-ink2")) inner.remove();
      // The unit stands behind a comma.
      return plain(copy.textContent ?? "").replace(/, [^ ]+$/, "");
    };
    const isTick = (e: Element): boolean =>
      e instanceof HTMLLabelElement &&
      (e.control?.matches("[type=checkbox], [type=radio], [role=checkbox], [role=switch], [role=radio]") ?? true);
    const labels = [...document.querySelectorAll("label, legend, th:not([scope=row]), dt")]
      .filter((e) => shown(e) && !isTick(e))
      .map(called);
    // biome-ignore lint/performance/useDomNodeTextContent: what is asked is what a person sees, line by line.
    const lines = document.body.innerText.split("\n").map(plain).filter(Boolean);
    return { lines, labels: labels.filter(Boolean) };
  });
}

/** What of that is not to be said: words, sentences and labels that are too long. */
export function amissIn({ lines, labels }: Said): readonly string[] {
  const long = labels.filter((l) => l.split(/\s+/).filter((w) => /[a-z]/i.test(w)).length > MOST_LABEL_WORDS).map((l) => `label: ${l}`);
  return [...lines.flatMap((line) => wordsAmiss(line).map((amiss) => `${line.slice(0, 80)}: ${amiss}`)), ...long];
}
