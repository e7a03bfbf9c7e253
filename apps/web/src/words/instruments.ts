import { formatAmps, formatNumber, formatPercent, formatVolts, formatWatts } from "@amp-saver/core/quantity";
import type { Display, DisplayOf, InstrumentKind } from "@amp-saver/instruments";
import type { BenchSourceName, BenchState, Fault } from "@amp-saver/instruments/simulated";
import type { Span } from "./answer.ts";

export const INSTRUMENTS = {
  question: "Which instruments are connected?",
  none: [{ text: "None is connected. " }, { text: "Type every reading in.", decides: true }] satisfies readonly Span[],
  asking: [{ text: "Looking." }] satisfies readonly Span[],
  answer: (n: number, simulated: boolean): readonly Span[] => [
    { text: `${n === 1 ? "One instrument is connected" : `${n} instruments are connected`}${simulated ? ", " : "."}` },
    ...(simulated ? [{ text: "all simulated.", decides: true }] : []),
  ],
  lost: [{ text: "The connection is lost. " }, { text: "It comes back by itself.", decides: true }] satisfies readonly Span[],
  sure: "With an instrument server beside the app, the clamp meter, multimeter, starter link and generator panel appear here. Before, Learn and Prove can use their figures.",
  bridge: "A bridge to a real meter uses the same messages: docs/formats/instruments.md.",
  without: "You do not need one: every figure can be typed in.",
  kinds: {
    clamp: "clamp meter",
    multimeter: "multimeter",
    "starter-link": "starter’s link",
    "generator-panel": "generator’s panel",
  } satisfies Readonly<Record<InstrumentKind, string>>,
  simulated: "simulated",
  silent: "no signal",
  dashes: "– – –",
  mode: "Mode",
  modes: { live: "live", "max-hold": "max hold", inrush: "inrush" } satisfies Readonly<Record<DisplayOf<"clamp">["mode"], string>>,
  range: "Range",
  ranges: {
    ohm: "ohm",
    continuity: "continuity",
    volts: "volts",
    "volts-low-impedance": "volts, low impedance",
    "dc-volts": "volts DC",
    capacitance: "capacitance",
  } satisfies Readonly<Record<DisplayOf<"multimeter">["range"], string>>,
  clear: "Clear the display",
  forget: "Forget what it learned",
  statuses: {
    idle: "idle",
    delay: "start delay",
    starting: "starting",
    running: "running",
    fault: "fault",
  } satisfies Readonly<Record<DisplayOf<"starter-link">["status"], string>>,
  learned: (n: number): string => (n === 1 ? "1 start learned" : `${n} starts learned`),
  lastPeak: (a: number): string => `last peak ${formatAmps(a)}`,
  code: (code: string): string => `code: ${code}`,
  beeps: "it beeps",
  eco: "Economy mode",
  restart: "Restart it",
  overloads: { none: "no overload", warning: "overload lamp is on", "shut-down": "shut down by overload" },
  fuel: (share: number): string => `fuel ${formatPercent(share)}`,
  bench: "The simulated bench",
  benchHelp:
    "Two roof units, shore power and a generator, run by the same simulation as Check. Set the thermostat, jaws, probes, plugs and faults here.",
  rate: "Time runs",
  rates: (n: number): string => (n === 1 ? "real time" : `${n} times as fast`),
  source: "Fed by",
  sources: { "hook-up": "shore power, 30 A", generator: "generator, 2.2 kW" } satisfies Readonly<Record<BenchSourceName, string>>,
  power: "Power is on",
  call: (unit: string): string => `Cooling is called, ${unit}`,
  fitted: (unit: string): string => `Starter fitted, ${unit}`,
  phases: {
    off: "off",
    fan: "fan runs, compressor waits",
    starting: "starting",
    running: "running",
    overload: "overload open",
  } satisfies Readonly<Record<BenchState["units"][number]["phase"], string>>,
  clampOn: "Jaws on",
  jaws: { common: "common", run: "run", start: "start", supply: "supply" },
  probesOn: "Probes on",
  faults: "Faults",
  fault: {
    bounce: "The next start bounces: a false high",
    "low-volts": "A thin cord: low volts",
    late: "The starter never starts it",
    thermostat: "The thermostat delays",
    "overload-open": "The compressor’s overload is open",
    "stray-volts": "Stray volts on a dead wire",
    "weak-capacitor": "A weak run capacitor",
    "link-lost": "The starter’s link is lost",
  } satisfies Readonly<Record<Fault, string>>,
} as const;

/** What a display shows, in one line; dashes where it has no figure. */
export function displayText(display: Display): string {
  switch (display.kind) {
    case "clamp":
      return display.amps === null ? INSTRUMENTS.dashes : formatAmps(display.amps);
    case "multimeter":
      if (display.value === null) return INSTRUMENTS.dashes;
      return display.unit === "V" ? formatVolts(display.value) : `${formatNumber(display.value, 1)}\u00a0${display.unit}`;
    case "starter-link":
      return display.liveA === null ? INSTRUMENTS.dashes : formatAmps(display.liveA);
    case "generator-panel":
      return display.watts === null ? INSTRUMENTS.dashes : formatWatts(display.watts);
  }
}

/** What a display says beside its figure. */
export function displayNotes(display: Display): readonly string[] {
  switch (display.kind) {
    case "clamp":
      return [INSTRUMENTS.modes[display.mode]];
    case "multimeter":
      return [INSTRUMENTS.ranges[display.range], ...(display.beeps ? [INSTRUMENTS.beeps] : [])];
    case "starter-link":
      return [
        INSTRUMENTS.statuses[display.status],
        INSTRUMENTS.learned(display.learned),
        ...(display.lastPeakA === null ? [] : [INSTRUMENTS.lastPeak(display.lastPeakA)]),
        ...(display.code === null ? [] : [INSTRUMENTS.code(display.code)]),
      ];
    case "generator-panel":
      return [INSTRUMENTS.overloads[display.overload], ...(display.fuelShare === null ? [] : [INSTRUMENTS.fuel(display.fuelShare)])];
  }
}
