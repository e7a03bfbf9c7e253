import { dailyUnit, LESSONS, type Lesson, ownLesson, SEED_MOST } from "@amp-saver/core/study/practice";
import type { PracticePlay, PracticeRecord, PracticeRun } from "@amp-saver/records";
import type { GuideTopic } from "../../words/guide/topic.ts";
import { PRACTICE } from "../../words/practice.ts";
import { LESSON_WORDS } from "../../words/practice-names.ts";

export { FED_BY, faultsFor, PRACTICE_WIRINGS, SEED_MOST } from "@amp-saver/core/study/practice";

/** Addresses of the two that are no lesson of the row. */
export const DAILY = "daily";
export const OWN = "own";

const DAY_MS = 86_400_000;

/** Whether a text is the number of a unit. */
export function isSeed(text: string): boolean {
  return /^\d+$/.test(text) && Number(text) >= 1 && Number(text) <= SEED_MOST;
}

/** A unit drawn by chance. */
export function newSeed(): number {
  return 1 + Math.floor(Math.random() * SEED_MOST);
}

/** A lesson of the row as its list shows it. */
export interface LessonRow {
  readonly id: string;
  readonly title: string;
  readonly story: string;
  /** The shortest run that was done, null for none. */
  readonly best: PracticeRun | null;
  readonly tries: number;
}

/** The twelve lessons with what is kept of them. */
export function lessonRows(kept: readonly PracticeRecord[]): readonly LessonRow[] {
  return LESSONS.map(({ id }) => {
    const runs = Object.values(kept.find((r) => r.lesson === id)?.runs ?? {});
    const done = runs.filter((r) => r.done).toSorted((a, b) => a.seconds - b.seconds);
    return { id, title: LESSON_WORDS[id]?.title ?? id, story: LESSON_WORDS[id]?.story ?? "", best: done[0] ?? null, tries: runs.length };
  });
}

/** What is on the bench at an address. */
export interface Chosen {
  readonly lesson: Lesson;
  readonly title: string;
  readonly story: string;
  readonly guide: GuideTopic;
}

/** The lesson at an address, with the unit that is played; null where there is none. */
export function chosenAt(address: string, play: Pick<PracticePlay, "seed" | "own">, dayMs: number): Chosen | null {
  if (address === OWN) {
    if (play.own === undefined) return null;
    return { lesson: ownLesson(play.own), title: PRACTICE.free, story: PRACTICE.ownStory, guide: "dead-rules" };
  }
  const lesson = address === DAILY ? dailyAt(dayMs).lesson : LESSONS.find(({ id }) => id === address);
  const words = lesson === undefined ? undefined : LESSON_WORDS[lesson.id];
  if (lesson === undefined || words === undefined) return null;
  return { lesson, ...words, title: address === DAILY ? `${PRACTICE.daily}: ${words.title}` : words.title };
}

/** The unit of a day, by the clock of the device. */
export function dailyAt(nowMs: number): ReturnType<typeof dailyUnit> {
  return dailyUnit(Math.floor(nowMs / DAY_MS));
}

/** The runs of a lesson with one more, the newest kept; the shortest that was done stays among them. */
export function withRun(runs: PracticeRecord["runs"], id: string, run: PracticeRun, most: number): PracticeRecord["runs"] {
  const all = Object.entries({ ...runs, [id]: run }).toSorted(([, a], [, b]) => b.endedAt.localeCompare(a.endedAt));
  const best = all.filter(([, r]) => r.done).toSorted(([, a], [, b]) => a.seconds - b.seconds)[0];
  const newest = all.slice(0, most);
  const kept = best === undefined || newest.includes(best) ? newest : [...newest.slice(0, most - 1), best];
  return Object.fromEntries(kept);
}

/** The next lesson of the row that is not done yet; null when all are. */
export function nextLesson(rows: readonly LessonRow[]): LessonRow | null {
  return rows.find(({ best }) => best === null) ?? null;
}
