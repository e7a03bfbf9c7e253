import { quantity } from "@amp-saver/core/quantity";
import type { BenchSetup } from "./bench.ts";

const plate = (value: number) => quantity(value, "plate");
const sheet = (value: number) => quantity(value, "sheet");
const typical = (value: number) => quantity(value, "typical");

/** The bench of the demo: the two roof units of its coach, its pedestal and its small generator. */
export const DEMO_SETUP: BenchSetup = {
  units: [
    {
      id: "front",
      name: "front unit",
      given: {
        plateVolts: 115,
        hz: 60,
        lockedRotorA: plate(63),
        ratedLoadA: plate(13.2),
        fanA: plate(2.5),
        runCapacitorF: plate(45e-6),
        startAidF: 0,
      },
    },
    {
      id: "rear",
      name: "rear unit",
      given: {
        plateVolts: 115,
        hz: 60,
        lockedRotorA: plate(50),
        ratedLoadA: plate(10.4),
        fanA: plate(2.2),
        runCapacitorF: plate(40e-6),
        startAidF: 180e-6,
      },
    },
  ],
  sources: {
    "hook-up": { kind: "shore", volts: typical(120), ohm: typical(0.1), breakerA: plate(30) },
    generator: { kind: "inverter-generator", volts: typical(120), runningW: sheet(2200), surgeW: sheet(2700), altitudeM: 0 },
  },
  generatorW: 2200,
  outdoorC: 33,
  seed: 1,
};
