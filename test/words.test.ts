import { parseAst } from "vite";
import { describe, expect, it } from "vitest";
import { filesIn, read } from "./files.ts";
import { wordsAmiss } from "./words-not-used.ts";

const files = filesIn("apps/web/src/words").filter((f) => f.endsWith(".ts") && !f.includes(".test."));

/** Every text of a file that a person may read: strings, and templates with a figure in place of what is filled in. */
function textsOf(path: string): readonly string[] {
  const texts: string[] = [];
  const visit = (node: unknown): void => {
    if (Array.isArray(node)) {
      for (const one of node) visit(one);
      return;
    }
    if (typeof node !== "object" || node === null || !("type" in node)) return;
    const { type } = node;
    if (type === "ImportDeclaration" || type === "TSLiteralType" || type === "TSTypeAnnotation") return;
    if (type === "Literal" && "value" in node && typeof node.value === "string") texts.push(node.value);
    if (type === "TemplateLiteral" && "quasis" in node && Array.isArray(node.quasis)) {
      texts.push(node.quasis.map((q: { readonly value: { readonly cooked: string } }) => q.value.cooked).join("7"));
    }
    for (const [key, value] of Object.entries(node)) if (key !== "key" && key !== "quasis") visit(value);
  };
  visit(parseAst(read(path), { lang: "ts" }));
  return texts.filter((t) => /[a-z]{3}/i.test(t) && !/^[a-z0-9]+(-[a-z0-9]+)*$/.test(t));
}

describe("the words of the interface", () => {
  it("are found in their files", () => {
    const all = files.flatMap(textsOf);
    expect(all.length).toBeGreaterThan(1200);
    expect(all).toContain("What can run together");
  });

  it.each(files)("are plain in %s: none of the words not used, no sentence over 25 words", (file) => {
    expect(textsOf(file).flatMap((text) => wordsAmiss(text).map((amiss) => `${text.slice(0, 60)}: ${amiss}`))).toEqual([]);
  });

  it("are told apart by the list", () => {
    for (const wrong of ["Add a hook-up", "Lift white off can C.", "It is safe now", "The colour is missing", "Mains kills", "grey"])
      expect(wordsAmiss(wrong), wrong).not.toEqual([]);
    for (const right of ["Add shore power", "Lift white off cap C.", "You can copy it", "The color is missing", "unsaved"])
      expect(wordsAmiss(right), right).toEqual([]);
    expect(wordsAmiss(`${"word ".repeat(26)}.`)).toHaveLength(1);
  });
});
