import type { TDocumentDefinitions } from "pdfmake/interfaces";

/** Stands on paper for a letter that the fonts of the app do not have: an emoji, or another script than Latin. */
export const UNPRINTABLE = "◊";

/** Letters that every font on paper has. */
const PRINTABLE =
  /^[\n\t\x20-\x7e\xa0-\xac\xae-\xb4\xb6-\u0107\u010a-\u0113\u0116-\u011b\u011e-\u0123\u0126\u0127\u012a\u012b\u012e-\u0131\u0136\u0137\u0139-\u013e\u0141-\u0148\u0150-\u0155\u0158-\u015b\u015e-\u0165\u016a\u016b\u016e-\u017e\u0192\u0218-\u021b\u0237\u0394\u03a9\u03bc\u03c0\u1e80-\u1e85\u1e9e\u1ef2\u1ef3\u2009\u2013\u2014\u2018-\u201a\u201c-\u201e\u2020-\u2022\u2026\u2030\u2039\u203a\u2044\u20ac\u2113\u2122\u2202\u2211\u2212\u2219-\u221a\u221e\u222b\u2248\u2260\u2264\u2265\u25ca]$/;
/** Signs that are written in more than one way, as the fonts have them, and spaces that they do not tell apart. */
const ALIKE: readonly (readonly [RegExp, string])[] = [
  [/\u00b5/g, "\u03bc"],
  [/\u2126/g, "\u03a9"],
  [/[\u2007\u202f]/g, "\u00a0"],
  [/\r\n?/g, "\n"],
];

/** A text with a mark for each letter that cannot be printed. */
export function printable(text: string): string {
  const plain = ALIKE.reduce((old, [from, to]) => old.replaceAll(from, to), text.normalize("NFC"));
  const letters = [...new Intl.Segmenter("en", { granularity: "grapheme" }).segment(plain)];
  return letters.map(({ segment }) => printed(segment)).join("");
}

/** Letters that show nothing are left out; what is left is printed or marked. */
function printed(segment: string): string {
  const seen = segment.replaceAll(/\u00ad|\u200b|\u200c|\u200d|\u200e|\u200f|\u2060|\ufe0f|\ufeff/g, "");
  return seen === "" || PRINTABLE.test(seen) ? seen : UNPRINTABLE;
}

const TEXTS: ReadonlySet<string> = new Set(["text", "stack", "ul", "ol", "columns", "body", "content", "svg"]);

/** A document with every text of it made printable. */
export function printableDocument(document: TDocumentDefinitions): TDocumentDefinitions {
  return walk(document, false) as TDocumentDefinitions;
}

function walk(node: unknown, isText: boolean): unknown {
  if (typeof node === "string") return isText ? printable(node) : node;
  if (Array.isArray(node)) return node.map((inner: unknown) => walk(inner, isText));
  if (typeof node !== "object" || node === null) return node;
  return Object.fromEntries(Object.entries(node).map(([key, inner]) => [key, walk(inner, TEXTS.has(key))]));
}
