export {
  judgeWaiting,
  type NextCheck,
  type WaitBand,
  type WaitingInput,
  type WaitingStudy,
} from "./run.ts";
