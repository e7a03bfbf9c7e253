/** A bank as its inverter sees it, SI. */
export interface Bank {
  readonly volts: number;
  readonly ohm: number;
  readonly efficiency: number;
  readonly cutOffV: number;
  readonly cutOffS: number;
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

/** The most watts the inverter can make before the bank falls to its cut-off. */
export function mostAcW({ volts, ohm, efficiency, cutOffV }: Bank): number {
  const at = Math.max(cutOffV, volts / 2);
  return ohm === 0 ? Number.POSITIVE_INFINITY : (efficiency * at * (volts - at)) / ohm;
}

/** Watches a bank through a start; lets go after too long below its cut-off. */
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
    if (volts >= this.bank.cutOffV) this.lowSince = Number.NaN;
    else if (Number.isNaN(this.lowSince)) this.lowSince = t;
  }

  /** Whether the bank has been too low for too long at t. */
  letsGoAt(t: number): boolean {
    return t - this.lowSince >= this.bank.cutOffS;
  }
}
