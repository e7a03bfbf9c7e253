import { formatPercent } from "@amp-saver/core/quantity";
import type { Reading } from "@amp-saver/records";

const MODES: Readonly<Record<Reading["mode"], string>> = {
  inrush: "inrush",
  "max-hold": "max hold",
  app: "from the starter",
  live: "running",
};

export const REFINE = {
  title: "Refine by readings",
  help: "Readings of this unit, beside what the plate alone and the refined model would show on the same source.",
  open: "Refine by readings",
  inUse: (n: number): string => `Refined by ${n} reading${n === 1 ? "" : "s"}`,
  nothing: "Nothing was measured on this unit yet. Take readings in Before, or enter both windings’ ohms in Survey.",
  heads: ["Reading", "Read", "By plate", "Refined"],
  reading: (when: Reading["when"], mode: Reading["mode"], conductor: Reading["conductor"]): string =>
    `${when === "before" ? "Before" : "After"}, ${MODES[mode]}, on ${conductor}`,
  refused: {
    "not-on-common": "Left out: not clamped on common or supply.",
    "not-a-direct-start": "Left out: a start with the starter tells nothing about the motor.",
    "far-from-plate": "Left out: too far from what the plate allows. Bounced, or the wrong conductor?",
    "no-such-start": "Left out: the model has no such start on this source.",
    "looks-like-run": "Doubtful: it looks like the run winding, not common.",
    outlier: "Doubtful: it disagrees with the others.",
  },
  failures: {
    "nothing-usable": "None of the readings can be used: they are too far from the plate, on other conductors, or taken with the starter.",
    "contradicts-plate": "The readings contradict the plate. Check plate, wire and meter.",
    "readings-contradict": "The readings contradict each other. Take them again, one wire and one meter.",
    "start-over-run": "Winding, common to start must be 1.5 to 10 times common to run: check which terminals were read.",
    "main-against-locked": "Winding, common to run does not match the plate’s locked rotor amps. Zero the meter leads and read again.",
    "no-fit": "No motor can have these figures. Check the plate’s amps.",
    "needs-amps": "The plate’s amps are missing.",
    "needs-watts": "The watts of a source are missing.",
    "not-this-drive": "This kind of compressor is not studied.",
    "aid-with-starter": "A start aid with a soft starter is not studied.",
    "wrong-volts": "The unit’s volts and the source’s volts do not match.",
    "not-computable": "Locked rotor amps, run capacitor and ohms cannot belong together: check them again.",
    contradicts: "With the plate’s figures it would not start as found: check the plate again.",
    "needs-lowest-volts": "On 208 V enter the plate’s lowest volts first.",
  },
  timings: (n: number): string => `${n === 1 ? "1 time" : `${n} times`} to speed counted with them.`,
  recordings: (n: number): string => `With ${n === 1 ? "one recorded start" : `${n} recorded starts`}, by plateau, time and running amps.`,
  residual: (plate: string, refined: string): string =>
    `Off by ${plate} by the plate alone, by ${refined} refined (root mean square of the readings used).`,
  locked: "Locked rotor amps",
  running: "Compressor’s running amps, hot day",
  inertia: "Inertia, over the usual",
  plusMinus: (figure: string, tolerance: number): string => `${figure} ± ${formatPercent(tolerance)}`,
  use: "Use these",
  forget: "Use the plate again",
} as const;
