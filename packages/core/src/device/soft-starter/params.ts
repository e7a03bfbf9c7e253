import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

const OWN = "our model of a regulated starter, not of any maker's";

/** A starter that holds the compressor's line current at a limit by phase control of the run winding. */
export const SOFT_STARTER_PARAMS = {
  startCapacitor115Uf: {
    label: "Own start capacitor, 115 V class",
    unit: "µF",
    value: 150,
    min: 40,
    max: 300,
    spread: [80, 160],
    source: FROM_MEMORY,
  },
  startCapacitor230Uf: {
    label: "Own start capacitor, 230 V class",
    unit: "µF",
    value: 120,
    min: 40,
    max: 300,
    spread: [80, 160],
    source: FROM_MEMORY,
  },
  capacitorOutShare: {
    label: "Share of synchronous speed at which its capacitor leaves",
    unit: "1",
    value: 0.8,
    min: 0.5,
    max: 0.95,
    source: OWN,
  },
  bypassShare: { label: "Share of synchronous speed above which it may bypass", unit: "1", value: 0.93, min: 0.8, max: 0.99, source: OWN },
  bypassStep: { label: "Largest step up on bypass, over the limit", unit: "1", value: 0.15, min: 0.05, max: 0.5, source: OWN },
  giveUpS: { label: "Time without coming to speed after which it lets go", unit: "s", value: 2, min: 0.5, max: 5, source: OWN },
  firstAngleDeg: { label: "First firing angle", unit: "°", value: 150, min: 90, max: 175, source: OWN },
  lastAngleDeg: { label: "Largest firing angle", unit: "°", value: 172, min: 120, max: 178, source: OWN },
  gainDeg: {
    label: "Move of the firing angle per unit of relative error, each half cycle",
    unit: "°",
    value: 28,
    min: 2,
    max: 90,
    source: OWN,
  },
  damping: { label: "Share of the current's last change that counts as error", unit: "1", value: 0.8, min: 0, max: 3, source: OWN },
  openMaxDeg: { label: "Largest move towards more current in a half cycle", unit: "°", value: 5, min: 1, max: 30, source: OWN },
  closeMaxDeg: { label: "Largest move towards less current in a half cycle", unit: "°", value: 20, min: 1, max: 60, source: OWN },
  raiseAfterStall: { label: "Growth of the limit after a start that stalled", unit: "1", value: 1.2, min: 1.02, max: 2, source: OWN },
  retries: { label: "Times it tries again on its own", unit: "1", value: 3, min: 0, max: 10, source: OWN },
  typicalLimitShare: {
    label: "Settled limit over locked rotor amps",
    unit: "1",
    value: 0.35,
    min: 0.2,
    max: 0.8,
    spread: [0.25, 0.45],
    source: "common practice, no source: 55 to 75 % less than direct",
  },
} as const satisfies ParamTable;
