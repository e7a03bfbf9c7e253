import type { Result } from "@amp-saver/core/quantity";
import {
  actOn,
  type Bench,
  drawLesson,
  type Hint,
  hintFor,
  type Lesson,
  type Mark,
  markLesson,
  newBench,
  type PracticeAct,
  type PracticeStep,
  type ShownBench,
  shownBench,
} from "@amp-saver/core/study/practice";
import { expose } from "comlink";

/** A lesson’s unit and what was done to it. */
export interface PracticeQuestion {
  readonly lesson: Lesson;
  readonly seed: number;
  readonly acts: readonly PracticeAct[];
}

/** How the bench is after some acts, and what each of them showed. */
export interface Played {
  readonly shown: ShownBench;
  readonly steps: readonly PracticeStep[];
}

type Failure = "no-compressor" | Extract<ReturnType<typeof newBench>, { readonly ok: false }>["reason"];

/** The bench that was played last: one act more is one act’s work, not all of them again. */
let last: {
  readonly unit: string;
  readonly acts: readonly string[];
  readonly bench: Bench;
  readonly steps: readonly PracticeStep[];
} | null = null;

function played({ lesson, seed, acts }: PracticeQuestion): Result<Played, Failure> {
  const unit = JSON.stringify([lesson, seed]);
  const texts = acts.map((act) => JSON.stringify(act));
  const known = last !== null && last.unit === unit && last.acts.every((text, k) => text === texts[k]) ? last : null;
  const begun = known === null ? newBench(drawLesson(lesson, seed)) : ({ ok: true, value: known.bench } as const);
  if (!begun.ok) return begun;
  let bench = begun.value;
  const steps = [...(known?.steps ?? [])];
  for (const act of acts.slice(steps.length)) {
    const done = actOn(bench, act);
    bench = done.bench;
    steps.push(done.step);
  }
  last = { unit, acts: texts, bench, steps };
  if (steps.length === 0) setTimeout(() => warm(bench), 0);
  return { ok: true, value: { shown: shownBench(bench), steps } };
}

/** Acts once for nobody, so that the first act of a slow phone does not wait for what is only done for the first time. */
function warm(bench: Bench): void {
  const [source] = bench.switches.keys();
  const off = actOn(bench, { act: "switch", source: source ?? "", on: false }).bench;
  const [pair] = shownBench(off).pairs;
  if (pair !== undefined) actOn(off, { act: "measure", range: "volts-low-z", from: pair[0], to: pair[1] });
}

const practice = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  /** The bench after these acts. */
  play: (question: PracticeQuestion): Result<Played, Failure> => played(question),
  /** The acts judged, beside an expert’s. */
  mark: ({ lesson, seed, acts }: PracticeQuestion): Result<Mark, Failure> => markLesson(lesson, drawLesson(lesson, seed), acts),
  /** What an expert would do next. */
  hint: ({ lesson, seed, acts }: PracticeQuestion): Result<Hint, Failure> => hintFor(lesson, drawLesson(lesson, seed), acts),
};

export type PracticeStudies = typeof practice;

expose(practice);
