import { SHORE_PARAMS } from "../../device/shore/index.ts";
import { isHighVolts } from "../../reference/index.ts";
import { WAITING_PARAMS as P } from "./params.ts";

/** What is seen or known while a unit is silent. Null where nobody has looked. */
export interface WaitingInput {
  /** Seconds since the call for cooling, or since power came back where that was later. */
  readonly elapsedS: number;
  readonly fan: boolean | null;
  readonly compressor: boolean | null;
  /** Volts at the unit. */
  readonly volts: number | null;
  readonly plateVolts: number;
  /** The starter's own longest delay; null where its sheet is not entered. */
  readonly starterDelayS: number | null;
  /** What else sits in the circuit. */
  readonly energyManager: boolean;
  readonly transferSwitch: boolean;
  /** Whether the thermostat had been off for less than its own delay. */
  readonly thermostatJustOff: boolean;
}

/** One wait in the row: who waits, and from when until when, s after the call. */
export interface WaitBand {
  readonly who: "transfer-switch" | "energy-manager" | "fan" | "thermostat" | "starter";
  readonly fromS: number;
  readonly toS: number;
}

const WAITING_VERDICTS = ["compressor-in", "low-volts", "no-fan", "waiting", "any-moment", "late"] as const;
type WaitingVerdict = (typeof WAITING_VERDICTS)[number];

const NEXT_CHECKS = ["volts", "power", "thermostat", "fan-circuit", "lamp", "overload", "capacitor", "wiring"] as const;
export type NextCheck = (typeof NEXT_CHECKS)[number];

export interface WaitingStudy {
  readonly verdict: WaitingVerdict;
  readonly bands: readonly WaitBand[];
  /** Who is waiting now; null when nobody should be. */
  readonly now: WaitBand["who"] | null;
  /** From when silence is late, s after the call. */
  readonly lateS: number;
  /** What to look at next, in order. */
  readonly next: readonly NextCheck[];
}

/**
 * Whether a silent unit waits or is at fault, by the time since the call. Waits that run one after
 * another add up; thermostat and starter may wait one after the other. Common practice, no source.
 */
export function judgeWaiting(input: WaitingInput): WaitingStudy {
  const bands = bandsOf(input);
  const lateS = (bands.at(-1)?.toS ?? 0) + P.graceS.value;
  const fanLateS = (bands.find((b) => b.who === "fan")?.toS ?? 0) + P.graceS.value;
  const now = bands.find((b) => input.elapsedS >= b.fromS && input.elapsedS < b.toS)?.who ?? null;
  const cutsOutV = input.energyManager && !isHighVolts(input.plateVolts) ? SHORE_PARAMS.managerLowV.value : 0;
  const low = input.volts !== null && Math.abs(input.volts) < Math.max(P.lowShare.value * input.plateVolts, cutsOutV);
  const base = { bands, lateS };
  if (input.compressor === true) return { ...base, verdict: "compressor-in", now: null, next: [] };
  if (low) return { ...base, verdict: "low-volts", now: null, next: ["volts", "power"] };
  if (input.fan === false && input.elapsedS > fanLateS)
    return { ...base, verdict: "no-fan", now: null, next: ["power", "thermostat", "fan-circuit"] };
  if (input.elapsedS < (bands.at(-1)?.toS ?? 0)) return { ...base, verdict: "waiting", now, next: [] };
  if (input.elapsedS < lateS) return { ...base, verdict: "any-moment", now: null, next: [] };
  const next: NextCheck[] = input.fan === null ? ["thermostat"] : [];
  if (input.volts === null) next.push("volts");
  return { ...base, verdict: "late", now: null, next: [...next, "lamp", "overload", "capacitor", "wiring"] };
}

function bandsOf(input: WaitingInput): readonly WaitBand[] {
  const waits: readonly (readonly [WaitBand["who"], number])[] = [
    ["transfer-switch", input.transferSwitch ? P.transferS.value : 0],
    ["energy-manager", input.energyManager ? P.managerS.value : 0],
    ["fan", P.fanS.value],
    ["thermostat", input.thermostatJustOff ? P.thermostatS.value : 0],
    ["starter", input.starterDelayS ?? P.starterS.value],
  ];
  let fromS = 0;
  return waits.flatMap(([who, seconds]) => {
    if (seconds <= 0) return [];
    const band = { who, fromS, toS: fromS + seconds };
    fromS += seconds;
    return [band];
  });
}
