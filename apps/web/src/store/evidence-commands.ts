import {
  type Job,
  newPhoto,
  newReading,
  newSound,
  newTiming,
  newWaveform,
  type Photo,
  type Reading,
  type Sound,
  type Timing,
  type Waveform,
  type WaveformFacts,
} from "@amp-saver/records";
import { type Added, added, away, birth, put } from "./changes.ts";
import type { Commit } from "./port.ts";

/** A time to speed kept as a reading of its own kind. */
export function addTimingCommit(job: Job, when: Timing["when"], told: Pick<Timing, "heard" | "countedS" | "sourceId">): Commit {
  return { label: "add-timing", changes: [put(newTiming(birth(), job, when, told))] };
}

/** Takes a time to speed away. */
export function deleteTimingCommit(timing: Timing): Commit {
  return { label: "delete-timing", changes: [away(timing)] };
}

/** A reading of a job. */
export function addReadingCommit(job: Job, when: Reading["when"], amps: number, more: Partial<Reading>): Commit {
  return { label: "add-reading", changes: [put({ ...newReading(birth(), job, when, amps), ...more })] };
}

/** Takes a reading away. */
export function deleteReadingCommit(reading: Reading): Commit {
  return { label: "delete-reading", changes: [away(reading)] };
}

/** A photo of a job's unit; its pixels are kept under the id first. */
export function addPhotoCommit(job: Job, of: Photo["of"], picture: Parameters<typeof newPhoto>[3]): Added {
  return added("add-photo", newPhoto(birth(), job, of, picture));
}

/** Takes a photo away; undo brings it back with its pixels. */
export function deletePhotoCommit(photo: Photo): Commit {
  return { label: "delete-photo", changes: [away(photo)] };
}

/** A spoken note to a step; its sound is kept under the id first. */
export function addSoundCommit(job: Job, step: string, sound: Pick<Sound, "seconds" | "type" | "bytes">): Added {
  return added("add-sound", newSound(birth(), job, step, sound));
}

/** Takes a spoken note away. */
export function deleteSoundCommit(sound: Sound): Commit {
  return { label: "delete-sound", changes: [away(sound)] };
}

/** A recorded start; its samples are kept under the id first. */
export function addWaveformCommit(job: Job, waveform: WaveformFacts): Added {
  return added("add-waveform", newWaveform(birth(), job, waveform));
}

/** Takes a recorded start away. */
export function deleteWaveformCommit(waveform: Waveform): Commit {
  return { label: "delete-waveform", changes: [away(waveform)] };
}
