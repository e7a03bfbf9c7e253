import { MotorEquations, synchronousRadS } from "../../device/compressor-motor/index.ts";
import { GeneratorEquations } from "../../device/generator/index.ts";
import { PotentialRelayEquations, PtcEquations } from "../../device/hard-start/index.ts";
import { InverterGeneratorEquations } from "../../device/inverter-generator/index.ts";
import { ShoreEquations } from "../../device/shore/index.ts";
import { SoftStarterEquations } from "../../device/soft-starter/index.ts";
import type { MotorStartInput, StartAid } from "./input.ts";
import { modelOf, type SourceEquations } from "./source/index.ts";

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
  const { source, motor, method } = input;
  const closing = (source.closingDeg * Math.PI) / 180;
  const loads = steadyLoadsA(input);
  const { seriesOhm, seriesH } = source;
  const equations = modelOf(source).equations(motor.hz, closing, loads);
  const unit = new MotorEquations(motor, input.load, seriesOhm, seriesH);
  const top = synchronousRadS(motor);
  const aid = aidOfMethod(method);
  unit.setCapacitance(input.runCapacitorF + (method.kind === "soft" ? method.startCapacitorF : (aid?.startCapacitorF ?? 0)));
  const starter = method.kind === "soft" ? new SoftStarterEquations(method.limitA, top) : null;
  const relay = aid?.kind === "relay" ? new PotentialRelayEquations(aid.pickUpV) : null;
  const ptc = aid?.kind === "ptc" ? new PtcEquations(aid, input.runCapacitorF, motor.hz) : null;
  if (ptc !== null) {
    const { farad, ohm } = ptc.branch();
    unit.setCapacitance(farad, ohm);
  }
  if (starter !== null) unit.mainClosed = false;
  return {
    plant: new Plant(unit, equations),
    generator: equations instanceof InverterGeneratorEquations ? equations : null,
    set: equations instanceof GeneratorEquations ? equations : null,
    starter,
    relay,
    ptc,
  };
}

/** The start aid that is in circuit; null for none. */
function aidOfMethod(method: MotorStartInput["method"]): StartAid | null {
  return method.kind === "as-found" || method.kind === "hard" ? method.aid : null;
}
