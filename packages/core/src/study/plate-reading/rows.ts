import { median } from "../../numeric/index.ts";
import { itemAt, present } from "../../quantity/index.ts";
import { heightOf, middleOf, type ReadWord } from "./word.ts";

/** Share of a letter's height by which a word may lie above or below where its row goes on. */
const ROW_SHARE = 0.6;
/** Words beyond which a row's own slope is followed. */
const SLOPE_WORDS = 2;

/** The words of a page as lines of text, top to bottom. */
export function textOf(words: readonly ReadWord[]): string {
  return rowsOf(words)
    .map((row) => row.map(({ text }) => text).join(" "))
    .join("\n");
}

/** The height of an ordinary letter, pixels; 1 where nothing was read. */
export function letterHeightOf(words: readonly ReadWord[]): number {
  return words.length === 0 ? 1 : median(words.map(({ box }) => heightOf(box)));
}

/** Words in the rows they stand in, top to bottom and left to right; a row may climb or fall. */
export function rowsOf(words: readonly ReadWord[]): readonly (readonly ReadWord[])[] {
  const height = letterHeightOf(words);
  const rows: ReadWord[][] = [];
  const ahead = (row: readonly ReadWord[], x: number): number => {
    const last = present(row.at(-1)).box;
    if (row.length < SLOPE_WORDS) return middleOf(last);
    const first = itemAt(row, 0).box;
    const slope = (middleOf(last) - middleOf(first)) / Math.max(1, last.x0 - first.x0);
    return middleOf(last) + Math.max(-0.15, Math.min(0.15, slope)) * (x - last.x0);
  };
  for (const word of words.toSorted((a, b) => a.box.x0 - b.box.x0)) {
    let best: ReadWord[] | null = null;
    let least = ROW_SHARE * height;
    for (const row of rows) {
      if (present(row.at(-1)).box.x1 > word.box.x0 + height) continue;
      const off = Math.abs(middleOf(word.box) - ahead(row, word.box.x0));
      if (off < least) {
        least = off;
        best = row;
      }
    }
    if (best === null) rows.push([word]);
    else best.push(word);
  }
  return rows.toSorted((a, b) => middleOf(itemAt(a, 0).box) - middleOf(itemAt(b, 0).box));
}
