import { BATTERY_PARAMS as BATTERY, type Bank } from "../../device/battery/index.ts";
import { cordsH, cordsOhm } from "../../device/cord/index.ts";
import { deratingShares, ENGINE_PARAMS as ENGINE } from "../../device/engine/index.ts";
import { GENERATOR_PARAMS as SET, transientImpedance } from "../../device/generator/index.ts";
import { INVERTER_GENERATOR_PARAMS as ELECTRONIC } from "../../device/inverter-generator/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { fail, ok, type Quantity, quantity, type Result, typicalOf } from "../../quantity/index.ts";
import { CONDUCTOR_SOURCE } from "../../reference/index.ts";
import type { Assumptions } from "./assume.ts";
import type { BatteryCase, CircuitCase, ElectronicCase, Endurance, MachineCase, SourceCase, StartCase } from "./case.ts";
import type { CircuitSource, ElectronicSource, MachineSource } from "./input.ts";

const SHEET = "the source's sheet";

/** Takes a source's missing figures, adds its cords, and derates it for height, heat and fuel. */
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

function cords(source: SourceCase, assumptions: Assumptions): { readonly ohm: number; readonly henry: number } {
  const list = source.cords ?? [];
  if (list.length === 0) return { ohm: 0, henry: 0 };
  return { ohm: assumptions.take("cord-ohm", quantity(cordsOhm(list), "sheet"), CONDUCTOR_SOURCE), henry: cordsH(list) };
}

function circuit(source: CircuitCase, assumptions: Assumptions): CircuitSource {
  const cord = cords(source, assumptions);
  const common = { kind: "circuit", volts: source.volts.value, closingDeg: source.closingDeg ?? 0, band: source.band ?? null } as const;
  if (source.kind === "ideal")
    return {
      ...common,
      seriesOhm: (source.ohm?.value ?? 0) + cord.ohm,
      seriesH: (source.henry?.value ?? 0) + cord.henry,
      breakerA: source.breakerA?.value ?? null,
    };
  const typical = cord.ohm > 0 ? SHORE.pedestalOhm : SHORE.ohm;
  return {
    ...common,
    seriesOhm: assumptions.take("source-ohm", source.ohm ?? typicalOf(typical), typical.source) + cord.ohm,
    seriesH: (source.henry?.value ?? SHORE.mH.value / 1000) + cord.henry,
    breakerA: assumptions.take("breaker", source.breakerA ?? typicalOf(SHORE.breakerA), SHORE.breakerA.source),
  };
}

function isMachine(source: ElectronicCase | MachineCase): source is MachineCase {
  return source.kind === "generator";
}

interface Rated {
  readonly runningW: number;
  readonly surgeW: number;
  readonly surgeS: number;
}

/** Watts of a source, one from the other where only one is known, a second set added, derated where an engine makes them. */
function watts(source: ElectronicCase | MachineCase, outdoorC: number, assumptions: Assumptions): Result<Rated, "needs-watts"> {
  const own = bothWatts(source);
  if (own === null) return fail("needs-watts", "source");
  const second = "second" in source && source.second !== undefined ? bothWatts(source.second) : null;
  const runningW = together(own.runningW, second?.runningW);
  const surgeW = together(own.surgeW, second?.surgeW);
  const share = source.kind === "inverter" ? 1 : engineShare(source, outdoorC, assumptions);
  return ok({
    runningW: assumptions.take("running-watts", runningW, SHEET) * share,
    surgeW: assumptions.take("surge-watts", surgeW, SHEET) * share,
    surgeS: assumptions.take("surge-seconds", source.surgeS ?? typicalOf(ELECTRONIC.surgeS), ELECTRONIC.surgeS.source),
  });
}

function bothWatts(rated: { readonly runningW?: Quantity; readonly surgeW?: Quantity }) {
  const ratio = ELECTRONIC.surgeOverRunning.value;
  const runningW = rated.runningW ?? (rated.surgeW && quantity(rated.surgeW.value / ratio, "typical"));
  const surgeW = rated.surgeW ?? (rated.runningW && quantity(rated.runningW.value * ratio, "typical"));
  return runningW === undefined || surgeW === undefined ? null : { runningW, surgeW };
}

function together(one: Quantity, other: Quantity | undefined): Quantity {
  return other === undefined ? one : { ...one, value: one.value + other.value };
}

