export {
  type BankHours,
  bankHours,
  chargeAmps,
  type EngineHours,
  engineHours,
} from "./run.ts";
