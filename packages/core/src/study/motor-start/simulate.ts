import { BatteryEquations } from "../../device/battery/index.ts";
import { BreakerEquations } from "../../device/breaker/index.ts";
import { STARTED_SHARE, STATE, STATE_SIZE, synchronousRadS } from "../../device/compressor-motor/index.ts";
import { engineStalls } from "../../device/generator/index.ts";
import { RungeKutta4, stepToZero } from "../../numeric/index.ts";
import { shoreW } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";
import { Meter } from "./meter.ts";
import { type Assembly, assemble, steadyLoadsA } from "./plant.ts";
import type { StartTrace, TripCause } from "./record.ts";

const SPLIT_FLOOR_S = 1e-9;
/** Time at speed after which a start counts as held when only the outcome is asked for. */
const HELD_S = 0.15;
/** How often a run looks whether the rotor still gains, and the least gain that counts, over the speed of a start. */
const LOOK_EVERY_S = 0.3;
const STUCK_SHARE = 0.02;

/** Told at the end of every grid step: time, s, run and start winding, whole line, A, volts at the unit. */
export type Probe = (t: number, runA: number, startA: number, totalA: number, unitV: number) => void;

/** Runs one start through time on a fixed grid; see `StartRun`. */
export function simulate(input: MotorStartInput, probe: Probe | null = null): StartTrace {
  return new StartRun(input, probe).run();
}

/**
 * One start. Grid steps are split at the firing instant and at the current zero of the thyristors.
 * Everything is made in the constructor; the loop allocates nothing.
 */
class StartRun {
  private readonly input: MotorStartInput;
  private readonly probe: Probe | null;
  private readonly parts: Assembly;
  private readonly breaker: BreakerEquations | null;
  private readonly battery: BatteryEquations | null;
  private readonly meter: Meter;
  private readonly rk: RungeKutta4;
  private y = new Float64Array(STATE_SIZE);
  private next = new Float64Array(STATE_SIZE);
  private readonly loadsPeakA: number;
  private readonly halfCycleS: number;
  private readonly stepS: number;
  private readonly steps: number;
  private halfCycles: number;
  private heldHalfCycles = 0;
  private lookedAtS = 0;
  private lookedRadS = 0;
  private tripped: StartTrace["tripped"] = null;
  private starterOpenedAtS: number | null = null;
  private bypassAtS: number | null = null;
  private capacitorOutAtS: number | null = null;
  private lowSinceS: number | null = null;
  private lowestHold = 1;
  private lowestSpeed = 1;

  constructor(input: MotorStartInput, probe: Probe | null) {
    this.input = input;
    this.probe = probe;
    this.parts = assemble(input);
    const { source, machine } = input;
    this.breaker = source.kind === "circuit" && source.breakerA !== null ? new BreakerEquations(source.breakerA, source.band) : null;
    this.battery = source.kind === "electronic" && source.battery !== null ? new BatteryEquations(source.battery) : null;
    this.halfCycleS = 0.5 / machine.hz;
    this.stepS = this.halfCycleS / input.stepsPerHalfCycle;
    this.steps = Math.max(1, Math.floor(input.seconds / this.stepS + 1e-6));
    this.halfCycles = Math.floor(this.steps / input.stepsPerHalfCycle);
    this.meter = new Meter(this.halfCycles, this.steps, this.halfCycleS);
    this.rk = new RungeKutta4(this.parts.plant);
    this.loadsPeakA = Math.SQRT2 * steadyLoadsA(input);
  }

