import { formatAmps, formatNumber, formatPercent, formatSeconds } from "@amp-saver/core/quantity";

interface BatteryWords {
  readonly startA: number;
  readonly startV: number;
  readonly runA: number | null;
  readonly runV: number | null;
  readonly cutOffV: number;
}

export const WHY = {
  trials: "Trial runs, and what moves them",
  trialsText: (holds: number, trials: number, [low, high]: readonly [number, number], rejected: number): string =>
    `${formatNumber(holds, 0)} of ${formatNumber(trials, 0)} start and keep running with figures drawn over all that was not measured: ${formatPercent(low)} to ${formatPercent(high)}. ${formatPercent(rejected)} of the draws were rejected, since no such unit would start on the grid. Each line below: its share of the spread.`,
  findings: "What was found",
  how: "How it was worked out",
  method: [
    "The start is simulated in time: an unsymmetrical two-phase machine behind its source (P. C. Krause, Analysis of Electric Machinery), twenty steps each half cycle, thyristors split at firing and at current zero.",
    "The motor is scaled so that at standstill it draws exactly the plate’s locked rotor amps at plate volts; the load so that it runs at the expected amps.",
    "Once it is at speed the line shows the RMS over 100 ms, as a clamp meter does; before that, of every single cycle.",
    "Start: largest RMS of one cycle, everything on, against the source’s momentary limit, or against the current at which a breaker may trip at the quick edge of its band (UL 489 for the fixed points).",
    "Run: steady current at rated load and this outdoor air, against rated watts after height and heat, or 80 % of the breaker for three hours and more (NEC 210.20(A), from memory).",
    "Fits: more to spare than the figures may be off. Just fits: something to spare, but less than that, or the source had to lean. Too much: nothing to spare.",
  ],
  inputs: "What went in",
  limits: "Limits, and how much of each is used",
  limitWords: {
    "start-current": "Current of the start",
    "breaker-heat": "Breaker’s heat, quick edge of its band",
    "run-limit": "Running, for hours",
    "run-volts": "Volts at the unit, lowest allowed over given",
    "battery-volts": "Battery’s sag, of what its cut-off allows",
    "engine-speed": "Engine’s sag, of what it stalls at",
  },
  battery: ({ startA, startV, runA, runV, cutOffV }: BatteryWords): string => {
    const start = `The battery gives up to ${formatAmps(startA)} DC in the start, down to ${formatNumber(startV, 1)} V`;
    const run = runA === null || runV === null ? "" : `; running takes ${formatAmps(runA)} DC at ${formatNumber(runV, 1)} V`;
    return `${start}${run}. The inverter cuts off below ${formatNumber(cutOffV, 1)} V.`;
  },
  breaker: (restS: number, mayTripAt: number | null): string =>
    mayTripAt === null
      ? `Start after start with ${formatNumber(restS / 60, 0)} min of rest the breaker keeps cool enough.`
      : `Start after start with ${formatNumber(restS / 60, 0)} min of rest a quick breaker may trip at start ${formatNumber(mayTripAt, 0)}.`,
  retries: (tries: readonly { readonly limitA: number; readonly startS: number | null; readonly tripped: boolean }[]): string =>
    `It waits about 3 min and tries again: ${tries
      .map(
        ({ limitA, startS, tripped }) =>
          `at ${formatAmps(limitA)} ${startS !== null ? `at speed in ${formatSeconds(startS)}` : tripped ? "the source lets go" : "it stalls"}`,
      )
      .join(", then ")}.`,
  energy: (joules: number, above: number | null): string =>
    above === null
      ? `The three seconds took ${formatNumber(joules / 1000, 1)} kJ.`
      : `The three seconds took ${formatNumber(joules / 1000, 1)} kJ; ${formatNumber(above, 2)} s of them above running amps.`,
} as const;
