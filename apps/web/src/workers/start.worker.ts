import type { Result } from "@amp-saver/core/quantity";
import { type Calibration, type CalibrationFailure, type CalibrationInput, calibrate } from "@amp-saver/core/study/calibration";
import { type DayCase, type DayStudy, studyDay } from "@amp-saver/core/study/day-plan";
import { type LearningStudy, studyLearning } from "@amp-saver/core/study/learning";
import { type MapCell, marginRow } from "@amp-saver/core/study/margin-map";
import {
  type Sensitivity,
  type StartCase,
  type StartStudy,
  sensitivities,
  studyStart,
  type Thresholds,
  thresholds,
  type Verdict,
} from "@amp-saver/core/study/motor-start";
import { type Predicted, predictReadings } from "@amp-saver/core/study/proof";
import type { ClampReading } from "@amp-saver/core/study/reading";
import { type Choices, type RemedyStudy, studyRemedies } from "@amp-saver/core/study/remedy";
import { demandOf, studyTogether, type TogetherCase, type TogetherStudy, type TogetherUnit } from "@amp-saver/core/study/together";
import { expose } from "comlink";

/** A case's verdict for a list, with the margin that decides; none where the unit made do with less than it asked. */
export interface Glance {
  readonly verdict: Verdict;
  readonly marginA: number | null;
}

/** A day but for its units, and the units as they stand at 35 °C. */
export interface DayQuestion {
  readonly units: readonly TogetherUnit[];
  readonly day: Omit<DayCase, "units">;
}

/** Starts as found and with the starter, and how they are read. */
export interface PredictQuestion {
  readonly asFound: StartCase;
  readonly soft: StartCase;
  readonly kind: ClampReading["kind"];
  readonly conductor: ClampReading["conductor"];
}

const desk = {
  /** One case studied whole; null when no motor fits its plate. */
  study(given: StartCase): StartStudy | null {
    const study = studyStart(given);
    return study.ok ? study.value : null;
  },
  /** Verdicts of several cases, for lists that compare. */
  glances(cases: readonly StartCase[]): (Glance | null)[] {
    return cases.map((given) => {
      const study = studyStart(given);
      if (!study.ok) return null;
      const { verdict, result } = study.value;
      const marginA = result[verdict.decides]?.marginA ?? null;
      return { verdict, marginA: marginA !== null && marginA <= 0 && verdict.overall !== "too-much" ? null : marginA };
    });
  },
  /** A starter's starts from its first to settled; null when the case cannot be put together. */
  learning(given: StartCase): LearningStudy | null {
    const study = studyLearning(given);
    return study.ok ? study.value : null;
  },
  /** What readings of a kind should show before, after and running. */
  predict({ asFound, soft, kind, conductor }: PredictQuestion): Predicted {
    return predictReadings(asFound, soft, kind, conductor);
  },
  /** Every remedy for a case, simulated side by side. */
  remedies(given: StartCase, choices: Choices): RemedyStudy {
    return studyRemedies(given, choices);
  },
  /** Margins row by row, lowest row first. */
  map(given: StartCase, outdoorC: readonly number[], up: readonly number[]): MapCell[][] {
    return up.map((at) => [...marginRow(given, outdoorC, at)]);
  },
  /** What may be on together, source by source; null where a source is not known. */
  together(cases: readonly (TogetherCase | null)[]): (TogetherStudy | null)[] {
    return cases.map((given) => given && studyTogether(given));
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
  /** Where the answer turns, and what to measure next. */
  surroundings(given: StartCase): { readonly thresholds: Thresholds; readonly sensitivities: readonly Sensitivity[] } {
    return { thresholds: thresholds(given), sensitivities: sensitivities(given) };
  },
};

/** What the page may ask of the worker. */
export type StartDesk = typeof desk;

expose(desk);
