import { drainW, mostAcW } from "../../device/battery/index.ts";
import { runningShareAt } from "../../device/compressor-motor/index.ts";
import { fuelLPerH } from "../../device/engine/index.ts";
import { findRoot } from "../../numeric/index.ts";
import { itemAt } from "../../quantity/index.ts";
import type { DayBank, DayCase, DaySource } from "./case.ts";
import { DAY_PARAMS as P, STEP_MIN, STEPS } from "./params.ts";
import type { DayStep, DayStudy } from "./result.ts";
import { cyclesPerHour, dutyAt, outdoorC, shareWithin } from "./thermostat.ts";

const HOURS = STEP_MIN / 60;

/** Something that asks for watts in a step: on average, and while it is on. */
interface Asking {
  readonly id: string;
  readonly averageW: number;
  readonly peakW: number;
  readonly priority: number;
  /** Minutes of the step for which it wants to be on. */
  readonly wantedMin: number;
}

/** What a source or a bank does in one step. */
interface Supply {
  readonly source: DaySource | null;
  readonly availableW: number;
}

/** Runs a day in steps of five minutes: weather, thermostats, loads, sources by the clock, and the bank between them. */
export function studyDay(given: DayCase): DayStudy {
  const phases = given.units.map((_, i) => i / Math.max(1, given.units.length));
  const steps: DayStep[] = [];
  const unservedMin: Record<string, number> = {};
  const startsById: Record<string, number> = {};
  const energy = { sourcesWh: 0, servedWh: 0, lostWh: 0, bankGainWh: 0 };
  let litres = 0;
  let bankEmptyMin = 0;
  /** Units that ran, or might have, in the step before: one that was cut off starts anew when power returns. */
  let fed: ReadonlySet<string> | null = null;
  let storedWh = given.bank === null ? 0 : given.bank.chargeAtStart * holdsWh(given.bank);
  for (let k = 0; k < STEPS; k++) {
    const minute = k * STEP_MIN;
    const air = outdoorC(given.weather, (minute + STEP_MIN / 2) / 60);
    const { asking, starts } = askedOf(given, minute, air, phases);
    const supply = supplyAt(given, minute, storedWh);
    const served = serve(asking, supply.availableW);
    const begun = given.units
      .map((u) => u.id)
      .filter((id) => served.some((s) => s.id === id) && (starts.includes(id) || (fed !== null && !fed.has(id))));
    for (const id of begun) startsById[id] = (startsById[id] ?? 0) + 1;
    const unserved = asking.filter(({ id }) => !served.some((s) => s.id === id));
    for (const { id, wantedMin } of unserved) unservedMin[id] = (unservedMin[id] ?? 0) + wantedMin;
    fed = new Set([...served.map((s) => s.id), ...given.units.map((u) => u.id).filter((id) => !asking.some((a) => a.id === id))]);
    const servedW = served.reduce((sum, s) => sum + s.averageW, 0);
    const { chargingW, gainWh, lostWh } = balance(given.bank, supply, served, servedW, storedWh);
    storedWh += gainWh;
    const fromSourceW = supply.source === null ? 0 : servedW + chargingW;
    energy.sourcesWh += fromSourceW * HOURS;
    energy.servedWh += servedW * HOURS;
    energy.lostWh += lostWh;
    energy.bankGainWh += gainWh;
    if (supply.source?.engine) litres += fuelLPerH(fromSourceW, supply.source.engine.ratedW, supply.source.engine.eco) * HOURS;
    if (supply.source === null && given.bank !== null && supply.availableW === 0 && asking.length > 0) bankEmptyMin += STEP_MIN;
    steps.push({
      minute,
      outdoorC: air,
      sourceId: supply.source?.id ?? null,
      availableW: supply.availableW,
      askedW: asking.reduce((sum, a) => sum + a.peakW, 0),
      servedW,
      chargingW,
      charge: given.bank === null ? null : storedWh / holdsWh(given.bank),
      watts: Object.fromEntries(served.map((s) => [s.id, s.averageW])),
      unserved: unserved.map(({ id }) => id),
      starts: begun,
    });
  }
  const worst = steps.reduce((least, s) => (s.availableW - s.askedW < least.availableW - least.askedW ? s : least));
  return {
    steps,
    worst: { minute: worst.minute, askedW: worst.askedW, availableW: worst.availableW },
    unservedMin,
    startsById,
    litres,
    energy,
    bankEmptyMin,
  };
}

