export {
  acWAt,
  type Bank,
  BatteryEquations,
  bankLoad,
  bankOhm,
  drainW,
  mostAcW,
  peukertShare,
  type StoredBank,
  usualDepth,
  usualExponent,
} from "./equations.ts";
export { BATTERY_PARAMS, CHEMISTRIES, type Chemistry } from "./params.ts";
