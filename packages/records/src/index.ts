export { clampReading, runTests, shownBy } from "./core-input.ts";
export type { MergeSide } from "./exchange/merge.ts";
export { previewImport } from "./exchange/preview.ts";
export {
  isArchive,
  RIG_FILE_FORMAT,
  readRigFile,
  rigFileParts,
  rigFileSchema,
  type Sharing,
  type Tell,
  writeRigFile,
} from "./exchange/rig-file.ts";
export { type Feed, feedsOf } from "./feeds.ts";
export type { Figure, PhotoPlace } from "./figure.ts";
export { asId, type JobId, type RigId, type SourceId, type UnitId } from "./identity.ts";
export { CLOSING_CHECKS, type FitLog, newFitLog, POWER_CHECKS, TUGS } from "./kind/fit-log.ts";
export { type Job, newJob, withDone } from "./kind/job.ts";
export { type Learning, newLearning, RULE_SOURCES } from "./kind/learning.ts";
export { type Load, MOST_RIG_LOADS, newLoad } from "./kind/load.ts";
export {
  minutesOf,
  modelKey,
  newPattern,
  PATTERN_FIGURES,
  PATTERN_PHOTO_SIDE,
  PATTERN_PHOTOS,
  type Pattern,
  patternOf,
} from "./kind/pattern.ts";
export { MOST_PATH_POINTS, newPhoto, PHOTO_MOST_BYTES, PHOTO_MOST_SIDE, type Photo, type PhotoId, type Spot } from "./kind/photo.ts";
export {
  newPractice,
  type PracticePlay,
  type PracticeRecord,
  type PracticeRun,
  practicePlaySchema,
  RUNS_KEPT,
} from "./kind/practice.ts";
export { newProof, type Proof } from "./kind/proof.ts";
export { correctedReading, newReading, type Reading, type ReadingFacts, type ReadingId } from "./kind/reading.ts";
export { newRig, type Rig } from "./kind/rig.ts";
export { newSound, SOUND_MOST_BYTES, SOUND_MOST_S, SOUND_TYPES, type Sound, type SoundId } from "./kind/sound.ts";
export {
  GEAR,
  type Gear,
  type GeneratorSource,
  type InverterSource,
  MOST_CORDS,
  MOST_POINTS,
  newGenerator,
  newInverter,
  newShore,
  type ShoreSource,
  type Source,
} from "./kind/source.ts";
export { LEAD_ENDS, type Lead, newStarter, type Starter } from "./kind/starter.ts";
export { newTiming, TIMING_MOST_S, type Timing, toSpeedOf } from "./kind/timing.ts";
export { type AirConditioner, MADE_YEAR, newUnit } from "./kind/unit.ts";
export {
  bytesOf,
  MOST_WAVE_CYCLES,
  newWaveform,
  packSamples,
  unpackSamples,
  type Waveform,
  type WaveformFacts,
  type WaveformId,
} from "./kind/waveform.ts";
export { JOINTS, newWiring, OHM_COUNTS, type Wiring, wiringOf } from "./kind/wiring.ts";
export { lineNamed } from "./line-named.ts";
export { migrate, type Step } from "./migrate.ts";
export { parseRecord } from "./parse.ts";
export { MOST_ACTS, practiceActSchema } from "./practice-act.ts";
export {
  type AnyRecord,
  hasBlob,
  isKind,
  listed,
  RECORD_KINDS,
  RECORD_SCHEMAS,
  RECORD_VERSIONS,
  type RecordKind,
  type RecordOf,
  recordKey,
  rigOf,
} from "./record.ts";
export { MOST_SPELLS, type Spells } from "./spell.ts";
export { METHODS, type Method, STAGES, type Stage } from "./stages.ts";
export { grouped, type JobLine, type RigSummary, SUMMARY_SHAPE, summarise } from "./summary.ts";
export { nameProblem, TEXT_MOST } from "./text-limits.ts";
