import type { Expected, ReadingInput } from "../reading/index.ts";

/** One run on a source, as it was tested. */
export interface RunTest {
  readonly sourceId: string;
  readonly startedMs: number;
  /** Null while it runs. */
  readonly endedMs: number | null;
  /** How it ended: by the goal or by hand while all was well, or by itself. */
  readonly outcome: "well" | "stopped" | null;
  readonly outdoorC: number | null;
  /** What else was on, as it was said. */
  readonly loadsOn: string;
}

/** What readings of this kind were expected to show, amps. */
export interface Predicted {
  readonly beforeA: number | null;
  readonly afterA: number | null;
  readonly runningA: number | null;
  /** The same with the ranges they may lie in; null where these cannot be told. */
  readonly expected: Expected | null;
}

/** Everything a proof rests on. */
export interface ProofInput {
  readonly readings: ReadingInput;
  readonly predicted: Predicted | null;
  /** Runs it learned from, and whether they settled; null where nobody counted. */
  readonly learned: { readonly runs: number; readonly settled: boolean | null } | null;
  readonly tests: readonly RunTest[];
  /** The rig's hottest day, °C. */
  readonly hottestC: number;
}
