import type { Quantity } from "@amp-saver/core/quantity";
import { type Calibration, calibrate, refined } from "@amp-saver/core/study/calibration";
import { narrowings, TRIES_SEED, tryBatch } from "@amp-saver/core/study/confidence";
import { type StartCase, studyStart } from "@amp-saver/core/study/motor-start";
import { predictReadings } from "@amp-saver/core/study/proof";
import { matchReadings, type ReadingStudy, studyReadings } from "@amp-saver/core/study/reading";
import type { ReadingsQuestion } from "./readings-case.ts";

/** Tries from which it is told what to measure next. */
const TRIES = 300;

/** What readings prove and refine, as `amp-saver/readings-result`, version 1. */
export function readingsToFile({ asFound, fitted, readings, measured, calibrate: asked }: ReadingsQuestion): object {
  const lockedRotorA = asFound.unit.lockedRotorA?.value ?? null;
  const { start } = matchReadings({ readings, lockedRotorA });
  const first = start[0];
  const expected =
    first === undefined || fitted.method.kind !== "soft" ? null : predictReadings(asFound, fitted, first.kind, first.conductor).expected;
  const study = studyReadings({ readings, lockedRotorA, expected });
  const found = asked && measured.length > 0 ? calibrate({ unit: asFound.unit, readings: measured }) : null;
  const calibrated = found?.ok === true ? found.value : null;
  return {
    format: "amp-saver/readings-result",
    version: 1,
    proof: proofToFile(study),
    calibrated: calibrated && calibratedToFile(calibrated),
    refused: refusedOf(found),
    next: nextOf(calibrated === null ? fitted : { ...fitted, unit: refined(fitted.unit, calibrated) }),
  };
}

function proofToFile({ verdict, start, running, leftOut }: ReadingStudy): object {
  return {
    verdict: verdict === "none" ? "nothing-alike" : verdict,
    reduction: start?.reduction ?? null,
    low: start?.low ?? null,
    high: start?.high ?? null,
    leftOut: leftOut.map(({ id, reason }) => ({ index: Number(id), code: reason })),
    running: running?.verdict ?? null,
  };
}

function calibratedToFile({ lockedRotorA, runningA, inertiaKgM2 }: Calibration): object {
  return { lraA: rangeToFile(lockedRotorA), runA: rangeToFile(runningA), inertiaKgM2: rangeToFile(inertiaKgM2) };
}

function rangeToFile({ value, tolerance }: Quantity): object {
  return { value, low: value * Math.exp(-tolerance), high: value * Math.exp(tolerance) };
}

function refusedOf(found: ReturnType<typeof calibrate> | null): object[] {
  if (found === null) return [];
  if (!found.ok) return [{ index: null, code: found.reason }];
  return found.value.rows.flatMap(({ id, refused }) => (refused === null ? [] : [{ index: Number(id), code: refused }]));
}

function nextOf(given: StartCase): object[] {
  const [tried, study] = [tryBatch(given, TRIES_SEED, 0, TRIES), studyStart(given)];
  if (!tried.ok || !study.ok) return [];
  return narrowings(tried.value.trials, study.value.assumptions).map(({ code, nowSpread, thenSpread }) => ({
    code,
    nowSpread,
    thenSpread,
  }));
}
