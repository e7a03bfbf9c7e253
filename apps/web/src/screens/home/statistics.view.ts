import { fittingMinutes, type ReductionRow, reductionRows, type Spread } from "@amp-saver/core/study/own-record";
import { type AirConditioner, clampReading, type FitLog, type Job, type Reading } from "@amp-saver/records";

/** One's own jobs in figures. */
export interface OwnRecord {
  readonly jobs: number;
  readonly handedOver: number;
  readonly reductions: readonly ReductionRow[];
  /** Minutes from proven dead to power back, by visit. */
  readonly fitMinutes: Spread | null;
}

/** What one's own jobs come to: reductions by kind of unit, and how long fitting took. */
export function ownRecord(
  jobs: readonly Job[],
  units: readonly AirConditioner[],
  readings: readonly Reading[],
  fitLogs: readonly FitLog[],
): OwnRecord {
  const unitById = new Map(units.map((u) => [u.id, u]));
  const byJob = new Map<string, Reading[]>();
  for (const reading of readings) byJob.set(reading.jobId, [...(byJob.get(reading.jobId) ?? []), reading]);
  const visits = jobs.flatMap((job) => {
    const unit = unitById.get(job.unitId);
    return unit === undefined
      ? []
      : [
          {
            readings: (byJob.get(job.id) ?? []).map(clampReading),
            lockedRotorA: unit.lockedRotorA?.value ?? null,
            plateVolts: unit.plateVolts.value,
            coolingW: unit.coolingW?.value ?? null,
          },
        ];
  });
  return {
    jobs: jobs.length,
    handedOver: jobs.filter((j) => j.done.includes("hand-over")).length,
    reductions: reductionRows(visits),
    fitMinutes: fittingMinutes(fitLogs.flatMap(deadToPower)),
  };
}

/** Milliseconds from each proof of dead to the power that followed it. */
function deadToPower({ events }: FitLog): readonly number[] {
  return events.flatMap((event, k) => {
    const next = events[k + 1];
    return event.what === "proved" && next?.what === "powered" ? [Date.parse(next.at) - Date.parse(event.at)] : [];
  });
}
