import type { Result } from "@amp-saver/core/quantity";
import { type MapCell, type MemberNeeds, mapOf, needsOf, type Reach, reachOf } from "@amp-saver/core/study/boundary";
import { type Batch, tryBatch } from "@amp-saver/core/study/confidence";
import type { PrepareFailure, StartCase } from "@amp-saver/core/study/motor-start";
import { expose } from "comlink";
import { memberKeeper } from "./keep-members.ts";

const membersOf = memberKeeper();

const desk = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
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

/** What the page may ask of a worker that tries. */
export type TrialDesk = typeof desk;

expose(desk);
