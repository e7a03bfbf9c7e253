// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { fail, ok, type Result } from "@amp-saver/core/quantity";
import Papa from "papaparse";
import { numberOf, type TimeUnit } from "./csv-sniff.ts";
import { evenly, MOST_SAMPLES, mostlyMissing, scaleOf, type WaveFailure, type WaveLog } from "./log.ts";

/** How a file is to be read: as it was looked at, or as the user said. */
export interface CsvChoice {
  readonly delimiter: string;
  readonly decimalComma: boolean;
  readonly firstRow: number;
  /** Column of times, or the rate where there is none, Hz. */
  readonly time: { readonly column: number; readonly unit: TimeUnit } | { readonly sampleHz: number };
  /** Amps, or volts of a probe with its amps per volt. */
  readonly amps: { readonly column: number; readonly unit: string; readonly perVolt?: number };
  readonly volts: { readonly column: number; readonly unit: string } | null;
}

const PER_UNIT = { s: 1, ms: 1e-3, us: 1e-6 } as const;
const DAY_S = 86_400;

/** Rows of a file by its delimiter; several spaces between two cells are one. */
function rowsOf(text: string, delimiter: string): string[][] {
  const spaced = delimiter === " " ? text.replace(/^ +| +$/gm, "").replace(/ {2,}/g, " ") : text;
  return Papa.parse<string[]>(spaced.replace(/^\uFEFF/, ""), { delimiter, skipEmptyLines: "greedy" }).data;
}

/**
 * Reads the chosen columns to amps and volts at an even rate. A cell that is no figure is a sample nobody
 * knows; rows without a time, and a footer, are left out. Refused only where most of a column is missing.
 */
export function readCsvLog(text: string, choice: CsvChoice): Result<WaveLog, WaveFailure> {
  const blanks = blankRowsBefore(text, choice.firstRow);
  const all = rowsOf(text, choice.delimiter).slice(choice.firstRow - blanks);
  const rows = withoutFooter(all, choice);
  if (rows.length < 2) return fail("no-numbers", "file");
  if (rows.length > MOST_SAMPLES) return fail("too-many", "rows");
  const amps = figures(rows, choice, choice.amps, "amps");
  if (!amps.ok) return amps;
  const volts = choice.volts === null ? null : figures(rows, choice, choice.volts, "volts");
  if (volts !== null && !volts.ok) return volts;
  const channels = [
    { name: "current", unit: "A", values: amps.value },
    ...(volts === null ? [] : [{ name: "voltage", unit: "V", values: volts.value }]),
  ];
  if ("sampleHz" in choice.time)
    return choice.time.sampleHz > 0 ? ok({ sampleHz: choice.time.sampleHz, lineHz: null, channels }) : fail("no-rate", "rate");
  const times = timesOf(rows, choice.time.column, choice.time.unit, choice);
  if (!times.ok) return times;
  const { at, kept } = times.value;
  const named = channels.map((c) => ({ ...c, values: Float64Array.from(kept, (k) => c.values[k]!) }));
  const log = evenly(at, named, null);
  return log === null ? fail("bad-time", "time") : ok(log);
}

/** Rows at the end in which neither the time nor the amps are figures are no samples. */
function withoutFooter(rows: readonly (readonly string[])[], choice: CsvChoice): readonly (readonly string[])[] {
  const { time, amps, decimalComma } = choice;
  const isSample = (row: readonly string[]): boolean => {
    const cell = (column: number): string => (row[column] ?? "").trim();
    if ("column" in time)
      return Number.isFinite(time.unit === "clock" ? clockS(cell(time.column)) : numberOf(cell(time.column), decimalComma));
    return Number.isFinite(numberOf(cell(amps.column), decimalComma));
  };
  return rows.slice(0, rows.findLastIndex(isSample) + 1);
}

function figures(
  rows: readonly (readonly string[])[],
  { decimalComma, firstRow }: CsvChoice,
  { column, unit, perVolt }: CsvChoice["amps"],
  of: "amps" | "volts",
): Result<Float64Array, WaveFailure> {
  const scale = scaleOf(unit);
  const probe = of === "amps" && scale?.of === "volts";
  if (scale === null || (scale.of !== of && !probe) || (probe && !(perVolt !== undefined && perVolt > 0))) return fail("no-amps", unit);
  const factor = scale.factor * (probe ? perVolt! : 1);
  const values = Float64Array.from(rows, (row) => numberOf((row[column] ?? "").trim(), decimalComma) * factor);
  if (!mostlyMissing(values)) return ok(values);
  return fail("bad-number", `line ${firstRow + values.findIndex(Number.isNaN) + 1}`);
}

/** Times of the rows that have one, and which rows these are. */
function timesOf(
  rows: readonly (readonly string[])[],
  column: number,
  unit: TimeUnit,
  { decimalComma, firstRow }: CsvChoice,
): Result<{ readonly at: Float64Array; readonly kept: readonly number[] }, WaveFailure> {
  const times: number[] = [];
  const kept: number[] = [];
  let days = 0;
  for (let k = 0; k < rows.length; k++) {
    const cell = (rows[k]![column] ?? "").trim();
    const read = unit === "clock" ? clockS(cell) : numberOf(cell, decimalComma) * PER_UNIT[unit];
    if (!Number.isFinite(read)) continue;
    const before = times.at(-1);
    if (unit === "clock" && before !== undefined && read + days < before - DAY_S / 2) days += DAY_S;
    if (before !== undefined && read + days < before) return fail("bad-time", `line ${firstRow + k + 1}`);
    times.push(read + days);
    kept.push(k);
  }
  if (times.length < 2) return fail("bad-time", "time");
  return ok({ at: spread(Float64Array.from(times)), kept });
}

/** Times that only tick once a second while several samples fall in between are spread evenly over it. */
function spread(times: Float64Array): Float64Array {
  let from = 0;
  for (let k = 1; k <= times.length; k++) {
    if (k < times.length && times[k] === times[from]) continue;
    const step = k < times.length ? times[k]! - times[from]! : from > 0 ? times[from]! - times[from - 1]! : 0;
    const each = k < times.length ? step / (k - from) : step;
    const base = times[from]!;
    for (let i = from + 1; i < k; i++) times[i] = base + (i - from) * each;
    from = k;
  }
  return times;
}

/** Seconds of the day in a cell that holds a time of day, whatever date stands beside it; NaN where none does. */
function clockS(cell: string): number {
  const match = /(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,](\d{1,9}))?)?\s*([AaPp])?/.exec(cell);
  if (match === null) return Number.NaN;
  const half = match[5]?.toLowerCase();
  const hours = (Number(match[1]) % (half === undefined ? 24 : 12)) + (half === "p" ? 12 : 0);
  const seconds = Number(match[3] ?? 0) + Number(`0.${match[4] ?? "0"}`);
  return hours * 3600 + Number(match[2]) * 60 + seconds;
}

function blankRowsBefore(text: string, firstRow: number): number {
  const lines = text.replace(/^\uFEFF/, "").split(/\r\n|\n|\r/, firstRow);
  return lines.filter((line) => line.replace(/[;,\t|]/g, "").trim() === "").length;
}
