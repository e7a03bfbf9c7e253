export { type Beside, compareSheet, type SheetBeside } from "./compare.ts";
export { type Difference, isMild } from "./difference.ts";
export { type LimitBeside, type LimitKind, limitsIn, type SheetLimit, stricterOf, strictest } from "./limits.ts";
export { readSheet, SHEET_MOST } from "./read-sheet.ts";
export {
  SHEET_ACTS,
  SHEET_PLACES,
  type SheetAct,
  type SheetDoubt,
  type SheetPlace,
  type SheetSentence,
  type SheetStep,
  type SheetWire,
} from "./step.ts";
export type { SheetUnit } from "./table.ts";
