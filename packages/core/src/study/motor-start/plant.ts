import { mostAcW } from "../../device/battery/index.ts";
import { MotorEquations, synchronousRadS } from "../../device/compressor-motor/index.ts";
import { GeneratorEquations } from "../../device/generator/index.ts";
import { PotentialRelayEquations, PtcEquations } from "../../device/hard-start/index.ts";
import { InverterGeneratorEquations } from "../../device/inverter-generator/index.ts";
import { ShoreEquations } from "../../device/shore/index.ts";
import { SoftStarterEquations } from "../../device/soft-starter/index.ts";
import { foldbackA, shoreW } from "./carried.ts";
import type { MotorStartInput, StartAid } from "./input.ts";

type SourceEquations = ShoreEquations | InverterGeneratorEquations | GeneratorEquations;

/** The motor on its source: what a run integrates. */
class Plant {
  readonly motor: MotorEquations;
  readonly source: SourceEquations;

  constructor(motor: MotorEquations, source: SourceEquations) {
    this.motor = motor;
    this.source = source;
  }

  /** Whether the source's own behaviour may still change how the start goes on. */
  get limited(): boolean {
    return !(this.source instanceof ShoreEquations);
  }
}

/** The parts of one start, ready to run. */
export interface Assembly {
  readonly plant: Plant;
  readonly generator: InverterGeneratorEquations | null;
  readonly set: GeneratorEquations | null;
  readonly starter: SoftStarterEquations | null;
  readonly relay: PotentialRelayEquations | null;
  readonly ptc: PtcEquations | null;
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
    const none = Number.POSITIVE_INFINITY;
    const { dropOutShare, dropOutS } = source;
    const limits = source.foldback
      ? {
          limitA: foldbackA(source),
          mostW: source.battery === null ? none : mostAcW(source.battery) + shoreW(source),
          dropOutShare,
          dropOutS,
        }
      : { limitA: none, mostW: none, dropOutShare, dropOutS };
    generator = new InverterGeneratorEquations(volts, machine.hz, seriesOhm, seriesH, closing, loads, limits);
    equations = generator;
  }
  const motor = new MotorEquations(machine, input.load, seriesOhm, seriesH);
  const top = synchronousRadS(machine);
  const aid = aidOfMethod(method);
  motor.setCapacitance(input.runCapacitorF + (method.kind === "soft" ? method.startCapacitorF : (aid?.startCapacitorF ?? 0)));
  const starter = method.kind === "soft" ? new SoftStarterEquations(method.limitA, top) : null;
  const relay = aid?.kind === "relay" ? new PotentialRelayEquations(aid.pickUpV) : null;
  const ptc = aid?.kind === "ptc" ? new PtcEquations(aid, input.runCapacitorF, machine.hz) : null;
  if (ptc !== null) {
    const { farad, ohm } = ptc.branch();
    motor.setCapacitance(farad, ohm);
  }
  if (starter !== null) motor.mainClosed = false;
  return { plant: new Plant(motor, equations), generator, set, starter, relay, ptc };
}

/** The start aid that is in circuit; null for none. */
function aidOfMethod(method: MotorStartInput["method"]): StartAid | null {
  return method.kind === "as-found" || method.kind === "hard" ? method.aid : null;
}
