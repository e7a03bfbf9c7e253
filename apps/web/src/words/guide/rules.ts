import { COMPRESSOR_MOTOR_PARAMS as MOTOR } from "@amp-saver/core/device/compressor-motor/params";
import { SHORE_PARAMS } from "@amp-saver/core/device/shore/params";
import { COMMON_PRACTICE, formatPercent } from "@amp-saver/core/quantity";
import { CODE_PARAMS } from "@amp-saver/core/reference";
import { ASSESS_PARAMS } from "@amp-saver/core/study/assess/params";
import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import { TOGETHER_PARAMS } from "@amp-saver/core/study/together/params";
import type { GuideEntry } from "./entry.ts";

/** What each rule rests on. */
export const RULES = [
  {
    id: "verdicts",
    title: "Fits, barely fits, does not fit, not known",
    text: [
      `Fits: works in ${formatPercent(ASSESS_PARAMS.fitsShare.value)} of the simulated tries or more. Does not fit: in less than ${formatPercent(ASSESS_PARAMS.tooMuchShare.value)}.`,
      "Barely fits is everything between, or a rule of the code that is not met.",
      "Not known: a figure is missing that no typical value can stand for, or the figures contradict each other.",
    ],
    source: ASSESS_PARAMS.fitsShare.source,
  },
  {
    id: "tries",
    title: "Simulated tries",
    text: [
      "Each try draws every figure that was not measured, within its spread.",
      "Tries that contradict what was seen are left out: a unit that started yesterday does start.",
      "The same figures always give the same tries.",
      `Beside other loads: one that comes on by itself is on at ${formatPercent(TOGETHER_PARAMS.byItselfShare.value)} of the starts. Once the unit runs, all of them are on.`,
    ],
    source: ASSESS_PARAMS.triesToSay.source,
  },
  {
    id: "breaker",
    title: "When a breaker trips",
    text: [
      "Two edges of the usual band: a quick breaker and a slow one. Heat adds up from start to start.",
      "At its rating or below it never trips. A start that only the quick edge trips may trip.",
    ],
    source: "UL 489 for the fixed points, the rest typical, from memory",
  },
  {
    id: "continuous",
    title: `Three hours and more: ${formatPercent(SHORE_PARAMS.continuousShare.value)} of the breaker`,
    text: ["It is a rule of the code, not a trip. It caps the answer at barely fits."],
    source: SHORE_PARAMS.continuousShare.source,
  },
  {
    id: "largest-motor",
    title: `The largest motor counts ${formatPercent(CODE_PARAMS.motorFactor.value)}`,
    text: ["Once, for the largest one. The others count in full."],
    source: CODE_PARAMS.motorFactor.source,
  },
  {
    id: "plug-in",
    title: "A plug-in unit and its circuit",
    text: [
      `Alone it may take ${formatPercent(CODE_PARAMS.plugInAlone.value)} of its circuit, beside other loads ${formatPercent(CODE_PARAMS.plugInBeside.value)}.`,
    ],
    source: CODE_PARAMS.plugInBeside.source,
  },
  {
    id: "low-volts",
    title: "Low volts while it runs",
    text: [
      `Below ${formatPercent(MOTOR.warnNominalShare.value)} of the nominal volts the cord or the source is weak. Below ${formatPercent(MOTOR.lowestPlateShare.value)} of the plate’s volts it overheats.`,
      `An energy manager cuts out below ${SHORE_PARAMS.managerLowV.value} V.`,
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "altitude-heat",
    title: "Altitude, heat and propane",
    text: [
      "A generator loses watts with altitude, with heat and on propane. The factors multiply.",
      "Two schools of altitude and the air density of the standard atmosphere can be selected.",
    ],
    source: "ISO 2533 for the air density; the rest common practice, no source",
  },
  {
    id: "readings-alike",
    title: "Which readings count",
    text: [
      `A reading far from the middle of three is left out: by more than ${formatPercent(READING_PARAMS.outlierShare.value)}. It is kept and shown.`,
      "So is one on another wire, in another mode or after a shorter rest.",
      `A starter that has learned lowers starting amps by ${formatPercent(READING_PARAMS.expectedLow.value)} to ${formatPercent(READING_PARAMS.expectedHigh.value)}. Other drops are said, not refused.`,
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "dead-rules",
    title: "Why waiting is no proof, and a tool no way",
    text: [
      "A capacitor can keep its charge for days, and can recover some of it after a discharge.",
      "A meter on AC volts shows zero on a charged capacitor. A tool across it can burst it.",
      "The bleeder’s minutes follow from its ohms, the microfarads and the printed volts.",
    ],
    source: "t = R C ln(U0 / U), textbook; the bleeder common practice, no source",
  },
  {
    id: "terminal-cover",
    title: "The terminal cover stays on",
    text: [
      "With power on, a terminal of the compressor can blow out with burning oil.",
      "Never measure there live. A winding that reads to the case is never powered again.",
    ],
    source: COMMON_PRACTICE,
  },
] as const satisfies readonly (GuideEntry & { readonly source: string })[];
