import { ENGINE_PARAMS as ENGINE } from "@amp-saver/core/device/engine/params";
import { figureText, type Measure } from "@amp-saver/core/figure";
import { celsiusFromF, formatNumber, formatPercent, metresFromFt } from "@amp-saver/core/quantity";
import type { Source } from "@amp-saver/records";

/** A small share in per cent, halves told. */
const percent = (share: number): string => `${formatNumber(share * 100, 1).replace(".0", "")}\u00a0%`;

/** A loss per 1,000 ft as people say it: for 1,000 ft, or for 100 m. */
function perAltitude(per1000Ft: number, measure: Measure): string {
  return measure === "us" ? `${percent(per1000Ft)} per 1,000\u00a0ft` : `${percent((100 * per1000Ft) / metresFromFt(1000))} per 100\u00a0m`;
}

/** How sources are asked about. */
export const SOURCE_WORDS = {
  kinds: {
    shore: "Shore power or house circuit",
    "inverter-generator": "Inverter generator",
    generator: "Open-frame generator",
    inverter: "Inverter",
  } satisfies Readonly<Record<Source["type"], string>>,
  more: "More about this source",
  cords: "Cords and adapters",
  cordsHelp: "In a row, from the outlet to the rig. An adapter is a short cord.",
  cordGauge: (n: number): string => `Cord ${n}, gauge`,
  cordLength: (n: number): string => `Cord ${n}, length`,
  cordAway: (n: number): string => `Remove cord ${n}`,
  cordAdd: "Add a cord or adapter",
  sag: "Measured voltage sag",
  sagHelp: "Volts at the rig with almost nothing on, then with a heater on, and the heater’s amps. This replaces ohms and cords.",
  idleV: "Volts, nothing on",
  loadedV: "Volts, loaded",
  loadedA: "Amps of that load",
  sagGives: (ohm: string): string => `That is ${ohm} up to the rig.`,
  sagFailures: {
    "rises-under-load": "Volts, loaded must be less than volts with nothing on: these cannot be right.",
    "load-too-small": "Amps of that load must be 3 A or more: a smaller load does not show the sag.",
    "too-large": "Volts, loaded are too low for such a load: more than 5 ohm up to the rig. Read them again.",
  },
  band: "Breaker trip curve",
  bandEarliest: "Trips at the earliest",
  bandLatest: "Trips at the latest",
  bandHelp: "One pair a line: times its rating, then seconds. Leave both empty for a typical curve.",
  bandFailures: {
    "too-few": "needs two pairs or more.",
    "multiple-not-above-one": "must be above 1 × rating.",
    "seconds-not-positive": "must be more than 0 s.",
    "multiples-not-rising": "must rise from line to line.",
    "seconds-not-falling": "must not take longer at more current.",
    "edges-cross": "crosses the other edge: the earliest must come first.",
  },
  bandError: (edge: string, line: string | null, says: string): string => `${edge}${line === null ? "" : `, line ${line},`} ${says}`,
  overload: "Overload and shut-down",
  overloadPoints: "Overload and seconds",
  overloadHelp: "One pair a line: times its running watts, then seconds. Leave empty for the usual curve.",
  altitude: "Loss with altitude",
  altitudeSchools: (measure: Measure) => ({
    common: perAltitude(ENGINE.altitudePer1000Ft.value, measure),
    steeper: perAltitude(ENGINE.steeperPer1000Ft.value, measure),
    "air-density": "by air density",
    none: "nothing",
  }),
  altitudeHelp: "Rules differ. Follow the sheet.",
  heat: "Loss with heat",
  heatHelp: (measure: Measure): string =>
    `${percent(ENGINE.heatPerF.value * (measure === "us" ? 10 : 18))} per 10\u00a0${measure === "us" ? "°F" : "°C"} above ${figureText("outdoorC", measure, celsiusFromF(ENGINE.heatFromF.value))}`,
  propane: "Runs on propane",
  propaneHelp: `about ${formatPercent(ENGINE.propaneLoss.value)} less`,
  eco: "Eco mode on",
  ecoHelp: "off for learning runs and first starts",
  second: "Second generator in parallel",
  secondHelp: "only models made for it",
  secondRunning: "Running watts, second generator",
  secondSurge: "Surge watts, second generator",
  secondSame: "same",
  bank: "Battery bank",
  bmsContinuousA: "BMS, continuous amps",
  bmsPeakA: "BMS, peak amps",
  chemistry: "Kind of battery",
  chemistries: { lithium: "lithium", agm: "AGM", flooded: "flooded" },
  endurance: "Ratings in between",
  endurancePoints: "Watts and seconds",
  enduranceHelp: "One pair a line: watts, then for how many seconds.",
  pointError: (label: string, line: number, limits: string): string => `${label}, line ${line}: must be ${limits}.`,
  pointsKeep: "Use these",
  pointsBack: "Undo these changes",
} as const;
