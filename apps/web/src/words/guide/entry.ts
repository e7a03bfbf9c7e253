/** One thing explained: a heading, what is said of it, and who says so. */
export interface GuideEntry {
  readonly id: string;
  readonly title: string;
  readonly text: readonly string[];
  /** Absent where the text is about the app itself. */
  readonly source?: string;
}

/** Entries that belong together. */
export interface GuideChapter {
  readonly id: string;
  readonly title: string;
  readonly entries: readonly GuideEntry[];
}
