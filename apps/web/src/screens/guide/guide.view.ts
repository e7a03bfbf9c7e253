import { formatNumber, type Param } from "@amp-saver/core/quantity";
import { FIGURE_TABLES, GUIDE_CHAPTERS, type GuideChapter } from "../../words/guide/index.ts";

/** A figure as it is read: at most four digits that count. */
function figureText(value: number, unit: string): string {
  const digits = value === 0 ? 0 : Math.min(7, Math.max(0, 3 - Math.floor(Math.log10(Math.abs(value)))));
  const text = formatNumber(value, digits)
    .replace(/(\.\d*?)0+$/, "$1")
    .replace(/\.$/, "");
  return unit === "1" ? text : `${text}\u00a0${unit}`;
}

/** One row of a table of figures: what it is, its value, its spread, who says so. */
export function figureRow(param: Param): readonly string[] {
  const spread = param.spread === undefined ? "–" : `${figureText(param.spread[0], "1")} to ${figureText(param.spread[1], param.unit)}`;
  return [param.label, figureText(param.value, param.unit), spread, param.source];
}

/** A table of figures with the rows that are shown of it. */
interface FigureTable {
  readonly id: string;
  readonly title: string;
  readonly rows: readonly (readonly string[])[];
}

/** What a search leaves of the guide. */
export interface GuideView {
  readonly chapters: readonly GuideChapter[];
  readonly figures: readonly FigureTable[];
  /** Entries and figures found. */
  readonly count: number;
}

/** The guide, or what of it has every word that is looked for, whatever its capitals. */
export function searchGuide(typed: string): GuideView {
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== "");
  const has = (...texts: readonly string[]): boolean => {
    const whole = texts.join(" ").toLowerCase();
    return words.every((w) => whole.includes(w));
  };
  const chapters = GUIDE_CHAPTERS.map((c) => ({
    ...c,
    entries: c.entries.filter((e) => has(e.title, ...e.text, e.source ?? "")),
  })).filter((c) => c.entries.length > 0);
  const figures = FIGURE_TABLES.map(({ id, title, table }) => ({
    id,
    title,
    rows: Object.values<Param>(table)
      .map(figureRow)
      .filter((row) => has(title, ...row)),
  })).filter((t) => t.rows.length > 0);
  const count = [...chapters.map((c) => c.entries.length), ...figures.map((t) => t.rows.length)].reduce((sum, n) => sum + n, 0);
  return { chapters, figures, count };
}
