import { keysOf } from "../../quantity/index.ts";
/** stop: it does not work, or must not. warn: it may not. note: worth knowing. */
export type Severity = "stop" | "warn" | "note";

/** What a start study can find, each with the figures it has, SI. Worded in the interface; documented in docs/formats. */
export interface FindingFigures {
  stalled: { readonly amps: number; readonly overloadOpensS: number | null; readonly breakerTripsS: number | null };
  "overload-opens": { readonly atS: number; readonly amps: number };
  "starter-gave-up": { readonly atS: number; readonly tries: number; readonly limitA: number };
  "starter-retries": { readonly tries: number; readonly limitA: number; readonly startS: number };
  "source-undervoltage": { readonly sinceS: number; readonly atS: number; readonly lowestShare: number };
  "engine-stalls": { readonly atS: number; readonly lowestSpeed: number };
  "engine-badly": { readonly lowestSpeed: number };
  "contactor-may-drop": { readonly volts: number; readonly limitV: number };
  "breaker-trips": { readonly atS: number };
  "breaker-may-trip": { readonly dose: number };
  "manager-cuts-out": { readonly atS: number; readonly lowV: number; readonly lowS: number };
  "source-sags": { readonly lowestShare: number; readonly lowestV: number; readonly drawnA: number; readonly availableA: number };
  "surge-time": { readonly seconds: number; readonly limitS: number; readonly watts: number };
  "battery-low": { readonly atS: number; readonly volts: number; readonly amps: number };
  "run-battery-low": { readonly volts: number; readonly limitV: number; readonly amps: number };
  "run-bms": { readonly amps: number; readonly limitA: number };
  "breaker-warms": { readonly starts: number; readonly restS: number };
  "eco-mode": Readonly<Record<string, never>>;
  "run-over-rating": {
    readonly watts: number;
    readonly limitW: number;
    readonly neededA: number;
    readonly availableA: number;
    readonly afterS: number | null;
  };
  "run-breaker-trips": { readonly amps: number; readonly ratingA: number; readonly afterS: number };
  "run-manager": { readonly volts: number; readonly limitV: number };
  "run-pull-out": { readonly volts: number };
  "run-volts-low": { readonly volts: number; readonly limitV: number };
  "run-volts-too-low": { readonly volts: number; readonly limitV: number };
  "start-capacitor-long": { readonly limitS: number };
  "run-current-not-met": { readonly amps: number };
  "rule-motor-share": { readonly countedA: number; readonly ratingA: number };
  "rule-plug-in": { readonly amps: number; readonly limitA: number; readonly share: number };
}
export type FindingCode = keyof FindingFigures;

/** Every code that there is; one left out does not compile. */
const EVERY: Readonly<Record<FindingCode, true>> = {
  stalled: true,
  "overload-opens": true,
  "starter-gave-up": true,
  "starter-retries": true,
  "source-undervoltage": true,
  "engine-stalls": true,
  "engine-badly": true,
  "contactor-may-drop": true,
  "breaker-trips": true,
  "breaker-may-trip": true,
  "manager-cuts-out": true,
  "source-sags": true,
  "surge-time": true,
  "battery-low": true,
  "run-battery-low": true,
  "run-bms": true,
  "breaker-warms": true,
  "eco-mode": true,
  "run-over-rating": true,
  "run-breaker-trips": true,
  "run-manager": true,
  "run-pull-out": true,
  "run-volts-low": true,
  "run-volts-too-low": true,
  "start-capacitor-long": true,
  "run-current-not-met": true,
  "rule-motor-share": true,
  "rule-plug-in": true,
};
export const FINDING_CODES = keysOf(EVERY);

/** A finding of one code with its own figures, and the rule's source. */
export type FindingOf<C extends FindingCode> = {
  [K in C]: { readonly code: K; readonly severity: Severity; readonly figures: FindingFigures[K]; readonly source: string };
}[C];
export type Finding = FindingOf<FindingCode>;

/** Findings that are rules of a code: broken, they cap an answer and make nothing impossible. */
const RULE_CODES = ["rule-motor-share", "rule-plug-in"] as const satisfies readonly FindingCode[];

/** Whether a finding is a rule of a code and no physics. */
export function isRule({ code }: Finding): boolean {
  return RULE_CODES.some((rule) => rule === code);
}

/** The finding of a code among some; undefined where there is none. */
export function findingOf<C extends FindingCode>(findings: readonly Finding[], code: C): FindingOf<C> | undefined {
  return findings.find((f) => f.code === code) as FindingOf<C> | undefined;
}

/** Makes a finding of a code with its figures. */
export function finding<C extends FindingCode>(code: C, severity: Severity, figures: FindingFigures[C], source: string): FindingOf<C> {
  return { code, severity, figures, source } as FindingOf<C>;
}
