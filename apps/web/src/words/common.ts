import { formatNumber } from "@amp-saver/core/quantity";
import type { RecordKind } from "@amp-saver/records";

export const PRODUCT = "Amp Saver";

/** A plate's figure that was read from a photo of it. */
export const PLATE_PHOTO_ORIGIN = "plate, photo";

export const ORIGIN_WORDS = {
  measured: "measured",
  plate: "plate",
  sheet: "sheet",
  typical: "typical",
  guessed: "guessed",
} as const;

export const ORIGIN_HELP = {
  measured: "read with a meter on this very rig",
  plate: "printed on the unit or the breaker",
  sheet: "from the maker’s sheet",
  typical: "usual for this kind, not known for this one",
  guessed: "a guess",
} as const;

export const FIT_WORDS = { fits: "fits", "just-fits": "barely fits", "too-much": "does not fit", "not-known": "not known" } as const;

export const KIND_WORDS: Readonly<Record<RecordKind, string>> = {
  rig: "rig",
  unit: "air conditioner",
  source: "source",
  job: "job",
  reading: "reading",
  starter: "starter",
  load: "load",
  photo: "photo",
  wiring: "wiring",
  work: "visit",
  sound: "spoken note",
  learning: "learning runs",
  waveform: "recorded start",
  proof: "proof",
  practice: "practice",
  pattern: "model in your library",
  timing: "time to speed",
};

export const COMMON = {
  twoPhones: "Two phones",
  secondPhone: "Work with a second phone",
  rig: "Rig",
  unit: "Unit",
  other: (name: string): string => `To ${name}`,
  job: "Job",
  allRigs: "All rigs",
  keys: "keys",
  daylight: "Daylight",
  night: "Night",
  why: "Why",
  close: "Close",
  cancel: "Cancel",
  delete: "Delete",
  undo: "Undo",
  redo: "Redo",
  add: "Add",
  open: "Open",
  skip: "Skip to the answer",
  stages: "Stages of the job",
  places: "Places",
  done: "done",
  here: "you are here",
  working: "Working",
  newerData:
    "The records on this device were written by a newer version of Amp Saver. Get the newer version while there is a signal; nothing is lost, and nothing is changed until then.",
  getNewer: "Get the newer version",
  slowOpen: "The records are taking long to open. Close other tabs of Amp Saver, then load this page again; nothing is lost.",
  loading: "Reading what is kept on this device.",
  notFoundQuestion: "What is here?",
  notFound: "There is nothing at this address.",
  notFoundRig: "This job is not kept on this device. It may have been deleted; Undo brings a deleted one back.",
  home: "Back to the logbook",
  keptHere: "Kept on this device only",
  notKept: "Nothing is kept: this browser allows no storage",
  newVersion: "A new version is ready.",
  reload: "Reload",
  provisional: "provisional",
  trying: "trying",
  failed: "This could not be worked out.",
  tookTooLong: (seconds: number) =>
    `Working this out took over ${seconds} s, so it was stopped. Check the figures you typed, or try again.`,
  turnSign: (label: string): string => `${label}: turn the sign`,
  tooLong: (label: string, most: number) => `${label} is too long: at most ${formatNumber(most, 0)} letters.`,
  nameUnseen: (label: string, most: number) => `${label} is missing: 1 to ${most} letters that can be seen.`,
  tryAgain: "Try again",
  failedText: "Text to copy",
  copy: "Copy the text",
  broke: "Something broke in this view. What you entered is kept.",
} as const;

export const SAVE_FAILED = {
  full: "Not saved: this device has no room left. Delete something or free some space, then change the figure again.",
  aborted: "Not saved: the browser stopped. Nothing else was changed; try again.",
  closed: "Not saved yet: another tab runs a newer version. Reload this page; what was typed last is saved then.",
  deleted:
    "The records on this device were deleted in another tab or by the browser. Nothing more is saved here; reload this page to begin anew.",
  lost: "The browser closed the records, perhaps because its data was cleared or its disk failed. Reload this page; if rigs are missing then, import your last export.",
  moved: "Not imported: the file has records that belong to another rig on this device. Nothing was changed.",
  "nothing-there": "There is nothing to undo.",
} as const;

export const UNDONE = {
  "new-rig": "New rig",
  edit: "Change",
  "delete-rig": "Rig deleted",
  "next-visit": "Next visit begun",
  "duplicate-job": "Job duplicated",
  "add-unit": "Unit added",
  "add-source": "Source added",
  "delete-source": "Source deleted",
  "add-load": "Load added",
  "delete-load": "Load deleted",
  "import-loads": "Loads imported",
  "add-starter": "Starter added",
  "delete-starter": "Starter deleted",
  "add-reading": "Reading added",
  "delete-reading": "Reading deleted",
  "add-photo": "Photo added",
  "delete-photo": "Photo deleted",
  "add-sound": "Spoken note added",
  "keep-model": "Model kept in the library",
  "delete-model": "Model deleted",
  "delete-sound": "Spoken note deleted",
  "add-waveform": "Recorded start added",
  "delete-waveform": "Recorded start deleted",
  "add-timing": "Time to speed added",
  "delete-timing": "Time to speed deleted",
  import: "File imported",
  answer: "Answer",
} as const;

/** Names what was done and can be taken back. */
export const undoOf = (label: keyof typeof UNDONE): string => `${UNDONE[label]}.`;
