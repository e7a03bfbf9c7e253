import { BATTERY_PARAMS as BATTERY, type Bank, bankOhm, type Chemistry } from "../../device/battery/index.ts";
import { cordsH, cordsOhm } from "../../device/cord/index.ts";
import { deratingShares, ENGINE_PARAMS as ENGINE } from "../../device/engine/index.ts";
import { GENERATOR_PARAMS as SET, transientImpedance } from "../../device/generator/index.ts";
import { INVERTER_GENERATOR_PARAMS as ELECTRONIC } from "../../device/inverter-generator/index.ts";
import { SHORE_PARAMS as SHORE } from "../../device/shore/index.ts";
import { fail, ok, type Param, type Quantity, quantity, type Result } from "../../quantity/index.ts";
import { CONDUCTOR_SOURCE } from "../../reference/index.ts";
import { Assumptions } from "./assume.ts";
import type { AlternatorCase, BatteryCase, CircuitCase, ElectronicCase, Endurance, SourceCase, StartCase, UnitCase } from "./case.ts";
import { type FeedOf, feedOf } from "./feed.ts";
import type { AlternatorSource, CircuitSource, ElectronicSource, Source } from "./input.ts";
import { isCircuit, isEngine } from "./source-kind.ts";

const SHEET = "the source's sheet";
const METER = "a meter";

export type SourceFailure = "needs-watts" | "wrong-volts";

/** What of a case its source depends on. */
type Fed = Pick<StartCase, "source" | "outdoorC"> & { readonly unit: Pick<UnitCase, "plateVolts" | "hz"> };

/** A source at its typical figures where nobody gave them, for what asks of it alone. */
export function preparedSource(given: Fed): Result<Source, SourceFailure> {
  return prepareSource(given, new Assumptions());
}

/** Takes a source's missing figures, its leg, its cords, and derates it for height, heat and fuel. */
export function prepareSource(given: Fed, assumptions: Assumptions): Result<Source, SourceFailure> {
  const { source, unit } = given;
  const feed = feedOf(unit.plateVolts, source.volts.value, source.legs ?? 1);
  if (!feed.ok) return feed;
  if (isCircuit(source)) return ok(circuit(source, given.unit.hz, feed.value, assumptions));
  return source.kind === "generator"
    ? alternator(source, given, feed.value, assumptions)
    : electronic(source, given.outdoorC, feed.value, assumptions);
}

function cords(source: SourceCase, assumptions: Assumptions): { readonly ohm: number; readonly henry: number } {
  const list = source.cords ?? [];
  if (list.length === 0) return { ohm: 0, henry: 0 };
  return { ohm: assumptions.take("cord-ohm", quantity(cordsOhm(list), "sheet"), "ohm", CONDUCTOR_SOURCE), henry: cordsH(list) };
}

function managerOf(source: SourceCase, assumptions: Assumptions): CircuitSource["manager"] {
  if (source.manager !== true) return null;
  return { lowV: SHORE.managerLowV.value, lowS: assumptions.typical("manager-seconds", SHORE.managerLowS) };
}

/** The volts behind an outlet: measured ones as they are, nominal ones as such outlets have them. */
function shoreVolts(source: CircuitCase, hz: number, { voltsFactor }: FeedOf, assumptions: Assumptions): number {
  const { value, origin } = source.volts;
  const volts = value * voltsFactor;
  if (origin === "measured") return assumptions.take("shore-volts", { ...source.volts, value: volts }, "V", METER);
  const near = (nominal: number): boolean => Math.abs(volts - nominal) <= SHORE.classV.value;
  if (near(120)) return assumptions.typical("shore-volts", SHORE.volts120);
  if (near(230) && hz === 50) return assumptions.typical("shore-volts", SHORE.volts230);
  if (near(240)) return assumptions.typical("shore-volts", SHORE.volts240);
  return assumptions.typical("shore-volts", SHORE.otherClassShare, "V", volts);
}

