/** A rectangle on a picture, pixels from its left and its top. */
export interface Box {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** A word as it was read, with how sure the reader is of it, 0 to 100. */
export interface ReadWord {
  readonly text: string;
  readonly confidence: number;
  readonly box: Box;
}

/** The box around several. */
export function around(boxes: readonly Box[]): Box {
  return {
    x0: Math.min(...boxes.map((b) => b.x0)),
    y0: Math.min(...boxes.map((b) => b.y0)),
    x1: Math.max(...boxes.map((b) => b.x1)),
    y1: Math.max(...boxes.map((b) => b.y1)),
  };
}

export const heightOf = ({ y0, y1 }: Box): number => y1 - y0;
export const middleOf = ({ y0, y1 }: Box): number => (y0 + y1) / 2;

/** A part of a word's text, its box cut out by its share of the letters. */
export function partOf(word: ReadWord, from: number, to: number): ReadWord {
  const { x0, x1, y0, y1 } = word.box;
  const at = (letter: number): number => x0 + ((x1 - x0) * letter) / word.text.length;
  return { text: word.text.slice(from, to), confidence: word.confidence, box: { x0: at(from), x1: at(to), y0, y1 } };
}
