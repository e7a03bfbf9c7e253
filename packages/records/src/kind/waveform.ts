import { itemAt } from "@amp-saver/core/quantity";
import { WAVE_WARNINGS } from "@amp-saver/core/study/waveform";
import { z } from "zod";
import { asItWas, defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { type Birth, type IdOf, sourceId, timestamp, title } from "../identity.ts";
import { MOST_SAMPLES } from "../wave/log.ts";
import { type Job, ofJob } from "./job.ts";

/** Most cycles that are kept beside the samples: some six seconds. */
export const MOST_WAVE_CYCLES = 400;

const figure = z.number().min(0).max(1e6);

/** A start that a scope or logger recorded; its samples lie beside the records under the same id: amps, then volts, 32-bit, low byte first. */
export const waveformRecord = defineRecord({
  kind: "waveform",
  migrations: { "waveform-2-adds-warnings": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      name: title,
      when: z.literal(["before", "after"]),
      conductor: z.literal(["common", "run", "start", "supply"]),
      /** Instantaneous samples, or a log of RMS figures. */
      form: z.literal(["instant", "rms"]),
      sampleHz: z.number().min(0.01).max(1e6),
      lineHz: z.number().min(40).max(70),
      samples: z.number().int().min(2).max(MOST_SAMPLES),
      hasVolts: z.boolean(),
      sourceId: sourceId.nullable(),
      takenAt: timestamp,
      /** What was found in it, so that pictures and calibration need not unpack the samples again. */
      found: z.strictObject({
        startS: figure,
        firstHalfCycleA: figure.nullable(),
        largestCycleA: figure,
        largest100msA: figure.nullable().optional(),
        inrushA: figure.nullable(),
        runningA: figure.nullable(),
        startTimeS: figure.nullable(),
        restV: figure.nullable(),
        lowestV: figure.nullable(),
        /** RMS of the first cycles from the start on. */
        cycles: z.array(z.strictObject({ t: figure, rmsA: figure })).max(MOST_WAVE_CYCLES),
        /** What the record lacks, and whether its peaks were cut off. */
        warnings: z.array(z.literal(WAVE_WARNINGS)).max(WAVE_WARNINGS.length).optional(),
        atLeast: z.boolean().optional(),
      }),
    }),
  references: JOB_REFERENCES,
  blob: {
    folder: "waveforms",
    ending: "f32",
    mostBytes: 8 * MOST_SAMPLES,
    refusal: "not-a-waveform",
    isOne: (waveform, file) => file.length === bytesOf(waveform),
    bytesOf: (waveform) => bytesOf(waveform),
  },
});
export type Waveform = RecordFrom<typeof waveformRecord>;

/** How much a recorded start holds. */
interface Extent {
  readonly samples: number;
  readonly hasVolts: boolean;
}

/** Samples as they are kept. */
export function packSamples(amps: ArrayLike<number>, volts: ArrayLike<number> | null): Uint8Array<ArrayBuffer> {
  const count = amps.length;
  const view = new DataView(new ArrayBuffer(4 * count * (volts === null ? 1 : 2)));
  for (let i = 0; i < count; i++) {
    view.setFloat32(4 * i, itemAt(amps, i), true);
    if (volts !== null) view.setFloat32(4 * (count + i), volts[i] ?? 0, true);
  }
  return new Uint8Array(view.buffer);
}

/** Samples as they were kept; null where the bytes do not fit the record. */
export function unpackSamples(
  { samples, hasVolts }: Extent,
  bytes: Uint8Array,
): { readonly amps: Float32Array; readonly volts: Float32Array | null } | null {
  if (bytes.length !== bytesOf({ samples, hasVolts })) return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const read = (from: number): Float32Array => Float32Array.from({ length: samples }, (_, i) => view.getFloat32(4 * (from + i), true));
  return { amps: read(0), volts: hasVolts ? read(samples) : null };
}

/** How many bytes a waveform's samples take. */
export function bytesOf({ samples, hasVolts }: Extent): number {
  return 4 * samples * (hasVolts ? 2 : 1);
}
export type WaveformId = IdOf<"waveform">;

/** A recorded start of a job's unit. */
export function newWaveform(birth: Birth<WaveformId>, job: Job, waveform: WaveformFacts): Waveform {
  return { ...waveformRecord.born(birth), ...ofJob(job), ...waveform };
}

/** What is said of a recorded start beside whose it is. */
export type WaveformFacts = Omit<Waveform, "kind" | "id" | "rigId" | "unitId" | "jobId" | "schema" | "createdAt" | "updatedAt">;
