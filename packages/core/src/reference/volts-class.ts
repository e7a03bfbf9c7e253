/** Volts from which a plate or a source is of the 230 V class, below which of the 115 V one: there is nothing between. */
const HIGH_FROM_V = 160;

/** Whether volts of a plate or a source are of the 230 V class. */
export function isHighVolts(volts: number): boolean {
  return volts >= HIGH_FROM_V;
}
