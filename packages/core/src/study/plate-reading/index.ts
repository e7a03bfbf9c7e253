export { type Doubt, type PlateReading, readPlate } from "./judge.ts";
export { shareOf, type Turn } from "./picture.ts";
export { graymapOf, preparePlate } from "./prepare.ts";
export { textOf } from "./rows.ts";
export { type PlateFigure, type PlateKind, type PlateText, REFRIGERANTS } from "./vocabulary.ts";
export type { ReadWord } from "./word.ts";
