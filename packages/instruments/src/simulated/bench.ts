import { SeededRandom } from "@amp-saver/core/numeric";
import { fail, itemAt, ok, present, quantity, type Result } from "@amp-saver/core/quantity";
import type { SourceCase } from "@amp-saver/core/study/motor-start";
import { COMMANDS_OF, type Display, type DisplayOf, type Instrument, type InstrumentCommand } from "../message.ts";
import type { PortFailure } from "../port.ts";
import type { BenchCommand, BenchSourceName, BenchState, Fault } from "./bench-message.ts";
import { SimulatedClamp } from "./clamp.ts";
import { SimulatedGenerator } from "./generator-panel.ts";
import { SimulatedMultimeter, type SupplyNow } from "./multimeter.ts";
import { BENCH_PARAMS as P } from "./params.ts";
import { type BenchUnit, type Surroundings, UnitRun } from "./unit-run.ts";

/** What stands on the bench. */
export interface BenchSetup {
  readonly units: readonly [BenchUnit, ...BenchUnit[]];
  readonly sources: Readonly<Record<BenchSourceName, SourceCase>>;
  readonly generatorW: number;
  readonly outdoorC: number;
  readonly seed: number;
}

/** Longest step of the bench's own clock, s: delays and overload curves are followed at least this finely. */
const MOST_STEP_S = 0.5;

/** A small rig with its meters, run by core's simulation on a clock that is told to it. */
export class Bench {
  readonly clamp: SimulatedClamp;
  readonly multimeter: SimulatedMultimeter;
  readonly generator: SimulatedGenerator;
  private readonly setup: BenchSetup;
  private readonly units: readonly UnitRun[];
  private readonly faults = new Set<Fault>();
  private source: BenchSourceName = "hook-up";
  private power = true;
  private rate = 1;
  private nowS = 0;

  constructor(setup: BenchSetup) {
    this.setup = setup;
    this.units = setup.units.map((unit, k) => new UnitRun(unit, new SeededRandom(setup.seed, 10 + k)));
    const first = itemAt(this.units, 0);
    this.clamp = new SimulatedClamp(first, new SeededRandom(setup.seed, 1));
    this.multimeter = new SimulatedMultimeter(first, new SeededRandom(setup.seed, 2));
    this.generator = new SimulatedGenerator(setup.generatorW);
  }

  instruments(): readonly Instrument[] {
    return [
      { id: "clamp", kind: "clamp", name: "Clamp meter", simulated: true },
      { id: "multimeter", kind: "multimeter", name: "Multimeter", simulated: true },
      ...this.units.map(({ unit }) => ({
        id: `starter-${unit.id}`,
        kind: "starter-link" as const,
        name: `Starter, ${unit.name}`,
        simulated: true,
      })),
      { id: "generator", kind: "generator-panel", name: "Generator panel", simulated: true },
    ];
  }

  /** What every instrument shows now; a lost link shows nothing. */
  displays(): ReadonlyMap<string, Display> {
    const shown = new Map<string, Display>([
      ["clamp", this.clamp.display()],
      ["multimeter", this.multimeter.display(this.supply(), this.faults)],
      ["generator", this.generator.display()],
    ]);
    if (!this.faults.has("link-lost")) for (const unit of this.units) shown.set(`starter-${unit.unit.id}`, this.link(unit));
    return shown;
  }

  send(id: string, command: InstrumentCommand): Result<null, PortFailure> {
    const instrument = this.instruments().find((i) => i.id === id);
    if (instrument === undefined) return fail("no-such-instrument", id);
    if (!COMMANDS_OF[instrument.kind].includes(command.do)) return fail("not-for-this-kind", command.do);
    if (instrument.kind === "clamp") this.clamp.command(command);
    else if (instrument.kind === "multimeter") this.multimeter.command(command);
    else if (instrument.kind === "generator-panel") this.generator.command(command);
    else this.units.find((u) => `starter-${u.unit.id}` === id)?.forget();
    return ok(null);
  }

