import { roomFactor } from "../../device/breaker/index.ts";
import { continuousA } from "../../device/shore/index.ts";
import type { Assumptions } from "./assume.ts";
import { carriedW, foldbackA } from "./carried.ts";
import type { MachineSource, MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { Headroom, StartPeaks } from "./result.ts";
import { simulate } from "./simulate.ts";
import type { SteadyRunning } from "./steady.ts";
import { largestCycleA, startedAtS } from "./summarise.ts";

const ASKED_SECONDS = 0.25;
const ROOM_STEPS = 7;
/** How far a set's own make-up moves what it carries, relative (typical, from memory). */
const SET_TOLERANCE = 0.1;
/** A starter's regulator keeps its limit within this share (our model). */
const REGULATED_TOLERANCE = 0.03;

/**
 * What the start asks against what the source gives. An electronic source: its momentary limit; where
 * it folded back, what the unit would have drawn had it not. A breaker: how far the whole current
 * could grow before it may trip at its earliest.
 */
export function startHeadroom(input: MotorStartInput, trace: StartTrace, peak: StartPeaks, assumptions: Assumptions): Headroom {
  const { source, method } = input;
  const spread =
    method.kind === "soft"
      ? Math.hypot(REGULATED_TOLERANCE, assumptions.tolerance("starter-limit") * 0.25)
      : assumptions.tolerance("locked-amps");
  if (source.kind === "electronic") {
    const limitA = foldbackA(source);
    const foldedBack = trace.lowestHold < 1;
    const askedA = foldedBack ? stiffPeakA(input) : peak.cycleRmsA;
    const limitTolerance = Math.hypot(assumptions.tolerance("momentary-limit"), assumptions.tolerance("surge-watts"));
    return { askedA, limitA, marginA: limitA - askedA, toleranceA: Math.hypot(spread * askedA, limitTolerance * limitA), foldedBack };
  }
  if (source.kind === "machine") return machineHeadroom({ ...input, source }, trace, peak, spread);
  const askedA = peak.cycleRmsA;
  if (source.breakerA === null) return { askedA, limitA: null, marginA: null, toleranceA: spread * askedA, foldedBack: false };
  const limitA = askedA * roomFactor(source.breakerA, source.band, trace.meter.rmsA, trace.halfCycleS);
  return { askedA, limitA, marginA: limitA - askedA, toleranceA: spread * askedA, foldedBack: false };
}

function stiffPeakA(input: MotorStartInput): number {
  if (input.source.kind !== "electronic") return 0;
  const seconds = input.method.kind === "soft" ? input.seconds : Math.min(input.seconds, ASKED_SECONDS);
  return largestCycleA(simulate({ ...input, seconds, source: { ...input.source, foldback: false } }));
}

/**
 * A conventional set has no wall of its own: what is to spare is how many more amps of other loads it
 * could carry through this very start, found by trying. Where it fails, what a stiff source would have
 * been asked for against what was given.
 */
function machineHeadroom(
  input: MotorStartInput & { readonly source: MachineSource },
  trace: StartTrace,
  peak: StartPeaks,
  spread: number,
): Headroom {
  const started = startedAtS(trace, input);
  const tolerance = (asked: number): number => Math.hypot(spread * asked, SET_TOLERANCE * asked);
  if (trace.tripped !== null || started === null) {
    const askedA = stiffPeakA({
      ...input,
      source: {
        ...input.source,
        kind: "electronic",
        foldback: false,
        momentaryFactor: 1,
        seriesOhm: input.source.cordOhm,
        seriesH: 0,
        endurance: [],
        shoreA: 0,
        battery: null,
      },
    });
    return {
      askedA,
      limitA: peak.cycleRmsA,
      marginA: Math.min(-0.1, peak.cycleRmsA - askedA),
      toleranceA: tolerance(askedA),
      foldedBack: false,
    };
  }
  const seconds = Math.min(input.seconds, 2 * started + 0.4);
  const carries = (moreA: number): boolean => {
    const tried = { ...input, seconds, backgroundA: input.backgroundA + moreA };
    const attempt = simulate(tried);
    return attempt.tripped === null && startedAtS(attempt, tried) !== null;
  };
  let low = 0;
  let high = input.source.surgeW / input.source.volts;
  for (let k = 0; k < ROOM_STEPS; k++) {
    const middle = (low + high) / 2;
    if (carries(middle)) low = middle;
    else high = middle;
  }
  const askedA = peak.cycleRmsA;
  return { askedA, limitA: askedA + low, marginA: low, toleranceA: tolerance(askedA), foldedBack: false };
}

/**
 * What steady running asks against what the source carries for hours: a breaker's share for continuous
 * loads, or rated watts, given as the amps of this very load at which they are reached.
 */
export function runHeadroom(input: MotorStartInput, running: SteadyRunning, assumptions: Assumptions): Headroom {
  const { source } = input;
  const askedA = running.totalA;
  const spread = assumptions.tolerance("running-amps") * running.compressorA;
  if (source.kind !== "circuit") {
    const limitA = (askedA * carriedW(source)) / running.watts;
    return {
      askedA,
      limitA,
      marginA: limitA - askedA,
      toleranceA: Math.hypot(spread, assumptions.tolerance("running-watts") * limitA * 0.5),
      foldedBack: false,
    };
  }
  if (source.breakerA === null) return { askedA, limitA: null, marginA: null, toleranceA: spread, foldedBack: false };
  const limitA = continuousA(source.breakerA);
  return { askedA, limitA, marginA: limitA - askedA, toleranceA: spread, foldedBack: false };
}
