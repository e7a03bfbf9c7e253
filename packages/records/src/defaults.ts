import { celsiusFromF } from "@amp-saver/core/quantity";
import { isHighVolts } from "@amp-saver/core/reference";
import { PLAIN_CONDENSER, PLAIN_ROOFTOP } from "@amp-saver/core/study/as-found";
import { SCHOOLS } from "@amp-saver/core/study/learning-runs";
import type {
  JobId,
  LearningId,
  LoadId,
  PhotoId,
  ProofId,
  ReadingId,
  RigId,
  SoundId,
  SourceId,
  StarterId,
  UnitId,
  WaveformId,
  WiringId,
  WorkId,
} from "./identity.ts";
import type { Job } from "./job.ts";
import type { Learning } from "./learning.ts";
import type { Load } from "./load.ts";
import type { Photo } from "./photo.ts";
import type { Proof } from "./proof.ts";
import type { Reading } from "./reading.ts";
import type { Rig } from "./rig.ts";
import type { Sound } from "./sound.ts";
import type { GeneratorSource, InverterSource, ShoreSource } from "./source.ts";
import type { Starter } from "./starter.ts";
import type { AirConditioner } from "./unit.ts";
import type { Waveform } from "./waveform.ts";
import type { Wiring } from "./wiring.ts";
import type { Work } from "./work.ts";

/** Time and identity that a new record needs; both come from outside. */
export interface Birth<Id extends string> {
  readonly id: Id;
  readonly now: string;
}

function stamped<Id extends string, V extends number>({ id, now }: Birth<Id>, schema: V) {
  return { id, schema, createdAt: now, updatedAt: now };
}

/** Whose a record of a job is. */
const ofJob = ({ rigId, unitId, id }: Job) => ({ rigId, unitId, jobId: id });

/** A rig before anything is known of it. */
export function newRig(birth: Birth<RigId>, name: string): Rig {
  return {
    kind: "rig",
    ...stamped(birth, 2),
    name,
    note: "",
    place: "rv",
    hottestC: { value: celsiusFromF(95), from: "typical" },
    altitudeM: { value: 0, from: "typical" },
  };
}

/** A unit with nothing but its voltage class. */
export function newUnit(birth: Birth<UnitId>, rigId: RigId, name: string): AirConditioner {
  return {
    kind: "unit",
    ...stamped(birth, 5),
    rigId,
    name,
    model: "",
    hz: 60,
    plateVolts: { value: 115, from: "typical" },
    startAid: "unknown",
  };
}

/** A shore circuit whose breaker is not read yet. */
export function newShore(birth: Birth<SourceId>, rigId: RigId, name: string): ShoreSource {
  return { kind: "source", ...stamped(birth, 4), rigId, name, type: "shore", volts: { value: 120, from: "typical" } };
}

/** A generator whose sheet is not read yet: with inverter, or conventional. */
export function newGenerator(
  birth: Birth<SourceId>,
  rigId: RigId,
  name: string,
  type: GeneratorSource["type"] = "inverter-generator",
): GeneratorSource {
  return { kind: "source", ...stamped(birth, 4), rigId, name, type, volts: { value: 120, from: "typical" } };
}

/** A battery inverter whose sheet is not read yet. */
export function newInverter(birth: Birth<SourceId>, rigId: RigId, name: string): InverterSource {
  return { kind: "source", ...stamped(birth, 4), rigId, name, type: "inverter", volts: { value: 120, from: "typical" } };
}

/** A catalogue entry for the usual rooftop class. */
export function newStarter(birth: Birth<StarterId>, name: string): Starter {
  return { kind: "starter", ...stamped(birth, 3), name, leastV: 100, mostV: 125, leastTons: null, mostTons: null, usd: null };
}

/** A load that is on, of middle priority, on the first leg. */
export function newLoad(birth: Birth<LoadId>, rigId: RigId, name: string): Load {
  return {
    kind: "load",
    ...stamped(birth, 1),
    rigId,
    name,
    leg: 1,
    priority: 3,
    continuous: false,
    automatic: false,
    onBattery: false,
    on: true,
  };
}

/** A job at its first stage. */
export function newJob(birth: Birth<JobId>, rigId: RigId, unitId: UnitId, title: string): Job {
  return {
    kind: "job",
    ...stamped(birth, 4),
    rigId,
    unitId,
    title,
    stage: "survey",
    done: [],
    sourceId: null,
    method: "as-found",
    against: null,
    limitA: null,
    otherLoadsA: null,
    outdoorC: null,
    altitudeM: null,
    answer: null,
  };
}

