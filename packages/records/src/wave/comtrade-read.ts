// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { type ComtradeConfig, readComtradeConfig } from "./comtrade-config.ts";
import { evenly, MOST_SAMPLES, mostlyMissing, type WaveFailure, type WaveLog } from "./log.ts";

/** How a missing sample is written: in two and four bytes, and from where on in ASCII (1999). */
const MISSING = { BINARY: -32768, BINARY32: -2147483648, ASCII: 99999 } as const;
/** Samples that a data file may fall short of its configuration and still be read: recorders stop in the middle of a row. */
const SHORT_BY = 1;
const SHORT_SHARE = 0.01;

interface Data {
  readonly micros: Float64Array;
  readonly values: readonly Float64Array[];
}

/** Reads a record from its configuration and its data in any encoding of the standard. A missing sample is not a number. */
export function readComtrade(configText: string, data: Uint8Array): Result<WaveLog, WaveFailure> {
  const config = readComtradeConfig(configText);
  if (!config.ok) return config;
  const { value: c } = config;
  if (c.samples > MOST_SAMPLES) return fail("too-many", "samples");
  if (data.length === 0) return fail("comtrade-no-data", "data");
  const read = c.encoding === "ASCII" ? readAscii(c, data) : readBinary(c, data);
  if (!read.ok) return read;
  const { micros, values } = read.value;
  const channels = c.analog.map(({ name, unit }, k) => ({ name, unit, values: values[k]! }));
  if (channels.every((channel) => mostlyMissing(channel.values))) return fail("bad-number", "data");
  const first = c.rates[0];
  if (first !== undefined && c.rates.length === 1) return ok({ sampleHz: first.hz, lineHz: c.lineHz, channels });
  const times = first === undefined ? micros.map((t) => t * c.timeFactor * 1e-6) : sectionTimes(c, micros.length);
  if (times.some((t, k) => Number.isNaN(t) || (k > 0 && t < times[k - 1]!))) return fail("bad-time", "data");
  const log = evenly(times, channels, c.lineHz);
  return log === null ? fail("bad-time", "data") : ok(log);
}

/** Times of samples whose rate changes on the way. */
function sectionTimes({ rates }: ComtradeConfig, count: number): Float64Array {
  const times = new Float64Array(count);
  for (let k = 1, section = 0; k < count; k++) {
    while (section < rates.length - 1 && k >= rates[section]!.last) section++;
    times[k] = times[k - 1]! + 1 / rates[section]!.hz;
  }
  return times;
}

/** How many samples are read: all, or a few less where the data end before; null where they end much sooner. */
function present({ samples }: ComtradeConfig, there: number): number | null {
  return there >= samples - Math.max(SHORT_BY, SHORT_SHARE * samples) && there > 1 ? Math.min(there, samples) : null;
}

function space(c: ComtradeConfig, count: number): Data {
  return { micros: new Float64Array(count), values: c.analog.map(() => new Float64Array(count)) };
}

/** Sample number and time as four bytes each, two or four bytes an analogue value, sixteen digital ones to two bytes; low byte first. */
function readBinary(c: ComtradeConfig, data: Uint8Array): Result<Data, WaveFailure> {
  const width = c.encoding === "BINARY" ? 2 : 4;
  const row = 8 + width * c.analog.length + 2 * Math.ceil(c.digital / 16);
  const there = Math.floor(data.length / row);
  const count = present(c, there);
  if (count === null) return fail("comtrade-data-short", `sample ${there + 1}`);
  const view = new DataView(data.buffer, data.byteOffset, data.byteLength);
  const rawAt = (at: number): number => {
    if (c.encoding === "FLOAT32") return view.getFloat32(at, true);
    const raw = width === 2 ? view.getInt16(at, true) : view.getInt32(at, true);
    return raw === (width === 2 ? MISSING.BINARY : MISSING.BINARY32) ? Number.NaN : raw;
  };
  const into = space(c, count);
  for (let i = 0; i < count; i++) {
    into.micros[i] = view.getUint32(i * row + 4, true);
    for (const [k, { a, b }] of c.analog.entries()) into.values[k]![i] = finite(a * rawAt(i * row + 8 + width * k) + b);
  }
  return ok(into);
}

function readAscii(c: ComtradeConfig, data: Uint8Array): Result<Data, WaveFailure> {
  const lines = new TextDecoder().decode(data).split(/\r\n|\n|\r/);
  const cellsOf = (line: string | undefined): string[] => (line ?? "").split(",");
  const whole = (line: string): boolean => cellsOf(line).length >= 2 + c.analog.length + c.digital;
  const broken = lines.slice(0, c.samples).findIndex((line) => !whole(line));
  const there = broken < 0 ? Math.min(lines.length, c.samples) : broken;
  const count = present(c, there);
  if (count === null) return fail("comtrade-data-short", `sample ${there + 1}`);
  const into = space(c, count);
  for (let i = 0; i < count; i++) {
    const cells = cellsOf(lines[i]);
    into.micros[i] = Number(cells[1]);
    for (const [k, { a, b }] of c.analog.entries()) {
      const text = cells[2 + k]!.trim();
      const raw = text === "" ? Number.NaN : Number(text);
      into.values[k]![i] = raw === MISSING.ASCII ? Number.NaN : finite(a * raw + b);
    }
  }
  return ok(into);
}

/** A sample beyond all figures is one nobody knows. */
function finite(value: number): number {
  return Number.isFinite(value) ? value : Number.NaN;
}
