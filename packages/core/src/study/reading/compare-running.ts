import { runningShareAt } from "../../device/compressor-motor/index.ts";
import { median } from "../../numeric/index.ts";
import { blurred, quantileOf } from "./belief.ts";
import { compare } from "./compare.ts";
import type { ClampReading } from "./input.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { RunningComparison } from "./result.ts";

/** Mean of a side's noted figures; null where one is missing. */
function noted(side: readonly ClampReading[], of: (r: ClampReading) => number | null | undefined): number | null {
  const all = side.map((r) => of(r) ?? null).filter((v) => v !== null);
  return all.length < side.length || all.length === 0 ? null : median(all);
}

/**
 * Compares running amps of both sides at the same outdoor air and volts. What nobody noted is not taken
 * to be equal: it counts as unknown, so that weather is never told as a change of the unit.
 */
export function compareRunning(alike: readonly ClampReading[], seasonsApart: boolean): RunningComparison | null {
  const compared = compare(alike, null);
  if (compared === null) return null;
  const before = alike.filter((r) => r.when === "before");
  const after = alike.filter((r) => r.when === "after");
  const [beforeC, afterC] = [noted(before, (r) => r.outdoorC), noted(after, (r) => r.outdoorC)];
  const [beforeV, afterV] = [noted(before, (r) => r.volts), noted(after, (r) => r.volts)];
  const hasAir = beforeC !== null && afterC !== null;
  const hasVolts = beforeV !== null && afterV !== null;
  const air = hasAir ? Math.log(runningShareAt(afterC) / runningShareAt(beforeC)) : 0;
  const typicalRate = Math.log(
    runningShareAt(TYPICAL_C + (seasonsApart ? P.unnotedSeasonK : P.unnotedAirK).value) / runningShareAt(TYPICAL_C),
  );
  const volts = hasVolts ? Math.log(afterV / beforeV) : 0;
  const [least, most] = P.overVolts.spread;
  const deviation = Math.hypot(
    P.runningDrift.value,
    hasAir ? P.weatherShare.value * air : typicalRate,
    hasVolts ? ((most - least) / 4) * volts : P.overVolts.value * P.unnotedVolts.value,
  );
  const change = blurred(compared.change, deviation);
  const at = (share: number): number => Math.exp(quantileOf(change, share) - air - P.overVolts.value * volts) - 1;
  const [low, middle, high] = [at(0.025), at(0.5), at(0.975)];
  const apart = low > 0 || high < 0;
  const tells = (high - low) / 2 <= P.tellingChange.value;
  return {
    ...compared.comparison,
    verdict: apart ? "changed" : tells ? "same" : "cannot-tell",
    change: { low, middle, high },
    missing: [...(hasAir ? [] : ["air" as const]), ...(hasVolts ? [] : ["volts" as const])],
  };
}

/** Air in which air conditioners run, by which the rise per kelvin is taken where none was noted. */
const TYPICAL_C = 32;
