import type { Result } from "@amp-saver/core/quantity";
import { type MapCell, type MemberNeeds, mapOf, needsOf, type Reach, reachOf } from "@amp-saver/core/study/boundary";
import { type Calibration, type CalibrationFailure, type CalibrationInput, calibrate } from "@amp-saver/core/study/calibration";
import { type Batch, tryBatch } from "@amp-saver/core/study/confidence";
import { type DayCase, type DayStudy, studyDay } from "@amp-saver/core/study/day-plan";
import { type LearningStudy, studyLearning, type Watched } from "@amp-saver/core/study/learning";
import {
  type PrepareFailure,
  type Sensitivity,
  type StartCase,
  type StartStudy,
  sensitivities,
  studyStart,
} from "@amp-saver/core/study/motor-start";
import { type Predicted, predictReadings } from "@amp-saver/core/study/proof";
import type { ClampReading } from "@amp-saver/core/study/reading";
import { type Choices, type Remedy, studyRemedies } from "@amp-saver/core/study/remedy";
import { demandOf, studyTogether, type TogetherCase, type TogetherStudy, type TogetherUnit } from "@amp-saver/core/study/together";
import { expose } from "comlink";
import { memberKeeper } from "./keep-members.ts";

/** A day but for its units, and the units as they stand at 35 °C. */
export interface DayQuestion {
  readonly units: readonly TogetherUnit[];
  readonly day: Omit<DayCase, "units">;
}

/** Starts as found and with the starter, and how they are read. */
export interface LearningQuestion {
  readonly given: StartCase;
  readonly watched: Watched;
}

/** Two cases and the reading that is asked about. */
export interface PredictQuestion {
  readonly asFound: StartCase;
  readonly soft: StartCase;
  readonly kind: ClampReading["kind"];
  readonly conductor: ClampReading["conductor"];
}

const membersOf = memberKeeper();

const studies = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  /** One case studied whole, or why it cannot be. */
  study(given: StartCase): Result<StartStudy, PrepareFailure> {
    return studyStart(given);
  },
  /** Several cases at their centre, for lists that compare; null where one cannot be put together. */
  glances(cases: readonly StartCase[]): (StartStudy["result"] | null)[] {
    return cases.map((given) => {
      const study = studyStart(given);
      return study.ok ? study.value.result : null;
    });
  },
  /** A starter's starts from its first to settled; null when the case cannot be put together. */
  learning({ given, watched }: LearningQuestion): LearningStudy | null {
    const study = studyLearning(given, watched);
    return study.ok ? study.value : null;
  },
  /** What readings of a kind should show before, after and running. */
  predict({ asFound, soft, kind, conductor }: PredictQuestion): Predicted {
    return predictReadings(asFound, soft, kind, conductor);
  },
  /** Every remedy for a case, simulated side by side. */
  remedies(given: StartCase, choices: Choices): Remedy[] {
    return [...studyRemedies(given, choices)];
  },
  /** What can be on together on one source. */
  together(given: TogetherCase): TogetherStudy {
    return studyTogether(given, membersOf);
  },
  /** A day of a rig; units of which nothing can be said are left out. */
  day({ units, day }: DayQuestion): DayStudy {
    const known = units.flatMap((unit) => {
      const demand = demandOf(unit);
      return demand === null ? [] : [{ id: unit.id, watts: demand.runW, priority: unit.priority }];
    });
    return studyDay({ ...day, units: known });
  },
  /** A unit refined by its readings, or why not. */
  calibrate(input: CalibrationInput): Result<Calibration, CalibrationFailure> {
    return calibrate(input);
  },
  /** What to measure next. */
  sensitivities(given: StartCase): Sensitivity[] {
    return [...sensitivities(given)];
  },
  /** Trials `from` to `to` of a case, or why it cannot be put together. */
  batch(given: StartCase, seed: number, from: number, to: number): Result<Batch, PrepareFailure> {
    return tryBatch(given, seed, from, to, membersOf(given.unit, seed));
  },
  /** The map of a case by those members. */
  map(given: StartCase, outdoorC: readonly number[], up: readonly number[], seed: number, from: number, to: number): MapCell[][] {
    return mapOf(given, outdoorC, up, membersOf(given.unit, seed), seed, from, to).map((row) => [...row]);
  },
  /** How hot and how high those members still go. */
  reach(given: StartCase, seed: number, from: number, to: number): Reach[] {
    return [...reachOf(given, membersOf(given.unit, seed), seed, from, to)];
  },
  /** The least that those members need. */
  needs(given: StartCase, seed: number, from: number, to: number): MemberNeeds[] {
    return [...needsOf(given, membersOf(given.unit, seed), seed, from, to)];
  },
};

/** What the page may ask of a worker that studies. */
export type Studies = typeof studies;

expose(studies);
