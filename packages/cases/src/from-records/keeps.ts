import { BATTERY_PARAMS as BATTERY, usualDepth, usualExponent } from "@amp-saver/core/device/battery";
import { dutyAt } from "@amp-saver/core/study/day-plan";
import { type BankHours, bankHours, chargeAmps, type EngineHours, engineHours, roomForCharging } from "@amp-saver/core/study/keeps-running";
import { preparedBank } from "@amp-saver/core/study/motor-start";
import type { Load, Rig, Source } from "@amp-saver/records";
import { batteryCase, ratedW } from "./source-case.ts";
import { continuousFactor, type PlanStudy, type TogetherQuestion } from "./together.ts";

/** How long what may stay on keeps running, and what may be charged beside it. */
export interface Keeps {
  /** Everything planned, before anything is switched off. */
  readonly planned: EngineHours | null;
  /** What is left once the rest is off. */
  readonly engine: EngineHours | null;
  readonly bank: BankHours | null;
  /** DC amps a charger may be set to beside the rest; null where no bank is known or nothing limits. */
  readonly chargeA: number | null;
}

/** What follows from a plan on one source for the hours after it. */
export function keepsOf(
  study: PlanStudy,
  { given }: TogetherQuestion,
  source: Source,
  sources: readonly Source[],
  rig: Rig,
  loads: readonly Load[],
): Keeps {
  const { source: budget } = given;
  const duty = dutyAt(rig.hottestC.value);
  const off = study.budget.shed;
  const charger = loads.find((l) => l.chargeA !== undefined)?.id;
  const watts = (load: TogetherQuestion["given"]["loads"][number]): number =>
    load.runW ?? load.runA * budget.volts * (load.leg === "both" ? 2 : 1);
  const demand = (without: readonly string[]) => ({
    steadyW: given.loads.filter((l) => !without.includes(l.id)).reduce((sum, l) => sum + watts(l), 0),
    cyclingW: study.units.filter((u) => !without.includes(u.id)).reduce((sum, u) => sum + u.runW, 0),
    duty,
  });
  const burns = source.type === "generator" || source.type === "inverter-generator";
  const engine = (without: readonly string[]): EngineHours | null =>
    burns && budget.kind !== "shore"
      ? engineHours(
          {
            runningW: budget.runningW,
            ratedW: ratedW(source) ?? budget.runningW,
            eco: source.eco === true,
            tankL: source.tankL?.value ?? null,
            ...(source.overload !== undefined && { curve: source.overload }),
          },
          demand(without),
        )
      : null;
  const inverter = sources.find((s) => s.type === "inverter");
  const bankV = inverter?.bankV?.value;
  const chargeA = bankV === undefined || source.type === "inverter" ? null : chargeAmps(roomA(study, given, charger), budget.volts, bankV);
  return { planned: engine([]), engine: engine(off), bank: bankOf(source, demand(off)), chargeA };
}

/** AC amps left for a charger, on the leg it hangs on or the first. */
function roomA({ budget }: PlanStudy, { source, loads }: TogetherQuestion["given"], charger: string | undefined): number {
  const own = loads.find((l) => l.id === charger);
  const leg = budget.legs.find((l) => l.leg === own?.leg) ?? budget.legs[0];
  return leg === undefined ? 0 : roomForCharging(leg, own, continuousFactor(source.kind));
}

function bankOf(source: Source, demand: { readonly steadyW: number; readonly cyclingW: number; readonly duty: number }): BankHours | null {
  if (source.type !== "inverter" || source.bankV === undefined || source.bankAh === undefined) return null;
  const prepared = preparedBank(batteryCase(source));
  return bankHours(
    {
      ...prepared,
      ampHours: source.bankAh.value,
      depth: source.depth?.value ?? usualDepth(source.chemistry),
      exponent: usualExponent(source.chemistry),
      idleW: BATTERY.idleW.value,
    },
    demand,
  );
}
