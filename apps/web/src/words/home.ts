import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";
import type { ReductionRow } from "@amp-saver/core/study/own-record";
import type { ArchiveFailure } from "@amp-saver/records/archive";
import { shorten } from "./shorten.ts";

export const PLACES = [
  { to: "/", word: "Logbook", short: "Logbook" },
  { to: "/rigs", word: "Rigs and sources", short: "Rigs" },
  { to: "/instruments", word: "Instruments", short: "Instruments" },
  { to: "/practice", word: "Practice bench", short: "Practice" },
] as const;

export const HOME = {
  question: "What is next?",
  logbook: "Logbook",
  find: "rig, unit, source",
  newRig: "New rig",
  open: "Open",
  units: (n: number): string => (n === 1 ? "1 job" : `${n} jobs`),
  rigs: (n: number): string => (n === 1 ? "1 rig" : `${n} rigs`),
  example: "Look at an example",
  exampleHelp: "Three made-up rigs. Undo removes them.",
  noMatch: (text: string, narrowed: boolean): string =>
    text.trim() === "" ? "No job is at this stage." : `Nothing in the logbook${narrowed ? " at this stage" : ""} has “${text}”.`,
  stage: "Stage",
  everyStage: (n: number): string => `every stage (${n})`,
  atStage: (word: string, n: number): string => `${word} (${n})`,
  more: (n: number, of: number): string => `Show ${n} more of ${of}`,
  noAnswer: "no answer yet",
  noSource: "no source yet",
  toSpare: "to spare",
  over: "short",
  provisional: "provisional",
  stageAt: (n: number, of: number, word: string): string => `Stage ${n} of ${of}, ${word}`,
  handedOver: "Handed over",
  nameTitle: "New rig",
  nameLabel: "Name of the rig",
  nameHelp: "A vehicle or a house. Any name you like.",
  unitName: "Roof unit",
  jobTitle: "Will it start?",
  begin: "Begin",
} as const;

/** The question itself, before a rig has a name. */
export const FIRST = {
  question: "Will your air conditioner start and keep running?",
  ask: "Enter its size or plate, and what feeds it.",
  sure: "The size alone gives a first answer. The plate’s amps make it narrower.",
  asFound: (air: string): string => `As found, on a ${air} day at sea level.`,
  unit: "Air conditioner",
  feeds: "What feeds it",
  kinds: { "inverter-generator": "Inverter generator", generator: "Open-frame generator", shore: "Shore power", inverter: "Inverter" },
  unknown: "if known",
  keep: "Name it to keep it",
} as const;

/** One's own jobs in figures. */
export const OWN = {
  title: "My own jobs in figures",
  jobs: (n: number, done: number): string => `${n === 1 ? "1 job" : `${n} jobs`}, ${done} handed over.`,
  none: "No job has readings alike on both sides yet.",
  reduction: ({ volts, tons, reduction: r }: ReductionRow, measure: Measure): string => {
    const percent = (share: number): string => formatNumber(share * 100, 0);
    const kind = `${volts} V${tons === null ? "" : `, ${figureText("tons", measure, tons)}`}`;
    return r.count === 1
      ? `${kind}: ${percent(r.middle)} % less, one job.`
      : `${kind}: ${percent(r.middle)} % less in the middle of ${r.count} jobs, ${percent(r.least)} to ${percent(r.most)} %.`;
  },
  fit: (m: { readonly count: number; readonly middle: number; readonly least: number; readonly most: number }): string =>
    `From proven dead to power back: ${formatNumber(m.middle, 0)} min${m.count === 1 ? ", one visit" : ` in the middle of ${m.count} visits, ${formatNumber(m.least, 0)} to ${formatNumber(m.most, 0)}`}.`,
} as const;

