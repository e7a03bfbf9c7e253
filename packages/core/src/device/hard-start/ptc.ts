import { HARD_START_PARAMS as P } from "./params.ts";

/** A PTC in series with a start capacitor, both beside the run capacitor. */
export interface PtcAid {
  readonly startCapacitorF: number;
  readonly coldOhm: number;
  /** Heat it takes for each kelvin, J/K. */
  readonly heatJPerK: number;
  /** Temperature at which the start begins, °C. */
  readonly startC: number;
}

/** What the start winding sees of run capacitor, start capacitor and PTC together. */
export interface Branch {
  readonly farad: number;
  readonly ohm: number;
}

/**
 * Resistance of the PTC at a temperature, ohm: its cold value up to its switching temperature, then
 * growing by a factor e for every few kelvin, up to what it has hot (typical, from memory).
 */
function ptcOhm(coldOhm: number, celsius: number): number {
  const over = celsius - P.switchC.value;
  return over <= 0 ? coldOhm : Math.min(P.hotOhm.value, coldOhm * Math.exp(over / P.steepK.value));
}

/** Temperature of a PTC at the next start: hot while the unit ran, cooling since. */
export function ptcAtRestC(airC: number, restS: number, coolingS: number): number {
  const hot = P.switchC.value + P.steepK.value * Math.log(P.hotOhm.value / P.coldOhm.value);
  return airC + Math.max(0, hot - airC) * Math.exp(-restS / coolingS);
}

/**
 * A PTC heats by its own loss and so drops the start capacitor out. Once a half cycle its branch beside
 * the run capacitor is taken together into one resistance and capacitance in series, as it is for a sine
 * at line frequency: the branch's own time constant is far shorter than a half cycle.
 */
export class PtcEquations {
  private celsius: number;
  private readonly aid: PtcAid;
  private readonly runCapacitorF: number;
  private readonly w: number;
  private share = 1;

  constructor(aid: PtcAid, runCapacitorF: number, hz: number) {
    this.aid = aid;
    this.celsius = aid.startC;
    this.runCapacitorF = runCapacitorF;
    this.w = 2 * Math.PI * hz;
  }

  /** Resistance now, ohm. */
  get ohm(): number {
    return ptcOhm(this.aid.coldOhm, this.celsius);
  }

  /** Whether it still gives any aid to speak of. */
  get inCircuit(): boolean {
    return this.ohm < P.outOhm.value;
  }

  /** The branch as it is now; notes the share of the start winding's current that flows through the PTC. */
  branch(): Branch {
    const { w, runCapacitorF, aid } = this;
    const ohm = this.ohm;
    const xs = 1 / (w * aid.startCapacitorF);
    const size = ohm * ohm + xs * xs;
    const g = ohm / size;
    const b = w * runCapacitorF + xs / size;
    const admittance = g * g + b * b;
    this.share = 1 / Math.sqrt(size * admittance);
    return { ohm: g / admittance, farad: admittance / (w * b) };
  }

  /** Heats by the RMS current of the start winding over a half cycle. */
  heat(auxiliaryA: number, seconds: number): void {
    const amps = auxiliaryA * this.share;
    this.celsius += (amps * amps * this.ohm * seconds) / this.aid.heatJPerK;
  }
}
