import { formatAmps, formatNumber, formatPercent, formatSeconds, formatVolts, formatWatts, formatWith } from "@amp-saver/core/quantity";
import type { FindingCode, FindingFigures, FindingOf } from "@amp-saver/core/study/motor-start";

/** Seconds as people say them: minutes from a minute and a half on. */
export function aboutTime(seconds: number): string {
  if (seconds >= 5400) return formatWith(seconds / 3600, 1, "h");
  return seconds >= 90 ? formatWith(seconds / 60, 0, "min") : formatWith(seconds, seconds < 10 ? 1 : 0, "s");
}

/** What each finding of a start study says; a code without words, or a figure it does not have, does not compile. */
const FINDING_WORDS: { readonly [C in FindingCode]: (f: FindingFigures[C]) => string } = {
  stalled: ({ amps, overloadOpensS, breakerTripsS }) => {
    const overload = overloadOpensS === null ? "" : ` Its own overload opens after about ${aboutTime(overloadOpensS)}.`;
    const breaker = breakerTripsS === null ? "" : ` The breaker would trip after about ${aboutTime(breakerTripsS)}.`;
    return `The compressor does not come up to speed and draws ${formatAmps(amps)}.${overload}${breaker}`;
  },
  "overload-opens": ({ atS, amps }) =>
    `The compressor draws ${formatAmps(amps)} for too long. Its own overload opens after ${formatSeconds(atS)}.`,
  "starter-gave-up": ({ tries, limitA }) =>
    `The starter gives up after ${tries === 1 ? "1 try" : `${tries} tries`}, the last at ${formatAmps(limitA)}.`,
  "starter-retries": ({ tries, limitA, startS }) =>
    `The starter makes it at try ${tries}, at ${formatAmps(limitA)}, in ${formatSeconds(startS)}. It waits about 3 min between tries.`,
  "source-undervoltage": ({ sinceS, atS, lowestShare }) =>
    `Voltage sags to ${formatPercent(lowestShare)} and stays too low from ${formatSeconds(sinceS)} on. The source shuts off at ${formatSeconds(atS)}.`,
  "engine-stalls": ({ atS, lowestSpeed }) =>
    `The engine drops to ${formatPercent(lowestSpeed)} of its speed and stalls at ${formatSeconds(atS)}.`,
  "engine-badly": ({ lowestSpeed }) => `The engine sags to ${formatPercent(lowestSpeed)} of its speed and recovers. It starts badly.`,
  "contactor-may-drop": ({ volts, limitV }) =>
    `Volts drop to ${formatVolts(volts)}. Below ${formatVolts(limitV)} a 24 V contactor may drop out and chatter.`,
  "breaker-trips": ({ atS }) =>
    `The breaker trips by ${formatSeconds(atS)} at the latest. A larger breaker is no fix: the breaker protects the wire.`,
  "breaker-may-trip": ({ dose }) => `A quick breaker of this size trips: the start uses ${formatPercent(dose)} of its trip time.`,
  "manager-cuts-out": ({ atS, lowV, lowS }) =>
    `The energy manager cuts out at ${formatSeconds(atS)}: below ${formatVolts(lowV)} for ${formatSeconds(lowS)}.`,
  "source-sags": ({ lowestV, drawnA, availableA }) =>
    `Voltage sags to ${formatVolts(lowestV)}. The start would draw ${formatAmps(drawnA)}; the source can supply ${formatAmps(availableA)}.`,
  "surge-time": ({ seconds, limitS, watts }) =>
    `The start stays above ${formatWatts(watts)} for ${formatSeconds(seconds)}. The source allows ${formatSeconds(limitS)}.`,
  "battery-low": ({ atS, volts, amps }) =>
    `The battery drops to ${formatNumber(volts, 1)}\u00a0V at ${formatAmps(amps)} DC. The inverter shuts off at ${formatSeconds(atS)}.`,
  "run-battery-low": ({ volts, limitV, amps }) =>
    `Running draws ${formatAmps(amps)} DC and pulls the battery to ${formatNumber(volts, 1)}\u00a0V. The inverter shuts off below ${formatNumber(limitV, 1)}\u00a0V.`,
  "run-bms": ({ amps, limitA }) => `Running draws ${formatAmps(amps)} DC. The battery’s BMS carries ${formatAmps(limitA)}.`,
  "breaker-warms": ({ starts, restS }) =>
    `The breaker warms up. With ${formatNumber(restS / 60, 0)} min of rest a quick one may trip at start ${formatNumber(starts, 0)}.`,
  "eco-mode": () => "Eco mode is on. Turn it off for learning runs and first starts: the engine may be too slow.",
  "run-over-rating": ({ watts, limitW, afterS }) =>
    `Running needs ${formatWatts(watts)}; the source can supply ${formatWatts(limitW)} for hours.${afterS === null ? "" : ` It shuts off after about ${aboutTime(afterS)}.`}`,
  "run-breaker-trips": ({ amps, ratingA, afterS }) =>
    `Running draws ${formatAmps(amps)} through a ${formatNumber(ratingA, 0)}\u00a0A breaker. It trips after about ${aboutTime(afterS)}.`,
  "run-manager": ({ volts, limitV }) =>
    `${formatVolts(volts)} at the unit while it runs. The energy manager cuts out below ${formatVolts(limitV)}.`,
  "run-pull-out": ({ volts }) => `On ${formatVolts(volts)} at the unit the compressor cannot carry its load.`,
  "run-volts-low": ({ volts, limitV }) =>
    `${formatVolts(volts)} at the unit while it runs. Below ${formatVolts(limitV)} the cord or the source is weak.`,
  "run-volts-too-low": ({ volts, limitV }) =>
    `${formatVolts(volts)} at the unit while it runs. Less than ${formatVolts(limitV)} overheats the compressor.`,
  "start-capacitor-long": ({ limitS }) => `The start capacitor never drops out. More than ${formatSeconds(limitS)} destroys it.`,
  "run-current-not-met": ({ amps }) =>
    `A compressor of this plate cannot run that lightly; ${formatAmps(amps)} was used. Check the running amps.`,
  "rule-motor-share": ({ countedA, ratingA }) =>
    `The code counts the largest motor at 125 %: ${formatAmps(countedA)} on a ${formatNumber(ratingA, 0)}\u00a0A breaker.`,
  "rule-plug-in": ({ amps, limitA, share }) =>
    `The code allows a plug-in unit ${formatPercent(share)} of its circuit: ${formatAmps(limitA)}. It draws ${formatAmps(amps)}.`,
};

/** A finding in words. */
export function findingSentence<C extends FindingCode>(finding: FindingOf<C>): string {
  return FINDING_WORDS[finding.code](finding.figures);
}

export const SEVERITY_WORDS = { stop: "Stop", warn: "Watch", note: "Note" } as const;
export const findingSource = (source: string): string => `Source: ${source}`;
