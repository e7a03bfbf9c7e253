export { doubtPlate, type PlateDoubt } from "./doubt.ts";
