import { deratingShare, INVERTER_GENERATOR_PARAMS as GENERATOR } from "../../device/inverter-generator/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { fail, ok, quantity, type Result, typicalOf } from "../../quantity/index.ts";
import type { Assumptions } from "./assume.ts";
import type { CircuitCase, ElectronicCase, SourceCase, StartCase } from "./case.ts";
import type { CircuitSource, ElectronicSource } from "./input.ts";

/** Takes a source's missing figures and derates it for height and heat. */
export function prepareSource(given: StartCase, assumptions: Assumptions): Result<CircuitSource | ElectronicSource, "needs-watts"> {
  const { source } = given;
  return isCircuit(source) ? ok(circuit(source, assumptions)) : electronic(source, given.outdoorC, assumptions);
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

function electronic(source: ElectronicCase, outdoorC: number, assumptions: Assumptions): Result<ElectronicSource, "needs-watts"> {
  const ratio = GENERATOR.surgeOverRunning.value;
  const runningW = source.runningW ?? (source.surgeW && quantity(source.surgeW.value / ratio, "typical"));
  const surgeW = source.surgeW ?? (source.runningW && quantity(source.runningW.value * ratio, "typical"));
  if (runningW === undefined || surgeW === undefined) return fail("needs-watts", "source");
  const engine = source.kind === "inverter-generator";
  const share = engine ? deratingShare(source.altitudeM, outdoorC) : 1;
  if (engine) {
    assumptions.take("altitude-loss", typicalOf(GENERATOR.altitudePer1000Ft), GENERATOR.altitudePer1000Ft.source);
    assumptions.take("heat-loss", typicalOf(GENERATOR.heatPerF), GENERATOR.heatPerF.source);
  }
  const factor = GENERATOR.momentaryFactor;
  assumptions.take("momentary-limit", typicalOf(factor), factor.source);
  return ok({
    kind: "electronic",
    volts: source.volts.value,
    seriesOhm: source.ohm?.value ?? GENERATOR.ohm.value,
    seriesH: source.henry?.value ?? 0,
    closingDeg: source.closingDeg ?? 0,
    runningW: assumptions.take("running-watts", runningW, "the source's sheet") * share,
    surgeW: assumptions.take("surge-watts", surgeW, "the source's sheet") * share,
    surgeS: assumptions.take("surge-seconds", source.surgeS ?? typicalOf(GENERATOR.surgeS), GENERATOR.surgeS.source),
    foldback: true,
  });
}
