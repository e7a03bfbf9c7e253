// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** The value below which so large a share of figures lies, linear between neighbours. Throws on no figures. */
export function quantile(values: readonly number[], share: number): number {
  if (values.length === 0) throw new Error("no figures");
  // A typed array sorts by value without asking anybody.
  const sorted = new Float64Array(values).sort();
  const place = share * (sorted.length - 1);
  const low = Math.floor(place);
  const [below, above] = [sorted[low]!, sorted[Math.min(low + 1, sorted.length - 1)]!];
  return below + (place - low) * (above - below);
}

/** The middle one, or the mean of the two in the middle. Throws on no figures. */
export function median(values: readonly number[]): number {
  return quantile(values, 0.5);
}
