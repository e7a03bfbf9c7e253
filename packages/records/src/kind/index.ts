import { fitLogRecord } from "./fit-log.ts";
import { jobRecord } from "./job.ts";
import { learningRecord } from "./learning.ts";
import { loadRecord } from "./load.ts";
import { patternRecord } from "./pattern.ts";
import { photoRecord } from "./photo.ts";
import { practiceRecord } from "./practice.ts";
import { proofRecord } from "./proof.ts";
import { readingRecord } from "./reading.ts";
import { rigRecord } from "./rig.ts";
import { soundRecord } from "./sound.ts";
import { sourceRecord } from "./source.ts";
import { starterRecord } from "./starter.ts";
import { timingRecord } from "./timing.ts";
import { unitRecord } from "./unit.ts";
import { waveformRecord } from "./waveform.ts";
import { wiringRecord } from "./wiring.ts";

/** Every persisted type; a new one is a file here and a line below. */
export const DEFINITIONS = {
  rig: rigRecord,
  unit: unitRecord,
  source: sourceRecord,
  job: jobRecord,
  reading: readingRecord,
  starter: starterRecord,
  load: loadRecord,
  photo: photoRecord,
  wiring: wiringRecord,
  work: fitLogRecord,
  sound: soundRecord,
  learning: learningRecord,
  waveform: waveformRecord,
  proof: proofRecord,
  practice: practiceRecord,
  pattern: patternRecord,
  timing: timingRecord,
} as const;
