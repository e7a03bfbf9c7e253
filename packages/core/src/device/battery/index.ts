export { acWAt, type Bank, type BankLoad, BatteryEquations, bankLoad, bankOhm, mostAcW, peukertShare } from "./equations.ts";
export { BATTERY_PARAMS, CHEMISTRIES, type Chemistry } from "./params.ts";
