export { fittingMinutes, type ReductionRow, reductionRows, type Spread, spread } from "./run.ts";
