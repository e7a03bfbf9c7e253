export { ASSUMED, type AssumedCode, type Assumption, type Assumptions } from "./assume.ts";
export { batteryRunning } from "./battery-use.ts";
export { carriedW, foldbackA } from "./carried.ts";
export type { BatteryCase, CircuitCase, Drive, ElectronicCase, Endurance, MethodCase, SourceCase, StartCase, UnitCase } from "./case.ts";
export { DRIVES } from "./case.ts";
export type { CurrentLimits, CurrentTimePoint } from "./current-limits.ts";
export { currentTime } from "./current-time.ts";
export { runHeadroom } from "./headroom.ts";
export { type ElectronicSource, type MachineSource, type MotorStartInput, STEPS_PER_HALF_CYCLE, type StartMethod } from "./input.ts";
export { type Severity, START_ISSUES, type StartIssue, type StartIssueCode } from "./issues.ts";
export { notRested } from "./not-rested.ts";
export { type PreparedStart, type PrepareFailure, prepare } from "./prepare.ts";
export type { StartTrace } from "./record.ts";
export {
  type BatteryUse,
  type BreakerRow,
  type CycleRow,
  type Headroom,
  LIMIT_CODES,
  type LimitUse,
  type Retry,
  START_REASONS,
  type StartPeaks,
  type StartReason,
  type StartResult,
  type StartStatus,
} from "./result.ts";
export { runPrepared, type StartStudy, studyStart } from "./run.ts";
export { type MeasurableCode, type Sensitivity, sensitivities } from "./sensitivity.ts";
export { type Probe, simulate } from "./simulate.ts";
export { type SteadyRunning, steadyRunning } from "./steady.ts";
export { largestCycleA, startedAtS } from "./summarise.ts";
export { ALTITUDE_RANGE_M, OUTDOOR_RANGE_C, type Thresholds, thresholds } from "./threshold.ts";
export { type Fit, judge, type Verdict } from "./verdict.ts";
