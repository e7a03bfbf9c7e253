import { describe, expect, it } from "vitest";
import { filesIn, read } from "./files.ts";

const files = filesIn("apps/web/src").filter((f) => /\.tsx?$/.test(f) && !f.includes(".test."));

/** What a file takes of core's devices and studies beyond types and tables of figures. The import checker cannot tell types apart. */
function runsTaken(text: string): readonly string[] {
  return [
    ...text.matchAll(/(import|export)\s+(type\s+)?(\{[^}]*\}|\*[^"]*?|\w+)\s*from\s*"(@amp-saver\/core\/(?:device|study)\/[^"]+)"/g),
  ].flatMap(([, , type, names = "", from = ""]) => {
    const onlyTypes =
      type !== undefined ||
      (names.startsWith("{") &&
        names
          .slice(1, -1)
          .split(",")
          .every((n) => /^\s*(type\s|$)/.test(n)));
    return onlyTypes || from.endsWith("/params") ? [] : [from];
  });
}

describe("the wall before core", () => {
  it("tells a type and a table from a run", () => {
    const at = (what: string, part = ""): string => `import ${what} from "@amp-saver/core/study/quote${part}";`;
    expect(runsTaken(at("type { Quote }") + at("{ type Quote, type QuotePrices, }") + at("{ QUOTE_PRICES }", "/params"))).toEqual([]);
    expect(runsTaken(at("{ type Quote, studyQuote }") + at("* as quote"))).toHaveLength(2);
    expect(runsTaken('export { studyQuote } from "@amp-saver/core/study/quote";')).toHaveLength(1);
  });

  it.each([
    ["screens and their hooks", /^apps\/web\/src\/screens\/.*(\.tsx|\/use-[^/]*\.ts)$/],
    ["words", /^apps\/web\/src\/words\//],
    ["the store", /^apps\/web\/src\/store\//],
    ["pictures and primitives", /^apps\/web\/src\/(chart|ui)\//],
  ])("lets %s take types and tables only", (_who, of) => {
    const own = files.filter((f) => of.test(f));
    expect(own.length).toBeGreaterThan(10);
    expect(own.filter((f) => runsTaken(read(f)).length > 0)).toEqual([]);
  });
});