/** A reading with its amps; the rest as usual. */
export function newReading(birth: Birth<ReadingId>, job: Job, when: Reading["when"], amps: number): Reading {
  return {
    kind: "reading",
    ...stamped(birth, 2),
    ...ofJob(job),
    when,
    mode: "inrush",
    conductor: "common",
    amps,
    volts: null,
    restMin: null,
    outdoorC: null,
    sourceId: job.sourceId,
    meter: "",
    takenAt: birth.now,
  };
}

/** A photo of the unit of a job, as it was kept. */
export function newPhoto(birth: Birth<PhotoId>, job: Job, of: Photo["of"], picture: Pick<Photo, "across" | "down" | "bytes">): Photo {
  return {
    kind: "photo",
    ...stamped(birth, 1),
    ...ofJob(job),
    of,
    note: "",
    takenAt: birth.now,
    ...picture,
  };
}

/** Temperature a winding is taken to have where nobody measured it, °C: a unit at rest on a mild day. */
const RESTED_C = 25;

/** The wiring of a unit before anyone has looked inside. */
export function newWiring(now: string, unit: AirConditioner): Wiring {
  return {
    kind: "wiring",
    ...stamped({ id: unit.id as string as WiringId, now }, 2),
    rigId: unit.rigId,
    unitId: unit.id,
    switches: isHighVolts(unit.plateVolts.value) ? PLAIN_CONDENSER : PLAIN_ROOFTOP,
    corrected: null,
    windings: { ab: null, bc: null, ca: null, probesOhm: 0, toCase: { a: false, b: false, c: false }, windingC: RESTED_C },
    proofs: {},
    family: "F4",
    run: null,
    common: null,
    tap: null,
    lidLow: false,
    built: null,
  };
}

/** A visit before anything is done. */
export function newWork(now: string, job: Job): Work {
  return {
    kind: "work",
    ...stamped({ id: job.id as string as WorkId, now }, 2),
    ...ofJob(job),
    site: {},
    sources: {},
    meterBefore: null,
    meterAfter: null,
    pairs: {},
    capacitors: {},
    overrides: {},
    mounting: {
      orientation: null,
      fastening: "both",
      surface: "clean-metal",
      roofC: 65,
      secondRestraint: false,
      screwM: 0.0127,
      gapM: null,
      leadM: 0.6,
      wayM: 0.4,
      clear: {},
    },
    steps: {},
    power: {},
    closing: {},
    screwsOut: 0,
    screwsIn: 0,
    mountFirst: true,
    leftHanded: false,
    events: [],
  };
}

/** A spoken note to a step of a job's visit, as it was kept. */
export function newSound(birth: Birth<SoundId>, job: Job, step: string, sound: Pick<Sound, "seconds" | "type" | "bytes">): Sound {
  return {
    kind: "sound",
    ...stamped(birth, 1),
    ...ofJob(job),
    step,
    takenAt: birth.now,
    ...sound,
  };
}

/** Learning runs of a job before the first: the usual rule of most schools, counted by hand. */
export function newLearning(now: string, job: Job): Learning {
  return {
    kind: "learning",
    ...stamped({ id: job.id as string as LearningId, now }, 1),
    ...ofJob(job),
    rule: SCHOOLS["five-five"],
    ruleFrom: "five-five",
    events: {},
    sourceId: job.sourceId,
    strongSource: false,
    ecoOff: false,
    link: null,
    together: false,
    waits: { energyManager: false, transferSwitch: false, thermostatJustOff: false },
  };
}

/** A recorded start of a job's unit. */
export function newWaveform(birth: Birth<WaveformId>, job: Job, waveform: WaveformFacts): Waveform {
  return { kind: "waveform", ...stamped(birth, 2), ...ofJob(job), ...waveform };
}

/** What is said of a recorded start beside whose it is. */
export type WaveformFacts = Omit<Waveform, "kind" | "id" | "rigId" | "unitId" | "jobId" | "schema" | "createdAt" | "updatedAt">;

/** The proof of a job before anything was run or frozen. */
export function newProof(now: string, job: Job): Proof {
  return {
    kind: "proof",
    ...stamped({ id: job.id as string as ProofId, now }, 2),
    ...ofJob(job),
    tests: {},
    frozen: null,
  };
}
