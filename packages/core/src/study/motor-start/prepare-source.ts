import { GENERATOR_PARAMS as SET, transientImpedance } from "../../device/generator/index.ts";
import { deratingShare, INVERTER_GENERATOR_PARAMS as ELECTRONIC } from "../../device/inverter-generator/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { fail, ok, quantity, type Result, typicalOf } from "../../quantity/index.ts";
import type { Assumptions } from "./assume.ts";
import type { CircuitCase, ElectronicCase, MachineCase, SourceCase, StartCase } from "./case.ts";
import type { CircuitSource, ElectronicSource, MachineSource } from "./input.ts";

/** Takes a source's missing figures and derates it for height and heat. */
export function prepareSource(
  given: StartCase,
  assumptions: Assumptions,
): Result<CircuitSource | ElectronicSource | MachineSource, "needs-watts"> {
  const { source } = given;
  if (isCircuit(source)) return ok(circuit(source, assumptions));
  return isMachine(source) ? machine(source, given, assumptions) : electronic(source, given.outdoorC, assumptions);
}

function isCircuit(source: SourceCase): source is CircuitCase {
  return source.kind === "ideal" || source.kind === "shore";
}

function circuit(source: CircuitCase, assumptions: Assumptions): CircuitSource {
  const common = { kind: "circuit", volts: source.volts.value, closingDeg: source.closingDeg ?? 0 } as const;
  if (source.kind === "ideal")
    return { ...common, seriesOhm: source.ohm?.value ?? 0, seriesH: source.henry?.value ?? 0, breakerA: source.breakerA?.value ?? null };
  return {
    ...common,
    seriesOhm: assumptions.take("source-ohm", source.ohm ?? typicalOf(SHORE.ohm), SHORE.ohm.source),
    seriesH: source.henry?.value ?? SHORE.mH.value / 1000,
    breakerA: assumptions.take("breaker", source.breakerA ?? typicalOf(SHORE.breakerA), SHORE.breakerA.source),
  };
}

function isMachine(source: ElectronicCase | MachineCase): source is MachineCase {
  return source.kind === "generator";
}

/** Watts of a source, one from the other where only one is known, derated where an engine makes them. */
function watts(
  source: ElectronicCase | MachineCase,
  outdoorC: number,
  assumptions: Assumptions,
): Result<{ readonly runningW: number; readonly surgeW: number; readonly surgeS: number }, "needs-watts"> {
  const ratio = ELECTRONIC.surgeOverRunning.value;
  const runningW = source.runningW ?? (source.surgeW && quantity(source.surgeW.value / ratio, "typical"));
  const surgeW = source.surgeW ?? (source.runningW && quantity(source.runningW.value * ratio, "typical"));
  if (runningW === undefined || surgeW === undefined) return fail("needs-watts", "source");
  const engine = source.kind !== "inverter";
  const share = engine ? deratingShare(source.altitudeM, outdoorC) : 1;
  if (engine) {
    assumptions.take("altitude-loss", typicalOf(ELECTRONIC.altitudePer1000Ft), ELECTRONIC.altitudePer1000Ft.source);
    assumptions.take("heat-loss", typicalOf(ELECTRONIC.heatPerF), ELECTRONIC.heatPerF.source);
  }
  return ok({
    runningW: assumptions.take("running-watts", runningW, "the source's sheet") * share,
    surgeW: assumptions.take("surge-watts", surgeW, "the source's sheet") * share,
    surgeS: assumptions.take("surge-seconds", source.surgeS ?? typicalOf(ELECTRONIC.surgeS), ELECTRONIC.surgeS.source),
  });
}

function electronic(source: ElectronicCase, outdoorC: number, assumptions: Assumptions): Result<ElectronicSource, "needs-watts"> {
  const factor = ELECTRONIC.momentaryFactor;
  const momentaryFactor = assumptions.take("momentary-limit", typicalOf(factor), factor.source);
  const rated = watts(source, outdoorC, assumptions);
  if (!rated.ok) return rated;
  return ok({
    kind: "electronic",
    volts: source.volts.value,
    seriesOhm: source.ohm?.value ?? ELECTRONIC.ohm.value,
    seriesH: source.henry?.value ?? 0,
    closingDeg: source.closingDeg ?? 0,
    ...rated.value,
    momentaryFactor,
    foldback: true,
  });
}

function machine(source: MachineCase, given: StartCase, assumptions: Assumptions): Result<MachineSource, "needs-watts"> {
  const rated = watts(source, given.outdoorC, assumptions);
  if (!rated.ok) return rated;
  const xd = source.xd ?? assumptions.take("set-make-up", typicalOf(SET.xd), SET.xd.source);
  const own = transientImpedance(source.volts.value, given.unit.hz, Math.max(1, rated.value.runningW), xd);
  const cordOhm = source.ohm?.value ?? 0;
  return ok({
    kind: "machine",
    volts: source.volts.value,
    cordOhm,
    seriesOhm: own.ohm + cordOhm,
    seriesH: own.henry + (source.henry?.value ?? 0),
    closingDeg: source.closingDeg ?? 0,
    ...rated.value,
    runningW: Math.max(1, rated.value.runningW),
    regulatorS: source.regulatorS ?? SET.regulatorS.value,
    ceiling: source.ceiling ?? SET.ceiling.value,
    inertiaS: source.inertiaS ?? SET.inertiaS.value,
    governorS: source.governorS ?? SET.governorS.value,
  });
}
