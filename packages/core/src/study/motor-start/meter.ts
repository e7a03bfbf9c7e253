/**
 * Sums over one half cycle and keeps one figure of each kind for every half cycle. Space is made at the
 * start, and doubled where a start takes longer. Squares by the trapezium rule; volts and watts by the rectangle, which over a period
 * is the same.
 */
export class Meter {
  rmsA: Float64Array;
  compressorA: Float64Array;
  volts: Float64Array;
  watts: Float64Array;
  radS: Float64Array;
  squareSum: Float64Array;
  /** Sums of squares over this half cycle of the start winding's current and volts. */
  auxiliarySquare = 0;
  auxiliaryVoltSquare = 0;
  firstHalfCycleA = 0;
  /** Seconds of this half cycle in which the run winding carried nothing. */
  off = 0;
  private readonly halfCycleS: number;
  private lastTotal = 0;
  private lastCompressor = 0;
  private square = 0;
  private compressorSquare = 0;
  private voltSquare = 0;
  private work = 0;
  private running = 0;

  constructor(halfCycles: number, steps: number, halfCycleS: number) {
    this.rmsA = new Float64Array(halfCycles);
    this.compressorA = new Float64Array(halfCycles);
    this.volts = new Float64Array(halfCycles);
    this.watts = new Float64Array(halfCycles);
    this.radS = new Float64Array(halfCycles);
    this.squareSum = new Float64Array(steps + 1);
    this.halfCycleS = halfCycleS;
  }

  /** Makes room for so many half cycles and steps; what was written stays. */
  grow(halfCycles: number, steps: number): void {
    const larger = (old: Float64Array, length: number): Float64Array => {
      const next = new Float64Array(length);
      next.set(old);
      return next;
    };
    this.rmsA = larger(this.rmsA, halfCycles);
    this.compressorA = larger(this.compressorA, halfCycles);
    this.volts = larger(this.volts, halfCycles);
    this.watts = larger(this.watts, halfCycles);
    this.radS = larger(this.radS, halfCycles);
    this.squareSum = larger(this.squareSum, steps + 1);
  }

  /** Gives back the room that was not written. */
  trim(halfCycles: number, steps: number): void {
    this.rmsA = this.rmsA.subarray(0, halfCycles);
    this.compressorA = this.compressorA.subarray(0, halfCycles);
    this.volts = this.volts.subarray(0, halfCycles);
    this.watts = this.watts.subarray(0, halfCycles);
    this.radS = this.radS.subarray(0, halfCycles);
    this.squareSum = this.squareSum.subarray(0, steps + 1);
  }

  /** Sets the currents from which the next spell starts. */
  startFrom(total: number, compressor: number): void {
    this.lastTotal = total;
    this.lastCompressor = compressor;
  }

  /** Adds a spell of h seconds that began at `unitV` and ends at these currents. */
  add(h: number, unitV: number, total: number, compressor: number): void {
    const square = (h / 2) * (this.lastTotal * this.lastTotal + total * total);
    this.square += square;
    this.running += square;
    this.compressorSquare += (h / 2) * (this.lastCompressor * this.lastCompressor + compressor * compressor);
    this.voltSquare += h * unitV * unitV;
    this.work += h * unitV * this.lastTotal;
    this.lastTotal = total;
    this.lastCompressor = compressor;
  }

  /** Keeps the largest current of the first half cycle. */
  notePeak(total: number): void {
    const size = total < 0 ? -total : total;
    if (size > this.firstHalfCycleA) this.firstHalfCycleA = size;
  }

  /** Writes the running sum of squares at the end of grid step k. */
  closeStep(k: number): void {
    this.squareSum[k + 1] = this.running;
  }

  /** Writes half cycle j and starts the next. */
  closeHalfCycle(j: number, radS: number): void {
    this.rmsA[j] = Math.sqrt(this.square / this.halfCycleS);
    this.compressorA[j] = Math.sqrt(this.compressorSquare / this.halfCycleS);
    this.volts[j] = Math.sqrt(this.voltSquare / this.halfCycleS);
    this.watts[j] = this.work / this.halfCycleS;
    this.radS[j] = radS;
    this.square = 0;
    this.compressorSquare = 0;
    this.voltSquare = 0;
    this.work = 0;
    this.auxiliarySquare = 0;
    this.auxiliaryVoltSquare = 0;
    this.off = 0;
  }
}
