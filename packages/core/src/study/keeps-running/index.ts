export {
  type BankHours,
  type BankUse,
  bankHours,
  chargeAmps,
  type Demand,
  type EngineHours,
  type EngineUse,
  engineHours,
} from "./run.ts";
