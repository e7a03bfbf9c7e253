import { Members } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";

/** Units whose drawn members a worker keeps. */
const MOST_KEPT = 6;

/** Keeps the drawn members of the units asked about last, so that another source, way or day meets the same ones at once. */
export function memberKeeper(): (unit: StartCase["unit"], seed: number) => Members {
  const kept = new Map<string, Members>();
  return (unit, seed) => {
    const key = `${seed} ${JSON.stringify(unit)}`;
    const members = kept.get(key) ?? new Members(unit, seed);
    kept.delete(key);
    kept.set(key, members);
    const [oldest] = kept.keys();
    if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
    return members;
  };
}