/** What units and loads ask for in a step, and which units start in it; moves the thermostats on. */
function askedOf(
  given: DayCase,
  minute: number,
  air: number,
  phases: number[],
): { readonly asking: readonly Asking[]; readonly starts: readonly string[] } {
  const asking: Asking[] = [];
  const starts: string[] = [];
  const duty = dutyAt(air);
  for (const [i, { id, watts, priority }] of given.units.entries()) {
    const phase = itemAt(phases, i) + cyclesPerHour(duty) * HOURS;
    if (duty > 0 && Math.floor(phase) > Math.floor(itemAt(phases, i))) starts.push(id);
    phases[i] = phase;
    const peakW = watts * runningShareAt(air);
    if (duty > 0) asking.push({ id, averageW: peakW * duty, peakW, priority, wantedMin: STEP_MIN * duty });
  }
  for (const { id, watts, priority, spells } of given.loads) {
    const share = shareWithin(spells, minute, STEP_MIN);
    if (watts > 0 && share > 0) asking.push({ id, averageW: watts * share, peakW: watts, priority, wantedMin: STEP_MIN * share });
  }
  return { asking, starts };
}

/** The source that is there, or the bank while it may give anything. */
function supplyAt({ sources, bank }: DayCase, minute: number, storedWh: number): Supply {
  const source = sources.find((s) => shareWithin(s.spells, minute, STEP_MIN) >= 0.5);
  if (source !== undefined) return { source, availableW: source.watts };
  if (bank === null) return { source: null, availableW: 0 };
  const usableWh = Math.max(0, storedWh - leastWh(bank));
  return { source: null, availableW: mostFor(bank, usableWh / HOURS) };
}

/** The most AC watts that take no more of a bank than so many. */
function mostFor(bank: DayBank, usableW: number): number {
  const most = Math.min(bank.inverterW, mostAcW({ ...bank, cutOffV: 0, cutOffS: 0, bms: null }));
  if (drainW(bank, most) <= usableW) return most;
  if (drainW(bank, 0) > usableW) return 0;
  return findRoot((w) => drainW(bank, w) - usableW, 0, most, WITHIN) ?? 0;
}

/** Relative width to which that is found. */
const WITHIN = 1e-6;

/** What is served: by priority and of equals the smaller first, each whole or not at all, by the watts it takes while it is on. */
function serve(asking: readonly Asking[], availableW: number): readonly Asking[] {
  let left = availableW;
  return asking
    .toSorted((a, b) => a.priority - b.priority || a.peakW - b.peakW)
    .filter(({ peakW }) => {
      if (peakW > left + 1e-9) return false;
      left -= peakW;
      return true;
    });
}

/** What goes into or out of the bank, and what is lost on the way. */
function balance(bank: DayBank | null, supply: Supply, served: readonly Asking[], servedW: number, storedWh: number) {
  if (supply.source === null) {
    const outWh = bank === null ? 0 : Math.min(drainW(bank, servedW) * HOURS, Math.max(0, storedWh - leastWh(bank)));
    return { chargingW: 0, gainWh: -outWh, lostWh: outWh - servedW * HOURS };
  }
  if (bank === null) return { chargingW: 0, gainWh: 0, lostWh: 0 };
  const spareW = Math.max(0, supply.availableW - served.reduce((sum, s) => sum + s.peakW, 0));
  const roomW = Math.max(0, holdsWh(bank) - storedWh) / P.chargeEfficiency.value / HOURS;
  const chargingW = Math.min(bank.chargerW, spareW * bank.chargerPf, roomW);
  const inWh = chargingW * HOURS;
  return { chargingW, gainWh: inWh * P.chargeEfficiency.value, lostWh: inWh * (1 - P.chargeEfficiency.value) };
}

function holdsWh(bank: DayBank): number {
  return bank.volts * bank.ampHours;
}

function leastWh(bank: DayBank): number {
  return holdsWh(bank) * (1 - bank.depth);
}
