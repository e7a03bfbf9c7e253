import { ok } from "../../quantity/index.ts";
import { overstay } from "./carried.ts";
import { computed } from "./computed.ts";
import type { MotorStartInput } from "./input.ts";
import { type Persisted, persist } from "./retry.ts";
import { modelOf } from "./source/index.ts";
import { stepsFor } from "./steps.ts";
import { outcomeOf } from "./summarise.ts";

/** Whether a start was made, at whatever try, within what its source's ratings last and its breaker stands. */
export function isMade({ input, trace }: Pick<Persisted, "input" | "trace">): boolean {
  const { source } = input;
  return outcomeOf(trace).status === "started" && (trace.breakerDose?.own ?? 0) < 1 && overstay(source, trace) === null;
}

/** Steps of a half cycle where only the outcome is asked, coarser than the picture's: the shares come out the same. */
const STEPS = 12;
const STEPS_REGULATED_ON_A_SET = 24;

/** A start to be run only until it is known how it ends. */
export function onlyOutcome(input: MotorStartInput): MotorStartInput {
  const regulated = modelOf(input.source).turns && input.method.kind === "soft";
  return { ...input, untilDecided: true, stepsPerHalfCycle: stepsFor(input, regulated ? STEPS_REGULATED_ON_A_SET : STEPS) };
}

/** Whether a start is made; one that no step follows to its end is not. */
export function makes(input: MotorStartInput): boolean {
  const made = computed(() => ok(isMade(persist(onlyOutcome(input)))));
  return made.ok && made.value;
}
