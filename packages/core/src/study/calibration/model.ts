import { runningAtTorque, runningShareAt, type Split, TYPICAL_SPLIT } from "../../device/compressor-motor/index.ts";
import { modulus } from "../../numeric/index.ts";
import { itemAt, quantity } from "../../quantity/index.ts";
import {
  cycleRows,
  isCircuit,
  type MotorStartInput,
  modelOf,
  peaksOf,
  prepare,
  type SourceCase,
  type StartCase,
  type StartTrace,
  simulate,
} from "../motor-start/index.ts";
import type { MeasuredCycle, MeasuredKind, MeasuredReading, MeasuredVolts } from "./input.ts";

/** Logarithms of what is fitted or moved, over what plate and typical values say; absent for not at all. */
export type Moves = Readonly<Record<string, number>>;
export const NO_MOVES: Moves = {};

/** Figures of the make-up that no reading tells by itself, with what is known of them: they widen what is found. */
export const MAKE_UP = ["lockedPowerFactor", "rotorShare", "magnetisingRatio", "turnsOverBalanced", "startOverRunOhm"] as const;

/** What the plate and typical values say, to be moved. */
export interface Base {
  readonly lockedRotorA: number;
  readonly runningA: number;
  readonly split: Partial<Split>;
}

/** A start to be simulated: what was read beside it replaces what is known of its source. */
export interface FedStart {
  readonly start: StartCase;
  readonly fan: boolean;
  readonly volts: number | null;
  readonly ohm: number | null;
  /** Names under which its volts and ohms are moved where nobody read them; null where they are not. */
  readonly source: string | null;
  readonly seconds: number;
}

/** A conductor behind the fan carries nothing of it. */
const NO_FAN = quantity(0, "measured", 0);

/** A reading's or record's start, fed as it was read. */
export function fedStart(
  start: StartCase,
  conductor: MeasuredReading["conductor"],
  read: MeasuredVolts,
  amps: number,
  live: boolean,
  seconds: number,
): FedStart {
  const volts = read.volts ?? null;
  const loaded = read.loadedVolts ?? null;
  const circuit = isCircuit(start.source);
  const sag = volts !== null && loaded !== null && loaded < volts && amps > 0 ? (volts - loaded) / amps : null;
  const { kind: _kind, ...named } = start.source;
  return {
    start,
    fan: conductor === "supply",
    volts: live ? (loaded ?? volts) : volts,
    ohm: live && (loaded ?? volts) !== null ? 0 : sag,
    source: circuit ? JSON.stringify(named) : null,
    seconds,
  };
}

/** The case with its unit and source moved; the fan counted only where the jaws were on the supply. */
export function movedCase(fed: FedStart, base: Base, moves: Moves): StartCase {
  const { start } = fed;
  const { fanA, ...unit } = start.unit;
  const by = (name: string): number => Math.exp(moves[name] ?? 0);
  const split: Record<string, number> = { ...base.split };
  for (const name of ["inertiaPerShaftW", ...MAKE_UP] as const)
    if (moves[name] !== undefined || base.split[name] !== undefined) split[name] = (base.split[name] ?? TYPICAL_SPLIT[name]) * by(name);
  return {
    ...start,
    source: movedSource(fed, by),
    backgroundA: 0,
    seconds: fed.seconds,
    unit: {
      ...unit,
      ...(fed.fan ? fanA !== undefined && { fanA } : { fanA: NO_FAN }),
      lockedRotorA: quantity(base.lockedRotorA * by("locked"), "measured"),
      runningA: quantity(base.runningA * by("running"), "measured"),
      split,
      seenToStart: false,
    },
  };
}

/** Usual ohms of a circuit nobody measured. */
const CIRCUIT_OHM = 0.2;

function movedSource({ start, volts, ohm, source }: FedStart, by: (name: string) => number): SourceCase {
  const known = start.source;
  if (source === null && volts === null) return known;
  const atVolts = volts ?? known.volts.value * by(`volts ${source}`);
  const own = known.ohm?.value ?? (known.kind === "shore" ? CIRCUIT_OHM : 0);
  const ohms = ohm ?? (known.ohm !== undefined && known.ohm.origin === "measured" ? own : own * by(`ohm ${source}`));
  const { henry } = known;
  return {
    kind: "ideal",
    volts: quantity(atVolts, "measured", 0),
    ohm: quantity(ohms, "measured", 0),
    ...(henry !== undefined && ohm === null && { henry }),
  };
}

