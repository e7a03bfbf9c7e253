import { GAUGES } from "@amp-saver/core/reference";
import { DRIVES } from "@amp-saver/core/study/motor-start";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { figure, photographed } from "../figure.ts";
import { type Birth, type RigId, rigId, timestamp, title, type UnitId } from "../identity.ts";
import { TEXT_MOST } from "../text-limits.ts";

/** Years a unit can have been made in. */
export const MADE_YEAR = { min: 1950, max: 2200 } as const;

/** Start aids a unit may have as found. */
const START_AIDS = ["none", "ptc", "relay", "kit", "unknown"] as const;

/** Figures of a make-up that readings or windings tell. */
const MAKE_UP = ["lockedPowerFactor", "rotorShare", "startOverRunOhm", "inertiaPerShaftW"] as const;

/** A unit refined by its readings: replaces plate and typical figures in a study. */
const fittedSchema = z.strictObject({
  lockedRotorA: figure("lockedRotorA"),
  runningA: figure("runningA"),
  split: z.strictObject({
    lockedPowerFactor: z.number().min(0.3).max(0.99).optional(),
    rotorShare: z.number().min(0.1).max(0.8).optional(),
    startOverRunOhm: z.number().min(1).max(20).optional(),
    inertiaPerShaftW: z.number().min(1e-8).max(1e-4).optional(),
  }),
  /** How well each figure of the make-up is known, relative. */
  splitTolerance: z.partialRecord(z.literal(MAKE_UP), z.number().min(0).max(2)).optional(),
  readings: z.number().int().min(0).max(10_000),
  at: timestamp,
});

/** An air conditioner from its plate; what the plate does not say stays away. */
export const unitRecord = defineRecord({
  kind: "unit",
  migrations: {
    "unit-2-adds-branch-circuit": asItWas,
    "unit-3-adds-leg-and-priority": asItWas,
    "unit-4-adds-what-was-seen": asItWas,
    "unit-5-adds-make-up-tolerance": asItWas,
    "unit-6-adds-serial-and-year": asItWas,
    "unit-7-adds-plate-by-photo": asItWas,
  },
  schema: (base) =>
    z.strictObject({
      ...base,
      rigId,
      name: title,
      model: z.string().max(TEXT_MOST.model),
      serial: z.string().max(TEXT_MOST.serial).optional(),
      /** Year it was made, by its plate. */
      madeYear: z.number().int().min(MADE_YEAR.min).max(MADE_YEAR.max).optional(),
      /** What it is filled with, as its plate says. */
      refrigerant: z.string().max(TEXT_MOST.refrigerant).optional(),
      hz: z.literal([50, 60]),
      plateVolts: photographed("plateVolts"),
      lockedRotorA: photographed("lockedRotorA").optional(),
      ratedLoadA: photographed("ratedLoadA").optional(),
      runningA: figure("runningA").optional(),
      fanA: photographed("fanA").optional(),
      runCapacitorF: photographed("runCapacitorF").optional(),
      startAid: z.literal(START_AIDS),
      startAidF: figure("startAidF").optional(),
      coolingW: photographed("coolingW").optional(),
      maxBreakerA: photographed("maxBreakerA").optional(),
      drive: z.literal(DRIVES).optional(),
      /** What is printed on the run capacitor, where the figure above was measured. */
      runCapacitorPrintedF: photographed("runCapacitorF").optional(),
      /** Plate: minimum circuit ampacity. */
      circuitA: photographed("circuitA").optional(),
      /** Breaker and wire of the unit's own circuit, as found. */
      branchBreakerA: figure("breakerA").optional(),
      branchAwg: z.literal(GAUGES).optional(),
      /** Between the pins with all leads off: common to run, common to start. */
      mainOhm: figure("windingOhm").optional(),
      startOhm: figure("windingOhm").optional(),
      /** What readings made of the plate, while it is to be used. */
      fitted: fittedSchema.optional(),
      /** Leg it hangs on, and how soon it goes when there is not enough: 1 to keep, 5 first. */
      leg: z.literal([1, 2, "both"]).optional(),
      /** False where nobody has seen it start as it is. */
      seenToStart: z.boolean().optional(),
      /** Whether its expansion valve lets the pressures equal out. */
      valve: z.literal(["bleeds", "holds"]).optional(),
      /** Plugged into an outlet rather than wired. */
      plugIn: z.boolean().optional(),
      /** The lowest volts on a plate that gives a range. */
      lowestVolts: photographed("plateVolts").optional(),
      priority: z.number().int().min(1).max(5).optional(),
    }),
  references: ["rigId"],
});
export type AirConditioner = RecordFrom<typeof unitRecord>;

/** A unit with nothing but its voltage class. */
export function newUnit(birth: Birth<UnitId>, rigId: RigId, name: string): AirConditioner {
  return {
    ...unitRecord.born(birth),
    rigId,
    name,
    model: "",
    hz: 60,
    plateVolts: { value: 115, from: "typical" },
    startAid: "unknown",
  };
}
