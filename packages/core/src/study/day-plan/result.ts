/** One step of the day. */
export interface DayStep {
  /** Minutes from midnight at its beginning. */
  readonly minute: number;
  readonly outdoorC: number;
  /** Id of the source that feeds the rig; null for the bank or nothing. */
  readonly sourceId: string | null;
  /** Watts there are: of the source, or of the inverter while the bank may give; 0 for nothing. */
  readonly availableW: number;
  /** Watts asked before anything is switched off. */
  readonly askedW: number;
  readonly servedW: number;
  readonly chargingW: number;
  /** Charge at the end, share of what the bank holds; null without one. */
  readonly charge: number | null;
  /** Average watts served by id, over the step. */
  readonly watts: Readonly<Record<string, number>>;
  /** What wanted to be on and was not served. */
  readonly unserved: readonly string[];
  /** Units that start in it. */
  readonly starts: readonly string[];
}

/** A day of a rig, step by step, and what it comes to. */
export interface DayStudy {
  readonly steps: readonly DayStep[];
  /** Step with least to spare, asked against there is. */
  readonly worst: { readonly minute: number; readonly askedW: number; readonly availableW: number };
  /** Minutes for which something wanted to be on and was not served, by id: of a thermostat only those it would have run. */
  readonly unservedMin: Readonly<Record<string, number>>;
  readonly startsById: Readonly<Record<string, number>>;
  readonly litres: number;
  /** Watt-hours: from sources, from the bank, into loads, into the charger, lost in inverter and charger, gained by the bank. */
  readonly energy: {
    readonly sourcesWh: number;
    readonly servedWh: number;
    readonly lostWh: number;
    readonly bankGainWh: number;
  };
  /** Minutes at which the bank was at its limit and something asked of it. */
  readonly bankEmptyMin: number;
}
