import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
// @ts-expect-error the package brings no types
import { create } from "fontkit";
import { describe, expect, it } from "vitest";
import { printable, printableDocument, UNPRINTABLE } from "./printable.ts";

const find = createRequire(import.meta.url);
const FONTS = [
  "@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf",
  "@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf",
  "@expo-google-fonts/hepta-slab/HeptaSlab_700Bold.ttf",
].map((path) => new Set((create(readFileSync(find.resolve(path))) as { readonly characterSet: readonly number[] }).characterSet));

describe("what goes on paper", () => {
  it("has no letter that a font lacks, whatever was typed", () => {
    for (let code = 0x20; code < 0x2800; code++) {
      for (const letter of printable(String.fromCodePoint(code))) {
        const missing = letter !== "\n" && FONTS.some((font) => !font.has(letter.codePointAt(0)!));
        expect(missing ? [code.toString(16), letter] : null).toBeNull();
      }
    }
  });

  it("keeps Latin letters and the signs of the trade, and marks each emoji once", () => {
    expect(printable("Ærø Żubr 45 µF, 0.2 Ω ≤ 5 °C – 63 A")).toBe("Ærø Żubr 45 μF, 0.2 Ω ≤ 5 °C – 63 A");
    expect(printable("🚐 Slate 👨‍👩‍👧 Wagon 🇳🇴")).toBe(`${UNPRINTABLE} Slate ${UNPRINTABLE} Wagon ${UNPRINTABLE}`);
    expect(printable("e\u0301tat")).toBe("état");
    expect(printable("a\r\nb\u200bc")).toBe("a\nbc");
  });

  it("changes texts of a document and nothing else", () => {
    const document = {
      content: [{ text: "🚐", style: "ti🚐tle" }, { table: { widths: ["*"], body: [["a🚐", { svg: "<text>🚐</text>" }]] } }],
    };
    expect(printableDocument(document as never)).toEqual({
      content: [
        { text: UNPRINTABLE, style: "ti🚐tle" },
        { table: { widths: ["*"], body: [[`a${UNPRINTABLE}`, { svg: `<text>${UNPRINTABLE}</text>` }]] } },
      ],
    });
  });
});
