import {
  BOUNDARY_PARAMS,
  joinMaps,
  type MapCell,
  type MemberNeeds,
  type Reach,
  type Smallest,
  smallestOf,
  type Turn,
  turnOf,
} from "@amp-saver/core/study/boundary";
import { TRIES_SEED } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { useMemo } from "react";
import type { BatchPlan } from "./run-batches.ts";
import { RANK } from "./study-queue.ts";
import { useBatches } from "./use-batches.ts";

/** Members by which it is told where an answer turns, and what is the smallest that works. */
const MEMBERS = BOUNDARY_PARAMS.members.value;

/** A case and the places of its map. */
export interface MapQuestion {
  readonly given: StartCase;
  readonly outdoorC: readonly number[];
  readonly up: readonly number[];
}

const MAP: BatchPlan<MapQuestion, MapCell[][]> = {
  total: MEMBERS,
  size: 5,
  settledMs: 180,
  rank: RANK.tried,
  ask: (remote, { given, outdoorC, up }, from, to) => remote.map(given, outdoorC, up, TRIES_SEED, from, to),
};
const REACH: BatchPlan<StartCase, Reach[]> = {
  total: MEMBERS,
  size: 4,
  settledMs: 400,
  rank: RANK.turn,
  ask: (remote, given, from, to) => remote.reach(given, TRIES_SEED, from, to),
};
const NEEDS: BatchPlan<StartCase, MemberNeeds[]> = {
  total: MEMBERS,
  size: 2,
  settledMs: 500,
  rank: RANK.smallest,
  ask: (remote, given, from, to) => remote.needs(given, TRIES_SEED, from, to),
};

/** In how many of so many tries it starts and keeps running at each place; grows while it is worked out. */
export function useMap(question: MapQuestion | null): {
  readonly cells: readonly (readonly MapCell[])[];
  /** Of how many tries each place will count. */
  readonly total: number;
  readonly running: boolean;
  readonly failed: string | null;
  readonly again: () => void;
} {
  const questions = useMemo(() => (question === null ? null : [question]), [question]);
  const { key, of, running, failed, again } = useBatches(questions, MAP);
  const current = questions !== null && key === JSON.stringify(questions);
  const batches = of[0];
  const cells = useMemo(() => (current && batches !== undefined ? joinMaps(batches) : []), [current, batches]);
  return { cells, total: MEMBERS, running: running || !current, failed: current ? failed : null, again };
}

/** Where the answer turns; undefined until it is known. `answered` tells for which question. */
export function useTurn(given: StartCase | null): { readonly turn: Turn | undefined; readonly answered: string | null } {
  const questions = useMemo(() => (given === null ? null : [given]), [given]);
  const { key, of, running } = useBatches(questions, REACH);
  const batches = of[0];
  const turn = useMemo(
    () => (running || batches === undefined || batches.length === 0 ? undefined : turnOf(batches.flat())),
    [running, batches],
  );
  const [answered]: readonly StartCase[] = JSON.parse(key ?? "[]");
  return { turn, answered: answered === undefined ? null : JSON.stringify(answered) };
}

/** How far the smallest that works has been found, for each of some cases. */
export interface SmallestFound {
  readonly smallest: Smallest | null;
  readonly tried: number;
  readonly of: number;
}

/** The smallest that works for each of some cases; grows member by member. */
export function useSmallest(cases: readonly StartCase[] | null): {
  readonly found: readonly SmallestFound[];
  readonly running: boolean;
  readonly failed: string | null;
  readonly stop: () => void;
  readonly again: () => void;
} {
  const { key, of, running, failed, stop, again } = useBatches(cases, NEEDS);
  const current = cases !== null && key === JSON.stringify(cases);
  const found = useMemo(
    () =>
      !current || cases === null
        ? []
        : cases.map((given, at): SmallestFound => {
            const needs = (of[at] ?? []).flat();
            return { smallest: needs.length < LEAST_TO_SAY ? null : smallestOf(given, needs), tried: needs.length, of: MEMBERS };
          }),
    [current, cases, of],
  );
  return { found, running: running || (cases !== null && !current), failed: current ? failed : null, stop, again };
}

/** Members from which a figure is worth showing while more are tried. */
const LEAST_TO_SAY = 20;
