import { itemAt, keysOf, ok, type Result } from "../../quantity/index.ts";
import { computed, type PrepareFailure, type StartCase } from "../motor-start/index.ts";
import { Members } from "./members.ts";
import type { Batch, Confidence, Influence } from "./result.ts";
import { type Beside, type Trial, tryMember } from "./trial.ts";

/** The tries of every answer begin at this seed: the same members meet every question. */
export const TRIES_SEED = 1;

/** Normal quantile of a 95 % interval. */
const Z95 = 1.96;

/**
 * Tries a case with figures drawn over everything that was not measured, trials `from` to `to` (not
 * included). Trial i depends on the seed and i alone, so batches may be tried anywhere, in any order;
 * `members` keeps the units that were drawn before; `beside` says what is on at each start where that is drawn too.
 */
export function tryBatch(
  given: StartCase,
  seed: number,
  from: number,
  to: number,
  members = new Members(given.unit, seed),
  beside?: Beside,
): Result<Batch, PrepareFailure> {
  return computed(() => {
    const trials: Trial[] = [];
    let rejected = 0;
    for (let i = from; i < to; i++) {
      const member = members.at(i);
      if (!member.ok) return member;
      rejected += member.value.rejected;
      if (member.value.unit === null) continue;
      const tried = tryMember(given, member.value.unit, seed, i, beside);
      if (!tried.ok) return tried;
      trials.push(tried.value);
    }
    return ok({ trials, rejected });
  });
}

/** Sums batches up: the share that starts and holds with its 95 % interval (Wilson), and what was rejected. */
export function summarise(batches: readonly Batch[]): Confidence {
  const trials = batches.flatMap((b) => b.trials);
  const rejected = batches.reduce((sum, b) => sum + b.rejected, 0);
  const n = trials.length;
  const holds = trials.filter((t) => t.holds).length;
  const share = n === 0 ? 0 : holds / n;
  const middle = n === 0 ? 0.5 : (share + Z95 ** 2 / (2 * n)) / (1 + Z95 ** 2 / n);
  const half = n === 0 ? 0.5 : (Z95 * Math.sqrt((share * (1 - share)) / n + Z95 ** 2 / (4 * n * n))) / (1 + Z95 ** 2 / n);
  return {
    trials: n,
    holds,
    starts: trials.filter((t) => t.starts).length,
    share,
    interval: [Math.max(0, middle - half), Math.min(1, middle + half)],
    rejectedShare: n + rejected === 0 ? 0 : rejected / (n + rejected),
  };
}

/** Share of what is to spare that goes with each unknown: squared correlation, largest first. */
export function influences(trials: readonly Trial[]): readonly Influence[] {
  const spare = trials.map((t) => t.spareShare);
  const codes = [...new Set(trials.flatMap((t) => keysOf(t.moved)))];
  return codes
    .map((code) => ({
      code,
      share:
        correlation(
          trials.map((t) => t.moved[code] ?? 0),
          spare,
        ) ** 2,
    }))
    .filter((i) => i.share > 0.01)
    .toSorted((a, b) => b.share - a.share);
}

function correlation(x: readonly number[], y: readonly number[]): number {
  const n = x.length;
  if (n < 3) return 0;
  const mean = (v: readonly number[]): number => v.reduce((sum, e) => sum + e, 0) / n;
  const mx = mean(x);
  const my = mean(y);
  let xy = 0;
  let xx = 0;
  let yy = 0;
  for (let i = 0; i < n; i++) {
    xy += (itemAt(x, i) - mx) * (itemAt(y, i) - my);
    xx += (itemAt(x, i) - mx) ** 2;
    yy += (itemAt(y, i) - my) ** 2;
  }
  return xx === 0 || yy === 0 ? 0 : xy / Math.sqrt(xx * yy);
}
