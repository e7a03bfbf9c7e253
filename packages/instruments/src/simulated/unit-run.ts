import { afterStart, freshMemory, type Memory } from "@amp-saver/core/device/soft-starter";
import type { SeededRandom } from "@amp-saver/core/numeric";
import type { Jaws } from "@amp-saver/core/study/clamp";
import { notRested, prepare, type SourceCase, type StartCase, type UnitCase } from "@amp-saver/core/study/motor-start";
import type { Fault } from "./bench-message.ts";
import { BENCH_PARAMS as P } from "./params.ts";
import { spread } from "./spread.ts";
import { StartRecord } from "./start-record.ts";

/** One air conditioner on the bench. */
export interface BenchUnit {
  readonly id: string;
  readonly name: string;
  readonly given: UnitCase;
}

/** What surrounds a unit on the bench. */
export interface Surroundings {
  readonly source: SourceCase;
  /** Amps that the others on the source draw. */
  readonly othersA: number;
  readonly outdoorC: number;
  readonly faults: ReadonlySet<Fault>;
}

export type UnitPhase = "off" | "fan" | "starting" | "running" | "overload";

/** Charge that is left on a start capacitor where its switch opened, over the most it could be. */
const LEFT_SHARE = 0.6;

/** One unit through time: called, its fan, its delay, its start by core's simulation, running, resting. */
export class UnitRun {
  readonly unit: BenchUnit;
  call = false;
  fitted = false;
  phase: UnitPhase = "off";
  learned = 0;
  lastPeakA: number | null = null;
  /** When the start in hand began, s on the bench's clock. */
  startedAtS: number | null = null;
  start: StartRecord | null = null;
  /** Its run capacitor over what is printed on it. */
  readonly printShare: number;
  private memory: Memory;
  private calledAtS = 0;
  private stoppedAtS = Number.NEGATIVE_INFINITY;
  private wakesAtS = 0;

  private readonly random: SeededRandom;

  constructor(unit: BenchUnit, random: SeededRandom) {
    this.unit = unit;
    this.random = random;
    this.printShare = 1 + P.printScatter.value * (2 * random.next() - 1);
    this.memory = freshMemory(unit.given.lockedRotorA?.value ?? 0);
  }

  setCall(on: boolean, nowS: number): void {
    if (on === this.call) return;
    this.call = on;
    if (on) this.calledAtS = nowS;
    else this.stop(nowS);
  }

  /** Power is gone, or the call is: everything stops, rest begins. */
  stop(nowS: number): void {
    if (this.phase === "starting" || this.phase === "running") this.stoppedAtS = nowS;
    if (this.phase !== "overload" || !this.call) this.phase = "off";
    this.startedAtS = null;
    this.start = null;
    this.calledAtS = nowS;
  }

  setFitted(on: boolean): void {
    this.fitted = on;
  }

  forget(): void {
    this.memory = freshMemory(this.unit.given.lockedRotorA?.value ?? 0);
    this.learned = 0;
  }

  /** Goes on to `nowS`; returns true when a start of it made the source let go. */
  advance(nowS: number, around: Surroundings): boolean {
    if (this.phase === "overload" && nowS >= this.wakesAtS) {
      this.phase = "off";
      this.calledAtS = nowS;
    }
    if (!this.call || this.phase === "overload") return false;
    if (this.phase === "off" && nowS >= this.calledAtS + P.fanDelayS.value) this.phase = "fan";
    if (this.phase === "fan" && nowS >= this.startsAtS(around.faults)) this.begin(this.startsAtS(around.faults), around);
    else if (this.phase === "starting" && this.start !== null && this.startedAtS !== null)
      return this.finish(nowS, this.start, this.startedAtS);
    return false;
  }

  /** Whether it is called and silent: the starter, or whatever else holds it, still waits. */
  waiting(): boolean {
    return this.phase === "fan" && this.call;
  }

  /** RMS on a conductor between two times, A. */
  rmsA(jaws: Jaws, fromS: number, toS: number): number {
    const fanA = jaws === "supply" && this.phase !== "off" ? (this.unit.given.fanA?.value ?? 0) : 0;
    if (this.start === null || this.startedAtS === null || toS <= this.startedAtS) return fanA;
    const running = this.start.rmsA(jaws, fromS - this.startedAtS, toS - this.startedAtS);
    return Math.max(fanA, running);
  }

