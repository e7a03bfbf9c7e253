/** A leg of a supply, or both of them for a load between the two. */
export type Leg = 1 | 2 | "both";

/** A load that may be switched on. */
export interface BudgetLoad {
  readonly id: string;
  /** Running amps on each leg it is on. */
  readonly runA: number;
  /** Running watts, counted once; amps × volts of its legs where absent. */
  readonly runW?: number;
  /** Amps while it starts; never counted below `runA`, and as that where absent. */
  readonly startA?: number;
  /** Whether it starts again by itself while others run; a load with start amps does unless said otherwise. */
  readonly cycles?: boolean;
  readonly leg: Leg;
  /** 1 to keep, 5 first to go. */
  readonly priority: number;
  /** Whether it runs three hours and more. */
  readonly continuous?: boolean;
  /** Whether it is a motor: of those on a leg the largest counts 125 %, the others as they are. */
  readonly motor?: boolean;
}

interface SourceCommon {
  /** Leg to neutral. */
  readonly volts: number;
  readonly legs: 1 | 2;
}

/** A circuit of the grid. */
interface BudgetCircuit extends SourceCommon {
  readonly kind: "shore";
  readonly breakerA: number;
}

/** A generator or an inverter. */
interface BudgetSet extends SourceCommon {
  readonly kind: "inverter-generator" | "generator" | "inverter";
  readonly runningW: number;
  readonly surgeW: number;
  /** Amps a leg gives in a start; from surge watts where absent. */
  readonly startLimitA?: number;
  /** Share of both watts left by height, heat and fuel; 1 for an inverter. */
  readonly deratedShare: number;
}

export type BudgetSource = BudgetCircuit | BudgetSet;

/** Whether a breaker alone limits a source: no watts are rated, no starts judged. */
export function isOnBreaker(source: BudgetSource): source is BudgetCircuit {
  return source.kind === "shore";
}

/** What is asked: these loads on this source. */
export interface BudgetCase {
  readonly source: BudgetSource;
  readonly loads: readonly BudgetLoad[];
}
