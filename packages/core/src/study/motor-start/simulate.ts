import { BatteryEquations } from "../../device/battery/index.ts";
import { BreakerEquations } from "../../device/breaker/index.ts";
import { STARTED_SHARE, STATE, STATE_SIZE, synchronousRadS } from "../../device/compressor-motor/index.ts";
import { engineStalls } from "../../device/generator/index.ts";
import { stepToZero } from "../../numeric/index.ts";
import { shoreW } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";
import { Meter } from "./meter.ts";
import { type Assembly, assemble, steadyLoadsA } from "./plant.ts";
import type { StartTrace, TripCause } from "./record.ts";

const SPLIT_FLOOR_S = 1e-9;
/** Time at nine tenths of synchronous speed after which a start is made. */
export const HELD_S = 0.2;
/** How often a run looks whether the rotor still gains, and the least gain that counts, over the speed of a start. */
const LOOK_EVERY_S = 0.5;
const LOOK_LIMITED_S = 1.2;
const STUCK_SHARE = 0.01;
/** Longest time for which it may stay open how a start ends, s; what is not at speed by then has stalled. */
const HORIZON_S = 8;
/** Time over which the last ripple of speed is taken, s. */
const RIPPLE_S = 0.15;
/** Ripple below which the speed has settled, relative, and the longest time it is given after a start, s. */
export const SETTLED_RIPPLE = 0.03;
const SETTLES_S = 1;
/** Room that a run makes at first, s. */
const FIRST_ROOM_S = 1.2;

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
  private y = new Float64Array(STATE_SIZE);
  private next = new Float64Array(STATE_SIZE);
  private readonly loadsPeakA: number;
  private readonly halfCycleS: number;
  private readonly stepS: number;
  private readonly top: number;
  private room: number;
  private halfCycles = 0;
  /** Source volts at the end of the latest step, which the next begins with. */
  private emfAtEnd: number;
  private reachedAtS: number | null = null;
  private startedAtS: number | null = null;
  private decidedAtS: number | null = null;
  private decidedDose: StartTrace["breakerDose"] = null;
  private overloadDose = 0;
  private managerLowS = 0;
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
    this.top = STARTED_SHARE * synchronousRadS(machine);
    this.room = Math.ceil(Math.max(FIRST_ROOM_S, input.untilDecided === true ? 0 : input.seconds) / this.halfCycleS);
    this.meter = new Meter(this.room, this.room * input.stepsPerHalfCycle, this.halfCycleS);
    this.emfAtEnd = this.parts.plant.source.emf(0);
    this.loadsPeakA = Math.SQRT2 * steadyLoadsA(input);
  }

  run(): StartTrace {
    const perHalfCycle = this.input.stepsPerHalfCycle;
    const first = this.loadsPeakA * Math.sin(this.parts.plant.source.phase(0));
    this.meter.startFrom(first, 0);
    this.meter.notePeak(first);
    const shown = this.input.untilDecided === true ? 0 : Math.max(1, Math.floor(this.input.seconds / this.halfCycleS + 1e-6));
    for (let k = 0; ; k++) {
      const t = k * this.stepS;
      const end = (k + 1) * this.stepS;
      if (this.tripped !== null) this.rest(t, this.tripped.by === "overload");
      else if (this.starterOpenedAtS !== null) this.rest(t, true);
      else this.carry(t, end, k < perHalfCycle);
      this.meter.closeStep(k);
      if ((k + 1) % perHalfCycle !== 0) continue;
      const j = (k + 1) / perHalfCycle - 1;
      this.closeHalfCycle(j, end);
      this.halfCycles = j + 1;
      if (this.decidedAtS === null && this.decided(end)) this.decide(end);
      if (this.decidedAtS !== null && this.halfCycles >= shown) break;
      if (this.halfCycles === this.room) {
        this.room *= 2;
        this.meter.grow(this.room, this.room * perHalfCycle);
      }
    }
    this.meter.trim(this.halfCycles, this.halfCycles * perHalfCycle);
    return this.trace();
  }

  /** One grid step with the compressor on line. */
  private carry(from: number, end: number, early: boolean): void {
    const { parts, meter, loadsPeakA } = this;
    const { plant } = parts;
    const { motor, source } = plant;
    const ramp = parts.starter !== null && parts.starter.phase === "ramp" ? parts.starter : null;
    const { seriesOhm, seriesH } = source;
    const watched = parts.relay?.inCircuit === true || parts.ptc !== null;
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
      const emf0 = this.emfAtEnd;
      let emfEnd = source.emf(t + h);
      const lineRate = motor.step(y, emf0, source.emf(t + h / 2), emfEnd, h, next);
      const unitV = emf0 - seriesOhm * motor.lineA(y) - seriesH * lineRate;
      const before = y[0]!;
      if (ramp !== null && wasClosed && before !== 0 && before > 0 !== next[0]! > 0) {
        const [from, state, into] = [t, y, next];
        const shorter = (length: number): void => {
          emfEnd = source.emf(from + length);
          motor.step(state, emf0, source.emf(from + length / 2), emfEnd, length, into);
        };
        h = stepToZero(shorter, before, h, STATE.iq, next);
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
      this.emfAtEnd = emfEnd;
      const compressor = motor.lineA(y);
      const total = loadsPeakA === 0 ? compressor : compressor + loadsPeakA * Math.sin(source.phase(t));
      meter.add(h, unitV, total, compressor);
      if (early) meter.notePeak(total);
      if (watched) {
        const auxiliary = motor.auxiliaryA(y);
        meter.auxiliarySquare += h * auxiliary * auxiliary;
        const across = unitV - y[STATE.capacitorV]!;
        meter.auxiliaryVoltSquare += h * across * across;
      }
      lastV = unitV;
    }
    if (this.probe !== null) {
      const compressor = motor.lineA(y);
      this.probe(end, y[0]!, compressor - y[0]!, compressor + loadsPeakA * Math.sin(source.phase(end)), lastV);
    }
    this.y = y;
    this.next = next;
    const radS = y[5]!;
    if (parts.starter?.capacitorLeavesAt(radS)) this.dropCapacitor(end);
  }

  private dropCapacitor(t: number): void {
    this.parts.plant.motor.setCapacitance(this.input.runCapacitorF);
    this.capacitorOutAtS = t;
  }

  /** What takes a start capacitor out, once a half cycle: the relay by the start winding's volts, the PTC by its own heat. */
  private moveAid(t: number): void {
    const { meter, parts, halfCycleS } = this;
    const { relay, ptc, plant } = parts;
    if (relay?.pullsInAt(Math.sqrt(meter.auxiliaryVoltSquare / halfCycleS))) this.dropCapacitor(t);
    if (ptc === null) return;
    ptc.heat(Math.sqrt(meter.auxiliarySquare / halfCycleS), halfCycleS);
    const { farad, ohm } = ptc.branch();
    plant.motor.setCapacitance(farad, ohm);
    if (this.capacitorOutAtS === null && !ptc.inCircuit) this.capacitorOutAtS = t;
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
    if (this.tripped === null) this.moveAid(t);
    meter.closeHalfCycle(j, radS);
    if (this.tripped !== null) return;
    this.followSpeed(j, t, radS);
    const rmsA = meter.rmsA[j]!;
    const { starter, generator, set } = parts;
    if (starter !== null) this.moveStarter(t, meter.compressorA[j]!, offShare, radS);
    parts.plant.source.onHalfCycle(t, rmsA, meter.volts[j]!, meter.watts[j]!);
    this.emfAtEnd = parts.plant.source.emf(t);
    this.breaker?.carry(rmsA, this.halfCycleS);
    if (this.battery !== null) this.drain(t, meter.watts[j]! + parts.plant.source.seriesOhm * rmsA * rmsA);
    if (generator !== null) this.lowestHold = Math.min(this.lowestHold, generator.hold);
    if (generator?.shutsOffAt(t)) {
      this.lowSinceS = generator.lowSince;
      this.trip("source", t);
    }
    if (set !== null) {
      this.lowestSpeed = Math.min(this.lowestSpeed, set.speed);
      if (engineStalls(set.speed)) this.trip("engine", t);
    }
    if (this.breaker !== null && this.breaker.latestDose >= 1) this.trip("breaker", t);
    this.watchVolts(t, meter.volts[j]!);
    this.heatOverload(t, meter.compressorA[j]!);
  }

  /** Notes when nine tenths of speed were reached, and that they were held. */
  private followSpeed(j: number, t: number, radS: number): void {
    if (this.startedAtS !== null) return;
    if (radS < this.top) {
      this.reachedAtS = null;
      return;
    }
    if (this.reachedAtS === null) {
      const before = j === 0 ? 0 : this.meter.radS[j - 1]!;
      this.reachedAtS = t - this.halfCycleS * (1 - (this.top - before) / (radS - before));
    }
    if (t - this.reachedAtS >= HELD_S) this.startedAtS = this.reachedAtS;
  }

  private watchVolts(t: number, volts: number): void {
    const { manager } = this.input.source;
    if (manager === null || this.tripped !== null) return;
    this.managerLowS = volts < manager.lowV ? this.managerLowS + this.halfCycleS : 0;
    if (this.managerLowS >= manager.lowS) this.trip("manager", t);
  }

  private heatOverload(t: number, compressorA: number): void {
    const { overloadS, lockedRotorA } = this.input;
    if (overloadS === null || this.tripped !== null) return;
    this.overloadDose += ((compressorA / lockedRotorA) ** 2 * this.halfCycleS) / overloadS;
    if (this.overloadDose >= 1) this.trip("overload", t);
  }

  private drain(t: number, watts: number): void {
    const { source } = this.input;
    if (this.battery === null || source.kind !== "electronic") return;
    this.battery.onHalfCycle(t, watts - shoreW(source));
    if (this.battery.shutsOffAt(t)) this.trip("battery", t);
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

  /** Whether nothing can change any more: held at speed, shut off, tripped, no faster than a while ago, or out of time. */
  private decided(t: number): boolean {
    if (this.tripped !== null || this.starterOpenedAtS !== null || t >= HORIZON_S) return true;
    const { starter, plant } = this.parts;
    const ramps = starter !== null && starter.phase === "ramp";
    if (this.startedAtS !== null) {
      if (ramps || t < this.startedAtS + HELD_S) return false;
      return this.input.untilSettled !== true || this.ripple() < SETTLED_RIPPLE || t >= this.startedAtS + SETTLES_S;
    }
    const radS = this.y[STATE.radS]!;
    const every = plant.limited ? LOOK_LIMITED_S : LOOK_EVERY_S;
    if (ramps || radS >= this.top || t < this.lookedAtS + every) return false;
    const stuck = radS < this.lookedRadS + STUCK_SHARE * this.top;
    this.lookedAtS = t;
    this.lookedRadS = radS;
    return stuck;
  }

  /** From here on it is only shown: what is judged of a breaker is what it has taken by now. */
  private decide(t: number): void {
    this.decidedAtS = t;
    if (this.breaker !== null) this.decidedDose = { earliest: this.breaker.earliestDose, latest: this.breaker.latestDose };
  }

  /** How far the speed moved about its mean over the last moments, relative. */
  private ripple(): number {
    const { radS } = this.meter;
    let low = Number.POSITIVE_INFINITY;
    let high = 0;
    for (let j = Math.max(0, this.halfCycles - Math.round(RIPPLE_S / this.halfCycleS)); j < this.halfCycles; j++) {
      if (radS[j]! < low) low = radS[j]!;
      if (radS[j]! > high) high = radS[j]!;
    }
    return high === 0 ? 0 : (high - low) / ((high + low) / 2);
  }

  private trip(by: TripCause, atS: number): void {
    if (this.tripped !== null) return;
    this.tripped = { by, atS };
    this.loseCurrents(atS);
    if (by !== "overload") this.meter.startFrom(0, 0);
  }

  private loseCurrents(t: number): void {
    for (let i = 0; i <= STATE.capacitorV; i++) this.y[i] = 0;
    this.meter.startFrom(this.loadsPeakA * Math.sin(this.parts.plant.source.phase(t)), 0);
  }

  private trace(): StartTrace {
    return {
      meter: this.meter,
      halfCycleS: this.halfCycleS,
      halfCycles: this.halfCycles,
      stepS: this.stepS,
      endRadS: this.y[STATE.radS]!,
      startedAtS: this.startedAtS,
      decidedAtS: this.decidedAtS ?? this.halfCycles * this.halfCycleS,
      ripple: this.ripple(),
      overloadDose: this.overloadDose,
      tripped: this.tripped,
      starterOpenedAtS: this.starterOpenedAtS,
      bypassAtS: this.bypassAtS,
      capacitorOutAtS: this.capacitorOutAtS,
      lowSinceS: this.lowSinceS,
      lowestHold: this.lowestHold,
      lowestSpeed: this.lowestSpeed,
      lowestBankV: this.battery?.lowestV ?? null,
      mostBankA: this.battery?.mostA ?? null,
      breakerDose: this.decidedDose,
    };
  }
}
