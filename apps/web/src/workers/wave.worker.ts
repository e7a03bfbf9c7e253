import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { lineHzOf, studyWaveform, type WaveformFailure } from "@amp-saver/core/study/waveform";
import { MOST_WAVE_CYCLES, packSamples, type Waveform } from "@amp-saver/records";
import {
  type CsvChoice,
  type CsvLook,
  readComtrade,
  readCsvLog,
  scaleOf,
  sniffCsv,
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

export type WaveRefusal = WaveFailure | WaveformFailure;

const desk = {
  look(text: string): Result<CsvLook, WaveFailure> {
    return sniffCsv(text);
  },
  csv(text: string, choice: CsvChoice, ask: WaveAsk): Result<WaveAnswer, WaveRefusal> {
    const log = readCsvLog(text, choice);
    return log.ok ? study(log.value, ask) : log;
  },
  comtrade(config: string, data: Uint8Array, ask: WaveAsk): Result<WaveAnswer, WaveRefusal> {
    const log = readComtrade(config, data);
    return log.ok ? study(log.value, ask) : log;
  },
};

/** The first channel in amps and the first in volts, brought to those units. */
function study(log: WaveLog, { form, lineHz: asked }: WaveAsk): Result<WaveAnswer, WaveRefusal> {
  const first = (of: "amps" | "volts"): Float64Array | null => {
    for (const { unit, values } of log.channels) {
      const scale = scaleOf(unit);
      if (scale?.of === of) return scale.factor === 1 ? values : values.map((v) => v * scale.factor);
    }
    return null;
  };
  const amps = first("amps");
  if (amps === null) return fail("no-amps", "channels");
  const volts = first("volts");
  const lineHz = log.lineHz ?? (form === "rms" ? asked : (lineHzOf(volts ?? amps, log.sampleHz) ?? asked));
  const found = studyWaveform({ amps, volts, sampleHz: log.sampleHz, lineHz, kind: form });
  if (!found.ok) return found;
  const bytes = packSamples(amps, volts);
  const answer: WaveAnswer = {
    sampleHz: log.sampleHz,
    lineHz,
    samples: amps.length,
    hasVolts: volts !== null,
    found: { ...found.value, cycles: found.value.cycles.slice(0, MOST_WAVE_CYCLES) },
    bytes,
  };
  return transfer(ok(answer), [bytes.buffer]);
}

/** What the page may ask of the worker. */
export type WaveDesk = typeof desk;

expose(desk);
