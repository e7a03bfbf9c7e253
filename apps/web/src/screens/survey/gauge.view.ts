import { GAUGES, type Gauge } from "@amp-saver/core/reference";

/** A gauge as people write it. */
export function gaugeText(awg: Gauge): string {
  return awg === 0 ? "1/0 AWG" : `${awg} AWG`;
}

/** The gauge of a list's value; throws on one that is not in the table. */
export function gaugeOf(text: string): Gauge {
  const found = GAUGES.find((g) => String(g) === text);
  if (found === undefined) throw new Error(`no such gauge: ${text}`);
  return found;
}
