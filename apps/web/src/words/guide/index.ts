import type { GuideChapter } from "./entry.ts";
import { LEFT_OUT } from "./left-out.ts";
import { METHOD } from "./method.ts";
import { RULES } from "./rules.ts";
import { TERMS } from "./terms.ts";

export type { GuideChapter, GuideEntry } from "./entry.ts";
export { FIGURE_TABLES } from "./figures.ts";

/** What the guide explains, chapter by chapter. */
export const GUIDE_CHAPTERS: readonly GuideChapter[] = [
  { id: "stages", title: "The stages, and how each works", entries: METHOD },
  { id: "words", title: "The words", entries: TERMS },
  { id: "rules", title: "The rules, and what they rest on", entries: RULES },
  { id: "left-out", title: "What the model leaves out", entries: LEFT_OUT },
];
