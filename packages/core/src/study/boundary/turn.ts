import { ASSESS_PARAMS } from "../assess/index.ts";
import type { Members } from "../confidence/index.ts";
import { isEngine, makes, modelOf, type StartCase } from "../motor-start/index.ts";
import { lastThat, prepareMember, runsAt } from "./member.ts";
import { BOUNDARY_PARAMS as P } from "./params.ts";
import { mostFor, needed } from "./quantile.ts";

/** How far one member goes: the hottest air and the highest place at which it still starts and keeps running; null where it never does. */
export interface Reach {
  readonly hottestC: number | null;
  readonly highestM: number | null;
}

/** Where an answer turns as one condition grows; null where it does not within the range. */
export interface Turn {
  readonly outdoorC: number | null;
  readonly altitudeM: number | null;
}

/** How far each of some members goes on the case's source. */
export function reachOf(given: StartCase, members: Members, seed: number, from: number, to: number): readonly Reach[] {
  const reaches: Reach[] = [];
  const altitudeM = "altitudeM" in given.source ? (given.source.altitudeM ?? 0) : 0;
  const engine = isEngine(given.source);
  for (let i = from; i < to; i++) {
    const member = members.at(i);
    const prepared = member.ok && member.value.unit !== null ? prepareMember(given, member.value.unit, seed, i) : null;
    if (prepared === null) continue;
    const { input, leftAt } = prepared;
    const least = engine ? sizeWithin(input, leftAt(P.highestM.value, P.hottestC.value)) : makes(input) ? 0 : null;
    const holds = (m: number, c: number): boolean => {
      const size = leftAt(m, c);
      return least !== null && size >= least && runsAt(input, c, size);
    };
    reaches.push({
      hottestC: lastThat((c) => holds(altitudeM, c), P.coolestC.value, P.hottestC.value),
      highestM: engine ? lastThat((m) => holds(m, given.outdoorC), 0, P.highestM.value) : P.highestM.value,
    });
  }
  return reaches;
}

/** Looks for the least size of a source, between one and what is left of it where it is worst. */
function sizeWithin(input: Parameters<typeof makes>[0], worst: number): number | null {
  const at = (size: number): boolean => makes({ ...input, source: modelOf(input.source).scaled(size) });
  const largest = MOST_LEFT;
  if (at(worst)) return worst;
  const last = lastThat((x) => at(largest - x), 0, largest - worst, 7);
  return last === null ? null : largest - last;
}

/** The most that can be left of a rating over what is left in the case itself: a cool day at the sea over a hot one up high. */
const MOST_LEFT = 1.5;

/** Where an answer turns from one that works in half of the tries to one that does not. */
export function turnOf(reaches: readonly Reach[]): Turn {
  const half = Math.ceil(ASSESS_PARAMS.tooMuchShare.value * reaches.length);
  const at = (figures: readonly (number | null)[], foot: number, top: number): number | null => {
    if (reaches.length === 0) return null;
    const most = mostFor(figures, half);
    return most === null ? foot : most >= top ? null : most;
  };
  return {
    outdoorC: at(
      reaches.map((r) => r.hottestC),
      P.coolestC.value,
      P.hottestC.value,
    ),
    altitudeM: at(
      reaches.map((r) => r.highestM),
      0,
      P.highestM.value,
    ),
  };
}

/** The hottest air and the highest place at which the answer still fits; null where it never does. */
export function reachThatFits(reaches: readonly Reach[]): Reach {
  const count = needed(reaches.length);
  const most = (figures: readonly (number | null)[]): number | null => (reaches.length === 0 ? null : mostFor(figures, count));
  return { hottestC: most(reaches.map((r) => r.hottestC)), highestM: most(reaches.map((r) => r.highestM)) };
}
