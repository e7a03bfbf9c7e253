import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { type ComtradeConfig, readComtradeConfig } from "./comtrade-config.ts";
import { MOST_SAMPLES, resample, type WaveFailure, type WaveLog } from "./log.ts";

/** How a missing sample is written in binary data, and from where on in ASCII (1999). */
const MISSING_BINARY = -32768;
const MISSING_ASCII = 99999;

interface Data {
  readonly micros: Float64Array;
  readonly values: readonly Float64Array[];
}

/** Reads a record from its configuration and its data, ASCII or binary. A missing sample keeps the value before it. */
export function readComtrade(configText: string, data: Uint8Array): Result<WaveLog, WaveFailure> {
  const config = readComtradeConfig(configText);
  if (!config.ok) return config;
  const { value: c } = config;
  if (c.samples > MOST_SAMPLES) return fail("too-many", "samples");
  if (data.length === 0) return fail("comtrade-no-data", "data");
  const read = c.binary ? readBinary(c, data) : readAscii(c, data);
  if (!read.ok) return read;
  const { micros, values } = read.value;
  const named = (each: readonly Float64Array[]) => c.analog.map(({ name, unit }, k) => ({ name, unit, values: each[k]! }));
  if (c.sampleHz > 0) return ok({ sampleHz: c.sampleHz, lineHz: c.lineHz, channels: named(values) });
  const times = micros.map((t) => t * c.timeFactor * 1e-6);
  const spanS = times.at(-1)! - times[0]!;
  if (!(spanS > 0) || times.some((t, k) => k > 0 && t < times[k - 1]!)) return fail("bad-time", "data");
  const sampleHz = (times.length - 1) / spanS;
  return ok({ sampleHz, lineHz: c.lineHz, channels: named(values.map((v) => resample(times, v, sampleHz))) });
}

function space(c: ComtradeConfig): Data {
  return { micros: new Float64Array(c.samples), values: c.analog.map(() => new Float64Array(c.samples)) };
}

/** Sample number and time as four bytes each, two bytes an analogue value, sixteen digital ones to two bytes; low byte first. */
function readBinary(c: ComtradeConfig, data: Uint8Array): Result<Data, WaveFailure> {
  const row = 8 + 2 * c.analog.length + 2 * Math.ceil(c.digital / 16);
  if (data.length < row * c.samples) return fail("comtrade-data-short", `sample ${Math.floor(data.length / row) + 1}`);
  const view = new DataView(data.buffer, data.byteOffset, data.byteLength);
  const into = space(c);
  for (let i = 0; i < c.samples; i++) {
    into.micros[i] = view.getUint32(i * row + 4, true);
    for (const [k, { a, b }] of c.analog.entries()) {
      const raw = view.getInt16(i * row + 8 + 2 * k, true);
      const values = into.values[k]!;
      values[i] = raw === MISSING_BINARY ? (values[i - 1] ?? 0) : a * raw + b;
    }
  }
  return ok(into);
}

function readAscii(c: ComtradeConfig, data: Uint8Array): Result<Data, WaveFailure> {
  const lines = new TextDecoder().decode(data).split(/\r\n|\n|\r/);
  const into = space(c);
  for (let i = 0; i < c.samples; i++) {
    const cells = (lines[i] ?? "").split(",");
    if (cells.length < 2 + c.analog.length + c.digital) return fail("comtrade-data-short", `sample ${i + 1}`);
    into.micros[i] = Number(cells[1]);
    for (const [k, { a, b }] of c.analog.entries()) {
      const text = cells[2 + k]!.trim();
      const raw = Number(text);
      if (Number.isNaN(raw)) return fail("bad-number", `sample ${i + 1}`);
      const values = into.values[k]!;
      values[i] = text === "" || raw === MISSING_ASCII ? (values[i - 1] ?? 0) : a * raw + b;
    }
  }
  return ok(into);
}
