export {
  type BankHours,
  bankHours,
  chargeAmps,
  type EngineHours,
  engineHours,
  roomForCharging,
} from "./run.ts";
