import { readRigFile } from "@amp-saver/records";
import { readRigArchive } from "@amp-saver/records/archive";
import { readComtrade, readCsvLog, sniffCsv, textOf, type WaveLog } from "@amp-saver/records/wave";
import { check, checkFile } from "../../apps/cli/src/check.ts";

/** A file or a case to be read as the product reads it. */
export type Question =
  | { readonly of: "case"; readonly text: string }
  | { readonly of: "rig"; readonly text: string }
  | { readonly of: "archive"; readonly bytes: Uint8Array }
  | { readonly of: "csv"; readonly bytes: Uint8Array }
  | { readonly of: "comtrade"; readonly config: string; readonly data: Uint8Array };

/** How the product took it: read or refused, and what should not have been. */
export interface Told {
  readonly how: "read" | "refused";
  /** What was read, as a text that tells whether it is what was written. */
  readonly read?: string;
  readonly foul?: string;
}

/** The rate a person would give where a file has no times. */
const NO_TIME_HZ = 4800;

/** Longest a refusal may be, letters: a person reads it. */
const LONGEST_LINE = 400;

/** Reads what is given by the product's own code and looks at what came of it. */
export function answer(question: Question): Told {
  try {
    const told = READERS[question.of](question as never);
    const polluted = ["polluted", "isAdmin"].filter((name) => name in {});
    return polluted.length === 0 ? told : { ...told, foul: "a file wrote on every object" };
  } catch (error) {
    return { how: "refused", foul: `threw ${String(error).slice(0, 200)}` };
  }
}

const READERS: { readonly [K in Question["of"]]: (question: Extract<Question, { of: K }>) => Told } = {
  case: ({ text }) => {
    const outcome = check(text);
    if (outcome.exit !== 0) return refusal(outcome.line);
    const foul = /NaN|Infinity|undefined/.exec(outcome.out)?.[0] ?? missing(JSON.parse(outcome.out));
    return { how: "read", ...(foul !== undefined && { foul: `${foul} in a result` }) };
  },
  rig: ({ text }) => {
    const read = readRigFile(text);
    return read.ok ? { how: "read", read: JSON.stringify(read.value.records) } : { how: "refused" };
  },
  archive: ({ bytes }) => {
    const read = readRigArchive(bytes);
    if (!read.ok) return { how: "refused" };
    const blobs = [...read.value.blobs].map(([id, kept]) => [id, [...kept]]);
    return { how: "read", read: JSON.stringify([read.value.records, blobs]) };
  },
  csv: ({ bytes }) => {
    const text = textOf(bytes);
    const look = sniffCsv(text);
    if (!look.ok) return { how: "refused" };
    const { delimiter, decimalComma, firstRow, columns, timeColumn, timeUnit } = look.value;
    const amps = columns.findIndex((c) => c.guess === "amps");
    const read = readCsvLog(text, {
      delimiter,
      decimalComma,
      firstRow,
      time: timeColumn === null ? { sampleHz: NO_TIME_HZ } : { column: timeColumn, unit: timeUnit },
      amps: { column: Math.max(0, amps), unit: "A" },
      volts: null,
    });
    return read.ok ? seen(read.value) : { how: "refused" };
  },
  comtrade: ({ config, data }) => {
    const read = readComtrade(config, data);
    if (!read.ok) {
      const outcome = checkFile("start.cfg", new TextEncoder().encode(config), () => data);
      return outcome.exit === 0 ? { how: "refused", foul: "the command read what the app refuses" } : refusal(outcome.line);
    }
    return seen(read.value);
  },
};

function refusal(line: string): Told {
  return { how: "refused", ...(line.length > LONGEST_LINE && { foul: `a refusal of ${line.length} letters` }) };
}

function seen(log: WaveLog): Told {
  // What is not a number is a sample that nobody knows; without an end none may be.
  const endless = log.channels.some((c) => c.values.some((v) => Math.abs(v) === Number.POSITIVE_INFINITY));
  const rate = Number.isFinite(log.sampleHz) && log.sampleHz > 0;
  return { how: "read", ...((endless || !rate) && { foul: "a sample or the rate is no figure" }) };
}

/** The first figure of a start that is absent where a start has one. */
function missing(result: {
  readonly status?: string;
  readonly peak?: object;
  readonly minVolts?: unknown;
  readonly cycles?: unknown;
}): string | undefined {
  if (result.status === undefined) return undefined;
  const figures = [["minVolts", result.minVolts] as const, ...Object.entries(result.peak ?? {})];
  const gap = figures.find(([, value]) => typeof value !== "number");
  if (gap !== undefined) return `no ${gap[0]}`;
  return /null/.test(JSON.stringify(result.cycles)) ? "a gap in the cycles" : undefined;
}
