// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { BatteryEquations } from "../../device/battery/index.ts";
import { BreakerEquations } from "../../device/breaker/index.ts";
import { STATE, STATE_SIZE } from "../../device/compressor-motor/index.ts";
import { engineStalls } from "../../device/generator/index.ts";
import { stepToZero } from "../../numeric/index.ts";
import type { MotorStartInput } from "./input.ts";
import { Meter } from "./meter.ts";
import { type Assembly, assemble, steadyLoadsA } from "./plant.ts";
import type { StartTrace, TripCause } from "./record.ts";
import { modelOf } from "./source/index.ts";
import { StartWatch } from "./watch.ts";

const SPLIT_FLOOR_S = 1e-9;
/** Room that a run makes at first, s. */
const FIRST_ROOM_S = 1.2;

/** Told at the end of every grid step: time, s, run and start winding, whole line, A, volts at the unit. */
export type Probe = (t: number, runA: number, startA: number, totalA: number, unitV: number) => void;

/** A start that no step followed to its end: the figures of its circuit cannot belong together. */
export class DivergedError extends Error {
  override readonly name = "DivergedError";
}

/** How many times finer a start is followed when it diverged in the steps that its circuit should need. */
const FINER = [1, 4, 16];

/** Runs one start through time on a fixed grid; see `StartRun`. Throws a `DivergedError` where no grid is fine enough. */
export function simulate(input: MotorStartInput, probe: Probe | null = null): StartTrace {
  for (const times of FINER) {
    const trace = new StartRun({ ...input, stepsPerHalfCycle: times * input.stepsPerHalfCycle }, probe).run();
    if (trace !== null) return trace;
  }
  throw new DivergedError();
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
  private room: number;
  private halfCycles = 0;
  /** Source volts at the end of the latest step, which the next begins with. */
  private emfAtEnd: number;
  private readonly watch: StartWatch;
  private readonly shoreW: number;
  private tripped: StartTrace["tripped"] = null;
  private starterOpenedAtS: number | null = null;
  private bypassAtS: number | null = null;
  private capacitorOutAtS: number | null = null;
  private lowSinceS: number | null = null;
  private lowestHold = 1;
  private lowestSpeed = 1;
  /** How low the source went until it was known how the start ends: what is only shown counts for nothing. */
  private lows: ReturnType<StartRun["lowsNow"]> | null = null;

  constructor(input: MotorStartInput, probe: Probe | null) {
    this.input = input;
    this.probe = probe;
    this.parts = assemble(input);
    const { motor } = input;
    const { breaker, bank, shoreW } = modelOf(input.source);
    this.breaker = breaker === null ? null : new BreakerEquations(breaker.ratingA, breaker.band, input.breakerEdge);
    this.battery = bank === null ? null : new BatteryEquations(bank);
    this.shoreW = shoreW;
    this.halfCycleS = 0.5 / motor.hz;
    this.stepS = this.halfCycleS / input.stepsPerHalfCycle;
    this.room = Math.ceil(Math.max(FIRST_ROOM_S, input.untilDecided === true ? 0 : input.seconds) / this.halfCycleS);
    this.meter = new Meter(this.room, this.room * input.stepsPerHalfCycle, this.halfCycleS);
    this.watch = new StartWatch(input, this.meter, this.halfCycleS, this.parts.plant.limited);
    this.emfAtEnd = this.parts.plant.source.emf(0);
    this.loadsPeakA = Math.SQRT2 * steadyLoadsA(input);
  }

  /** The start to its end; null where its figures ran away. */
  run(): StartTrace | null {
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
      if (!this.closeHalfCycle(j, end)) return null;
      this.halfCycles = j + 1;
      this.watch.look(end, this.halfCycles, this.y[STATE.radS]!, this.state(), this.breaker);
      if (this.watch.decidedAtS !== null) this.lows ??= this.lowsNow();
      if (this.watch.decidedAtS !== null && this.halfCycles >= shown) break;
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

  /** What acts once a half cycle: starter's regulator, source's foldback, breaker's heat. False where a figure ran away. */
  private closeHalfCycle(j: number, t: number): boolean {
    const { meter, parts } = this;
    const offShare = meter.off / this.halfCycleS;
    const radS = this.y[STATE.radS]!;
    if (this.tripped === null) this.moveAid(t);
    meter.closeHalfCycle(j, radS);
    if (this.tripped !== null) return true;
    this.watch.followSpeed(j, t, radS);
    const rmsA = meter.rmsA[j]!;
    if (!Number.isFinite(rmsA) || !Number.isFinite(radS)) return false;
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
    if (this.watch.managerCutsOut(meter.volts[j]!)) this.trip("manager", t);
    if (this.tripped === null && this.watch.overloadOpens(meter.compressorA[j]!)) this.trip("overload", t);
    return true;
  }

  private drain(t: number, watts: number): void {
    if (this.battery === null) return;
    this.battery.onHalfCycle(t, watts - this.shoreW);
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

  /** Whether the start is over, or its starter still ramps. */
  private state(): "over" | "ramps" | "runs" {
    if (this.tripped !== null || this.starterOpenedAtS !== null) return "over";
    return this.parts.starter?.phase === "ramp" ? "ramps" : "runs";
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

  private lowsNow(): Pick<StartTrace, "lowestHold" | "lowestSpeed" | "lowestBankV" | "mostBankA"> {
    const { lowestHold, lowestSpeed, battery } = this;
    return { lowestHold, lowestSpeed, lowestBankV: battery?.lowestV ?? null, mostBankA: battery?.mostA ?? null };
  }

  private trace(): StartTrace {
    return {
      meter: this.meter,
      halfCycleS: this.halfCycleS,
      halfCycles: this.halfCycles,
      stepS: this.stepS,
      endRadS: this.y[STATE.radS]!,
      ...this.watch.verdict(this.halfCycles),
      tripped: this.tripped,
      starterOpenedAtS: this.starterOpenedAtS,
      bypassAtS: this.bypassAtS,
      capacitorOutAtS: this.capacitorOutAtS,
      lowSinceS: this.lowSinceS,
      ...(this.lows ?? this.lowsNow()),
    };
  }
}
