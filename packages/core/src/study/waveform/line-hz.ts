// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** Bounds within which a line is believed. */
const LEAST_HZ = 40;
const MOST_HZ = 70;
/** A crossing counts once the signal has been this share of its RMS on the other side. */
const HYSTERESIS = 0.3;

/** Line frequency from the rising zero crossings of the later half of a record; null where it has none that make sense. */
export function lineHzOf(values: ArrayLike<number>, sampleHz: number): number | null {
  const from = values.length >> 1;
  const known = Array.from({ length: values.length - from }, (_, i) => values[from + i]!).filter(Number.isFinite);
  if (known.length === 0) return null;
  const mean = known.reduce((a, b) => a + b, 0) / known.length;
  const square = known.reduce((sum, v) => sum + (v - mean) ** 2, 0) / known.length;
  const edge = HYSTERESIS * Math.sqrt(square);
  let armed = false;
  let first: number | null = null;
  let last = 0;
  let crossings = 0;
  for (let i = from; i < values.length; i++) {
    const now = values[i]! - mean;
    if (!Number.isFinite(now)) {
      armed = false;
      continue;
    }
    if (now < -edge) armed = true;
    if (!armed || now < 0) continue;
    const before = values[i - 1]! - mean;
    last = i - now / (now - before);
    first ??= last;
    crossings += 1;
    armed = false;
  }
  if (first === null || crossings < 3) return null;
  const hz = ((crossings - 1) / (last - first)) * sampleHz;
  return hz >= LEAST_HZ && hz <= MOST_HZ ? hz : null;
}