/** What a meter could have shown of a start, and the whole of it, cycle by cycle. */
export interface Metered {
  readonly inrushA: number;
  readonly firstHalfCycleA: number;
  /** A slow maximum whose windows begin at the worst and at the best moment. */
  readonly maxHold: { readonly low: number; readonly high: number };
  readonly cycles: readonly MeasuredCycle[];
  /** When it came to speed, s; null where it does not. */
  readonly toSpeedS: number | null;
  readonly runningA: number | null;
  /** Of the run winding alone while it runs. */
  readonly runWindingA: number | null;
  readonly inertiaKgM2: number;
}

/** A moved start simulated, null where it cannot be put together; its start only where that was read. */
export function meteredOf(given: StartCase, withStart: boolean): Metered | null {
  const prepared = prepare(given);
  if (!prepared.ok) return null;
  const { input } = prepared.value;
  const running = runningOf(input);
  const steady = { runningA: running?.lineA ?? null, runWindingA: running?.runA ?? null, inertiaKgM2: input.motor.inertiaKgM2 };
  if (!withStart) return { inrushA: 0, firstHalfCycleA: 0, maxHold: { low: 0, high: 0 }, cycles: [], toSpeedS: null, ...steady };
  const trace = simulate(input);
  const peaks = peaksOf(trace);
  return {
    inrushA: firstWindowA(trace),
    firstHalfCycleA: peaks.firstHalfCycleA,
    maxHold: { low: maxHoldAtWorst(trace), high: peaks.maxHoldA },
    cycles: cycleRows(trace, input.seconds),
    toSpeedS: trace.startedAtS,
    ...steady,
  };
}

function runningOf(input: MotorStartInput): { readonly lineA: number; readonly runA: number } | null {
  const { motor, source, load, runCapacitorF, outdoorC, fanA } = input;
  const state = runningAtTorque(motor, source.volts, load.ratedNm, {
    capacitanceF: runCapacitorF,
    series: { re: modelOf(source).turns ? 0 : source.seriesOhm, im: 0 },
  });
  if (!state.ok) return null;
  const share = runningShareAt(outdoorC);
  return { lineA: share * modulus(state.value.lineA) + fanA, runA: share * modulus(state.value.mainA) };
}

const INRUSH_S = 0.1;
const MAX_HOLD_S = 0.4;
const PHASES = 8;

function windowA(trace: StartTrace, from: number, span: number): number {
  const { squareSum } = trace.meter;
  const last = squareSum.length - 1;
  return Math.sqrt(
    (itemAt(squareSum, Math.min(last, from + span)) - itemAt(squareSum, Math.max(0, Math.min(last, from)))) / (span * trace.stepS),
  );
}

/** The inrush window from the moment of switching on. */
function firstWindowA(trace: StartTrace): number {
  return windowA(trace, 0, Math.min(trace.meter.squareSum.length - 1, Math.round(INRUSH_S / trace.stepS)));
}

/** The least that a meter with windows end to end shows, over where its windows begin. */
function maxHoldAtWorst(trace: StartTrace): number {
  const span = Math.round(MAX_HOLD_S / trace.stepS);
  const last = trace.meter.squareSum.length - 1;
  let worst = Number.POSITIVE_INFINITY;
  for (let phase = 0; phase < PHASES; phase++) {
    let most = 0;
    for (let from = -Math.round((phase * span) / PHASES); from < last; from += span) most = Math.max(most, windowA(trace, from, span));
    worst = Math.min(worst, most);
  }
  return worst;
}

/** The range in which the model's meter would show it, A; null when such a start does not come to it. */
export function shownRange(metered: Metered, kind: MeasuredKind): { readonly low: number; readonly high: number } | null {
  const one = (amps: number | null) => (amps === null ? null : { low: amps, high: amps });
  switch (kind) {
    case "inrush":
      return one(metered.inrushA);
    case "first-half-cycle":
      return one(metered.firstHalfCycleA);
    case "live":
      return one(metered.runningA);
    case "max-hold":
      return metered.maxHold;
  }
}

/** The middle of that range, A. */
export function shownA(metered: Metered, kind: MeasuredKind): number | null {
  const range = shownRange(metered, kind);
  return range && Math.sqrt(range.low * range.high);
}
