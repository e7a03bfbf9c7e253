export { WAITING_PARAMS } from "./params.ts";
export {
  judgeWaiting,
  NEXT_CHECKS,
  type NextCheck,
  WAITING_VERDICTS,
  type WaitBand,
  type WaitingInput,
  type WaitingStudy,
  type WaitingVerdict,
} from "./run.ts";
