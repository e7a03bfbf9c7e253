import { ok, type Result } from "../../quantity/index.ts";
import {
  type AssumedCode,
  isMade,
  type MotorStartInput,
  onlyOutcome,
  type PreparedUnit,
  type PrepareFailure,
  persist,
  prepareWith,
  runRoom,
  type StartCase,
  steadyRunning,
} from "../motor-start/index.ts";

/** How one draw went. */
export interface Trial {
  readonly holds: boolean;
  readonly starts: boolean;
  /** Share of the source that running leaves, or less than nothing where it does not start: what the influences are measured by. */
  readonly spareShare: number;
  readonly moved: Readonly<Partial<Record<AssumedCode, number>>>;
}

/** What a start that is not made counts as in the influences. */
const FAILED_SHARE = -0.5;

/** How a start with every figure picked goes: whether it is made within what its source lasts, and then kept up beside what runs by then, A. */
function tryInput(input: MotorStartInput, runningA: number | undefined): Omit<Trial, "moved"> {
  const persisted = persist(onlyOutcome(input));
  const made = { ...persisted.input, backgroundA: runningA ?? persisted.input.backgroundA };
  const starts = isMade(persisted);
  const running = starts ? steadyRunning(made) : null;
  if (running === null) return { holds: false, starts, spareShare: FAILED_SHARE };
  const spareShare = runRoom(made, running).spareShare ?? 0;
  return { holds: spareShare > 0, starts, spareShare };
}

/** Amps beside the unit: what is on at the moment of the start in trial `i`, and what runs once everything has come on. */
export interface Beside {
  readonly atStartA: (i: number) => number;
  readonly runningA: number;
}

/** Tries a case with one member, every figure of source, weather and starter drawn for it. */
export function tryMember(given: StartCase, unit: PreparedUnit, seed: number, i: number, beside?: Beside): Result<Trial, PrepareFailure> {
  const now = beside === undefined ? given : { ...given, backgroundA: beside.atStartA(i) };
  const prepared = prepareWith(now, unit, { kind: "drawn", seed, member: i, attempt: 0 });
  if (!prepared.ok) return prepared;
  const { input, assumptions } = prepared.value;
  return ok({ ...tryInput(input, beside?.runningA), moved: assumptions.moved });
}
