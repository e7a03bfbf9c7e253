import { type Chemistry, BATTERY_PARAMS as P } from "./params.ts";

/** A bank as its inverter sees it, SI. */
export interface Bank {
  readonly volts: number;
  readonly ohm: number;
  readonly efficiency: number;
  readonly cutOffV: number;
  readonly cutOffS: number;
  /** Amps its BMS carries for good, and at which it cuts out; null where there is none. */
  readonly bms: { readonly continuousA: number; readonly peakA: number } | null;
}

/** What a bank gives to an inverter that makes `acW` watts. */
export interface BankLoad {
  readonly amps: number;
  readonly volts: number;
  /** True when no current gives that power: the bank's voltage collapses. */
  readonly collapsed: boolean;
}

/**
 * Amps and volts of the bank while its inverter makes `acW`: the upper root of
 * acW ÷ efficiency = (E − R·I)·I. Above E² ÷ 4R no current does it; the bank is then at half its volts.
 */
export function bankLoad(bank: Bank, acW: number): BankLoad {
  const { volts, ohm, efficiency } = bank;
  const dcW = Math.max(0, acW) / efficiency;
  const room = volts * volts - 4 * ohm * dcW;
  if (room < 0) return { amps: volts / (2 * ohm), volts: volts / 2, collapsed: true };
  const at = (volts + Math.sqrt(room)) / 2;
  return { amps: dcW / at, volts: at, collapsed: false };
}

/** Watts that the inverter makes of a bank at which it has sagged to so many volts. */
export function acWAt({ volts, ohm, efficiency }: Bank, sagV: number): number {
  return ohm === 0 ? Number.POSITIVE_INFINITY : (efficiency * sagV * (volts - sagV)) / ohm;
}

/** The most watts the inverter can make of a bank at all: at half its volts; more collapses it. */
export function mostAcW(bank: Bank): number {
  return acWAt(bank, bank.volts / 2);
}

/** Resistance of a bank from its volts, amp-hours and the block its chemistry is made of, cables included, ohm. */
export function bankOhm(volts: number, ampHours: number, blockOhm: number, cableOhm: number): number {
  return (blockOhm * (volts / P.volts.value) * 100) / ampHours + cableOhm;
}

/**
 * Share of its rated amp-hours that a bank gives at a current: Peukert's law, from the rate its
 * amp-hours are rated at; never more than all of them.
 */
export function peukertShare(ampHours: number, amps: number, exponent: number): number {
  const ratedA = ampHours / P.ratedHours.value;
  return amps <= ratedA ? 1 : (ratedA / amps) ** (exponent - 1);
}

/** A bank with its amp-hours, Peukert's exponent of its kind, and what its inverter draws by itself. */
export interface StoredBank extends Pick<Bank, "volts" | "ohm" | "efficiency"> {
  readonly ampHours: number;
  /** 1 for a bank that gives as much however hard it is drawn on. */
  readonly exponent: number;
  readonly idleW: number;
}

/** Watts of what a bank holds that go while its inverter makes `acW`: its own draw, its sag and Peukert's loss in. */
export function drainW(bank: StoredBank, acW: number): number {
  const { amps } = bankLoad({ ...bank, cutOffV: 0, cutOffS: 0, bms: null }, acW + bank.idleW * bank.efficiency);
  return (bank.volts * amps) / peukertShare(bank.ampHours, amps, bank.exponent);
}

/** Watches a bank through a start; its inverter shuts off after too long below the cut-off or above what the BMS lets through. */
export class BatteryEquations {
  lowSince = Number.NaN;
  lowestV: number;
  mostA = 0;
  private readonly bank: Bank;

  constructor(bank: Bank) {
    this.bank = bank;
    this.lowestV = bank.volts;
  }

  /** Takes the AC watts of the half cycle that ended at t. */
  onHalfCycle(t: number, acW: number): void {
    const { amps, volts } = bankLoad(this.bank, acW);
    this.lowestV = Math.min(this.lowestV, volts);
    this.mostA = Math.max(this.mostA, amps);
    const inside = volts >= this.bank.cutOffV && amps <= (this.bank.bms?.peakA ?? Number.POSITIVE_INFINITY);
    if (inside) this.lowSince = Number.NaN;
    else if (Number.isNaN(this.lowSince)) this.lowSince = t;
  }

  /** Whether the bank has been outside its limits for too long at t. */
  shutsOffAt(t: number): boolean {
    return t - this.lowSince >= this.bank.cutOffS;
  }
}

/** Share of a bank's amp-hours that is to be used, usual for its kind; lithium where nobody said. */
export function usualDepth(chemistry: Chemistry | undefined): number {
  return (isLead(chemistry) ? P.depthLead : P.depth).value;
}

/** Peukert's exponent usual for a kind of bank; lithium where nobody said. */
export function usualExponent(chemistry: Chemistry | undefined): number {
  return (isLead(chemistry) ? P.peukertLead : P.peukertLithium).value;
}

function isLead(chemistry: Chemistry | undefined): boolean {
  return chemistry === "agm" || chemistry === "flooded";
}
