import { bandOf } from "../../device/breaker/index.ts";
import type { CurvePoint } from "../../reference/index.ts";
import type { MotorStartInput } from "./input.ts";
import { modelOf } from "./source/index.ts";

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
  const { breaker, carriedW, startLimitA, dropOutS, ratings } = modelOf(source);
  if (breaker !== null) {
    const { ratingA, band } = breaker;
    const { earliest, latest } = band ?? bandOf(ratingA);
    const edge = (points: readonly CurvePoint[]): CurrentTimePoint[] => points.map(({ x, y }) => ({ amps: x * ratingA, seconds: y }));
    return { earliest: edge(earliest), latest: edge(latest) };
  }
  if (carriedW === null) return null;
  const steps = [
    ...(startLimitA === null || dropOutS === null ? [] : [{ amps: startLimitA, untilS: dropOutS }]),
    ...ratings.toReversed().map(({ watts, seconds }) => ({ amps: watts / source.volts, untilS: seconds })),
    { amps: carriedW / source.volts, untilS: LAST_S },
  ];
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
