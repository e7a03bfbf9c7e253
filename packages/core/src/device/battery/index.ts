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
} from "./equations.ts";
export { BATTERY_PARAMS, CHEMISTRIES, type Chemistry } from "./params.ts";