  run(): StartTrace {
    const perHalfCycle = this.input.stepsPerHalfCycle;
    const first = this.loadsPeakA * Math.sin(this.parts.plant.source.phase(0));
    this.meter.startFrom(first, 0);
    this.meter.notePeak(first);
    for (let k = 0; k < this.steps; k++) {
      const t = k * this.stepS;
      const end = (k + 1) * this.stepS;
      if (this.tripped !== null) this.rest(t, false);
      else if (this.starterOpenedAtS !== null) this.rest(t, true);
      else this.carry(t, end, k < perHalfCycle);
      this.meter.closeStep(k);
      if ((k + 1) % perHalfCycle !== 0) continue;
      this.closeHalfCycle((k + 1) / perHalfCycle - 1, end);
      if (this.input.untilDecided === true && this.decided(end)) {
        this.halfCycles = (k + 1) / perHalfCycle;
        break;
      }
    }
    return this.trace();
  }

  /** One grid step with the compressor on line. */
  private carry(from: number, end: number, early: boolean): void {
    const { parts, rk, meter, loadsPeakA } = this;
    const { plant } = parts;
    const { motor, source } = plant;
    const ramp = parts.starter !== null && parts.starter.phase === "ramp" ? parts.starter : null;
    const { seriesOhm, seriesH } = source;
    let { y, next } = this;
    let t = from;
    let lastV = 0;
    while (end - t > SPLIT_FLOOR_S) {
      let h = end - t;
      let fires = false;
      if (ramp !== null && !motor.mainClosed) {
        const wait = (ramp.angle - (source.phase(t) % Math.PI)) / source.radPerS;
        if (wait <= SPLIT_FLOOR_S) motor.mainClosed = true;
        else if (wait <= h) {
          h = wait;
          fires = true;
        }
      }
      const wasClosed = motor.mainClosed;
      rk.begin(t, y);
      const unitV = plant.emf(t) - seriesOhm * motor.lineA(y) - seriesH * motor.lineRate(rk.k1);
      rk.finish(t, y, h, next);
      const before = y[0]!;
      if (ramp !== null && wasClosed && before !== 0 && before > 0 !== next[0]! > 0) {
        h = stepToZero(rk, t, y, h, STATE.iq, next);
        next[0] = 0;
        if (!ramp.gateOn(source.phase(t + h) % Math.PI)) motor.mainClosed = false;
      }
      if (fires) motor.mainClosed = true;
      if (!wasClosed) meter.off += h;
      const spare = y;
      y = next;
      next = spare;
      if (y[5]! < 0) y[5] = 0;
      t += h;
      const compressor = motor.lineA(y);
      const total = loadsPeakA === 0 ? compressor : compressor + loadsPeakA * Math.sin(source.phase(t));
      meter.add(h, unitV, total, compressor);
      if (early) meter.notePeak(total);
      lastV = unitV;
    }
    if (this.probe !== null) {
      const compressor = motor.lineA(y);
      this.probe(end, y[0]!, compressor - y[0]!, compressor + loadsPeakA * Math.sin(source.phase(end)), lastV);
    }
    this.y = y;
    this.next = next;
    const radS = y[5]!;
    if (parts.starter?.capacitorLeavesAt(radS) || parts.aid?.dropsOutAt(radS)) {
      motor.setCapacitance(this.input.runCapacitorF);
      this.capacitorOutAtS = end;
    }
  }

  /** One grid step with the compressor off line, other loads still fed or not. */
  private rest(t: number, fed: boolean): void {
    const { motor, source } = this.parts.plant;
    motor.coast(this.y, this.stepS);
    const total = fed ? this.loadsPeakA * Math.sin(source.phase(t + this.stepS)) : 0;
    const unitV = fed ? source.emf(t) : 0;
    this.meter.add(this.stepS, unitV, total, 0);
    this.probe?.(t + this.stepS, 0, 0, total, unitV);
  }

