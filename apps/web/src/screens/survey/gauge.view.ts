import { GAUGES, type Gauge } from "@amp-saver/core/reference";

/** The gauge of a list's value; throws on one that is not in the table. */
export function gaugeOf(text: string): Gauge {
  const found = GAUGES.find((g) => String(g) === text);
  if (found === undefined) throw new Error(`no such gauge: ${text}`);
  return found;
}
