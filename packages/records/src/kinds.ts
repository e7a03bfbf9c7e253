/** Kinds of record, each kept apart. */
export const RECORD_KINDS = [
  "rig",
  "unit",
  "source",
  "job",
  "reading",
  "starter",
  "load",
  "photo",
  "wiring",
  "work",
  "sound",
  "learning",
  "waveform",
  "proof",
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];
