export { type Beside, compareSheet, type SheetBeside } from "./compare.ts";
export type { Difference } from "./difference.ts";
export { type LimitBeside, type LimitKind, limitsIn, stricterOf, strictest } from "./limits.ts";
export { meaningKey, readSheet, SHEET_MOST } from "./read-sheet.ts";
export {
  SHEET_ACTS,
  SHEET_PLACES,
  type SheetAct,
  type SheetDoubt,
  type SheetPlace,
  type SheetStep,
  type SheetWire,
} from "./step.ts";
