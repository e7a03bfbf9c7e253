import { itemAt } from "@amp-saver/core/quantity";
import { type Jaws, recordWindings, type WindingRecord } from "@amp-saver/core/study/clamp";
import { type MotorStartInput, outcomeOf, steadyRunning } from "@amp-saver/core/study/motor-start";

/** One start as the bench keeps it: its record, how it ended, and what runs after it. */
export class StartRecord {
  readonly record: WindingRecord;
  readonly startS: number | null;
  readonly lengthS: number;
  /** Something on the source's side ended it. */
  readonly tripped: boolean;
  private readonly sums: Readonly<Record<Jaws | "volts", Float64Array>>;
  private readonly steadyA: Readonly<Record<Jaws, number>>;
  /** Amps of the unit on its supply once it runs. */
  readonly steadySupplyA: number;
  readonly steadyW: number;
  readonly steadyV: number;

  constructor(input: MotorStartInput) {
    this.record = recordWindings(input);
    const { amps, sampleHz, trace } = this.record;
    this.lengthS = amps.common.length / sampleHz;
    const { status, startS } = outcomeOf(trace);
    this.tripped = status === "tripped";
    this.startS = startS;
    this.sums = {
      common: sumsOf(amps.common),
      run: sumsOf(amps.run),
      start: sumsOf(amps.start),
      supply: sumsOf(amps.supply),
      volts: sumsOf(this.record.volts),
    };
    const steady = steadyRunning(input);
    const common = steady?.compressorA ?? 0;
    const tail = (jaws: Jaws): number => this.rmsA(jaws, this.lengthS - 0.25, this.lengthS);
    const per = (jaws: Jaws): number => (tail("common") > 0 ? tail(jaws) / tail("common") : 0);
    this.steadyA = {
      common,
      run: common * per("run"),
      start: common * per("start"),
      supply: Math.max(0, (steady?.totalA ?? 0) - input.backgroundA),
    };
    this.steadySupplyA = Math.max(0, (steady?.totalA ?? 0) - input.backgroundA);
    this.steadyW = steady === null ? 0 : steady.watts * (this.steadySupplyA / Math.max(1e-9, steady.totalA));
    this.steadyV = steady?.volts ?? 0;
  }

  /** RMS between two times after switching on; beyond the record it runs steadily, before it nothing flows. */
  rmsA(jaws: Jaws, fromS: number, toS: number): number {
    const inside = this.integral(jaws, Math.max(0, fromS), Math.min(this.lengthS, toS));
    const after = Math.max(0, toS - Math.max(fromS, this.lengthS)) * (this.steadyA?.[jaws] ?? 0) ** 2;
    return Math.sqrt((inside + after) / (toS - fromS));
  }

  /** RMS volts at the unit between two times after switching on, within the record or steady after it. */
  voltsBetween(fromS: number, toS: number): number {
    if (toS > this.lengthS) return this.steadyV;
    return fromS < 0 ? 0 : Math.sqrt(this.integral("volts", fromS, toS) / (toS - fromS));
  }

  private integral(what: Jaws | "volts", fromS: number, toS: number): number {
    if (toS <= fromS) return 0;
    const { sampleHz } = this.record;
    const sums = this.sums[what];
    const at = (t: number): number => itemAt(sums, Math.min(sums.length - 1, Math.max(0, Math.round(t * sampleHz))));
    return (at(toS) - at(fromS)) / sampleHz;
  }
}

function sumsOf(values: Float32Array): Float64Array {
  const sums = new Float64Array(values.length + 1);
  for (let i = 0; i < values.length; i++) sums[i + 1] = itemAt(sums, i) + itemAt(values, i) ** 2;
  return sums;
}
