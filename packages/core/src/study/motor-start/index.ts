export { ASSUMED, type AssumedCode, type Assumption, type Assumptions } from "./assume.ts";
export { batteryRunning } from "./battery-use.ts";
export { carriedW, foldbackA, overstay } from "./carried.ts";
export type { BatteryCase, CircuitCase, Drive, ElectronicCase, Endurance, MethodCase, SourceCase, StartCase, UnitCase } from "./case.ts";
export { DRIVES } from "./case.ts";
export type { CurrentLimits, CurrentTimePoint } from "./current-limits.ts";
export { currentTime } from "./current-time.ts";
export { startsAsSeen } from "./evidence.ts";
export { feedOf } from "./feed.ts";
export {
  type ElectronicSource,
  type MachineSource,
  type MotorStartInput,
  STEPS_PER_HALF_CYCLE,
  type StartAid,
  type StartMethod,
} from "./input.ts";
export {
  FINDING_CODES,
  type Finding,
  type FindingCode,
  type FindingFigures,
  type FindingOf,
  findingOf,
  isRule,
  RULE_CODES,
  type Severity,
} from "./issues.ts";
export { isMade, makes, onlyOutcome } from "./made.ts";
export { notRested } from "./not-rested.ts";
export { CENTRAL, type Pick } from "./pick.ts";
export { centralUnit, type PreparedStart, type PrepareFailure, prepare, prepareWith } from "./prepare.ts";
export { preparedBank } from "./prepare-source.ts";
export { frameOf, type PreparedUnit, prepareUnit, type UnitFrame } from "./prepare-unit.ts";
export type { StartTrace } from "./record.ts";
export { isAided, refusalOf } from "./refusal.ts";
export {
  type BatteryUse,
  type BreakerRow,
  type CycleRow,
  LIMIT_CODES,
  type LimitUse,
  type Retry,
  ROOM_BY,
  type Room,
  type RoomBy,
  START_REASONS,
  type StartPeaks,
  type StartReason,
  type StartResult,
  type StartStatus,
} from "./result.ts";
export { persist } from "./retry.ts";
export { CARRIED_S, leastThat, runRoom } from "./room.ts";
export { type StartStudy, studyStart } from "./run.ts";
export { scaledSource } from "./scale.ts";
export { type MeasurableCode, type Sensitivity, sensitivities } from "./sensitivity.ts";
export { type Probe, simulate } from "./simulate.ts";
export { type SteadyRunning, steadyRunning } from "./steady.ts";
export { cycleRows, largestCycleA, type Outcome, outcomeOf, peaksOf } from "./summarise.ts";
export { tightest } from "./tightest.ts";