  /** DC volts left on a start capacitor of its own, s after it stopped; nothing where it has none or runs. */
  leftV(nowS: number): number {
    const aided = (this.unit.given.startAidF ?? 0) > 0;
    if (!aided || this.phase !== "off" || !Number.isFinite(this.stoppedAtS)) return 0;
    return LEFT_SHARE * Math.SQRT2 * this.unit.given.plateVolts * Math.exp(-(nowS - this.stoppedAtS) / P.leakS.value);
  }

  /** Volts at the unit while it starts; null while it does not. */
  volts(nowS: number): number | null {
    if (this.phase !== "starting" || this.start === null || this.startedAtS === null || nowS - this.startedAtS < P.refreshS.value)
      return null;
    return this.start.voltsBetween(nowS - this.startedAtS - P.refreshS.value, nowS - this.startedAtS);
  }

  private startsAtS(faults: ReadonlySet<Fault>): number {
    if (faults.has("overload-open")) return Number.POSITIVE_INFINITY;
    const own = faults.has("late") ? P.lateS.value : this.fitted ? P.starterDelayS.value : P.plainDelayS.value;
    return this.calledAtS + P.fanDelayS.value + own + (faults.has("thermostat") ? P.thermostatS.value : 0);
  }

  /** Amps on its supply now, once it runs: what it loads the source with. */
  drawsA(): number {
    if (this.phase === "off") return 0;
    const fanA = this.unit.given.fanA?.value ?? 0;
    return this.phase === "running" ? (this.start?.steadySupplyA ?? fanA) : fanA;
  }

  /** The unit as it is at this start: its capacitor by its own print, its motor as warm and as loaded as it happens to be. */
  private now(): UnitCase {
    const { given } = this.unit;
    const { lockedRotorA, runCapacitorF } = given;
    const scatter = Math.exp(P.startScatter.value * spread(this.random));
    return {
      ...given,
      ...(lockedRotorA !== undefined && { lockedRotorA: { ...lockedRotorA, value: lockedRotorA.value * scatter } }),
      ...(runCapacitorF !== undefined && { runCapacitorF: { ...runCapacitorF, value: runCapacitorF.value * this.printShare } }),
    };
  }

  private begin(atS: number, { source, outdoorC, othersA }: Surroundings): void {
    const unit = this.now();
    const scatter = (unit.lockedRotorA?.value ?? 1) / (this.unit.given.lockedRotorA?.value ?? 1);
    const method: StartCase["method"] = this.fitted ? { kind: "soft", limitA: this.memory.limitA * scatter } : { kind: "as-found" };
    const prepared = prepare({ unit, source, method, backgroundA: othersA, outdoorC, seconds: 3 });
    if (!prepared.ok) throw new Error(prepared.reason);
    const rested = atS - this.stoppedAtS >= P.pressuresS.value;
    this.start = new StartRecord(rested ? prepared.value.input : notRested(prepared.value.input));
    this.startedAtS = atS;
    this.phase = "starting";
  }

  private finish(nowS: number, start: StartRecord, startedAtS: number): boolean {
    if (nowS < startedAtS + start.lengthS) return false;
    this.lastPeakA = start.rmsA("common", 0, P.inrushWindowS.value);
    for (let t = 0; t < start.lengthS - P.inrushWindowS.value; t += 0.02)
      this.lastPeakA = Math.max(this.lastPeakA, start.rmsA("common", t, t + P.inrushWindowS.value));
    if (this.fitted && !start.tripped) this.memory = afterStart(this.memory, start.startS);
    if (start.startS !== null) {
      this.phase = "running";
      if (this.fitted) this.learned += 1;
      return false;
    }
    this.stoppedAtS = startedAtS + start.lengthS;
    this.startedAtS = null;
    this.start = null;
    if (!start.tripped && !this.fitted) {
      this.phase = "overload";
      this.wakesAtS = this.stoppedAtS + P.overloadClosesS.value;
      return false;
    }
    this.phase = "off";
    this.calledAtS = this.stoppedAtS;
    return start.tripped;
  }
}