export const RIGS = {
  question: "What is kept here?",
  answer: (rigs: number, units: number, sources: number): string =>
    `${HOME.rigs(rigs)}, ${units === 1 ? "1 air conditioner" : `${units} air conditioners`}, ${sources === 1 ? "1 source" : `${sources} sources`}.`,
  empty: "No rig is kept on this device.",
  sure: "Everything stays in this browser until you export it.",
  exportAll: "Export all",
  export: "Export",
  import: "Import a file",
  importHelp: "A file that ends in .ampsaver.json or .ampsaver.zip. You see what will change before it does.",
  delete: "Delete",
  deleteTitle: (name: string): string => `Delete ${name}?`,
  deleteHelp: (units: number, sources: number, readings: number, photos: number): string =>
    `With it go ${units} air ${units === 1 ? "conditioner" : "conditioners"}, ${sources} ${sources === 1 ? "source" : "sources"}, ${readings} ${readings === 1 ? "reading" : "readings"} and ${photos} ${photos === 1 ? "photo" : "photos"}. Undo brings everything back.`,
  addUnit: "Add a unit",
  unitName: (n: number): string => `Unit ${n}`,
  previewTitle: "What this file would change",
  previewNone: "Nothing: everything in the file is already here.",
  previewRow: (n: number, kind: string, change: "new" | "changed" | "same"): string =>
    `${n} × ${kind}: ${change === "same" ? "the same, no change" : change === "new" ? "new" : "replaced by the file’s"}`,
  previewFields: (name: string, fields: string): string => `${name}: ${fields}`,
  asCase: "Case without names",
  caseOf: (name: string): string => `Export ${name} as a case without names`,
  caseName: "A case",
  previewGone: (kind: string, name: string): string => `1 × ${kind}: deleted, as on the other device (${name})`,
  nothing: "nothing",
  conflicts: (n: number): string =>
    n === 1 ? "Changed on both devices: 1 thing to decide" : `Changed on both devices: ${n} things to decide`,
  conflictsHelp: "The later one is chosen; choose the other where it is right. Undo brings back what was here.",
  conflict: (name: string, field: string): string => `${name}: ${field}`,
  conflictGone: (name: string): string => `${name}: deleted on one device, changed on the other`,
  keptOrGone: (kept: boolean): string => (kept ? "kept" : "deleted"),
  mine: (value: string): string => `here: ${value}`,
  theirs: (value: string): string => `file: ${value}`,
  takeIn: "Import it",
  notOut: "The file was not written: the browser stopped. Nothing was changed; try again, or export one rig at a time.",
  refusedTitle: "This file was not read. Nothing has changed.",
  doing: {
    out: "Writing the file",
    look: "Reading the file: nothing is changed yet",
    take: "Importing: cancel and nothing has changed",
  },
  percent: (n: number): string => `${n} %`,
  allName: "all rigs",
  find: "rig, unit, source",
  noMatch: (text: string): string => `No rig has “${text}”.`,
} as const;

const REFUSED: Readonly<Record<ArchiveFailure | "unreadable" | "broke", (where: string) => string>> = {
  "not-json": () => "It is not a rig file: its text is not JSON.",
  "not-ours": () => "It is not a rig file: it does not say so at its head.",
  "newer-file": () => "It was written by a newer version of Amp Saver. Update this one first.",
  newer: (where) => `It holds a record of a newer version (${where}). Update this one first.`,
  "too-large": () => "It is larger than 250 million letters, which no rig file is.",
  empty: () => "There is no rig in it.",
  twice: (where) => `One record is in it twice (${where}).`,
  dangling: (where) => `A record refers to one that is not in the file (${where}).`,
  "other-rig": (where) => `A record refers to one of another rig (${where}).`,
  "bad-field": (where) => `A field is missing, unknown or out of its limits: ${where}.`,
  "no-version": (where) => `A record does not say its version (${where}).`,
  "no-step": (where) => `A record’s version is not known (${where}).`,
  "not-an-object": (where) => `Something in it is not a record (${where}).`,
  "unknown-kind": (where) => `A record is of a kind that is not known (${where}).`,
  "not-a-zip": () => "It is a damaged archive: it cannot be unpacked.",
  damaged: (where) => `It is damaged: ${where} is not as it was written. Copy or export the file again.`,
  "no-rig-file": (where) => `It is not a rig archive: ${where} is missing in it.`,
  "picture-too-large": (where) => `A picture in it is larger than 4 million bytes (${where}).`,
  "not-a-picture": (where) => `A picture in it is not a JPEG (${where}).`,
  "not-a-waveform": (where) => `A recorded start in it does not have the samples its record says (${where}).`,
  "not-a-sound": (where) => `A spoken note in it is not a sound recording (${where}).`,
  unreadable: () => "The browser could not read it.",
  broke: () => "Reading it stopped. Nothing on this device was changed; try again.",
};

/** Why a file was refused; what it quotes of the file is shortened. */
export function fileRefused(reason: keyof typeof REFUSED, where: string): string {
  return REFUSED[reason](shorten(where));
}

/** Every reason for which a file is refused. */
export const FILE_REFUSALS = Object.keys(REFUSED) as readonly (keyof typeof REFUSED)[];
