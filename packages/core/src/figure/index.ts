export type { Measure, ShownAs } from "./dimension.ts";
export { FIGURES, type FigureName, shownAs } from "./figures.ts";
export { readTyped, typedText } from "./typed.ts";
