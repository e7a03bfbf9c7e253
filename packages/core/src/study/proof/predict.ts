import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import { quantile, SeededRandom } from "../../numeric/index.ts";
import { meterShows } from "../clamp/index.ts";
import { Members, TRIES_SEED } from "../confidence/index.ts";
import { studyLearning } from "../learning/index.ts";
import { prepare, prepareWith, type StartCase, steadyRunning } from "../motor-start/index.ts";
import type { Conductor, Expected, Range, ReadingKind } from "../reading/index.ts";
import type { Predicted } from "./input.ts";
import { PROOF_PARAMS as P } from "./params.ts";

/** Fewest drawn starts that make a range. */
const FEWEST = 8;

/**
 * What readings of one kind on one conductor should show before and after, and running; null where a
 * start cannot be simulated. The ranges come from units drawn over what is not known of this one, and
 * from limits that a starter may have learned.
 */
export function predictReadings(asFound: StartCase, soft: StartCase, kind: ReadingKind, conductor: Conductor): Predicted {
  const prepared = prepare(asFound);
  const running = prepared.ok ? steadyRunning(prepared.value.input) : null;
  const runningA = running === null ? null : conductor === "supply" ? running.totalA : running.compressorA;
  const central = (given: StartCase): number | null => {
    const made = prepare(given);
    return made.ok ? meterShows(made.value.input, kind, conductor, null) : null;
  };
  const expected = expectedOf(asFound, soft, kind, conductor);
  const { before, after } = expected ?? { before: null, after: null };
  return { beforeA: before?.middle ?? central(asFound), afterA: after?.middle ?? central(soft), runningA, expected };
}

/** Limits a starter may have learned, over locked rotor amps: from what our own learning comes to, to the most that is usual. */
function learnedShares(soft: StartCase, lockedRotorA: number): readonly [least: number, most: number] {
  const learning = studyLearning(soft);
  const settledA = learning.ok ? learning.value.settledA : null;
  const [least, most] = STARTER.typicalLimitShare.spread;
  return [settledA === null ? least : Math.min(least, settledA / lockedRotorA), most];
}

/** The ranges over drawn units; null where too few of them can be simulated, or nothing is running. */
function expectedOf(asFound: StartCase, soft: StartCase, kind: ReadingKind, conductor: Conductor): Expected | null {
  if (kind === "live") return null;
  const members = new Members(asFound.unit, TRIES_SEED);
  const shown: { before: number; after: number }[] = [];
  const { method } = soft;
  const unknown = method.kind === "soft" && method.limitA === undefined ? method : null;
  let shares: readonly [number, number] | null = null;
  for (let i = 0; i < P.draws.value; i++) {
    const member = members.at(i);
    if (!member.ok || member.value.unit === null) continue;
    const { unit } = member.value;
    const random = new SeededRandom(TRIES_SEED, i);
    if (unknown !== null) shares ??= learnedShares(soft, unit.lockedRotorA);
    const learned = unknown === null || shares === null ? method : { ...unknown, limitA: random.between(...shares) * unit.lockedRotorA };
    const one = (given: StartCase): number | null => {
      const prepared = prepareWith(given, unit, { kind: "drawn", seed: TRIES_SEED, member: i, attempt: 0 });
      return prepared.ok ? meterShows(prepared.value.input, kind, conductor, random) : null;
    };
    const [before, after] = [one(asFound), one({ ...soft, method: learned })];
    if (before !== null && after !== null && before > 0 && after > 0) shown.push({ before, after });
  }
  if (shown.length < FEWEST) return null;
  const range = (of: (s: { before: number; after: number }) => number): Range => rangeOf(shown.map(of));
  return { kind, conductor, before: range((s) => s.before), after: range((s) => s.after), reduction: range((s) => 1 - s.after / s.before) };
}

function rangeOf(values: readonly number[]): Range {
  return { middle: quantile(values, 0.5), low: quantile(values, 0.025), high: quantile(values, 0.975) };
}
