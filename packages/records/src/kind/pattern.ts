import { z } from "zod";
import { defineRecord, type RecordFrom } from "../define.ts";
import type { Figure } from "../figure.ts";
import { type Birth, type IdOf, timestamp } from "../identity.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type FitLog, fitLogRecord } from "./fit-log.ts";
import type { Job } from "./job.ts";
import { PHOTO_SUBJECTS } from "./photo.ts";
import { type AirConditioner, MADE_YEAR, unitRecord } from "./unit.ts";
import { type Wiring, wiringRecord } from "./wiring.ts";

/** Most small pictures of a model, their longest side and the letters of each. */
export const PATTERN_PHOTOS = 4;
export const PATTERN_PHOTO_SIDE = 640;
const PATTERN_PHOTO_LETTERS = 200_000;

/** Figures of a plate that a pattern has. */
export const PATTERN_FIGURES = [
  "lockedRotorA",
  "ratedLoadA",
  "fanA",
  "coolingW",
  "runCapacitorF",
  "maxBreakerA",
  "circuitA",
  "startAidF",
] as const;

const wiring = wiringRecord.schema.shape;
const work = fitLogRecord.schema.shape;

/** Units of one model as they were met: without a rig, a customer or a name. */
export const patternRecord = defineRecord({
  kind: "pattern",
  migrations: { "pattern-2-adds-kit-and-photos": (old) => ({ kit: [], photos: [], ...old }) },
  schema: (base) =>
    z.strictObject({
      ...base,
      model: z.string().trim().min(1).max(TEXT_MOST.model),
      madeYear: z.number().int().min(MADE_YEAR.min).max(MADE_YEAR.max).optional(),
      note: z.string().max(TEXT_MOST.note),
      unit: unitRecord.schema.pick({
        hz: true,
        plateVolts: true,
        startAid: true,
        refrigerant: true,
        drive: true,
        lockedRotorA: true,
        ratedLoadA: true,
        fanA: true,
        coolingW: true,
        runCapacitorF: true,
        maxBreakerA: true,
        circuitA: true,
        startAidF: true,
      }),
      /** Its circuit as found, and what was learnt of its box; null where nobody looked inside. */
      wiring: z
        .strictObject({
          switches: wiring.switches,
          corrected: wiring.corrected,
          lidLow: wiring.lidLow,
          jumper: wiring.jumper,
          own: wiring.own,
        })
        .nullable(),
      /** Where the starter went and which screws were hidden; null where none was mounted. */
      fitted: z.strictObject({ mounting: work.mounting, screws: work.screws, found: work.found }).nullable(),
      /** Terminals, joints and jumpers that went up for it. */
      kit: z
        .array(
          z.strictObject({
            what: z.string().min(1).max(80),
            color: z.string().max(TEXT_MOST.color).nullable(),
            needed: z.number().int().min(0).max(1000),
            spare: z.number().int().min(0).max(1000),
          }),
        )
        .max(100),
      /** Small pictures of such a unit, each chosen by a person to go with the model: JPEG in base 64. */
      photos: z
        .array(
          z.strictObject({
            of: z.literal(PHOTO_SUBJECTS),
            across: z.number().int().min(1).max(PATTERN_PHOTO_SIDE),
            down: z.number().int().min(1).max(PATTERN_PHOTO_SIDE),
            jpeg: z
              .string()
              .min(4)
              .max(PATTERN_PHOTO_LETTERS)
              .regex(/^\/9j\/[A-Za-z0-9+/]*={0,2}$/),
          }),
        )
        .max(PATTERN_PHOTOS),
      /** When such a unit was done, by its job, and how many minutes that took where they are known. */
      works: z.record(z.string().min(1).max(100), z.strictObject({ at: timestamp, minutes: z.number().min(0).max(10_000).nullable() })),
    }),
  references: [],
  merge: { entries: ["works"], together: ["unit", "wiring", "fitted", "kit", "photos"] },
});
export type Pattern = RecordFrom<typeof patternRecord>;
export type PatternId = IdOf<"pattern">;

/** A model as it is compared: its letters and digits, however they are spaced. */
export const modelKey = (model: string): string => model.toUpperCase().replaceAll(/[^A-Z0-9]/g, "");

/** A figure that is no longer beside its photo. */
const withoutPhoto = ({ photo: _elsewhere, ...figure }: Figure): Figure => figure;

/** What one unit adds to a pattern: everything of it that has no name. */
export function patternOf(
  { model, madeYear, hz, plateVolts, startAid, refrigerant, drive, ...figures }: AirConditioner,
  wiring: Wiring | undefined,
  work: FitLog | undefined,
): Omit<Pattern, "kind" | "id" | "schema" | "createdAt" | "updatedAt" | "note" | "works" | "kit" | "photos"> {
  const kept = PATTERN_FIGURES.flatMap((name) => {
    const figure = figures[name];
    return figure === undefined ? [] : [[name, withoutPhoto(figure)] as const];
  });
  return {
    model: model.trim(),
    ...(madeYear !== undefined && { madeYear }),
    unit: {
      hz,
      plateVolts: withoutPhoto(plateVolts),
      startAid,
      ...(refrigerant !== undefined && { refrigerant }),
      ...(drive !== undefined && { drive }),
      ...Object.fromEntries(kept),
    },
    wiring:
      wiring === undefined
        ? null
        : {
            switches: wiring.switches,
            corrected: wiring.corrected,
            lidLow: wiring.lidLow,
            jumper: wiring.jumper,
            own: wiring.own,
          },
    fitted:
      work === undefined || work.mounting.orientation === null ? null : { mounting: work.mounting, screws: work.screws, found: work.found },
  };
}

/** A pattern from the first unit of a model. */
export function newPattern(
  birth: Birth<PatternId>,
  job: Job,
  unit: AirConditioner,
  wiring: Wiring | undefined,
  work: FitLog | undefined,
  along: Pick<Pattern, "kit" | "photos">,
): Pattern {
  return {
    ...patternRecord.born(birth),
    ...patternOf(unit, wiring, work),
    ...along,
    note: "",
    works: { [job.id]: { at: birth.now, minutes: minutesOf(work) } },
  };
}

/** Minutes from the first proof of a visit to its last step; null where it has none. */
export function minutesOf(work: FitLog | undefined): number | null {
  const proved = work?.events.find(({ what }) => what === "proved")?.at;
  const last = Object.values(work?.steps ?? {})
    .map(({ at }) => at)
    .toSorted()
    .at(-1);
  if (proved === undefined || last === undefined || last <= proved) return null;
  return Math.min(10_000, Math.round((Date.parse(last) - Date.parse(proved)) / 60_000));
}
