import { PLAIN_ROOFTOP } from "@amp-saver/core/study/as-found";
import type { Feed } from "../feeds.ts";
import type { FitLog } from "../kind/fit-log.ts";
import { newFitLog } from "../kind/fit-log.ts";
import type { Job } from "../kind/job.ts";
import type { Starter } from "../kind/starter.ts";
import type { AirConditioner } from "../kind/unit.ts";
import type { Wiring } from "../kind/wiring.ts";
import { newWiring } from "../kind/wiring.ts";

/** A roof unit with a start capacitor and its PTC, an overload in common, and its pins read. */
export function demoWiring(unit: AirConditioner, now: string): Wiring {
  return {
    ...newWiring(now, unit),
    switches: { ...PLAIN_ROOFTOP, aid: "start-capacitor-ptc", overload: true, freeHerm: 0, lookAlike: true },
    windings: { ab: 5.6, bc: 1.4, ca: 4.6, probesOhm: 0.2, toCase: { a: false, b: false, c: false }, windingC: 25 },
    proofs: {
      "w-run": {
        traced: true,
        onDiagram: false,
        reading: { bothEndsFree: true, ohm: 0.1, openToOthers: true },
        override: null,
      },
    },
  };
}

/** A plain roof unit with an overload in common, its terminals read and its run wire proved. */
export function plainWiring(unit: AirConditioner, now: string): Wiring {
  return {
    ...newWiring(now, unit),
    switches: { ...PLAIN_ROOFTOP, overload: true },
    windings: { ab: 5.1, bc: 1.2, ca: 4.3, probesOhm: 0.2, toCase: { a: false, b: false, c: false }, windingC: 29 },
    proofs: { "w-run": { traced: true, onDiagram: true, reading: { bothEndsFree: true, ohm: 0.1, openToOthers: true }, override: null } },
  };
}

/** The sheet's learning in figures. */
export const SHEET_RULE = { runs: 5, mostRuns: 5, runS: 30, restS: 240 } as const;

/** The steps of that sheet as printed: written for a plainer unit than the demo's rear one. */
const ROOF_STEPS = `1. Turn off all power and discharge the capacitor.
2. Remove the white wire going to compressor R from the C terminal of the run capacitor.
3. Splice the gray lead to the wire going to compressor R.
4. Connect the orange lead to the C terminal of the run capacitor.
5. Connect the violet lead to HERM.
6. Remove the start capacitor.
7. Connect the pink lead to T1 of the contactor.
8. Mount the starter with its leads down.
9. If a lead must be extended, use 12 AWG or heavier.
10. Run it 5 times and wait at least 5 minutes between starts.`;

/** What the invented sheet of the roof class says beside its ratings. */
export const ROOF_SHEET: Partial<Starter> = {
  family: "F4",
  leads: {
    FEED: { color: "orange", awg: 16, end: "flag" },
    "RUN-OUT": { color: "gray", awg: 16, end: "bare" },
    START: { color: "violet", awg: 16, end: "bare" },
    REF: { color: "pink", awg: 16, end: "bare" },
  },
  delayS: 300,
  learning: "Five starts of half a minute, four to five minutes of rest between them, on a strong source.",
  learningRule: SHEET_RULE,
  sheet: ROOF_STEPS,
  mounting: "Leads down, never flat on its back, clear of fan and tubing.",
  lamps: [
    { shows: "dark", means: "no fault kept" },
    { shows: "two flashes", means: "source too low at the last start" },
  ],
};

/** A visit on which everything was switched off, measured and bled; nobody has said so on this device. */
export function demoFitLog(job: Job, feeds: readonly Feed[], now: string, capacitors: readonly string[]): FitLog {
  const off = feeds.map(({ id }) => [id, { off: true, locked: true }] as const);
  const bled = capacitors.map((id) => [id, { first: 3.1, firstAt: now, second: 2.4 }] as const);
  const dead = (volts: number) => ({ volts, lowImpedance: true });
  return {
    ...newFitLog(now, job),
    site: { dry: true, calm: true, ladder: true, helper: true, daylight: true, haul: true, skilled: true, allowed: true, flammable: false },
    run: "demo",
    sources: Object.fromEntries(off),
    meterBefore: 121.4,
    meterAfter: 121.2,
    pairs: { "L-N": dead(0.1), "L-G": dead(0.2), "N-G": dead(0) },
    capacitors: Object.fromEntries(bled),
    screwsOut: 8,
  };
}
