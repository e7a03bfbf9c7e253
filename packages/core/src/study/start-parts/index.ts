export { judgePart, type PartReading, type PartVerdict, partBand, START_PARTS, type StartPart } from "./judge.ts";
