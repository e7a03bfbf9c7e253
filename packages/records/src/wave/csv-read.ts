import { fail, ok, type Result } from "@amp-saver/core/quantity";
import Papa from "papaparse";
import { numberOf, type TimeUnit } from "./csv-sniff.ts";
import { MOST_SAMPLES, resample, scaleOf, type WaveFailure, type WaveLog } from "./log.ts";

/** How a file is to be read: as it was looked at, or as the user said. */
export interface CsvChoice {
  readonly delimiter: string;
  readonly decimalComma: boolean;
  readonly firstRow: number;
  /** Column of times, or the rate where there is none, Hz. */
  readonly time: { readonly column: number; readonly unit: TimeUnit } | { readonly sampleHz: number };
  readonly amps: { readonly column: number; readonly unit: string };
  readonly volts: { readonly column: number; readonly unit: string } | null;
}

const PER_UNIT = { s: 1, ms: 1e-3, us: 1e-6 } as const;
const DAY_S = 86_400;

/** Reads the chosen columns to amps and volts at an even rate. Nothing is taken from a file with a bad figure in it. */
export function readCsvLog(text: string, choice: CsvChoice): Result<WaveLog, WaveFailure> {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { delimiter: choice.delimiter, skipEmptyLines: "greedy" });
  const blanks = blankRowsBefore(text, choice.firstRow);
  const rows = data.slice(choice.firstRow - blanks);
  if (rows.length < 2) return fail("no-numbers", "file");
  if (rows.length > MOST_SAMPLES) return fail("too-many", "rows");
  const amps = figures(rows, choice, choice.amps);
  if (!amps.ok) return amps;
  const volts = choice.volts === null ? null : figures(rows, choice, choice.volts);
  if (volts !== null && !volts.ok) return volts;
  const channels = [
    { name: "current", unit: "A", values: amps.value },
    ...(volts === null ? [] : [{ name: "voltage", unit: "V", values: volts.value }]),
  ];
  if ("sampleHz" in choice.time)
    return choice.time.sampleHz > 0 ? ok({ sampleHz: choice.time.sampleHz, lineHz: null, channels }) : fail("no-rate", "rate");
  const times = timesOf(rows, choice.time.column, choice.time.unit, choice);
  if (!times.ok) return times;
  return evened(times.value, channels);
}

function evened(times: Float64Array, channels: WaveLog["channels"]): Result<WaveLog, WaveFailure> {
  const spanS = times.at(-1)! - times[0]!;
  if (!(spanS > 0)) return fail("bad-time", "time");
  const sampleHz = (times.length - 1) / spanS;
  let worst = 0;
  for (let k = 0; k < times.length; k++) worst = Math.max(worst, Math.abs(times[k]! - times[0]! - k / sampleHz));
  if (worst * sampleHz < 0.5) return ok({ sampleHz, lineHz: null, channels });
  return ok({ sampleHz, lineHz: null, channels: channels.map((c) => ({ ...c, values: resample(times, c.values, sampleHz) })) });
}

function figures(
  rows: readonly (readonly string[])[],
  { decimalComma, firstRow }: CsvChoice,
  { column, unit }: { readonly column: number; readonly unit: string },
): Result<Float64Array, WaveFailure> {
  const scale = scaleOf(unit);
  if (scale === null) return fail("no-amps", unit);
  const values = new Float64Array(rows.length);
  for (let k = 0; k < rows.length; k++) {
    const value = numberOf((rows[k]![column] ?? "").trim(), decimalComma);
    if (!Number.isFinite(value)) return fail("bad-number", `line ${firstRow + k + 1}`);
    values[k] = value * scale.factor;
  }
  return ok(values);
}

function timesOf(
  rows: readonly (readonly string[])[],
  column: number,
  unit: TimeUnit,
  { decimalComma, firstRow }: CsvChoice,
): Result<Float64Array, WaveFailure> {
  const times = new Float64Array(rows.length);
  let days = 0;
  for (let k = 0; k < rows.length; k++) {
    const cell = (rows[k]![column] ?? "").trim();
    const read = unit === "clock" ? clockS(cell) : numberOf(cell, decimalComma) * PER_UNIT[unit];
    if (!Number.isFinite(read)) return fail("bad-time", `line ${firstRow + k + 1}`);
    if (unit === "clock" && k > 0 && read + days < times[k - 1]! - DAY_S / 2) days += DAY_S;
    times[k] = read + days;
    if (k > 0 && times[k]! < times[k - 1]!) return fail("bad-time", `line ${firstRow + k + 1}`);
  }
  return ok(spread(times));
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
