export { canonical } from "./canonical.ts";
export {
  celsiusFromF,
  fahrenheitFromC,
  faradFromUf,
  ftFromMetres,
  M_PER_IN,
  metresFromFt,
  rpmFromRadS,
  W_PER_BTU_H,
  W_PER_TON,
} from "./convert.ts";
export { formatAmps, formatNumber, formatPercent, formatSeconds, formatVolts, formatWatts, formatWith } from "./format.ts";
export { KeptAnswers } from "./kept-answers.ts";
export { COMMON_PRACTICE, FROM_MEMORY, type Param, type ParamTable, spreadTolerance, typicalOf } from "./param.ts";
export { itemAt, present } from "./present.ts";
export { DEFAULT_TOLERANCE, ORIGINS, type Origin, type Quantity, quantity, weaker } from "./provenance.ts";
export { numbersIn, readNumber } from "./read-number.ts";
export { remembered } from "./remembered.ts";
export { assert, assertNever, fail, ok, type Result } from "./result.ts";
export { keysOf, rowOf, tableOf, withoutUndefined } from "./table.ts";
