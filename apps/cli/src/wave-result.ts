import { lineHzOf, studyWaveform, type WaveformFailure } from "@amp-saver/core/study/waveform";
import { pickChannels, readComtrade, readCsvLog, sniffCsv, textOf, type WaveFailure } from "@amp-saver/records/wave";

/** Line frequency where neither the file nor its samples tell it. */
const USUAL_HZ = 60;
/** Samples a period below which they are taken for a meter's RMS figures. */
const WAVE_PER_CYCLE = 12;

/** Why a recorded start is refused, in a line; `where` names the place. */
const WHY: Readonly<Record<WaveFailure | WaveformFailure, string>> = {
  empty: "the file is empty",
  "no-numbers": "there are no rows of figures",
  "bad-number": "most of a column is no figure",
  "bad-time": "the times do not rise",
  "no-rate": "there is no column of times",
  "too-many": "more than 1000000 samples or 32 channels",
  "no-amps": "no channel is in amps",
  "not-comtrade": "the .cfg is no COMTRADE configuration",
  "comtrade-newer": "the .cfg is of a later revision than 2013",
  "comtrade-field": "the .cfg misses a figure",
  "comtrade-data-short": "the data end before the .cfg says",
  "comtrade-no-data": "the data are empty or missing",
  "too-short": "too short: five periods at least",
  "too-slow": "too few samples for a waveform: twelve a period at least",
  "no-start": "there is no start in it",
  "not-a-number": "most samples are no figures",
};

/** What a recorded start shows, as `amp-saver/wave-result`, version 1; or the line that says why it cannot be read. */
export function waveToFile(config: Uint8Array | null, data: Uint8Array): object | string {
  const log = config === null ? csvLog(data) : readComtrade(textOf(config), data);
  if (!log.ok) return line(log.reason, log.where);
  const picked = pickChannels(log.value);
  if (!picked.ok) return line(picked.reason, picked.where);
  const { sampleHz, lineHz: said, channels } = log.value;
  const { amps, volts } = picked.value;
  const kind = sampleHz / (said ?? USUAL_HZ) < WAVE_PER_CYCLE ? "rms" : "instant";
  const lineHz = said ?? (kind === "rms" ? USUAL_HZ : (lineHzOf(volts ?? amps, sampleHz) ?? USUAL_HZ));
  const found = studyWaveform({ amps, volts, sampleHz, lineHz, kind });
  if (!found.ok) return line(found.reason, found.where);
  const { firstHalfCycleA, inrushA, largest100msA, startTimeS, runningA, lowestV, warnings } = found.value;
  return {
    format: "amp-saver/wave-result",
    version: 1,
    rateHz: sampleHz,
    channels: channels.map(({ name, unit }) => ({ name, unit })),
    firstHalfCycleA,
    inrush100msA: inrushA,
    largest100msA,
    settleS: startTimeS,
    runningA,
    lowestV,
    warnings,
  };
}

function line(reason: WaveFailure | WaveformFailure, where: string): string {
  return `${WHY[reason]} (${where})`;
}

/** A table with its columns as they are guessed: the first of amps, or of what nobody named, and the first of volts. */
function csvLog(data: Uint8Array): ReturnType<typeof readCsvLog> {
  const text = textOf(data);
  const look = sniffCsv(text);
  if (!look.ok) return look;
  const { columns, timeColumn, timeUnit } = look.value;
  const first = (guess: string): number => columns.findIndex((c) => c.guess === guess);
  const amps = first("amps") >= 0 ? first("amps") : first("other");
  const volts = first("volts");
  return readCsvLog(text, {
    ...look.value,
    time: timeColumn === null ? { sampleHz: 0 } : { column: timeColumn, unit: timeUnit },
    amps: { column: amps, unit: (first("amps") >= 0 && columns[amps]?.unit) || "A" },
    volts: volts < 0 ? null : { column: volts, unit: columns[volts]?.unit || "V" },
  });
}
