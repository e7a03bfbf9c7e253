import { median } from "../../numeric/index.ts";
import { itemAt } from "../../quantity/index.ts";
import { type Belief, believe, blurred, type Manner, over, type Prior, range95, Z95 } from "./belief.ts";
import type { ClampReading, Expected, Range, ReadingKind } from "./input.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { Comparison } from "./result.ts";
import { gainDeviation, metersOf, sideOf } from "./sides.ts";

/** The logarithm of after over before, as sure as readings of both sides make it. */
function changeOf(alike: readonly ClampReading[], expected: Pick<Expected, "before" | "after"> | null): Belief {
  const side = (when: ClampReading["when"], range: Range | undefined): Belief =>
    believe(
      alike.filter((r) => r.when === when).map((r) => r.amps),
      range === undefined ? null : priorOf(range),
      MANNERS[itemAt(alike, 0).kind],
    );
  const before = alike.filter((r) => r.when === "before");
  const after = alike.filter((r) => r.when === "after");
  return blurred(over(side("after", expected?.after), side("before", expected?.before)), gainDeviation(before, after));
}

const START: Manner = { scatter: P.scatter.value, grossShare: P.grossShare.value };
const MANNERS: Readonly<Record<ReadingKind, Manner>> = {
  inrush: START,
  app: START,
  "max-hold": { ...START, scatter: P.scatterMaxHold.value },
  live: { scatter: P.scatterLive.value, grossShare: P.grossShareLive.value },
};

function priorOf({ middle, low, high }: Range): Prior {
  return { log: Math.log(middle), deviation: (P.expectedTrust.value * Math.log(high / low)) / (2 * Z95) };
}

/** A comparison, and the change that its range is read from. */
interface Compared {
  readonly comparison: Comparison;
  readonly change: Belief;
}

/** Compares readings of one kind, conductor and source; null where a side has none. */
export function compare(alike: readonly ClampReading[], expected: Expected | null): Compared | null {
  const first = alike[0];
  const before = sideOf(alike.filter((r) => r.when === "before"));
  const after = sideOf(alike.filter((r) => r.when === "after"));
  if (first === undefined || before === null || after === null) return null;
  const { kind, conductor } = first;
  const share = after.medianA / before.medianA;
  const fits = expected !== null && expected.kind === kind && expected.conductor === conductor;
  const change = changeOf(alike, fits ? expected : null);
  const [low, high] = range95(change);
  const reduction = 1 - share;
  const comparison = {
    kind,
    conductor,
    before,
    after,
    reduction,
    low: Math.min(reduction, 1 - Math.exp(high)),
    high: Math.max(reduction, 1 - Math.exp(low)),
    meters: metersOf(alike),
    atSameVolts: sameVolts(alike, share),
  };
  return { change, comparison };
}

/** A start without a starter draws in proportion to its volts (a locked rotor is an impedance); only the before side is brought over. */
function sameVolts(alike: readonly ClampReading[], share: number): Comparison["atSameVolts"] {
  const voltsOf = (when: ClampReading["when"]): number | null => {
    const volts = alike.filter((r) => r.when === when).map((r) => r.volts ?? null);
    return volts.length === 0 || volts.includes(null) ? null : median(volts.filter((v) => v !== null));
  };
  const beforeV = voltsOf("before");
  const afterV = voltsOf("after");
  return beforeV === null || afterV === null ? null : { beforeV, afterV, reduction: 1 - share * (beforeV / afterV) };
}
