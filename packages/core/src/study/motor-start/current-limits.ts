import { bandOf } from "../../device/breaker/index.ts";
import type { CurvePoint } from "../../reference/index.ts";
import { carriedW, foldbackA, shoreW } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";

/** A current and a time that belongs to it. */
export interface CurrentTimePoint {
  readonly amps: number;
  readonly seconds: number;
}

/** For how long a source lets a current pass: the edge at which it may let go, and the one by which it has. */
export interface CurrentLimits {
  readonly earliest: readonly CurrentTimePoint[];
  readonly latest: readonly CurrentTimePoint[];
}

/** Ends of the time looked at, s. */
const FIRST_S = 0.001;
const LAST_S = 36_000;

/** The limits of a source over time; null where nothing limits. Steps for rated watts, the band for a breaker. */
export function currentLimits({ source }: MotorStartInput): CurrentLimits | null {
  if (source.kind === "circuit") {
    const rating = source.breakerA;
    if (rating === null) return null;
    const { earliest, latest } = source.band ?? bandOf(rating);
    const edge = (points: readonly CurvePoint[]): CurrentTimePoint[] => points.map(({ x, y }) => ({ amps: x * rating, seconds: y }));
    return { earliest: edge(earliest), latest: edge(latest) };
  }
  const steps: { amps: number; untilS: number }[] = [];
  if (source.kind === "electronic") {
    steps.push({ amps: foldbackA(source), untilS: source.dropOutS });
    for (const { watts, seconds } of source.endurance.toReversed())
      steps.push({ amps: (watts + shoreW(source)) / source.volts, untilS: seconds });
  } else steps.push({ amps: source.surgeW / source.volts, untilS: source.surgeS });
  steps.push({ amps: carriedW(source) / source.volts, untilS: LAST_S });
  const points: CurrentTimePoint[] = [];
  let from = FIRST_S;
  for (const { amps, untilS } of steps) {
    if (untilS <= from) continue;
    points.push({ amps, seconds: from }, { amps, seconds: untilS });
    from = untilS;
  }
  const edge = points.toReversed();
  return { earliest: edge, latest: edge };
}
