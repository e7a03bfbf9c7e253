import { celsiusFromF, DEFAULT_TOLERANCE } from "@amp-saver/core/quantity";
import type { MeasuredReading } from "@amp-saver/core/study/calibration";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { type ClampReading, CONDUCTORS, READING_KINDS } from "@amp-saver/core/study/reading";
import { z } from "zod";
import { type Bounds, READING_BOUNDS } from "./limits.ts";
import { caseFromFile, methodSchema, sourceSchema, unitSchema } from "./start-case.ts";

const number = (path: keyof typeof READING_BOUNDS) => {
  const { min, max }: Bounds = READING_BOUNDS[path];
  return z.number().min(min).max(max);
};

const MOST_READINGS = 200;

const readingSchema = z.strictObject({
  when: z.literal(["before", "after"]),
  kind: z.literal(READING_KINDS),
  conductor: z.literal(CONDUCTORS),
  amps: number("readings.amps"),
  volts: number("readings.volts").optional(),
  loadedVolts: number("readings.loadedVolts").optional(),
  restS: number("readings.restS").optional(),
  outdoorF: number("readings.outdoorF").optional(),
  meter: z.string().max(120).optional(),
  tolerance: number("readings.tolerance").optional(),
});

/** The shape of `amp-saver/readings-case`, version 1. */
export const readingsCaseSchema = z.strictObject({
  format: z.literal("amp-saver/readings-case"),
  version: z.literal(1),
  unit: unitSchema,
  start: methodSchema,
  source: sourceSchema,
  readings: z.array(readingSchema).min(1).max(MOST_READINGS),
  calibrate: z.boolean().optional(),
});
type ReadingsCaseFile = z.infer<typeof readingsCaseSchema>;

/** Readings as core asks of them, with the starts they belong to. */
export interface ReadingsQuestion {
  readonly asFound: StartCase;
  readonly fitted: StartCase;
  readonly readings: readonly ClampReading[];
  /** What of them may refine the unit: the kinds that a meter takes, before, and running ones. */
  readonly measured: readonly MeasuredReading[];
  readonly calibrate: boolean;
}

const SECONDS = 2;

/** A case as core wants it, ids by place; or the line that says what is missing. */
export function readingsFromFile({ unit, source, start, readings, calibrate }: ReadingsCaseFile): ReadingsQuestion | string {
  const about = { format: "amp-saver/start-case", version: 1, unit, source, seconds: SECONDS } as const;
  const asFound = caseFromFile({ ...about, start: { method: "as-found" } });
  if (typeof asFound === "string") return asFound;
  const fitted = caseFromFile({ ...about, start });
  if (typeof fitted === "string") return fitted;
  const measured = readings.flatMap((r, k): MeasuredReading[] => {
    if (r.kind === "app") return [];
    const way = r.when === "before" || r.kind === "live" ? asFound : fitted;
    const { restS, outdoorF, amps, kind, conductor } = r;
    const made: StartCase = {
      ...way,
      ...(restS !== undefined && { restS }),
      ...(outdoorF !== undefined && { outdoorC: celsiusFromF(outdoorF) }),
    };
    const read = { volts: r.volts ?? null, loadedVolts: r.loadedVolts ?? null, meter: r.meter ?? null };
    const tolerance = r.tolerance ?? DEFAULT_TOLERANCE.measured;
    return [{ id: String(k), kind, conductor, amps, tolerance, ...read, airNoted: outdoorF !== undefined, start: made }];
  });
  return {
    asFound,
    fitted,
    readings: readings.map((r, k) => ({
      id: String(k),
      when: r.when,
      kind: r.kind,
      conductor: r.conductor,
      amps: r.amps,
      tolerance: r.tolerance ?? DEFAULT_TOLERANCE.measured,
      volts: (r.kind === "live" ? (r.loadedVolts ?? r.volts) : r.volts) ?? null,
      restMin: r.restS === undefined ? null : r.restS / 60,
      outdoorC: r.outdoorF === undefined ? null : celsiusFromF(r.outdoorF),
      meter: r.meter ?? null,
    })),
    measured,
    calibrate: calibrate === true,
  };
}
