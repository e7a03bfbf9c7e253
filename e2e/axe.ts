import axe from "axe-core";
import type { Page } from "puppeteer-core";

const ALL = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
/** The one rule that goes by colors, which are all that a theme changes. */
const COLORS = ["color-contrast"];

/** Breaches of WCAG 2.2 AA that axe finds on the page, in a line each; of colors alone where the rest was looked at. */
export async function axeFindings(page: Page, colorsOnly = false): Promise<string[]> {
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(axe.source);
  return page.evaluate(
    async (runOnly) => {
      const run = (window as unknown as { axe: typeof axe }).axe.run;
      const { violations } = await run(document, { runOnly, resultTypes: ["violations"], preload: false });
      return violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(" ")} ${n.failureSummary?.split("\n")[1] ?? ""}`));
    },
    colorsOnly ? COLORS : ALL,
  );
}
