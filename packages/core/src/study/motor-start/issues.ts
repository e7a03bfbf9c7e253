/** What a start study can find. Worded in the interface; documented in docs/formats/issues.md. */
export const START_ISSUES = [
  "stalled",
  "starter-gave-up",
  "source-undervoltage",
  "engine-stalls",
  "engine-badly",
  "contactor-may-drop",
  "breaker-trips",
  "breaker-may-trip",
  "source-folds-back",
  "surge-time",
  "battery-low",
  "run-battery-low",
  "breaker-warms",
  "eco-mode",
  "run-over-rating",
  "run-over-breaker-share",
  "run-pull-out",
  "run-volts-low",
  "run-volts-too-low",
  "start-capacitor-long",
  "run-current-not-met",
] as const;
export type StartIssueCode = (typeof START_ISSUES)[number];

/** stop: it does not work, or must not. warn: it may not. note: worth knowing. */
export type Severity = "stop" | "warn" | "note";

/** A finding with the figures inside, SI, and the rule's source. */
export interface StartIssue {
  readonly code: StartIssueCode;
  readonly severity: Severity;
  readonly figures: Readonly<Record<string, number>>;
  readonly source: string;
}
