const MOST = 1000;

/** Volts as typed, a decimal comma or point, either sign; null where nothing is, undefined where it is no number within bounds. */
export function readVolts(text: string): number | null | undefined {
  const plain = text.trim().replace(",", ".").replace("−", "-");
  if (plain === "") return null;
  if (!/^-?(\d+(\.\d*)?|\.\d+)$/.test(plain)) return undefined;
  const value = Number(plain);
  return Math.abs(value) <= MOST ? value + 0 : undefined;
}
