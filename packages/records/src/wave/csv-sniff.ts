import { fail, ok, type Result } from "@amp-saver/core/quantity";
import Papa from "papaparse";
import { MOST_CHANNELS, scaleOf, type WaveFailure } from "./log.ts";

/** How a column's times are written. */
export const TIME_UNITS = ["s", "ms", "us", "clock"] as const;
export type TimeUnit = (typeof TIME_UNITS)[number];

/** One column as it was understood; the user confirms it or says otherwise. */
interface CsvColumn {
  readonly name: string;
  readonly guess: "time" | "amps" | "volts" | "other";
  readonly unit: string;
  readonly first: string;
}

/** What a file of samples looks like before it is read. */
export interface CsvLook {
  readonly delimiter: string;
  readonly decimalComma: boolean;
  /** First row of figures, from 0. */
  readonly firstRow: number;
  readonly columns: readonly CsvColumn[];
  readonly timeColumn: number | null;
  readonly timeUnit: TimeUnit;
}

const LOOKED_AT = 200;
const CLOCK = /\d{1,2}:\d{2}(:\d{2})?/;

/** Looks at the head of a CSV: delimiter, decimal sign, heading, columns with their units, how times are written. */
export function sniffCsv(text: string): Result<CsvLook, WaveFailure> {
  const head = text.replace(/^\uFEFF/, "").slice(0, 100_000);
  const delimiter = delimiterOf(head);
  const spaced = delimiter === " " ? head.replace(/^ +| +$/gm, "").replace(/ {2,}/g, " ") : head;
  const { data } = Papa.parse<string[]>(spaced, { preview: LOOKED_AT, delimiter });
  const rows = data.map((row) => row.map((cell) => cell.trim()));
  if (rows.every((row) => row.every((cell) => cell === ""))) return fail("empty", "file");
  const like = (pattern: RegExp): number => rows.flat().filter((c) => pattern.test(c)).length;
  const decimalComma = like(/^[-+]?\d+,\d+$/) > like(/^[-+]?\d+\.\d+$/);
  const figure = (cell: string): boolean => cell !== "" && (Number.isFinite(numberOf(cell, decimalComma)) || CLOCK.test(cell));
  const ofFigures = (row: readonly string[]): boolean => {
    const filled = row.filter((c) => c !== "").length;
    const figures = row.filter(figure).length;
    const open = row.filter((c) => c !== "" && !figure(c) && isOpen(c)).length;
    return figures > 0 && figures + open >= filled - 1;
  };
  const filled = rows.findLastIndex((row) => row.some((c) => c !== ""));
  const firstRow = rows.findIndex((_, k) => rows.slice(k, Math.min(k + 3, filled + 1)).every(ofFigures) && k <= filled);
  const sample = rows[firstRow];
  if (firstRow < 0 || sample === undefined) return fail("no-numbers", "file");
  if (sample.length > MOST_CHANNELS) return fail("too-many", "columns");
  const columns = sample.map((first, k) => columnOf(headingOf(rows, firstRow, k), first));
  const timeColumn = columns.findIndex((c) => c.guess === "time");
  return ok({
    delimiter,
    decimalComma,
    firstRow,
    columns,
    timeColumn: timeColumn < 0 ? null : timeColumn,
    timeUnit: timeUnitOf(timeColumn < 0 ? undefined : columns[timeColumn]),
  });
}

/** What meters write where they have no figure. */
function isOpen(cell: string): boolean {
  return /^(-?ol\.?l?|o\.?l|over(load)?|inf|nan|n\/?a|null|-+|\.+|\?+|#.*)$/i.test(cell);
}

/** What is larger is no figure that a meter writes. */
const MOST_FIGURE = 1e15;

/** Between groups of three figures. */
const GROUP_SPACE = /(?<=\d)[\s\u00a0\u202f'](?=\d{3})/g;

/** A number as written, with its decimal sign, spaces between thousands and its unit left on; NaN for anything else. */
export function numberOf(cell: string, decimalComma: boolean): number {
  const bare = cell
    .trim()
    .replaceAll("\u2212", "-")
    .replace(/\s*(mA|kA|A|mV|kV|V)$/, "")
    .replace(GROUP_SPACE, "");
  const plain = decimalComma ? bare.replace(/\.(?=\d{3}(\D|$))/g, "").replace(",", ".") : bare.replace(/,(?=\d{3}(\D|$))/g, "");
  const read = /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(plain) ? Number(plain) : Number.NaN;
  return Math.abs(read) <= MOST_FIGURE ? read : Number.NaN;
}

/** The delimiter that splits most lines alike; a comma inside figures is not taken for one where others split. */
function delimiterOf(head: string): string {
  const lines = head
    .split(/\r\n|\n|\r/)
    .slice(-LOOKED_AT)
    .slice(0, -1)
    .filter((l) => l.trim() !== "");
  for (const delimiter of [";", "\t", "|"]) if (lines.filter((l) => l.includes(delimiter)).length > lines.length / 2) return delimiter;
  if (lines.filter((l) => l.includes(",")).length > lines.length / 2) return ",";
  return lines.filter((l) => /\S +\S/.test(l.trim())).length > lines.length / 2 ? " " : ",";
}

/** Heading of a column: the nearest row above the figures that names it, with a row of units below it where there is one. */
function headingOf(rows: readonly (readonly string[])[], firstRow: number, k: number): string {
  const above = rows[firstRow - 1]?.[k] ?? "";
  const higher = rows[firstRow - 2]?.[k] ?? "";
  const units = /^[[(]?(s|sec|ms|us|µs|a|ma|ka|v|mv|kv|amps?|volts?)[\])]?$/i;
  return units.test(above) && higher !== "" ? `${higher} (${above.replace(/[[\]()]/g, "")})` : above;
}

function columnOf(heading: string, first: string): CsvColumn {
  const unitMatch = /[[(]\s*([^\])]+?)\s*[\])]\s*$|[,/ ]\s*(s|sec|ms|us|µs|a|ma|ka|v|mv|kv)\s*$|_(s|sec|ms|us|a|ma|ka|v|mv|kv)$/i.exec(
    heading,
  );
  const unit = unitMatch?.[1] ?? unitMatch?.[2] ?? unitMatch?.[3] ?? "";
  const name = heading.replace(unitMatch?.[0] ?? "", "").trim() || heading.trim();
  const scale = scaleOf(unit);
  const guess =
    CLOCK.test(first) || /^(t|time|zeit|elapsed|timestamp|date|seconds|sec|msec|millis|micros)([\s_([/,]|$)/i.test(heading)
      ? "time"
      : (scale?.of ?? byName(heading));
  return { name, guess, unit: unit || (guess === "amps" ? "A" : guess === "volts" ? "V" : ""), first };
}

function byName(heading: string): CsvColumn["guess"] {
  const plain = heading.replaceAll("_", " ");
  if (/amp|current|strom|\bi\d?\b|\birms\b/i.test(plain)) return "amps";
  if (/volt|spannung|\bu\d?\b|\bv\d?\b/i.test(plain)) return "volts";
  return "other";
}

function timeUnitOf(column: CsvColumn | undefined): TimeUnit {
  if (column === undefined) return "s";
  if (CLOCK.test(column.first)) return "clock";
  const said = `${column.unit} ${column.name}`;
  if (/(^|[\s_])(ms|msec|milli\w*)([\s_]|$)/i.test(said)) return "ms";
  return /(^|[\s_])(us|µs|usec|micro\w*)([\s_]|$)/i.test(said) ? "us" : "s";
}
