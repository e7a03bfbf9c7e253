import { asQuantity, breakerOf, isAided, ratedW, runningOf, sourceCase, unitCase } from "@amp-saver/cases";
import { continuousA } from "@amp-saver/core/device/shore";
import { itemAt } from "@amp-saver/core/quantity";
import type { Confidence } from "@amp-saver/core/study/confidence";
import {
  type AssessedRemedy,
  adviseOf,
  assessRemedy,
  type Choices,
  type Prices,
  type Remedy,
  type SizeReason,
  type StarterRating,
  sizeStarter,
} from "@amp-saver/core/study/remedy";
import type { AirConditioner, Source, Starter } from "@amp-saver/records";
import { capacitorBand } from "../survey/plate.view.ts";

/** Starters of the catalogue as the study wants them. */
function ratingOf(starter: Starter): StarterRating {
  const { leastV, mostV, leastTons, mostTons, lockedRotorMostA, startCapacitorF, usd } = starter;
  return {
    volts: [leastV, mostV],
    tons: leastTons === null && mostTons === null ? null : [leastTons ?? 0, mostTons ?? Number.MAX_VALUE],
    lockedRotorMostA: lockedRotorMostA?.value ?? null,
    startCapacitorF: startCapacitorF?.value ?? null,
    usd,
  };
}

/** What a unit, its other sources, the catalogue and the user's prices leave to choose from. */
export function choicesOf(
  unit: AirConditioner,
  others: readonly Source[],
  starters: readonly Starter[],
  prices: Prices,
  altitudeM: number,
): Choices {
  const { runCapacitorF: found, runCapacitorPrintedF: printed } = unit;
  const weak = found !== undefined && printed !== undefined && found.value < printed.value * (1 - capacitorBand(unit));
  return {
    others: others.map((s) => sourceCase(s, altitudeM, unit.hz)),
    starters: starters.map(ratingOf),
    prices,
    service: { startAid: isAided(unit) || unit.startAid === "unknown", runCapacitorF: weak ? asQuantity(printed) : null },
  };
}

/** Watts a source carries for hours, a second set and a shore share included; null where its watts are not known. */
function carries(source: Source): number | null {
  const volts = source.volts.value;
  if (source.type === "shore") {
    const breaker = breakerOf(source);
    return breaker === undefined ? null : continuousA(breaker.value) * volts;
  }
  if (source.type !== "inverter") return ratedW(source);
  const own = runningOf(source)?.value ?? source.surgeW?.value;
  return own === undefined ? null : own + (source.shoreLimitA?.value ?? 0) * volts;
}

/** The source that carries least; undefined while none is known. */
export function weakestSource(sources: readonly Source[]): Source | undefined {
  const known = sources.flatMap((source) => {
    const watts = carries(source);
    return watts === null ? [] : [{ source, watts }];
  });
  return known.toSorted((a, b) => a.watts - b.watts)[0]?.source;
}

/** Why a starter of the catalogue does not match a unit; empty when it does. */
export function mismatch(starter: Starter, unit: AirConditioner): readonly SizeReason[] {
  return sizeStarter(ratingOf(starter), unitCase(unit));
}

/** Remedies judged by their tries, and what is to be taken of them. */
interface Advised {
  readonly remedies: readonly AssessedRemedy[];
  /** Whether every one has its tries; nothing is to be taken before. */
  readonly settled: boolean;
  readonly taken: AssessedRemedy | null;
  /** The one that works in 95 of 100, where the one to take is much cheaper and nearly does. */
  readonly surer: AssessedRemedy | null;
}

/** Judges remedies by the tries that are in, one for each, and says which to take. */
export function advice(found: readonly Remedy[], tries: readonly (Confidence | null)[]): Advised {
  const remedies = found.map((r, i) => assessRemedy(r, tries[i] ?? null));
  const settled = remedies.length > 0 && remedies.every((r) => !r.assessment.provisional);
  const { take, sure } = settled ? adviseOf(remedies) : { take: null, sure: null };
  const at = (place: number | null): AssessedRemedy | null => (place === null ? null : itemAt(remedies, place));
  return { remedies, settled, taken: at(take), surer: at(sure) };
}
