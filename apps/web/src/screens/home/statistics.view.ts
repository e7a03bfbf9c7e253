import { itemAt } from "@amp-saver/core/quantity";
import { isHighVolts } from "@amp-saver/core/reference";
import { middleReduction } from "@amp-saver/core/study/reading";
import { type AirConditioner, clampReading, type FitLog, type Job, type Reading } from "@amp-saver/records";

/** Middle and extremes of some figures. */
interface Spread {
  readonly count: number;
  readonly middle: number;
  readonly least: number;
  readonly most: number;
}

/** Reductions of one kind of unit, by one's own readings. */
export interface ReductionRow {
  /** Volts class and cooling in tons, or null where the plate's cooling is not entered. */
  readonly volts: 120 | 240;
  readonly tons: number | null;
  readonly reduction: Spread;
}

/** One's own jobs in figures. */
export interface OwnRecord {
  readonly jobs: number;
  readonly handedOver: number;
  readonly reductions: readonly ReductionRow[];
  /** Minutes from proven dead to power back, by visit. */
  readonly fitMinutes: Spread | null;
}

const TON_W = 3516.85;
const MOST_FIT_MIN = 600;

/** Middle and extremes; null where there is nothing. */
export function spread(figures: readonly number[]): Spread | null {
  const sorted = figures.toSorted((a, b) => a - b);
  const [least, most] = [sorted[0], sorted.at(-1)];
  if (least === undefined || most === undefined) return null;
  const half = sorted.length >> 1;
  const middle = sorted.length % 2 === 1 ? itemAt(sorted, half) : (itemAt(sorted, half - 1) + itemAt(sorted, half)) / 2;
  return { count: sorted.length, middle, least, most };
}

/** What one's own jobs come to: reductions by kind of unit, and how long fitting took. */
export function ownRecord(
  jobs: readonly Job[],
  units: readonly AirConditioner[],
  readings: readonly Reading[],
  works: readonly FitLog[],
): OwnRecord {
  const unitById = new Map(units.map((u) => [u.id, u]));
  const byJob = new Map<string, Reading[]>();
  for (const reading of readings) byJob.set(reading.jobId, [...(byJob.get(reading.jobId) ?? []), reading]);
  const groups = new Map<string, { readonly volts: 120 | 240; readonly tons: number | null; readonly reductions: number[] }>();
  for (const job of jobs) {
    const unit = unitById.get(job.unitId);
    const own = byJob.get(job.id);
    if (unit === undefined || own === undefined) continue;
    const reduction = middleReduction({ readings: own.map(clampReading), lockedRotorA: unit.lockedRotorA?.value ?? null });
    if (reduction === null) continue;
    const volts = isHighVolts(unit.plateVolts.value) ? 240 : 120;
    const tons = unit.coolingW === undefined ? null : Math.round((unit.coolingW.value / TON_W) * 2) / 2;
    const key = `${volts} ${tons ?? ""}`;
    const group = groups.get(key) ?? { volts, tons, reductions: [] };
    group.reductions.push(reduction);
    groups.set(key, group);
  }
  return {
    jobs: jobs.length,
    handedOver: jobs.filter((j) => j.done.includes("hand-over")).length,
    reductions: [...groups.values()]
      .toSorted((a, b) => a.volts - b.volts || (a.tons ?? 0) - (b.tons ?? 0))
      .flatMap(({ volts, tons, reductions }) => {
        const reduction = spread(reductions);
        return reduction === null ? [] : [{ volts, tons, reduction }];
      }),
    fitMinutes: spread(works.flatMap(fitMinutes)),
  };
}

/** Minutes from each proof of dead to the power that followed it. */
function fitMinutes({ events }: FitLog): readonly number[] {
  return events.flatMap((event, k) => {
    const next = events[k + 1];
    if (event.what !== "proved" || next?.what !== "powered") return [];
    const minutes = (Date.parse(next.at) - Date.parse(event.at)) / 60_000;
    return minutes > 0 && minutes <= MOST_FIT_MIN ? [minutes] : [];
  });
}
