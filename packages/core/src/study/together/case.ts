import type { StartCase } from "../motor-start/index.ts";
import type { BudgetLoad, BudgetSource, Leg } from "../power-budget/index.ts";

/** A unit as it is to start: on this source, this way, on this day, nothing else on. */
export interface TogetherUnit {
  readonly id: string;
  readonly given: StartCase;
  /** A starter that has yet to learn begins at its first limit. */
  readonly unlearned: boolean;
  readonly leg: Leg;
  readonly priority: number;
}

/** A load beside the units; one that comes on by itself may be on or off at the moment of a start. */
export interface TogetherLoad extends BudgetLoad {
  readonly byItself?: boolean;
}

/** What is to be on together, on one source. */
export interface TogetherCase {
  readonly source: BudgetSource;
  readonly units: readonly TogetherUnit[];
  readonly loads: readonly TogetherLoad[];
}
