import type { z } from "zod";
import { jobSchema } from "./job.ts";
import type { RecordKind } from "./kinds.ts";
import { learningSchema } from "./learning.ts";
import { loadSchema } from "./load.ts";
import { photoSchema } from "./photo.ts";
import { proofSchema } from "./proof.ts";
import { readingSchema } from "./reading.ts";
import { rigSchema } from "./rig.ts";
import { soundSchema } from "./sound.ts";
import { sourceSchema } from "./source.ts";
import { starterSchema } from "./starter.ts";
import { unitSchema } from "./unit.ts";
import { waveformSchema } from "./waveform.ts";
import { wiringSchema } from "./wiring.ts";
import { workSchema } from "./work.ts";

/** Every persisted type by kind. */
export interface RecordOf {
  readonly rig: z.infer<typeof rigSchema>;
  readonly unit: z.infer<typeof unitSchema>;
  readonly source: z.infer<typeof sourceSchema>;
  readonly job: z.infer<typeof jobSchema>;
  readonly reading: z.infer<typeof readingSchema>;
  readonly starter: z.infer<typeof starterSchema>;
  readonly load: z.infer<typeof loadSchema>;
  readonly photo: z.infer<typeof photoSchema>;
  readonly wiring: z.infer<typeof wiringSchema>;
  readonly work: z.infer<typeof workSchema>;
  readonly sound: z.infer<typeof soundSchema>;
  readonly learning: z.infer<typeof learningSchema>;
  readonly waveform: z.infer<typeof waveformSchema>;
  readonly proof: z.infer<typeof proofSchema>;
}
export type AnyRecord = RecordOf[RecordKind];

/** Schemas of the newest version, by kind. */
export const RECORD_SCHEMAS = {
  rig: rigSchema,
  unit: unitSchema,
  source: sourceSchema,
  job: jobSchema,
  reading: readingSchema,
  starter: starterSchema,
  load: loadSchema,
  photo: photoSchema,
  wiring: wiringSchema,
  work: workSchema,
  sound: soundSchema,
  learning: learningSchema,
  waveform: waveformSchema,
  proof: proofSchema,
} as const;