function circuit(source: CircuitCase, hz: number, feed: FeedOf, assumptions: Assumptions): CircuitSource {
  const cord = cords(source, assumptions);
  const common = {
    kind: "circuit",
    closingDeg: source.closingDeg ?? 0,
    band: source.band ?? null,
    manager: managerOf(source, assumptions),
  } as const;
  if (source.kind === "ideal") {
    const seriesOhm = (source.ohm?.value ?? 0) + cord.ohm;
    return {
      ...common,
      volts: source.volts.value * feed.voltsFactor,
      seriesOhm,
      cordOhm: seriesOhm,
      seriesH: (source.henry?.value ?? 0) + cord.henry,
      breakerA: source.breakerA?.value ?? null,
    };
  }
  const volts = shoreVolts(source, hz, feed, assumptions);
  const behind = assumptions.given("source-ohm", source.ohm, cord.ohm > 0 ? SHORE.pedestalOhm : SHORE.ohm, METER);
  return {
    ...common,
    volts,
    seriesOhm: behind + cord.ohm,
    cordOhm: behind + cord.ohm,
    seriesH: (source.henry?.value ?? SHORE.mH.value / 1000) + cord.henry,
    breakerA: assumptions.given(
      "breaker",
      source.breakerA && { ...source.breakerA, tolerance: 0 },
      SHORE.breakerA,
      "printed on the breaker",
    ),
  };
}

interface Rated {
  readonly runningW: number;
  readonly surgeW: number;
  readonly surgeS: number;
}

/** Watts of a source on the unit's leg, one from the other where only one is known, a second set added, derated where an engine makes them. */
function watts(
  source: ElectronicCase | AlternatorCase,
  outdoorC: number,
  { wattsShare }: FeedOf,
  assumptions: Assumptions,
): Result<Rated, "needs-watts"> {
  const own = bothWatts(source);
  if (own === null) return fail("needs-watts", "source");
  const second = "second" in source && source.second !== undefined ? bothWatts(source.second) : null;
  const sum = (one: Quantity, other: Quantity | undefined): Quantity => ({ ...one, value: (one.value + (other?.value ?? 0)) * wattsShare });
  const share = !isEngine(source) ? 1 : engineShare(source, outdoorC, assumptions);
  const runningW = assumptions.take("running-watts", sum(own.runningW, second?.runningW), "W", SHEET);
  const surgeW = assumptions.take("surge-watts", sum(own.surgeW, second?.surgeW), "W", SHEET);
  return ok({
    runningW: runningW * share,
    surgeW: Math.max(runningW, surgeW) * share,
    surgeS: assumptions.given("surge-seconds", source.surgeS, ELECTRONIC.surgeS, SHEET),
  });
}

function bothWatts(rated: { readonly runningW?: Quantity; readonly surgeW?: Quantity }) {
  const { value: ratio, spread } = ELECTRONIC.surgeOverRunning;
  const within = (from: Quantity): number => Math.hypot(from.tolerance, (spread[1] - spread[0]) / 2 / ratio);
  const runningW = rated.runningW ?? (rated.surgeW && quantity(rated.surgeW.value / ratio, "typical", within(rated.surgeW)));
  const surgeW = rated.surgeW ?? (rated.runningW && quantity(rated.runningW.value * ratio, "typical", within(rated.runningW)));
  return runningW === undefined || surgeW === undefined ? null : { runningW, surgeW };
}

