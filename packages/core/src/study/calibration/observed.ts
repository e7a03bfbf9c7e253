import { present } from "../../quantity/index.ts";
import { READING_PARAMS } from "../reading/index.ts";
import type { MeasuredReading, MeasuredTiming, MeasuredWaveform } from "./input.ts";
import { type FedStart, fedStart, type Metered, type Moves, shownA, shownRange } from "./model.ts";
import { CALIBRATION_PARAMS as P } from "./params.ts";
import { type WaveFeatures, waveFeatures } from "./wave-features.ts";

/** One figure that was measured: how far a simulated start is off it, in standard deviations; null where the start has no such figure. */
export interface Observed {
  readonly id: string;
  readonly fed: FedStart;
  readonly withStart: boolean;
  readonly off: (metered: Metered, moves: Moves) => number | null;
  /** Logarithm of what was read over what a start shows, taken as it was said to be read; null where the start has no such figure. */
  readonly over: (metered: Metered) => number | null;
  /** Whether a start explains a live figure better as the run winding's. */
  readonly onRun: (metered: Metered, moves: Moves) => boolean;
}

/** Length of a simulated start behind a meter's figure, s. */
const READING_S = 1;
/** Relative tolerance taken for a meter of which nothing is said. */
const USUAL_TOLERANCE = 0.03;

/** The name under which a meter's own error is moved. */
export function gainName({ id, meter }: Pick<MeasuredReading, "id" | "meter">): string {
  return `gain ${(meter ?? "").trim() === "" ? id : present(meter).trim().toLowerCase()}`;
}

/** Standard deviation of a meter's own error. */
export function gainDeviation({ tolerance = USUAL_TOLERANCE }: Pick<MeasuredReading, "tolerance">): number {
  return READING_PARAMS.gainOfTolerance.value * tolerance;
}

const never = (): boolean => false;

/** How far a logarithm lies beyond a range; nothing within it. */
function beyond(log: number, { low, high }: { readonly low: number; readonly high: number }): number {
  return log < Math.log(low) ? log - Math.log(low) : log > Math.log(high) ? log - Math.log(high) : 0;
}

/** A clamp reading as something a start can be off. Jaws that were on the wrong wire were so for all readings taken `together`. */
export function observedReading(reading: MeasuredReading, together = 1): Observed {
  const { id, kind, conductor, amps, start } = reading;
  const live = kind === "live";
  const fed = fedStart(start, conductor, reading, amps, live, READING_S);
  const gain = gainName(reading);
  const over = (metered: Metered): number | null => {
    const shown = shownA(metered, kind);
    return shown === null || shown <= 0 ? null : Math.log(amps / shown);
  };
  if (!live) {
    const off = (metered: Metered, moves: Moves): number | null => {
      const shown = shownRange(metered, kind);
      return shown && beyond(Math.log(amps) - (moves[gain] ?? 0), shown) / P.startScatter.value;
    };
    return { id, fed, withStart: true, off, over, onRun: never };
  }
  const deviation = Math.hypot(P.runningScatter.value, reading.airNoted === false ? P.unnotedAir.value : 0);
  const offs = (metered: Metered, moves: Moves): { readonly line: number; readonly run: number } | null => {
    if (metered.runningA === null || metered.runWindingA === null) return null;
    const z = (shownBy: number, within: number): number => (Math.log(amps / shownBy) - (moves[gain] ?? 0)) / within;
    return { line: z(metered.runningA, deviation), run: z(metered.runWindingA, share) };
  };
  const share = Math.hypot(deviation, P.runShare.value);
  const odds = 2 * Math.log((1 - P.wrongWire.value) / P.wrongWire.value) + 2 * Math.log(share / deviation);
  const unlikely = conductor === "common" ? odds / together : Number.POSITIVE_INFINITY;
  const better = ({ line, run }: { readonly line: number; readonly run: number }): boolean => run * run + unlikely < line * line;
  return {
    id,
    fed,
    withStart: false,
    over,
    off: (metered, moves) => {
      const both = offs(metered, moves);
      if (both === null) return null;
      return better(both) ? Math.sign(both.run) * Math.sqrt(both.run * both.run + unlikely) : both.line;
    },
    onRun: (metered, moves) => {
      const both = offs(metered, moves);
      return both !== null && better(both);
    },
  };
}

/** Length of a simulated start beside a time to speed: longer than the time itself, s. */
const BEYOND_S = 1.5;

/** A time to speed as something a start can be off. */
export function observedTiming({ id, toSpeedS, by, start }: MeasuredTiming): Observed {
  const fed = fedStart(start, "common", {}, 0, false, toSpeedS + BEYOND_S);
  const deviation = Math.hypot(by === "ear" ? P.earTimeS.value : P.countTimeS.value, P.startTime.value * toSpeedS);
  const off = (metered: Metered): number | null => (metered.toSpeedS === null ? null : (toSpeedS - metered.toSpeedS) / deviation);
  return { id, fed, withStart: true, off, over: () => null, onRun: never };
}

/** A recorded start as what it holds: plateau, running level, and when it falls. */
export function observedWaveform(waveform: MeasuredWaveform): readonly Observed[] {
  const held = waveFeatures(waveform.cycles);
  const last = waveform.cycles.at(-1)?.t ?? 0;
  if (held === null) return [];
  const fed = fedStart(waveform.start, waveform.conductor, waveform, held.plateauA, false, last);
  const gain = gainName(waveform);
  const of = (name: keyof WaveFeatures, z: (found: number, here: number, moves: Moves) => number): readonly Observed[] => {
    const here = held[name];
    if (here === null) return [];
    const off = (metered: Metered, moves: Moves): number | null => {
      const found = waveFeatures(metered.cycles)?.[name] ?? null;
      return found === null ? null : z(found, here, moves);
    };
    const over = (metered: Metered): number | null => {
      const found = waveFeatures(metered.cycles)?.[name] ?? null;
      return found === null ? null : Math.log(here / found);
    };
    return [{ id: waveform.id, fed, withStart: true, off, over, onRun: never }];
  };
  const levelWithin =
    (deviation: number) =>
    (found: number, here: number, moves: Moves): number =>
      (Math.log(here / found) - (moves[gain] ?? 0)) / deviation;
  const time = (found: number, here: number): number => (here - found) / Math.hypot(P.waveTime.value * here, P.waveShiftS.value);
  return [
    ...of("plateauA", levelWithin(P.waveScatter.value)),
    ...of("runningA", levelWithin(P.waveRunning.value)),
    ...of("halfS", time),
    ...of("quarterS", time),
  ];
}