function engineShare(source: ElectronicCase | MachineCase, outdoorC: number, assumptions: Assumptions): number {
  const shares = deratingShares(source.altitudeM, outdoorC, source.derating);
  const note = (code: "altitude-loss" | "heat-loss" | "fuel-loss", share: number, from: string): void => {
    assumptions.take(code, quantity(1 - share, "typical", 0), from);
  };
  const school = source.derating?.altitude ?? "common";
  note("altitude-loss", shares.altitude, ALTITUDE_SOURCES[school]);
  note("heat-loss", shares.heat, ENGINE.heatPerF.source);
  if (shares.fuel < 1) note("fuel-loss", shares.fuel, ENGINE.propaneLoss.source);
  return shares.all;
}

const ALTITUDE_SOURCES = {
  common: ENGINE.altitudePer1000Ft.source,
  steeper: ENGINE.steeperPer1000Ft.source,
  "air-density": "ISO 2533 standard atmosphere, from memory",
  none: "left out by choice",
} as const;

function electronic(source: ElectronicCase, outdoorC: number, assumptions: Assumptions): Result<ElectronicSource, "needs-watts"> {
  const factor = ELECTRONIC.momentaryFactor;
  const momentaryFactor = assumptions.take("momentary-limit", typicalOf(factor), factor.source);
  const rated = watts(source, outdoorC, assumptions);
  if (!rated.ok) return rated;
  const cord = cords(source, assumptions);
  const own = source.ohm?.value ?? ELECTRONIC.ohm.value / (source.second === undefined ? 1 : 2);
  return ok({
    kind: "electronic",
    volts: source.volts.value,
    seriesOhm: own + cord.ohm,
    seriesH: (source.henry?.value ?? 0) + cord.henry,
    closingDeg: source.closingDeg ?? 0,
    ...rated.value,
    momentaryFactor,
    endurance: endurance(source.endurance, rated.value),
    shoreA: source.shoreLimitA === undefined ? 0 : assumptions.take("shore-limit", source.shoreLimitA, SHEET),
    battery: source.kind === "inverter" ? bank(source.battery ?? {}, assumptions) : null,
    eco: source.eco === true,
    foldback: true,
  });
}

/** Ratings above the continuous one, least watts first, the surge rating among them. */
function endurance(listed: readonly Endurance[] | undefined, { surgeW, surgeS, runningW }: Rated): readonly Endurance[] {
  const all = [...(listed ?? []), { watts: surgeW, seconds: surgeS }];
  return all.filter(({ watts: w }) => w > runningW).toSorted((a, b) => a.watts - b.watts);
}

/** A bank from what is known of it. The typical resistance is that of a 12 V bank and grows with the square of its volts. */
function bank(given: BatteryCase, assumptions: Assumptions): Bank {
  const volts = assumptions.take("battery-volts", given.volts ?? typicalOf(BATTERY.volts), BATTERY.volts.source);
  const grown = (volts / BATTERY.volts.value) ** 2;
  const typical = typicalOf(BATTERY.ohm);
  return {
    volts,
    ohm: assumptions.take("battery-ohm", given.ohm ?? { ...typical, value: typical.value * grown }, BATTERY.ohm.source),
    efficiency: assumptions.take("efficiency", given.efficiency ?? typicalOf(BATTERY.efficiency), BATTERY.efficiency.source),
    cutOffV: assumptions.take(
      "cut-off",
      given.cutOffV ?? quantity(BATTERY.cutOffShare.value * volts, "typical"),
      BATTERY.cutOffShare.source,
    ),
    cutOffS: BATTERY.cutOffS.value,
  };
}

function machine(source: MachineCase, given: StartCase, assumptions: Assumptions): Result<MachineSource, "needs-watts"> {
  const rated = watts(source, given.outdoorC, assumptions);
  if (!rated.ok) return rated;
  const xd = source.xd ?? assumptions.take("set-make-up", typicalOf(SET.xd), SET.xd.source);
  const own = transientImpedance(source.volts.value, given.unit.hz, Math.max(1, rated.value.runningW), xd);
  const cord = cords(source, assumptions);
  const cordOhm = (source.ohm?.value ?? 0) + cord.ohm;
  return ok({
    kind: "machine",
    volts: source.volts.value,
    cordOhm,
    seriesOhm: own.ohm + cordOhm,
    seriesH: own.henry + (source.henry?.value ?? 0) + cord.henry,
    closingDeg: source.closingDeg ?? 0,
    ...rated.value,
    runningW: Math.max(1, rated.value.runningW),
    regulatorS: source.regulatorS ?? SET.regulatorS.value,
    ceiling: source.ceiling ?? SET.ceiling.value,
    inertiaS: source.inertiaS ?? SET.inertiaS.value,
    governorS: source.governorS ?? SET.governorS.value,
    eco: source.eco === true,
  });
}
