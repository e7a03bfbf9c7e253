import { formatAmps, formatNumber, formatPercent, formatSeconds, formatVolts, formatWatts, formatWith } from "@amp-saver/core/quantity";

type Say = (f: (name: string) => number) => string;

/** What each finding of a start study says. */
export const ISSUE_WORDS: Readonly<Record<string, Say>> = {
  stalled: () => "The rotor does not come to speed. A stalled compressor draws its locked rotor amps until something opens.",
  "starter-gave-up": (f) => `The starter lets go at ${formatSeconds(f("atS"))} and would try again after its delay, with a higher limit.`,
  "source-undervoltage": (f) =>
    `The source’s voltage is below its drop-out from ${formatSeconds(f("sinceS"))}, down to ${formatPercent(f("lowestShare"))}; it lets go at ${formatSeconds(f("atS"))}.`,
  "engine-stalls": (f) => `The engine falls to ${formatPercent(f("lowestSpeed"))} of its speed and stalls at ${formatSeconds(f("atS"))}.`,
  "engine-badly": (f) => `The engine sags to ${formatPercent(f("lowestSpeed"))} of its speed and recovers: it starts badly.`,
  "contactor-may-drop": (f) =>
    `${formatVolts(f("volts"))} for 20 ms or more; a 24 V contactor may let go below ${formatVolts(f("limitV"))} and chatter.`,
  "breaker-trips": (f) =>
    `The breaker trips by ${formatSeconds(f("atS"))} at the latest. A larger breaker is no remedy: it protects the wire.`,
  "breaker-may-trip": (f) => `A breaker at the quick edge of its band trips: ${formatPercent(f("dose"))} of the way.`,
  "source-folds-back": (f) =>
    `The source holds the current down by lowering its voltage to ${formatPercent(f("lowestShare"))}: asked ${formatAmps(f("askedA"))}, limit ${formatAmps(f("limitA"))}.`,
  "battery-low": (f) =>
    `The battery falls to ${formatVolts(f("volts"))} at ${formatAmps(f("amps"))} DC and the inverter lets go at ${formatSeconds(f("atS"))}.`,
  "run-battery-low": (f) =>
    `Running takes ${formatAmps(f("amps"))} DC and pulls the battery to ${formatVolts(f("volts"))}; the inverter cuts off below ${formatVolts(f("limitV"))}.`,
  "breaker-warms": (f) =>
    `The breaker warms from start to start: with ${formatNumber(f("restS") / 60, 0)} min of rest a quick one may trip at start ${formatNumber(f("starts"), 0)}.`,
  "eco-mode": () =>
    "Eco mode is on. The engine idles until it is asked and may be too slow for the first amps of a start: turn it off for learning runs and first starts.",
  "surge-time": (f) => `Above running watts for ${formatSeconds(f("seconds"))}; the source allows ${formatSeconds(f("limitS"))}.`,
  "run-over-rating": (f) =>
    `Running takes ${formatWatts(f("watts"))}, the source carries ${formatWatts(f("limitW"))} for hours. ${stopsAfter(f("afterS"))}`,
  "run-over-breaker-share": (f) =>
    `Running takes ${formatAmps(f("askedA"))}; for three hours and more count ${formatAmps(f("limitA"))}, 80 % of the breaker.`,
  "run-pull-out": (f) => `On ${formatVolts(f("volts"))} behind this wiring the motor cannot carry its load.`,
  "run-volts-low": (f) =>
    `${formatVolts(f("volts"))} at the unit while running; below ${formatVolts(f("limitV"))} the cord or the source is weak.`,
  "run-volts-too-low": (f) =>
    `${formatVolts(f("volts"))} at the unit while running; less than ${formatVolts(f("limitV"))} overheats the motor.`,
  "start-capacitor-long": (f) => `The start capacitor never drops out; more than ${formatSeconds(f("limitS"))} in circuit destroys it.`,
  "run-current-not-met": (f) =>
    `A motor of this plate cannot run as lightly as stated; ${formatAmps(f("askedA"))} was used. Check the running amps.`,
};

function stopsAfter(seconds: number): string {
  if (!(seconds > 0)) return "It will stop after some minutes.";
  const about = seconds >= 90 ? formatWith(seconds / 60, 0, "min") : formatWith(seconds, 0, "s");
  return `It will stop after about ${about} (usual overload curve, from memory).`;
}

export const SEVERITY_WORDS = { stop: "Stop", warn: "Watch", note: "Note" } as const;
export const issueSource = (source: string): string => `Source: ${source}`;