  /** What acts once a half cycle: starter's regulator, source's foldback, breaker's heat. */
  private closeHalfCycle(j: number, t: number): void {
    const { meter, parts } = this;
    const offShare = meter.off / this.halfCycleS;
    const radS = this.y[STATE.radS]!;
    meter.closeHalfCycle(j, radS);
    if (this.tripped !== null) return;
    const rmsA = meter.rmsA[j]!;
    const { starter, generator, set } = parts;
    if (starter !== null) this.moveStarter(t, meter.compressorA[j]!, offShare, radS);
    parts.plant.source.onHalfCycle(t, rmsA, meter.volts[j]!, meter.watts[j]!);
    parts.plant.sourceChanged();
    this.breaker?.carry(rmsA, this.halfCycleS);
    if (this.battery !== null) this.drain(t, meter.watts[j]!);
    if (generator !== null) this.lowestHold = Math.min(this.lowestHold, generator.hold);
    if (generator?.letsGoAt(t)) {
      this.lowSinceS = generator.lowSince;
      this.trip("source", t);
    }
    if (set !== null) {
      this.lowestSpeed = Math.min(this.lowestSpeed, set.speed);
      if (engineStalls(set.speed)) this.trip("engine", t);
    }
    if (this.breaker !== null && this.breaker.latestDose >= 1) this.trip("breaker", t);
  }

  private drain(t: number, watts: number): void {
    const { source } = this.input;
    if (this.battery === null || source.kind !== "electronic") return;
    this.battery.onHalfCycle(t, watts - shoreW(source));
    if (this.battery.letsGoAt(t)) this.trip("battery", t);
  }

  private moveStarter(t: number, compressorA: number, offShare: number, radS: number): void {
    const { starter, plant } = this.parts;
    if (starter === null || starter.phase !== "ramp") return;
    starter.onHalfCycle(t, compressorA, offShare, radS);
    if (starter.phase === "ramp") return;
    if (starter.phase === "bypass") {
      this.bypassAtS = t;
      plant.motor.mainClosed = true;
    } else {
      this.starterOpenedAtS = t;
      this.loseCurrents(t);
    }
  }

  /** Whether nothing can change any more: held at speed, let go, tripped, or no faster than a while ago on a source that does not move. */
  private decided(t: number): boolean {
    const radS = this.y[STATE.radS]!;
    const top = STARTED_SHARE * synchronousRadS(this.input.machine);
    this.heldHalfCycles = radS >= top ? this.heldHalfCycles + 1 : 0;
    if (this.tripped !== null || this.starterOpenedAtS !== null) return true;
    const bridged = this.parts.starter === null || this.parts.starter.phase !== "ramp";
    if (bridged && this.heldHalfCycles * this.halfCycleS >= HELD_S) return true;
    if (this.parts.starter !== null || this.parts.plant.limited || radS >= top || t < this.lookedAtS + LOOK_EVERY_S) return false;
    const stuck = radS < this.lookedRadS + STUCK_SHARE * top;
    this.lookedAtS = t;
    this.lookedRadS = radS;
    return stuck;
  }

  private trip(by: TripCause, atS: number): void {
    this.tripped = { by, atS };
    this.loseCurrents(atS);
    this.meter.startFrom(0, 0);
  }

  private loseCurrents(t: number): void {
    for (let i = 0; i <= STATE.capacitorV; i++) this.y[i] = 0;
    this.meter.startFrom(this.loadsPeakA * Math.sin(this.parts.plant.source.phase(t)), 0);
  }

  private trace(): StartTrace {
    const { breaker } = this;
    return {
      meter: this.meter,
      halfCycleS: this.halfCycleS,
      halfCycles: this.halfCycles,
      stepS: this.stepS,
      endRadS: this.y[STATE.radS]!,
      tripped: this.tripped,
      starterOpenedAtS: this.starterOpenedAtS,
      bypassAtS: this.bypassAtS,
      capacitorOutAtS: this.capacitorOutAtS,
      lowSinceS: this.lowSinceS,
      lowestHold: this.lowestHold,
      lowestSpeed: this.lowestSpeed,
      lowestBankV: this.battery?.lowestV ?? null,
      mostBankA: this.battery?.mostA ?? null,
      breakerDose: breaker === null ? null : { earliest: breaker.earliestDose, latest: breaker.latestDose },
    };
  }
}
