import { BATTERY_PARAMS as BATTERY, type Bank, bankLoad, peukertShare } from "../../device/battery/index.ts";
import { fuelLPerH, type OverloadCurve, shutdownAfterS } from "../../device/engine/index.ts";

/** A set that burns fuel: watts it carries after losses, watts on its plate, and what is in the tank. */
export interface EngineUse {
  readonly runningW: number;
  readonly ratedW: number;
  readonly eco: boolean;
  readonly tankL: number | null;
  readonly curve?: OverloadCurve;
}

/** How long a set keeps running at a load. */
export interface EngineHours {
  /** Load over what it carries for hours. */
  readonly share: number;
  /** Seconds until it shuts down; null where it does not. */
  readonly shutdownS: number | null;
  readonly litresPerHour: number;
  /** Hours on the tank; null where the tank is not known. */
  readonly hours: number | null;
}

/** A load that is steady, beside one that cycles: watts while on, and the share of the time it is on. */
export interface Demand {
  readonly steadyW: number;
  readonly cyclingW: number;
  readonly duty: number;
}

/** What a set does under a demand: overload by the most it carries at once, fuel by each of its two loads in turn. */
export function engineHours({ runningW, ratedW, eco, tankL, curve }: EngineUse, demand: Demand): EngineHours {
  const most = demand.steadyW + demand.cyclingW;
  const share = most / runningW;
  const shutdownS = shutdownAfterS(share, curve);
  const litresPerHour = demand.duty * fuelLPerH(most, ratedW, eco) + (1 - demand.duty) * fuelLPerH(demand.steadyW, ratedW, eco);
  return {
    share,
    shutdownS: Number.isFinite(shutdownS) ? shutdownS : null,
    litresPerHour,
    hours: tankL === null ? null : tankL / litresPerHour,
  };
}

/** A bank with what it holds and how far it is to be emptied. */
export interface BankUse extends Bank {
  readonly ampHours: number;
  readonly depth: number;
  /** Peukert's exponent of its kind; 1 for none. */
  readonly exponent: number;
  /** What its inverter draws of it by itself, W. */
  readonly idleW: number;
}

/** How long a bank carries a demand through its inverter, and its amps while the cycling load is on. */
export interface BankHours {
  /** Null where nothing is drawn of it. */
  readonly hours: number | null;
  readonly amps: number;
}

/** Hours by the amp-hours that may be used, fewer the harder it is drawn on (Peukert), each watt taken at the volts the bank then has. */
export function bankHours(bank: BankUse, demand: Demand): BankHours {
  const own = bank.idleW * bank.efficiency;
  const on = bankLoad(bank, demand.steadyW + demand.cyclingW + own).amps;
  const off = bankLoad(bank, demand.steadyW + own).amps;
  const average = demand.duty * on + (1 - demand.duty) * off;
  const share = peukertShare(bank.ampHours, average, bank.exponent);
  return { hours: average === 0 ? null : (bank.ampHours * bank.depth * share) / average, amps: on };
}

/**
 * AC amps of a leg left for a charger. It goes on for hours, so it counts as a continuous load, by `factor`;
 * what it already counts for in the plan is its own to take.
 */
export function roomForCharging(
  leg: { readonly limitA: number; readonly countedA: number },
  own: { readonly runA: number; readonly continuous?: boolean } | undefined,
  factor: number,
): number {
  const counted = own === undefined ? 0 : own.runA * (own.continuous === true ? factor : 1);
  return (leg.limitA - (leg.countedA - counted)) / factor;
}

/** DC amps a charger may be set to beside what is on: `roomA` AC amps are left for hours, of which its power factor makes watts. Never below nothing. */
export function chargeAmps(roomA: number, acV: number, bankV: number): number {
  const watts = Math.max(0, roomA) * acV * BATTERY.chargerPf.value * BATTERY.chargeEfficiency.value;
  return watts / (bankV * BATTERY.chargeOverRest.value);
}
