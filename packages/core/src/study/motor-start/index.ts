export { ASSUMED, type AssumedCode, type Assumption } from "./assume.ts";

export type { BatteryCase, CircuitCase, ElectronicCase, MethodCase, SourceCase, StartCase, UnitCase } from "./case.ts";
export { DRIVES } from "./case.ts";
export { computed } from "./computed.ts";
export type { CurrentTimePoint } from "./current-limits.ts";
export { currentTime } from "./current-time.ts";
export { startsAsSeen } from "./evidence.ts";
export {
  type MotorStartInput,
  STEPS_PER_HALF_CYCLE,
} from "./input.ts";
export {
  FINDING_CODES,
  type Finding,
  type FindingCode,
  type FindingFigures,
  type FindingOf,
  findingOf,
  isRule,
} from "./issues.ts";
export { isMade, makes, onlyOutcome } from "./made.ts";
export { notRested } from "./not-rested.ts";
export { streamOf } from "./pick.ts";
export { type PrepareFailure, prepare, prepareWith } from "./prepare.ts";
export { preparedBank, preparedSource } from "./prepare-source.ts";
export { frameOf, type PreparedUnit, prepareUnit, type UnitFrame } from "./prepare-unit.ts";
export type { StartTrace } from "./record.ts";
export { refusalOf } from "./refusal.ts";
export {
  LIMIT_CODES,
  ROOM_BY,
  type Room,
  type RoomBy,
  START_REASONS,
  type StartResult,
} from "./result.ts";
export { persist } from "./retry.ts";
export { CARRIED_S, drawnA, leastThat, runRoom } from "./room.ts";
export { type StartStudy, studyStart } from "./run.ts";
export { type MeasurableCode, type Sensitivity, sensitivities } from "./sensitivity.ts";
export { simulate } from "./simulate.ts";
export { modelOf } from "./source/index.ts";
export { canParallel, isCircuit, isEngine } from "./source-kind.ts";
export { steadyRunning } from "./steady.ts";
export { cycleRows, largestCycleA, outcomeOf, peaksOf } from "./summarise.ts";
export { tightest } from "./tightest.ts";
