export type { Measure, ShownAs } from "./dimension.ts";
export { FIGURES, type FigureName, shownAs } from "./figures.ts";
export { figureText, readTyped, typedText } from "./typed.ts";
