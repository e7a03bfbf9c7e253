import { formatAmps, formatNumber, formatPercent, formatVolts, formatWatts } from "@amp-saver/core/quantity";
import type { Display, DisplayOf, InstrumentKind } from "@amp-saver/instruments";
import type { BenchSourceName, BenchState, Fault } from "@amp-saver/instruments/simulated";
import type { Span } from "./answer.ts";

export const INSTRUMENTS = {
  question: "Which instruments answer here?",
  none: [{ text: "None answers: " }, { text: "type every reading in.", decides: true }] satisfies readonly Span[],
  asking: [{ text: "Asking." }] satisfies readonly Span[],
  answer: (n: number, simulated: boolean): readonly Span[] => [
    { text: `${n === 1 ? "One instrument answers" : `${n} instruments answer`}${simulated ? ", " : "."}` },
    ...(simulated ? [{ text: "all of them stand-ins.", decides: true }] : []),
  ],
  lost: [{ text: "The line is lost: " }, { text: "it comes back by itself.", decides: true }] satisfies readonly Span[],
  sure: "Where a server with instruments runs beside the app, clamp meter, multimeter, a starter’s link and a generator’s panel show here and hand their figures to Prove and Learn.",
  bridge: "A bridge to a real meter speaks the same messages: docs/formats/instruments.md.",
  without: "Nothing is missing without one: Prove and Learn take every figure by hand.",
  kinds: {
    clamp: "clamp meter",
    multimeter: "multimeter",
    "starter-link": "starter’s link",
    "generator-panel": "generator’s panel",
  } satisfies Readonly<Record<InstrumentKind, string>>,
  simulated: "stand-in",
  silent: "says nothing",
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
    delay: "waits its own delay",
    starting: "starting",
    running: "running",
    fault: "fault",
  } satisfies Readonly<Record<DisplayOf<"starter-link">["status"], string>>,
  learned: (n: number): string => (n === 1 ? "1 start learned" : `${n} starts learned`),
  lastPeak: (a: number): string => `last peak ${formatAmps(a)}`,
  code: (code: string): string => `code: ${code}`,
  beeps: "it beeps",
  eco: "Economy mode",
  restart: "Start it again",
  overloads: { none: "no overload", warning: "overload lamp is on", "shut-down": "shut down by overload" },
  fuel: (share: number): string => `fuel ${formatPercent(share)}`,
  bench: "The bench behind the stand-ins",
  benchHelp:
    "Two roof units, a hook-up and a generator, run by the same simulation as Check. Here are the hands: thermostat, jaws, probes, plugs, faults.",
  rate: "Time runs",
  rates: (n: number): string => (n === 1 ? "as it does" : `${n} times as fast`),
  source: "Fed by",
  sources: { "hook-up": "hook-up, 30 A", generator: "generator, 2.2 kW" } satisfies Readonly<Record<BenchSourceName, string>>,
  power: "Power is on",
  call: (unit: string): string => `Cooling is called, ${unit}`,
  fitted: (unit: string): string => `Starter fitted, ${unit}`,
  phases: {
    off: "off",
    fan: "fan runs, compressor waits",
    starting: "starting",
    running: "running",
    overload: "its overload is open",
  } satisfies Readonly<Record<BenchState["units"][number]["phase"], string>>,
  clampOn: "Jaws on",
  jaws: { common: "common", run: "run", start: "start", supply: "supply" },
  probesOn: "Probes on",
  faults: "Faults",
  fault: {
    bounce: "The next start bounces: a false high",
    "low-volts": "A thin cord: low volts",
    late: "The starter never lets it start",
    thermostat: "The thermostat waits its own delay",
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
