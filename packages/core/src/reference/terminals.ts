/** Colours of insulated crimp terminals and the gauges they are made for (DIN 46245, from memory). */
export const CRIMP_COLORS = [
  { color: "red", thinnestAwg: 22, thickestAwg: 16 },
  { color: "blue", thinnestAwg: 16, thickestAwg: 14 },
  { color: "yellow", thinnestAwg: 12, thickestAwg: 10 },
] as const;
export type CrimpColor = (typeof CRIMP_COLORS)[number]["color"];

/** Least force a crimp must hold on copper, newtons by AWG: 8, 13, 20, 30, 50, 70, 80 and 90 lbf (UL 486A, from memory). */
export const PULL_FORCE_N: Readonly<Record<number, number>> = { 22: 36, 20: 58, 18: 89, 16: 133, 14: 222, 12: 311, 10: 356, 8: 400 };

/** Copper of an AWG gauge, mm²: 92 to the power of (36 − n)/39 on 0.127 mm (ASTM B258). */
export function awgArea(awg: number): number {
  const mm = 0.127 * 92 ** ((36 - awg) / 39);
  return (Math.PI / 4) * mm * mm;
}

/** Ways to join wires, and what each is good for; common practice, no source. */
export const SPLICES = {
  "blade pair": { thinnestAwg: 22, thickestAwg: 10, most: 2, heatC: 105, vibration: "fair", reversible: true },
  lever: { thinnestAwg: 24, thickestAwg: 12, most: 5, heatC: 85, vibration: "fair", reversible: true },
  butt: { thinnestAwg: 22, thickestAwg: 10, most: 2, heatC: 105, vibration: "good", reversible: false },
  "closed end": { thinnestAwg: 22, thickestAwg: 10, most: 3, heatC: 105, vibration: "good", reversible: false },
  "solder and shrink": { thinnestAwg: 24, thickestAwg: 8, most: 3, heatC: 125, vibration: "poor", reversible: false },
} as const;
export type SpliceName = keyof typeof SPLICES;
