import { COMMON_PRACTICE, formatNumber } from "@amp-saver/core/quantity";
import { ISOLATION_PARAMS } from "@amp-saver/core/study/isolation/params";
import { LEARNING_RUN_PARAMS } from "@amp-saver/core/study/learning-runs/params";
import { PROOF_PARAMS } from "@amp-saver/core/study/proof/params";
import { WHY } from "../why.ts";
import type { GuideEntry } from "./entry.ts";

const minutes = (seconds: number): string => formatNumber(seconds / 60, 0);

/** How each stage works out what it says, in the order of the work. */
export const METHOD = [
  {
    id: "survey",
    title: "Survey: what is known, and how well",
    text: [
      "The plate’s figures go in as they are printed. What the plate does not show stays empty.",
      "An empty figure is never zero: it is assumed, and Check lists it.",
      "Photograph the plate, the breakers and the wiring before anything moves.",
    ],
  },
  { id: "check", title: "Check: will it start and keep running?", text: WHY.method },
  {
    id: "choose",
    title: "Choose: the cheapest fix that works",
    text: [
      "Every fix is simulated on your source, in your weather, with your loads.",
      "The cheapest one that fits is named. A fix that is much cheaper and nearly as sure is named beside it.",
      "A larger breaker or a thicker wire on the same breaker is never a fix. The breaker protects the wire.",
    ],
  },
  {
    id: "prepare",
    title: "Prepare: as found, plan and kit",
    text: [
      "The wiring as found comes from what you select. Wire color proves nothing, so look and correct it.",
      "The plan changes as few wires as the starter allows, and prefers what needs no cut.",
      "Each step is checked against the circuit: nothing loose, nothing joined that must not be.",
      "The maker’s sheet is read sentence by sentence and followed on paper: what does not fit is named.",
      "Where the sheet limits more strictly than this app, the sheet counts.",
      "The kit lists each terminal by tab size and wire gauge. Crimp and pull each one before the ladder.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "before",
    title: "Before: readings as found",
    text: [
      "Close the jaws around compressor common, and nothing else. The supply cord would add the fan.",
      "Hang the clamp with the unit proven dead. Close the unit, then power it.",
      "Three starts with full rest show the scatter. The middle one counts.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "isolate",
    title: "Isolate: proven dead",
    text: [
      "Every source goes off and is locked out or tagged: breakers, cord, generator, auto-start, inverter.",
      "Prove the meter on a known source, measure every pair, prove the meter again.",
      `Use low impedance. ${ISOLATION_PARAMS.deadV.value} V or more there is not dead.`,
      `Discharge each capacitor through a bleeder and read DC: below ${ISOLATION_PARAMS.dischargedV.value} V, and again after ${ISOLATION_PARAMS.againS.value} s.`,
      `After a break of ${ISOLATION_PARAMS.breakMin.value} min it is proven again, because somebody may have switched something on.`,
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "fit",
    title: "Fit: find, mount, wire, check, power, close",
    text: [
      "The ohms of three pairs name C, R and S. Each terminal to the case must read open.",
      "A wire is traced with both ends free. A beep proves nothing while a winding joins the ends.",
      "One connection at a time: connect, pull, photo. Then the finished wiring is checked as a circuit.",
      "Fan first at first power. The compressor follows after the start delay.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "learn",
    title: "Learn: until the peak has settled",
    text: [
      "The starter lowers its limit from start to start. Its own sheet says how many runs and how long a rest.",
      `Less than ${minutes(LEARNING_RUN_PARAMS.leastRestS.value)} min of rest does not count, whatever the sheet says.`,
      "It has settled when the last three peaks no longer fall.",
      "Learn on a strong source. With several units one rests while another runs.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "prove",
    title: "Prove: what the starter did",
    text: [
      "After readings are compared with before readings taken the same way. The true drop is told as a range.",
      `The run test on the weak source shows that it keeps running: ${PROOF_PARAMS.goalMin.value} min, as hot as the day allows.`,
      "The proof compares what was read with what was expected. Where they differ it says by how much.",
    ],
    source: COMMON_PRACTICE,
  },
  {
    id: "hand-over",
    title: "Hand over: what stays with the rig",
    text: [
      "The sheet shows before and after, the wiring as built, what was removed and how to undo the install.",
      "A label goes into the unit. The card at the switch names what can run together.",
      "The yearly look is entered in the calendar: tape, ties, terminals, putty.",
    ],
  },
  {
    id: "together",
    title: "What can run together",
    text: [
      "Every combination of loads and units is counted against the source: running, and each start on top.",
      "What must go off is chosen by the priorities you set. Turn off first, keep on.",
      "Hour by hour follows the outdoor temp, each load’s hours, each source’s hours and the battery.",
    ],
  },
  {
    id: "practice-bench",
    title: "The practice bench",
    text: [
      "A unit is drawn with wire colors that tell nothing, and something is wrong with it. Every meter reading comes from solving its circuit as it is at that moment.",
      "A fault counts as found once a measurement shows something that a good unit would not show. A guess counts against you.",
      "Hands that go in before every source is locked, the meter proven, every pair dead and every capacitor read twice were lucky.",
      "Nothing practiced here replaces training, the maker’s sheets or local code.",
    ],
  },
  {
    id: "own-record",
    title: "Your own jobs in figures",
    text: ["Handed-over jobs with readings alike on both sides are told by volts and cooling.", "Yours are never mixed with typical ones."],
  },
] as const satisfies readonly GuideEntry[];
