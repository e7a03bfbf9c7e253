/** Names of insulation colors; two that mean the same are given once. */
const SAME: Readonly<Record<string, string>> = { grey: "gray", violet: "purple", bk: "black", wh: "white", rd: "red", bl: "blue" };
const COLORS = [
  "black",
  "white",
  "red",
  "blue",
  "brown",
  "yellow",
  "orange",
  "green",
  "purple",
  "gray",
  "pink",
  "tan",
  ...Object.keys(SAME),
];

/** A color or a color with a stripe, as text for a regular expression. */
export const COLOR_TEXT = `(?:${COLORS.join("|")})(?:(?:\\s*[/-]\\s*|\\s+with\\s+(?:a\\s+)?|\\s+w/\\s*)(?:${COLORS.join("|")})(?:\\s+(?:stripe|tracer))?)?`;

const ONE = new RegExp(`\\b(?:${COLORS.join("|")})\\b`, "gi");

/** The colors a text names, in order and in one spelling; empty where it names none. */
function colorsIn(text: string): readonly string[] {
  return (text.match(ONE) ?? []).map((found) => {
    const name = found.toLowerCase();
    return SAME[name] ?? name;
  });
}

/** Whether two texts name the same insulation: the same colors in the same order, or letter by letter where they name none. */
export function sameColor(one: string, other: string): boolean {
  const [a, b] = [colorsIn(one), colorsIn(other)];
  if (a.length === 0 || b.length === 0) return one.trim().toLowerCase() === other.trim().toLowerCase();
  return a.join(" ") === b.join(" ");
}
