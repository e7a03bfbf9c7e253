/** One size of copper conductor. */
export interface Conductor {
  /** American wire gauge; 0 for 1/0. */
  readonly awg: number;
  /** Direct-current resistance of one stranded, uncoated copper conductor at 75 °C, ohm per 1,000 ft. */
  readonly ohmPer1000Ft: number;
  /** Amps allowed with 60 °C and 75 °C terminals, three conductors at 30 °C; null below 14 AWG, which the table leaves out. */
  readonly ampacity60A: number | null;
  readonly ampacity75A: number | null;
}

/**
 * Copper conductors: resistance from NEC chapter 9 table 8, amps from NEC table 310.16; both from
 * memory, to be compared with the printed code before anything rests on them.
 */
export const COPPER: readonly Conductor[] = [
  { awg: 18, ohmPer1000Ft: 7.95, ampacity60A: null, ampacity75A: null },
  { awg: 16, ohmPer1000Ft: 4.99, ampacity60A: null, ampacity75A: null },
  { awg: 14, ohmPer1000Ft: 3.14, ampacity60A: 15, ampacity75A: 20 },
  { awg: 12, ohmPer1000Ft: 1.98, ampacity60A: 20, ampacity75A: 25 },
  { awg: 10, ohmPer1000Ft: 1.24, ampacity60A: 30, ampacity75A: 35 },
  { awg: 8, ohmPer1000Ft: 0.778, ampacity60A: 40, ampacity75A: 50 },
  { awg: 6, ohmPer1000Ft: 0.491, ampacity60A: 55, ampacity75A: 65 },
  { awg: 4, ohmPer1000Ft: 0.308, ampacity60A: 70, ampacity75A: 85 },
  { awg: 3, ohmPer1000Ft: 0.245, ampacity60A: 85, ampacity75A: 100 },
  { awg: 2, ohmPer1000Ft: 0.194, ampacity60A: 95, ampacity75A: 115 },
  { awg: 1, ohmPer1000Ft: 0.154, ampacity60A: 110, ampacity75A: 130 },
  { awg: 0, ohmPer1000Ft: 0.122, ampacity60A: 125, ampacity75A: 150 },
];

/** Where the table's resistances come from. */
export const CONDUCTOR_SOURCE = "NEC chapter 9 table 8, from memory";
/** Where its amps come from. */
export const AMPACITY_SOURCE = "NEC table 310.16, from memory";

/** Gauges of the table, thinnest first. */
export const GAUGES = [18, 16, 14, 12, 10, 8, 6, 4, 3, 2, 1, 0] as const;
export type Gauge = (typeof GAUGES)[number];

/** The row of a gauge. Throws on a gauge that is not in the table. */
export function conductorOf(awg: number): Conductor {
  const row = COPPER.find((c) => c.awg === awg);
  if (row === undefined) throw new Error(`no such gauge: ${awg}`);
  return row;
}
