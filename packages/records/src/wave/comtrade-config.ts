import { fail, ok, present, type Result } from "@amp-saver/core/quantity";
import { MOST_CHANNELS, type WaveFailure } from "./log.ts";

/** One analogue channel of a configuration: value = a × number + b, in `unit`, on the primary side. */
interface AnalogChannel {
  readonly name: string;
  readonly unit: string;
  readonly a: number;
  readonly b: number;
}

/** How the data file is written. */
const COMTRADE_ENCODINGS = ["ASCII", "BINARY", "BINARY32", "FLOAT32"] as const;
type ComtradeEncoding = (typeof COMTRADE_ENCODINGS)[number];

/** What a configuration file says of its data file. */
export interface ComtradeConfig {
  readonly analog: readonly AnalogChannel[];
  readonly digital: number;
  /** Null where the file does not say it: a record of direct current, or nobody knew. */
  readonly lineHz: number | null;
  /** Sampling rates, Hz, each with the last sample taken at it; empty where every sample carries its own time. */
  readonly rates: readonly { readonly hz: number; readonly last: number }[];
  readonly samples: number;
  readonly encoding: ComtradeEncoding;
  /** Factor of the data's time stamps, which are microseconds. */
  readonly timeFactor: number;
}

const REVISIONS = ["", "1991", "1999", "2013"];

/** Reads a configuration of IEEE C37.111 (COMTRADE), 1991, 1999 and 2013; the layout is from memory. Later revisions are refused. */
export function readComtradeConfig(text: string): Result<ComtradeConfig, WaveFailure> {
  const lines = text
    .replace(/^\uFEFF/, "")
    .split(/\r\n|\n|\r/)
    .map((line) => line.split(",").map((cell) => cell.trim()));
  const revision = lines[0]?.[2] ?? "";
  if (!REVISIONS.includes(revision)) return fail(/^\d{4}$/.test(revision) ? "comtrade-newer" : "not-comtrade", "line 1");
  const [all, analogText, digitalText] = lines[1] ?? [];
  const analogCount = countOf(analogText, "A");
  const digital = countOf(digitalText, "D");
  if (analogCount === null || digital === null || Number(all) !== analogCount + digital) return fail("not-comtrade", "line 2");
  if (analogCount > MOST_CHANNELS) return fail("too-many", "line 2");
  const analog: AnalogChannel[] = [];
  for (let k = 0; k < analogCount; k++) {
    const channel = analogOf(lines[2 + k] ?? []);
    if (channel === null) return fail("comtrade-field", `line ${3 + k}`);
    analog.push(channel);
  }
  const rest = 2 + analogCount + digital;
  const lineHz = numberIn(lines[rest]?.[0]);
  if (lineHz === null || lineHz < 0) return fail("comtrade-field", `line ${rest + 1}`);
  const count = numberIn(lines[rest + 1]?.[0]);
  if (count === null || !Number.isInteger(count) || count < 0 || count > MOST_RATES) return fail("comtrade-field", `line ${rest + 2}`);
  const rates: { hz: number; last: number }[] = [];
  for (let k = 0; k < Math.max(1, count); k++) {
    const [hz, last] = [numberIn(lines[rest + 2 + k]?.[0]), numberIn(lines[rest + 2 + k]?.[1])];
    const rises = last !== null && Number.isInteger(last) && last > (rates.at(-1)?.last ?? 0);
    if (hz === null || hz < 0 || last === null || !rises) return fail("comtrade-field", `line ${rest + 3 + k}`);
    rates.push({ hz, last });
  }
  const after = rest + 2 + Math.max(1, count);
  const encoding = COMTRADE_ENCODINGS.find((e) => e === lines[after + 2]?.[0]?.toUpperCase());
  if (encoding === undefined) return fail("comtrade-field", `line ${after + 3}`);
  const timeFactor = (lines[after + 3]?.[0] ?? "") === "" ? 1 : numberIn(lines[after + 3]?.[0]);
  if (timeFactor === null || timeFactor <= 0) return fail("comtrade-field", `line ${after + 4}`);
  const samples = present(rates.at(-1)).last;
  const known = count > 0 && rates.every((r) => r.hz > 0);
  return ok({ analog, digital, lineHz: lineHz > 0 ? lineHz : null, rates: known ? rates : [], samples, encoding, timeFactor });
}

/** Most sections of a record that each have their own rate. */
const MOST_RATES = 100;

function numberIn(text: string | undefined): number | null {
  const value = text === undefined || text === "" ? Number.NaN : Number(text);
  return Number.isFinite(value) ? value : null;
}

function countOf(text: string | undefined, letter: string): number | null {
  const match = /^(\d{1,6})([A-Za-z])$/.exec(text ?? "");
  return match?.[2]?.toUpperCase() === letter ? Number(match[1]) : null;
}

/** An analogue line: number, name, phase, circuit, unit, a, b, skew, least, most, and since 1999 primary, secondary, which of them. */
function analogOf(cells: readonly string[]): AnalogChannel | null {
  if (cells.length < 10) return null;
  const [, name = "", , , unit = "", aText, bText, , , , primaryText, secondaryText, side] = cells;
  const [a, b] = [numberIn(aText), numberIn(bText)];
  if (a === null || b === null) return null;
  const ratio = side?.toUpperCase() === "S" ? Number(primaryText) / Number(secondaryText) : 1;
  return Number.isFinite(ratio) && ratio > 0 ? { name, unit, a: a * ratio, b: b * ratio } : null;
}
