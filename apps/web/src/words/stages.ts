import type { Stage } from "@amp-saver/records";
import type { StageLine, StageView } from "../screens/stages.view.ts";
import type { Span } from "./answer.ts";

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  survey: "Survey",
  check: "Check",
  choose: "Choose",
  prepare: "Prepare",
  before: "Before",
  isolate: "Isolate",
  fit: "Fit",
  learn: "Learn",
  prove: "Prove",
  "hand-over": "Hand over",
};

/** Where a stage stands, in a word or two; nothing for one that is open. */
export function stageStateWords({ state, waitsFor }: StageLine): string {
  if (waitsFor !== null) return `after ${STAGE_WORDS[waitsFor]}`;
  return { done: "done", next: "next", waiting: "waiting", "not-needed": "not needed", open: "" }[state];
}

/** The next act on a job in a sentence, with what is left where that counts. */
const NEXT_ACT = {
  plate: (): readonly Span[] => [
    { text: "Enter the plate. " },
    { text: "Start with the cooling or the locked rotor amps.", decides: true },
  ],
  source: (): readonly Span[] => [{ text: "Add what feeds it: " }, { text: "shore power, a generator or an inverter.", decides: true }],
  check: (): readonly Span[] => [{ text: "Find out whether it starts: " }, { text: "open Check.", decides: true }],
  choose: (): readonly Span[] => [{ text: "It needs help to start: " }, { text: "choose a fix.", decides: true }],
  look: (): readonly Span[] => [{ text: "Look into the unit: " }, { text: "enter how it is wired.", decides: true }],
  plan: (): readonly Span[] => [{ text: "The plan is blocked: " }, { text: "see what it needs.", decides: true }],
  before: (left: number): readonly Span[] => [
    { text: "Take the before readings: " },
    { text: left === 1 ? "1 start left." : `${left} starts left.`, decides: true },
  ],
  isolate: (): readonly Span[] => [{ text: "Switch everything off and " }, { text: "prove it dead.", decides: true }],
  wire: (left: number): readonly Span[] => [
    { text: "Fit the starter: " },
    { text: left === 1 ? "1 step left." : `${left} steps left.`, decides: true },
  ],
  power: (): readonly Span[] => [{ text: "Everything is wired: " }, { text: "first power.", decides: true }],
  close: (left: number): readonly Span[] => [
    { text: "Close the unit: " },
    { text: left === 1 ? "1 thing left." : `${left} things left.`, decides: true },
  ],
  learn: (): readonly Span[] => [{ text: "Let it learn: " }, { text: "count its runs.", decides: true }],
  after: (): readonly Span[] => [{ text: "Take the after readings: " }, { text: "same clamp, same wire.", decides: true }],
  proof: (): readonly Span[] => [{ text: "See what the readings show: " }, { text: "keep the proof.", decides: true }],
  "hand-over": (): readonly Span[] => [{ text: "The proof is kept: " }, { text: "hand it over.", decides: true }],
};

/** The next act in a sentence; where nothing is left, why. */
export function nextWords({ next, worksAsFound }: StageView): readonly Span[] {
  if (next !== null) return "left" in next ? NEXT_ACT[next.code](next.left) : NEXT_ACT[next.code]();
  return worksAsFound
    ? [{ text: "It starts as found. " }, { text: "Nothing has to be fitted.", decides: true }]
    : [{ text: "This job is handed over. " }, { text: "Nothing is left to do.", decides: true }];
}
