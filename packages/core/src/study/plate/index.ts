export { doubtPlate, PLATE_PARAMS, type PlateDoubt, type PlateFigures } from "./doubt.ts";