function engineShare(source: ElectronicCase | AlternatorCase, outdoorC: number, assumptions: Assumptions): number {
  const altitudeM = source.altitudeM ?? assumptions.typical("altitude", SHORE.altitudeM);
  const shares = deratingShares(altitudeM, outdoorC, source.derating);
  const note = (code: "altitude-loss" | "heat-loss" | "fuel-loss", share: number, from: string): void => {
    assumptions.take(code, quantity(1 - share, "typical", 0), "1", from);
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

function electronic(
  source: ElectronicCase,
  outdoorC: number,
  feed: FeedOf,
  assumptions: Assumptions,
): Result<ElectronicSource, "needs-watts"> {
  const onBank = source.kind === "inverter";
  const momentaryFactor = assumptions.typical("momentary-limit", onBank ? ELECTRONIC.bankFactor : ELECTRONIC.momentaryFactor);
  const rated = watts(source, outdoorC, feed, assumptions);
  if (!rated.ok) return rated;
  const cord = cords(source, assumptions);
  const own = source.ohm?.value ?? ELECTRONIC.ohm.value / (source.second === undefined ? 1 : 2);
  return ok({
    kind: "electronic",
    volts: source.volts.value * feed.voltsFactor,
    seriesOhm: own + cord.ohm,
    cordOhm: cord.ohm,
    seriesH: (source.henry?.value ?? 0) + cord.henry,
    closingDeg: source.closingDeg ?? 0,
    manager: managerOf(source, assumptions),
    ...rated.value,
    momentaryFactor,
    endurance: endurance(source.endurance, rated.value),
    shoreA: source.shoreLimitA === undefined ? 0 : assumptions.take("shore-limit", source.shoreLimitA, "A", SHEET),
    battery: onBank ? bank(source.battery ?? {}, assumptions) : null,
    eco: source.eco === true,
    dropOutShare: assumptions.typical("drop-out-share", ELECTRONIC.dropOutShare),
    dropOutS: assumptions.typical("drop-out-seconds", onBank ? ELECTRONIC.bankDropOutS : ELECTRONIC.dropOutS),
    foldback: true,
  });
}

/** Ratings above the continuous one, least watts first, the surge rating among them. */
function endurance(listed: readonly Endurance[] | undefined, { surgeW, surgeS, runningW }: Rated): readonly Endurance[] {
  const all = [...(listed ?? []), { watts: surgeW, seconds: surgeS }];
  return all.filter(({ watts: w }) => w > runningW).toSorted((a, b) => a.watts - b.watts);
}

const BLOCK_OHM: Readonly<Record<Chemistry, Param>> = {
  lithium: BATTERY.lithiumOhm,
  agm: BATTERY.agmOhm,
  flooded: BATTERY.floodedOhm,
};

/** A bank at its typical figures where nobody gave them, for what asks of it alone. */
export function preparedBank(given: BatteryCase): Bank {
  return bank(given, new Assumptions());
}

/** A bank from what is known of it: its resistance by amp-hours and chemistry, its BMS by amp-hours. */
function bank(given: BatteryCase, assumptions: Assumptions): Bank {
  const volts = assumptions.given("battery-volts", given.volts, BATTERY.volts, SHEET);
  const chemistry = given.chemistry ?? "lithium";
  const ampHours =
    given.ampHours === undefined
      ? assumptions.typical("battery-hours", BATTERY.energyWh, "Ah", 1 / volts)
      : assumptions.take("battery-hours", given.ampHours, "Ah", SHEET);
  const block = BLOCK_OHM[chemistry];
  const ohm =
    given.ohm === undefined
      ? assumptions.typical("battery-ohm", block, "ohm", bankOhm(volts, ampHours, 1, 0)) +
        assumptions.hidden("cable-ohm", BATTERY.cableOhm, "battery-ohm")
      : assumptions.take("battery-ohm", given.ohm, "ohm", SHEET);
  const continuousA =
    given.bmsContinuousA?.value ??
    (chemistry === "lithium" ? assumptions.typical("bms-amps", BATTERY.bmsContinuousC, "A", ampHours) : null);
  const peak = assumptions.hidden("bms-peak", BATTERY.bmsPeakC, "bms-amps") * ampHours;
  return {
    volts,
    ohm,
    efficiency: assumptions.given("efficiency", given.efficiency, BATTERY.efficiency, SHEET),
    cutOffV: assumptions.take(
      "cut-off",
      given.cutOffV ?? quantity(BATTERY.cutOffShare.value * volts, "typical", BATTERY.cutOffTolerance.value),
      "V",
      BATTERY.cutOffShare.source,
    ),
    cutOffS: assumptions.hidden("bank-drop-out", ELECTRONIC.bankDropOutS, "drop-out-seconds"),
    bms: continuousA === null ? null : { continuousA, peakA: Math.max(continuousA, given.bmsPeakA?.value ?? peak) },
  };
}

function alternator(source: AlternatorCase, given: Fed, feed: FeedOf, assumptions: Assumptions): Result<AlternatorSource, "needs-watts"> {
  const rated = watts(source, given.outdoorC, feed, assumptions);
  if (!rated.ok) return rated;
  const volts = source.volts.value * feed.voltsFactor;
  const xd = source.xd ?? assumptions.typical("set-make-up", SET.xd);
  const runningW = Math.max(1, rated.value.runningW);
  const own = transientImpedance(volts, given.unit.hz, runningW, xd);
  const cord = cords(source, assumptions);
  const cordOhm = (source.ohm?.value ?? 0) + cord.ohm;
  const made = (name: "avrTimeConstantS" | "fieldCeilingPu" | "inertiaConstantS" | "governorTimeConstantS"): number =>
    source[name] ?? assumptions.hidden(name, SET[name], "set-make-up");
  return ok({
    kind: "alternator",
    volts,
    cordOhm,
    seriesOhm: own.ohm + cordOhm,
    seriesH: own.henry + (source.henry?.value ?? 0) + cord.henry,
    closingDeg: source.closingDeg ?? 0,
    manager: managerOf(source, assumptions),
    ...rated.value,
    runningW,
    avrTimeConstantS: made("avrTimeConstantS"),
    fieldCeilingPu: made("fieldCeilingPu"),
    inertiaConstantS: made("inertiaConstantS"),
    governorTimeConstantS: made("governorTimeConstantS"),
    eco: source.eco === true,
  });
}
