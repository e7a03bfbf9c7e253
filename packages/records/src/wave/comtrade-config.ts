import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { MOST_CHANNELS, type WaveFailure } from "./log.ts";

/** One analogue channel of a configuration: value = a × number + b, in `unit`, on the primary side. */
interface AnalogChannel {
  readonly name: string;
  readonly unit: string;
  readonly a: number;
  readonly b: number;
}

/** What a configuration file says of its data file. */
export interface ComtradeConfig {
  readonly analog: readonly AnalogChannel[];
  readonly digital: number;
  readonly lineHz: number;
  /** Sampling rate, Hz; 0 where every sample carries its own time. */
  readonly sampleHz: number;
  readonly samples: number;
  readonly binary: boolean;
  /** Factor of the data's time stamps, which are microseconds. */
  readonly timeFactor: number;
}

/**
 * Reads a configuration of IEEE C37.111 (COMTRADE), 1991 and 1999; the layout is from memory.
 * Later revisions are refused, and so are records that change their rate on the way.
 */
export function readComtradeConfig(text: string): Result<ComtradeConfig, WaveFailure> {
  const lines = text
    .replace(/^\uFEFF/, "")
    .split(/\r\n|\n|\r/)
    .map((line) => line.split(",").map((cell) => cell.trim()));
  const revision = lines[0]?.[2] ?? "";
  if (revision !== "" && revision !== "1991" && revision !== "1999")
    return fail(/^\d{4}$/.test(revision) ? "comtrade-newer" : "not-comtrade", "line 1");
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
  const lineHz = Number(lines[rest]?.[0]);
  if (!(lineHz > 0)) return fail("comtrade-field", `line ${rest + 1}`);
  const rates = Number(lines[rest + 1]?.[0]);
  if (!Number.isInteger(rates) || rates < 0 || rates > 1) return fail("comtrade-rates", `line ${rest + 2}`);
  const [rateText, endText] = lines[rest + 2] ?? [];
  const sampleHz = Number(rateText);
  const samples = Number(endText);
  if (!(sampleHz >= 0) || !Number.isInteger(samples) || samples < 1) return fail("comtrade-field", `line ${rest + 3}`);
  const kind = lines[rest + 5]?.[0]?.toUpperCase();
  if (kind !== "ASCII" && kind !== "BINARY") return fail("comtrade-field", `line ${rest + 6}`);
  const factorText = lines[rest + 6]?.[0] ?? "";
  const timeFactor = factorText === "" ? 1 : Number(factorText);
  if (!(timeFactor > 0)) return fail("comtrade-field", `line ${rest + 7}`);
  return ok({ analog, digital, lineHz, sampleHz: rates === 0 ? 0 : sampleHz, samples, binary: kind === "BINARY", timeFactor });
}

function countOf(text: string | undefined, letter: string): number | null {
  const match = /^(\d{1,6})([A-Za-z])$/.exec(text ?? "");
  return match?.[2]?.toUpperCase() === letter ? Number(match[1]) : null;
}

/** An analogue line: number, name, phase, circuit, unit, a, b, skew, least, most, and since 1999 primary, secondary, which of them. */
function analogOf(cells: readonly string[]): AnalogChannel | null {
  if (cells.length < 10) return null;
  const [, name = "", , , unit = "", aText, bText, , , , primaryText, secondaryText, side] = cells;
  const a = Number(aText);
  const b = Number(bText);
  if (aText === "" || bText === "" || !Number.isFinite(a) || !Number.isFinite(b)) return null;
  const ratio = side?.toUpperCase() === "S" ? Number(primaryText) / Number(secondaryText) : 1;
  return Number.isFinite(ratio) && ratio > 0 ? { name, unit, a: a * ratio, b: b * ratio } : null;
}
