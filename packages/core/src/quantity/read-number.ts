const PLAIN = /^-?(\d+\.?\d*|\.\d+)$/;
const GROUPED = /^-?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/;

/** Numbers that a text may mean, likeliest first: a comma parts thousands or is the decimal point. Null where nothing is written. */
export function numbersIn(text: string): readonly number[] | null {
  const bare = text.replaceAll("\u2212", "-").replaceAll(/[\s\u00a0\u202f]/g, "");
  if (bare === "") return null;
  const texts = [...(GROUPED.test(bare) ? [bare.replaceAll(",", "")] : []), bare.replace(",", ".")];
  // Nothing below nothing is nothing: −0 comes out of no file as it went in.
  return texts.filter((plain) => PLAIN.test(plain)).map((plain) => Number(plain) + 0);
}

/** The number that a text means within bounds; null where nothing is written, undefined where it means none. */
export function readNumber(text: string, min: number, max: number): number | null | undefined {
  const numbers = numbersIn(text);
  return numbers === null ? null : numbers.find((value) => value >= min && value <= max);
}
