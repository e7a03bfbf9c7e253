import { itemAt } from "../../quantity/index.ts";
import type { CurrentTimePoint } from "./current-limits.ts";
import type { StartResult } from "./result.ts";

/** For each current that a start reached, the time for which it was reached or exceeded: largest current first, time growing. */
export function currentTime({ cycles }: Pick<StartResult, "cycles">): readonly CurrentTimePoint[] {
  const cycleS = cycles.length > 1 ? itemAt(cycles, 1).t - itemAt(cycles, 0).t : (cycles[0]?.t ?? 0);
  const amps = cycles.map((c) => c.rmsA).filter((a) => a > 0);
  return amps.toSorted((a, b) => b - a).map((a, i) => ({ amps: a, seconds: (i + 1) * cycleS }));
}