  /** Does what a hand does on the bench. */
  hand(command: BenchCommand): Result<null, PortFailure> {
    const unit = "unit" in command ? this.units.find((u) => u.unit.id === command.unit) : undefined;
    if ("unit" in command && unit === undefined) return fail("no-such-instrument", command.unit);
    if (command.do === "call") present(unit).setCall(command.on, this.nowS);
    else if (command.do === "fit") present(unit).setFitted(command.on);
    else if (command.do === "clamp") this.clamp.hang(present(unit), command.jaws);
    else if (command.do === "probes") {
      this.multimeter.unit = present(unit);
      this.multimeter.between = command.between;
    } else if (command.do === "rate") this.rate = command.times;
    else if (command.do === "fault") this.faults[command.on ? "add" : "delete"](command.fault);
    else {
      if (command.do === "source") this.source = command.source;
      else this.power = command.on;
      for (const each of this.units) each.stop(this.nowS);
    }
    return ok(null);
  }

  state(): BenchState {
    return {
      power: this.power,
      source: this.source,
      rate: this.rate,
      faults: [...this.faults].toSorted(),
      clamp: { unit: this.clamp.unit.unit.id, jaws: this.clamp.jaws },
      probes: { unit: this.multimeter.unit.unit.id, between: this.multimeter.between },
      units: this.units
        .map((u) => ({ ...u.unit, call: u.call, fitted: u.fitted, phase: u.phase, learned: u.learned }))
        .map(({ given: _given, ...u }) => u),
    };
  }

  /** Goes on by some seconds of the world outside. */
  advance(seconds: number): void {
    const end = this.nowS + seconds * this.rate;
    while (this.nowS < end - 1e-9) {
      const step = Math.min(MOST_STEP_S, end - this.nowS);
      this.nowS += step;
      this.step(step);
    }
  }

  private step(seconds: number): void {
    if (this.powered())
      for (const unit of this.units)
        if (unit.advance(this.nowS, this.surroundings(unit)) && this.source === "generator") this.generator.letGo();
    if (this.source === "generator") {
      const before = this.generator.running;
      const watts = this.units.reduce((sum, u) => sum + (u.phase === "running" || u.phase === "starting" ? (u.start?.steadyW ?? 0) : 0), 0);
      if (before && !this.generator.carry(watts, seconds)) for (const unit of this.units) unit.stop(this.nowS);
    }
    if (this.clamp.advance(this.nowS, this.faults)) this.faults.delete("bounce");
  }

  /** Ohms between the source and the units. */
  private ohm(): number {
    const added = this.faults.has("low-volts") ? P.lowVoltsOhm.value : 0;
    return (this.setup.sources[this.source].ohm?.value ?? 0.1) + added;
  }

  /** Amps that units draw, all but one. */
  private drawnA(but: UnitRun | null): number {
    return this.units.filter((u) => u !== but).reduce((sum, u) => sum + u.drawsA(), 0);
  }

  private surroundings(of: UnitRun): Surroundings {
    const given = this.setup.sources[this.source];
    const ohm = quantity(this.ohm(), "measured");
    const volts = quantity(given.volts.value, "measured");
    const source: SourceCase =
      given.kind === "inverter-generator" || given.kind === "generator"
        ? { ...given, eco: this.generator.eco, volts, ohm }
        : { ...given, volts, ohm };
    return { source, othersA: this.drawnA(of), outdoorC: this.setup.outdoorC, faults: this.faults };
  }

  /** What a meter's probes find on the supply now. */
  private supply(): SupplyNow {
    const powered = this.powered();
    const neutralV = powered ? P.neutralShare.value * this.ohm() * this.drawnA(null) : 0;
    return { powered, volts: this.volts(), neutralV, nowS: this.nowS };
  }

  private powered(): boolean {
    return this.power && (this.source === "hook-up" || this.generator.running);
  }

  private volts(): number {
    const starting = this.units.map((u) => u.volts(this.nowS)).filter((v) => v !== null);
    return starting.length > 0 ? Math.min(...starting) : this.setup.sources[this.source].volts.value - this.ohm() * this.drawnA(null);
  }

  private link(unit: UnitRun): DisplayOf<"starter-link"> {
    const status = !unit.fitted || !this.powered() ? "idle" : unit.waiting() ? "delay" : unit.phase === "overload" ? "fault" : unit.phase;
    const liveA = unit.fitted ? Math.round(unit.rmsA("common", this.nowS - P.refreshS.value, this.nowS) * 10) / 10 : null;
    return {
      kind: "starter-link",
      status: status === "off" || status === "fan" ? "idle" : status,
      liveA,
      lastPeakA: unit.fitted && unit.lastPeakA !== null ? Math.round(unit.lastPeakA * 10) / 10 : null,
      learned: unit.learned,
      code: unit.fitted && unit.call && this.faults.has("late") ? "wait" : null,
    };
  }
}
