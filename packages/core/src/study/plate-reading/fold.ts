// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** Letters that are taken for one another, brought to one. */
const ALIKE: Readonly<Record<string, string>> = { "0": "O", Q: "O", "1": "I", L: "I", "|": "I", "!": "I", "5": "S", "8": "B", "2": "Z" };

/** A name as it is looked up: capitals without accents, marks or spaces, letters that look alike as one. */
export function folded(text: string): string {
  return [...text.normalize("NFD").toUpperCase()]
    .map((letter) => ALIKE[letter] ?? letter)
    .filter((letter) => /[A-Z0-9%]/.test(letter))
    .join("");
}

/** By how many letters two names differ, at most `most` + 1 (V. Levenshtein, 1966). */
export function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let row = Array.from({ length: b.length + 1 }, (_, k) => k);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) next.push(Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1)));
    row = next;
  }
  return Math.min(most + 1, row[b.length]!);
}

/** What letters stand for among digits. */
const AS_DIGIT: Readonly<Record<string, string>> = {
  O: "0",
  o: "0",
  l: "1",
  I: "1",
  i: "1",
  "|": "1",
  "!": "1",
  S: "5",
  s: "5",
  B: "8",
  Z: "2",
  z: "2",
};

/** A text of digits with the letters in it taken for digits; null where it holds anything else, or no digit at all. */
export function digitsOf(text: string): { readonly text: string; readonly letters: boolean } | null {
  const digits = [...text].map((letter) => AS_DIGIT[letter] ?? letter).join("");
  if (!/\d/.test(text) || !/^[\d.,/±+-]*$/.test(digits)) return null;
  return { text: digits, letters: digits !== text };
}
