import { ok, type Result } from "@amp-saver/core/quantity";
import { lineHzOf, studyWaveform, type WaveformFailure } from "@amp-saver/core/study/waveform";
import { MOST_WAVE_CYCLES, packSamples, type Waveform } from "@amp-saver/records";
import {
  type ChannelPick,
  type CsvChoice,
  type CsvLook,
  pickChannels,
  readComtrade,
  readComtradeConfig,
  readCsvLog,
  sniffCsv,
  textOf,
  type WaveFailure,
  type WaveLog,
} from "@amp-saver/records/wave";
import { expose, transfer } from "comlink";

/** How the samples are to be taken: what they are, and the line they were taken on where the file does not say. */
export interface WaveAsk {
  readonly form: Waveform["form"];
  readonly lineHz: number;
}

/** A record that was read and studied, with its samples packed. */
export interface WaveAnswer {
  readonly sampleHz: number;
  readonly lineHz: number;
  readonly samples: number;
  readonly hasVolts: boolean;
  readonly found: Waveform["found"];
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** A channel of a record, by what its file calls it. */
export interface WaveChannelName {
  readonly name: string;
  readonly unit: string;
}

export type WaveRefusal = WaveFailure | WaveformFailure;

const reader = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  look(bytes: Uint8Array): Result<CsvLook, WaveFailure> {
    return sniffCsv(textOf(bytes));
  },
  /** Channels that a COMTRADE record has. */
  channels(config: Uint8Array): Result<readonly WaveChannelName[], WaveFailure> {
    const read = readComtradeConfig(textOf(config));
    return read.ok ? ok(read.value.analog.map(({ name, unit }) => ({ name, unit }))) : read;
  },
  csv(bytes: Uint8Array, choice: CsvChoice, ask: WaveAsk): Result<WaveAnswer, WaveRefusal> {
    const log = readCsvLog(textOf(bytes), choice);
    return log.ok ? study(log.value, {}, ask) : log;
  },
  comtrade(config: Uint8Array, data: Uint8Array, pick: ChannelPick, ask: WaveAsk): Result<WaveAnswer, WaveRefusal> {
    const log = readComtrade(textOf(config), data);
    return log.ok ? study(log.value, pick, ask) : log;
  },
};

/** Amps and volts as they were picked, studied. */
function study(log: WaveLog, pick: ChannelPick, { form, lineHz: asked }: WaveAsk): Result<WaveAnswer, WaveRefusal> {
  const picked = pickChannels(log, pick);
  if (!picked.ok) return picked;
  const { amps, volts } = picked.value;
  const lineHz = log.lineHz ?? (form === "rms" ? asked : (lineHzOf(volts ?? amps, log.sampleHz) ?? asked));
  const found = studyWaveform({ amps, volts, sampleHz: log.sampleHz, lineHz, kind: form });
  if (!found.ok) return found;
  const bytes = packSamples(amps, volts);
  const answer: WaveAnswer = {
    sampleHz: log.sampleHz,
    lineHz,
    samples: amps.length,
    hasVolts: volts !== null,
    found: { ...found.value, warnings: [...found.value.warnings], cycles: found.value.cycles.slice(0, MOST_WAVE_CYCLES) },
    bytes,
  };
  return transfer(ok(answer), [bytes.buffer]);
}

/** What the page may ask of the worker. */
export type WaveReader = typeof reader;

expose(reader);
