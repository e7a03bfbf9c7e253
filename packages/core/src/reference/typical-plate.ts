import { present } from "../quantity/index.ts";
import { isHighVolts } from "./volts-class.ts";

/** Rated load and locked rotor amps of a compressor by its cooling, one row a size: typical, from memory. */
type Row = readonly [btuH: number, rlaA: number, lraA: number];
const AT_115V: readonly Row[] = [
  [5000, 4.6, 25],
  [7000, 6.4, 34],
  [9200, 8.5, 43],
  [11000, 10.2, 50],
  [13500, 12.6, 62],
  [15000, 13.8, 68],
];
const AT_230V: readonly Row[] = [
  [5000, 2.3, 12],
  [9000, 4, 21],
  [12000, 5.2, 27],
  [18000, 7.9, 42],
  [24000, 10.6, 58],
  [30000, 13, 70],
  [36000, 14.9, 78],
  [42000, 17.6, 96],
  [48000, 20.5, 112],
  [60000, 25.6, 142],
];

/** Where the table comes from. */
export const TYPICAL_PLATE_SOURCE = "typical for the cooling, from memory";

/** Typical rated load and locked rotor amps for a cooling capacity at 115 V or 230 V class; straight lines between the rows. */
export function typicalPlate(plateVolts: number, coolingBtuH: number): { readonly rlaA: number; readonly lraA: number } {
  const table = isHighVolts(plateVolts) ? AT_230V : AT_115V;
  const next = Math.min(
    Math.max(
      1,
      table.findIndex(([btuH]) => btuH >= coolingBtuH),
    ),
    table.length - 1,
  );
  const [high, low] = [
    present(table.at(coolingBtuH > present(table.at(-1))[0] ? -1 : next)),
    present(table.at(coolingBtuH > present(table.at(-1))[0] ? -2 : next - 1)),
  ];
  const share = (coolingBtuH - low[0]) / (high[0] - low[0]);
  const between = (at: 1 | 2): number => Math.max(0.3 * low[at], low[at] + share * (high[at] - low[at]));
  return { rlaA: between(1), lraA: between(2) };
}
