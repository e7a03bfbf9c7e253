/** Length: 1 ft = 0.3048 m exactly (international foot). */
const M_PER_FT = 0.3048;
/** Length: 1 in = 0.0254 m exactly (international inch). */
export const M_PER_IN = 0.0254;
/** Thermal power: 1 BTU(IT)/h in watts. */
export const W_PER_BTU_H = 0.29307107;
/** Watts of a ton of cooling, which is 12,000 BTU/h. */
export const W_PER_TON = 12_000 * W_PER_BTU_H;

/** Degrees Celsius from Fahrenheit. */
export function celsiusFromF(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}
/** Degrees Fahrenheit from Celsius. */
export function fahrenheitFromC(celsius: number): number {
  return celsius * 1.8 + 32;
}
/** Metres from feet. */
export function metresFromFt(feet: number): number {
  return feet * M_PER_FT;
}
/** Feet from metres. */
export function ftFromMetres(metres: number): number {
  return metres / M_PER_FT;
}
/** Farads from microfarads. */
export function faradFromUf(microfarad: number): number {
  return microfarad * 1e-6;
}
/** Revolutions per minute from radians per second. */
export function rpmFromRadS(radS: number): number {
  return (radS * 30) / Math.PI;
}
