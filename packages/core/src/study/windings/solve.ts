import { fail, itemAt, ok, present, type Result } from "../../quantity/index.ts";
import { COLD_C, WINDING_PARAMS as P, RISE_FROM_C } from "./params.ts";

/** The three leads or pins as the user has labelled them. */
export const LABELS = ["a", "b", "c"] as const;
export type Label = (typeof LABELS)[number];

/** Ohms between two labels, or that the meter shows no path. */
export type Ohms = number | "open";

/** Readings with every lead off the pins. */
export interface WindingReadings {
  readonly ab: Ohms;
  readonly bc: Ohms;
  readonly ca: Ohms;
  /** The probes together; taken off every reading. */
  readonly probesOhm: number;
  /** Each label to the case. */
  readonly toCase: Readonly<Record<Label, Ohms>>;
  /** One count of the meter, ohm; absent for the usual tenth. */
  readonly countOhm?: number | undefined;
  /** Of the windings while they were read, °C. */
  readonly windingC: number;
}

/** Which label is which pin, and what the windings have at 25 °C. */
export interface Windings {
  readonly pins: { readonly common: Label; readonly run: Label; readonly start: Label };
  /** Run to common and start to common, ohm at 25 °C. */
  readonly mainOhm: number;
  readonly startOhm: number;
  /** The meter's resolution as a share of each. */
  readonly mainTolerance: number;
  readonly startTolerance: number;
}

/** Why no pin is named. */
const WINDING_FAULTS = [
  "winding-to-case",
  "overload-open",
  "all-open",
  "one-pair-open",
  "pair-shorted",
  "three-equal",
  "sum-off",
  "common-unclear",
  "run-start-unclear",
  "needs-finer",
] as const;
export type WindingFault = (typeof WINDING_FAULTS)[number];

const PAIRS: readonly { readonly of: readonly [Label, Label]; readonly field: "ab" | "bc" | "ca" }[] = [
  { of: ["a", "b"], field: "ab" },
  { of: ["b", "c"], field: "bc" },
  { of: ["c", "a"], field: "ca" },
];

/** What the difference of two decimal figures may lose. */
const SLACK_OHM = 1e-9;

interface Pair {
  readonly of: readonly [Label, Label];
  readonly ohm: number;
}

/**
 * Names compressor C, R and S from three resistances: the largest pair is R–S and equals the sum of the
 * others, C is not in it, and R is nearer to C than S. Nothing is named on less than two counts of the
 * meter between the candidates. `where` names the labels a fault shows at.
 * Common practice, no source.
 */
export function solveWindings(readings: WindingReadings): Result<Windings, WindingFault> {
  const leaking = LABELS.find((label) => readings.toCase[label] !== "open");
  if (leaking !== undefined) return fail("winding-to-case", leaking);
  const open = PAIRS.filter(({ field }) => readings[field] === "open");
  if (open.length === 3) return fail("all-open", "a b c");
  if (open.length === 2) return fail("overload-open", present(LABELS.find((label) => open.every(({ of }) => of.includes(label)))));
  if (open.length === 1) return fail("one-pair-open", itemAt(open, 0).of.join(" "));
  const pairs = PAIRS.map(({ of, field }): Pair => ({ of, ohm: (readings[field] as number) - readings.probesOhm }));
  const countOhm = readings.countOhm ?? P.resolutionOhm.value;
  const shorted = pairs.find(({ ohm }) => ohm < Math.max(P.shortedOhm.value, countOhm));
  if (shorted !== undefined) return fail("pair-shorted", shorted.of.join(" "));
  return named(pairs.toSorted((x, y) => x.ohm - y.ohm) as [Pair, Pair, Pair], countOhm, readings.windingC);
}

function named([small, middle, large]: readonly [Pair, Pair, Pair], resolution: number, windingC: number): Result<Windings, WindingFault> {
  const needed = P.countsBetween.value * resolution - SLACK_OHM;
  if (small.ohm < P.finerBelowOhm.value && resolution > P.finerOhm.value + SLACK_OHM) return fail("needs-finer", small.of.join(" "));
  if (large.ohm - small.ohm <= Math.max(P.equalShare.value * large.ohm, resolution)) return fail("three-equal", "a b c");
  if (large.ohm - middle.ohm < needed) return fail("common-unclear", [...middle.of, ...large.of].join(" "));
  if (middle.ohm - small.ohm < needed) return fail("run-start-unclear", large.of.join(" "));
  if (Math.abs(large.ohm - small.ohm - middle.ohm) > Math.max(P.sumShare.value * large.ohm, 2 * resolution))
    return fail("sum-off", large.of.join(" "));
  const common = present(LABELS.find((label) => !large.of.includes(label)));
  const other = ({ of }: Pair): Label => present(of.find((label) => label !== common));
  const cold = (ohm: number): number =>
    (ohm * (1 + P.copperPerK.value * (COLD_C - RISE_FROM_C))) / (1 + P.copperPerK.value * (windingC - RISE_FROM_C));
  return ok({
    pins: { common, run: other(small), start: other(middle) },
    mainOhm: cold(small.ohm),
    startOhm: cold(middle.ohm),
    mainTolerance: resolution / small.ohm,
    startTolerance: resolution / middle.ohm,
  });
}
