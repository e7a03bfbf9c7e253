import { MotorEquations, STATE_SIZE, synchronousRadS } from "../../device/compressor-motor/index.ts";
import { GeneratorEquations } from "../../device/generator/index.ts";
import { HARD_START_PARAMS, HardStartEquations } from "../../device/hard-start/index.ts";
import { InverterGeneratorEquations } from "../../device/inverter-generator/index.ts";
import { ShoreEquations } from "../../device/shore/index.ts";
import { SoftStarterEquations } from "../../device/soft-starter/index.ts";
import type { OdeSystem } from "../../numeric/index.ts";
import { foldbackA } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";

type SourceEquations = ShoreEquations | InverterGeneratorEquations | GeneratorEquations;

/** The motor on its source: the one system that the kernel integrates. */
class Plant implements OdeSystem {
  readonly size = STATE_SIZE;
  readonly motor: MotorEquations;
  readonly source: SourceEquations;
  private readonly latest = Float64Array.of(Number.NaN, 0);

  constructor(motor: MotorEquations, source: SourceEquations) {
    this.motor = motor;
    this.source = source;
  }

  /** Whether the source's own behaviour may still change how the start goes on. */
  get limited(): boolean {
    return !(this.source instanceof ShoreEquations);
  }

  derivative(t: number, y: Float64Array, rate: Float64Array): void {
    this.motor.rate(this.emf(t), y, rate);
  }

  /** Source volts at t; the kernel asks twice for the middle of a step, and is answered once. */
  emf(t: number): number {
    const latest = this.latest;
    if (latest[0] !== t) {
      latest[0] = t;
      latest[1] = this.source.emf(t);
    }
    return latest[1]!;
  }

  /** Forgets the kept volts: the source has changed at a moment already asked for. */
  sourceChanged(): void {
    this.latest[0] = Number.NaN;
  }
}

/** The parts of one start, ready to run. */
export interface Assembly {
  readonly plant: Plant;
  readonly generator: InverterGeneratorEquations | null;
  readonly set: GeneratorEquations | null;
  readonly starter: SoftStarterEquations | null;
  readonly aid: HardStartEquations | null;
}

/** Total of fan and other loads, amps in phase with the source. */
export function steadyLoadsA(input: MotorStartInput): number {
  return input.fanA + input.backgroundA;
}

/** Wires source, starter or start aid and motor together. */
export function assemble(input: MotorStartInput): Assembly {
  const { source, machine, method } = input;
  const closing = (source.closingDeg * Math.PI) / 180;
  const loads = steadyLoadsA(input);
  const { volts, seriesOhm, seriesH } = source;
  let generator: InverterGeneratorEquations | null = null;
  let set: GeneratorEquations | null = null;
  let equations: SourceEquations;
  if (source.kind === "circuit") equations = new ShoreEquations(volts, machine.hz, seriesOhm, seriesH, closing, loads);
  else if (source.kind === "machine") {
    set = new GeneratorEquations({ ...source, hz: machine.hz, engineW: source.surgeW }, seriesOhm, seriesH, source.cordOhm, closing, loads);
    equations = set;
  } else {
    const limitA = source.foldback ? foldbackA(source) : Number.POSITIVE_INFINITY;
    generator = new InverterGeneratorEquations(volts, machine.hz, seriesOhm, seriesH, closing, loads, limitA);
    equations = generator;
  }
  const motor = new MotorEquations(machine, input.load, seriesOhm, seriesH);
  const top = synchronousRadS(machine);
  const extraF = method.kind === "direct" ? 0 : method.kind === "as-found" ? method.startAidF : method.startCapacitorF;
  motor.setCapacitance(input.runCapacitorF + extraF);
  const starter = method.kind === "soft" ? new SoftStarterEquations(method.limitA, top) : null;
  const aid = method.kind !== "soft" && extraF > 0 ? new HardStartEquations(HARD_START_PARAMS.dropOutShare.value * top) : null;
  if (starter !== null) motor.mainClosed = false;
  return { plant: new Plant(motor, equations), generator, set, starter, aid };
}
