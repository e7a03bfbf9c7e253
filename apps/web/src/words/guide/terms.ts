import { COMMON_PRACTICE } from "@amp-saver/core/quantity";
import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import type { GuideEntry } from "./entry.ts";

/** The words of the trade, one idea each, as every screen and paper uses them. */
export const TERMS = [
  {
    id: "lra",
    title: "Locked rotor amps (LRA)",
    text: [
      "What the compressor draws while its rotor stands still. It is printed on the plate.",
      "Hermetic compressors have about 4 to 6 times as much as their rated load amps.",
      "Every start begins there unless something limits it.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "rla",
    title: "Rated load amps (RLA)",
    text: [
      "The plate’s figure for running. What a meter shows is nearly always lower.",
      "The fan is separate: its amps (FLA) stand beside it on the plate.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "starting-amps",
    title: "Starting amps",
    text: [
      "What a start draws. Say which, because three figures of one start differ.",
      "The first half cycle is highest. Inrush mode of a clamp meter shows the RMS of the first 100 ms.",
      "Max hold is slower and reads low. Readings are only compared with readings of the same kind.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "surge-limit",
    title: "Can supply, surge limit",
    text: [
      "The most a source delivers for a moment. Beyond it the voltage sags, then the source shuts off.",
      "For running, the rated or continuous watts count, not the surge watts.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "to-spare",
    title: "To spare, short",
    text: [
      "How far what is drawn lies below what the source can supply, or above it.",
      "Starting and running each have their own. The answer names the one that leaves less.",
    ],
  },
  {
    id: "provenance",
    title: "Where a figure comes from",
    text: [
      "Each figure has a mark: measured, plate, sheet, typical or guessed.",
      "A figure nobody entered is assumed. It is drawn around a typical value, listed, and said.",
      "Measure what “measure this next” names first: it narrows the answer most.",
    ],
  },
  {
    id: "before-after",
    title: "Before and after",
    text: [
      "Readings before the install and after it. Only both together show what the starter does.",
      "They count as taken the same way with the same meter, wire, mode, rest and source.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "rest",
    title: "Rest",
    text: [
      `Time between two starts. Below ${READING_PARAMS.leastRestMin.value} min the pressures are not equal, and the compressor may not start at all.`,
      "A reading after a short rest is too high. A learning run after a short rest teaches the wrong limit.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "run-cap",
    title: "Run cap: cap C, cap HERM, cap FAN",
    text: [
      "A dual run capacitor serves compressor and fan. HERM is also marked CP or H.",
      "Cap C is the line side that the run winding shares. It is not compressor C.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "crs",
    title: "Compressor C, R, S",
    text: [
      "Common, run and start. R to S reads the most ohms and equals the other two pairs together.",
      "C is the terminal that is not in that pair. R to C is the smaller of the other two.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "starter-families",
    title: "4-lead, 5-lead, module",
    text: [
      "4-lead: breaks the run wire and senses the common.",
      "5-lead: breaks the run wire and the common wire.",
      "Module: sits between the contactor and the run cap.",
      "Lead colors are those of your own sheet. None are built in.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "hard-start",
    title: "Hard start kit",
    text: [
      "A start capacitor with a relay or a PTC. It gives more torque and a shorter start at the same peak.",
      "It comes off before a soft starter goes in. The two never work together.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "splice",
    title: "Three-way splice",
    text: [
      "Joins a new lead to a wire that goes on. A piggyback or a free tab does the same without a cut.",
      "No splice goes under the compressor’s terminal cover.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "locked-out",
    title: "Locked out, tagged",
    text: [
      "Locked out: nobody can switch it back on. Tagged: a note says who is working.",
      "An inverter and a generator’s auto-start switch themselves back on. Each is switched off on its own.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "start-delay",
    title: "Start delay",
    text: [
      "After a call for cooling the starter waits before it lets the compressor run. The fan runs meanwhile.",
      "That is normal. Learn tells at what time waiting turns into a fault.",
    ],
    source: COMMON_PRACTICE,
  },
] as const satisfies readonly GuideEntry[];
