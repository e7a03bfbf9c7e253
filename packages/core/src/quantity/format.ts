const NBSP = "\u00a0";
const MINUS = "\u2212";

/** A number with a fixed count of decimals, thousands grouped, and a true minus sign. */
export function formatNumber(value: number, decimals: number): string {
  const rounded = Math.abs(value).toFixed(decimals);
  const [whole = "0", fraction] = rounded.split(".");
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ",");
  const text = fraction === undefined ? grouped : `${grouped}.${fraction}`;
  return value < 0 && Number(rounded) !== 0 ? `${MINUS}${text}` : text;
}

/** A number and its unit, kept together by a no-break space. */
export function formatWith(value: number, decimals: number, unit: string): string {
  return `${formatNumber(value, decimals)}${NBSP}${unit}`;
}

/** Amps to a sensible digit: tenths up to 100 A, whole amps above. */
export function formatAmps(amps: number): string {
  return formatWith(amps, Math.abs(amps) < 99.95 ? 1 : 0, "A");
}

/** Volts, whole. */
export function formatVolts(volts: number): string {
  return formatWith(volts, 0, "V");
}

/** Watts, whole. */
export function formatWatts(watts: number): string {
  return formatWith(watts, 0, "W");
}

/** Seconds: hundredths under ten, tenths above. */
export function formatSeconds(seconds: number): string {
  return formatWith(seconds, Math.abs(seconds) < 9.995 ? 2 : 1, "s");
}

/** A share as whole per cent. */
export function formatPercent(share: number): string {
  return formatWith(share * 100, 0, "%");
}
