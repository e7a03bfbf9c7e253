import axe from "axe-core";
import type { Page } from "puppeteer-core";

/** Breaches of WCAG 2.2 AA that axe finds on the page, in a line each. */
export async function axeFindings(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(axe.source);
  return page.evaluate(async () => {
    const run = (window as unknown as { axe: typeof axe }).axe.run;
    const runOnly = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
    const { violations } = await run(document, { runOnly, resultTypes: ["violations"], preload: false });
    return violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(" ")} ${n.failureSummary?.split("\n")[1] ?? ""}`));
  });
}
