import { median } from "../../numeric/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import type { Fitted, Simulated, Unknown } from "./fit.ts";
import type { MeasuredReading } from "./input.ts";
import { type Moves, NO_MOVES } from "./model.ts";
import { gainDeviation, gainName, type Observed } from "./observed.ts";
import { CALIBRATION_PARAMS as P } from "./params.ts";

/** Usual amps of the run winding over the line's, to begin at. */
const RUN_SHARE = 0.8;
/** Volts and ohms of circuits nobody read. */
export function sourceUnknowns(observed: readonly Observed[]): readonly Unknown[] {
  const open = (of: "volts" | "ohm"): string[] => [
    ...new Set(observed.flatMap(({ fed }) => (fed.source !== null && fed[of] === null && isOpen(fed.start, of) ? [fed.source] : []))),
  ];
  return [
    ...open("volts").map((source) => ({ name: `volts ${source}`, deviation: P.shoreVolts.value })),
    ...open("ohm").map((source) => ({ name: `ohm ${source}`, deviation: P.shoreOhm.value })),
  ];
}

/** Whether nobody measured this of a source. */
function isOpen({ source }: StartCase, of: "volts" | "ohm"): boolean {
  if (of === "volts") return source.volts.origin !== "measured";
  return source.kind === "shore" ? source.ohm?.origin !== "measured" : source.ohm !== undefined && source.ohm.origin !== "measured";
}

/** Each meter's own error. */
export function gainUnknowns(read: readonly Pick<MeasuredReading, "id" | "meter" | "tolerance">[]): readonly Unknown[] {
  const names = new Map(read.map((r) => [gainName(r), gainDeviation(r)]));
  return [...names].filter(([, deviation]) => deviation > 0).map(([name, deviation]) => ({ name, deviation }));
}

/** A live reading said to be on compressor common, which jaws on the run winding would pass for. */
export function isOnCommon({ kind, conductor }: MeasuredReading): boolean {
  return kind === "live" && conductor === "common";
}

/** Whether running amps come out nearly as well at another figure: jaws on common or on the run winding cannot be told apart. */
export function isUnclear({ moves, rivals }: Fitted): boolean {
  const apart = (other: Moves): boolean => Math.abs((other.running ?? 0) - (moves.running ?? 0)) > P.rivalStep.value;
  return rivals.some((r) => r.worse < P.rivalOdds.value && apart(r.moves));
}

/** Further points to begin at: what one look at the plate's own start says that the figures are off by, the jaws where they were said to be and on the run winding. */
export function guesses(observed: readonly Observed[], simulated: Simulated): readonly Moves[] {
  const overOf = (withStart: boolean): number => {
    const all = observed
      .filter((o) => o.withStart === withStart)
      .map((o) => {
        const metered = simulated.at(o, NO_MOVES);
        return metered && o.over(metered);
      });
    const known = all.filter((log) => log !== null);
    return known.length === 0 ? 0 : median(known);
  };
  const onCommon = { locked: overOf(true), running: overOf(false) };
  return [onCommon, { ...onCommon, running: onCommon.running - Math.log(RUN_SHARE) }];
}
