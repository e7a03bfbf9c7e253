import { formatAmps, formatNumber, formatPercent } from "@amp-saver/core/quantity";
import { ASSESS_PARAMS } from "@amp-saver/core/study/assess/params";

interface BatteryWords {
  readonly startA: number;
  readonly startV: number;
  readonly runA: number | null;
  readonly runV: number | null;
  readonly cutOffV: number;
}

const hundredths = (share: number): string => formatNumber(100 * share, 0);

export const WHY = {
  trials: "Simulated tries, and what changes them",
  trialsText: (holds: number, trials: number, [low, high]: readonly [number, number], rejected: number): string =>
    `${formatNumber(holds, 0)} of ${formatNumber(trials, 0)} tries start and keep running: between ${formatPercent(low)} and ${formatPercent(high)}. ${formatPercent(rejected)} were left out: such a unit would not start, and this one was seen to. Each line below: its share of the spread.`,
  findings: "What was found",
  how: "How it was worked out",
  howHere: "The start is simulated in time, on this source, with every blank figure drawn. The guide has the method step by step.",
  method: [
    "The start is simulated in time: an unsymmetrical two-phase machine behind its source (P. C. Krause, Analysis of Electric Machinery), twenty steps each half cycle, thyristors split at firing and at current zero.",
    "The motor is scaled so that at standstill it draws exactly the plate’s locked rotor amps at plate volts; the load so that it runs at the expected amps.",
    "Once it is at speed the line shows the RMS over 100 ms, as a clamp meter does; before that, of every single cycle.",
    "Start: how much smaller the source could be for the start still to be made, found by simulating it. On a circuit the lowest volts or the breaker’s trip curve decide, whichever leaves less (UL 489 for the fixed points).",
    "Run: the steady current at this outdoor temp. It is compared with rated watts after altitude and heat, the breaker over three hours, the battery, and the volts at the unit.",
    "Each try draws every figure that was not measured. It works when it starts and keeps running.",
    `Fits: works in ${hundredths(ASSESS_PARAMS.fitsShare.value)} of 100 tries or more. Does not fit: in fewer than ${hundredths(ASSESS_PARAMS.tooMuchShare.value)}. Barely fits: between. A broken rule of the code caps it at barely fits (NEC 430.24, 440.62, from memory).`,
  ],
  inputs: "What went in",
  limits: "Limits, and how much of each is used",
  limitWords: {
    "start-current": "Current of the start",
    "breaker-heat": "Breaker, quick edge of its trip curve",
    "run-limit": "Running, for hours",
    "run-volts": "Volts at the unit, lowest allowed over actual",
    "battery-volts": "Battery’s sag, of what its cut-off allows",
    "engine-speed": "Engine’s sag, of what it stalls at",
  },
  battery: ({ startA, startV, runA, runV, cutOffV }: BatteryWords): string => {
    const start = `The battery supplies up to ${formatAmps(startA)} DC in the start, down to ${formatNumber(startV, 1)} V`;
    const run = runA === null || runV === null ? "" : `; running takes ${formatAmps(runA)} DC at ${formatNumber(runV, 1)} V`;
    return `${start}${run}. The inverter cuts off below ${formatNumber(cutOffV, 1)} V.`;
  },
  breaker: (restS: number, mayTripAt: number | null): string =>
    mayTripAt === null
      ? `Start after start with ${formatNumber(restS / 60, 0)} min of rest the breaker does not trip.`
      : `Start after start with ${formatNumber(restS / 60, 0)} min of rest a quick breaker may trip at start ${formatNumber(mayTripAt, 0)}.`,
  retries: (failed: readonly { readonly limitA: number }[]): string =>
    `The starter gives up at ${failed.map(({ limitA }) => formatAmps(limitA)).join(", then at ")}. It waits about 3 min and retries with a higher limit.`,
  energy: (joules: number, above: number | null): string =>
    above === null
      ? `The simulated start took ${formatNumber(joules / 1000, 1)} kJ.`
      : `The simulated start took ${formatNumber(joules / 1000, 1)} kJ; ${formatNumber(above, 2)} s of it above running amps.`,
} as const;
