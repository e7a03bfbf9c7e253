import { isHighVolts } from "./volts-class.ts";

/** Typical run capacitor by cooling capacity, µF: typical, from memory. One row per size. */
const AT_115V: readonly (readonly [btuH: number, uf: number])[] = [
  [5000, 20],
  [7000, 25],
  [9200, 35],
  [11000, 40],
  [13500, 45],
  [15000, 50],
];
const AT_230V: readonly (readonly [btuH: number, uf: number])[] = [
  [5000, 10],
  [9000, 15],
  [12000, 20],
  [18000, 30],
  [24000, 35],
  [30000, 40],
  [36000, 45],
  [42000, 55],
  [48000, 70],
  [60000, 80],
];

/** Cooling per volt-ampere of rated load, BTU/h per VA: typical, from memory; used when the plate gives no capacity. */
export const BTU_H_PER_RATED_VA = 9;

/** Typical run capacitor, µF, for a unit of this capacity at 115 V or 230 V class. */
export function typicalRunCapacitorUf(plateVolts: number, coolingBtuH: number): number {
  const table = isHighVolts(plateVolts) ? AT_230V : AT_115V;
  return table.reduce((best, row) => (Math.abs(row[0] - coolingBtuH) < Math.abs(best[0] - coolingBtuH) ? row : best))[1];
}
