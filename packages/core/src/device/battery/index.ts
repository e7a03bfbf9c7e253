export { type Bank, type BankLoad, BatteryEquations, bankLoad, mostAcW } from "./equations.ts";
export { BATTERY_PARAMS } from "./params.ts";
