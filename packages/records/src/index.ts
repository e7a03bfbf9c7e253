export { FIGURE_BOUNDS, type FigureBounds, type FigureName } from "./bounds.ts";
export { clampReading, runTests, shownBy } from "./core-input.ts";
export {
  type Birth,
  newGenerator,
  newInverter,
  newJob,
  newLearning,
  newLoad,
  newPhoto,
  newProof,
  newReading,
  newRig,
  newShore,
  newSound,
  newStarter,
  newUnit,
  newWaveform,
  newWiring,
  newWork,
  type WaveformFacts,
} from "./defaults.ts";
export type { Figure } from "./figure.ts";
export type {
  JobId,
  LearningId,
  LoadId,
  PhotoId,
  ReadingId,
  RigId,
  SoundId,
  SourceId,
  StarterId,
  UnitId,
  WaveformId,
  WiringId,
} from "./identity.ts";
export type { Answer, Job } from "./job.ts";
export { RECORD_KINDS, type RecordKind } from "./kinds.ts";
export { type Learning, learningRuleSchema, RULE_SOURCES } from "./learning.ts";
export { type Load, MOST_RIG_LOADS } from "./load.ts";
export { decide, type Merge, mergeRigs, type Side } from "./merge.ts";
export { type MigrateFailure, migrate, type Step } from "./migrate.ts";
export { type ParseFailure, parseRecord } from "./parse.ts";
export { PHOTO_MOST_BYTES, PHOTO_MOST_SIDE, PHOTO_SUBJECTS, type Photo } from "./photo.ts";
export { canonical, type PreviewRow, previewImport, recordKey } from "./preview.ts";
export type { Proof } from "./proof.ts";
export type { Reading } from "./reading.ts";
export { type AnyRecord, RECORD_SCHEMAS, type RecordOf } from "./record.ts";
export type { Rig } from "./rig.ts";
export {
  isArchive,
  MOST_SEEN,
  RIG_FILE_FORMAT,
  RIG_FILE_MOST,
  RIG_FILE_VERSION,
  type RigFile,
  type RigFileFailure,
  readRigFile,
  references,
  rigFileParts,
  type Sharing,
  type Tell,
  writeRigFile,
} from "./rig-file.ts";
export { rigOf } from "./rig-of.ts";
export { SOUND_MOST_BYTES, SOUND_MOST_S, SOUND_TYPES, type Sound } from "./sound.ts";
export {
  GEAR,
  type Gear,
  type GeneratorSource,
  type InverterSource,
  MOST_CORDS,
  MOST_POINTS,
  type ShoreSource,
  type Source,
} from "./source.ts";
export { MOST_SPELLS, type Spells } from "./spell.ts";
export { METHODS, type Method, STAGES, type Stage } from "./stages.ts";
export { LEAD_ENDS, LEADS, type Lead, type Starter } from "./starter.ts";
export { grouped, type JobLine, type RigSummary, SUMMARY_SHAPE, summarise } from "./summary.ts";
export { isSeen, nameProblem, TEXT_MOST } from "./text-limits.ts";
export { type AirConditioner, START_AIDS } from "./unit.ts";
export { RECORD_VERSIONS } from "./versions.ts";
export { bytesOf, MOST_WAVE_CYCLES, packSamples, unpackSamples, type Waveform } from "./waveform.ts";
export { OHM_COUNTS, type Wiring } from "./wiring.ts";
export { CLOSING_CHECKS, POWER_CHECKS, type Work } from "./work.ts";
