import { z } from "zod";
import { defineRecord, type RecordFrom } from "../define.ts";
import { bounded, figure } from "../figure.ts";
import { type Birth, type IdOf, type RigId, rigId, title } from "../identity.ts";
import { spells } from "../spell.ts";

/** Most loads of one rig: as many as every combination of can be looked at, beside three units. */
export const MOST_RIG_LOADS = 20;
/** Something on the rig that draws power beside the air conditioners. */
export const loadRecord = defineRecord({
  kind: "load",
  migrations: {},
  schema: (base) =>
    z.strictObject({
      ...base,
      rigId,
      name: title,
      /** Running amps on each of its legs, or watts once; one of them is enough. */
      runA: figure("loadA").optional(),
      runW: figure("loadW").optional(),
      /** Amps while it starts, where that is more. */
      startA: figure("loadStartA").optional(),
      leg: z.literal([1, 2, "both"]),
      /** 1 to keep, 5 first to go. */
      priority: z.number().int().min(1).max(5),
      /** Runs three hours and more. */
      continuous: z.boolean(),
      /** Comes on by itself: a charger, a heater element. */
      automatic: z.boolean(),
      /** Fed from the battery side: it takes nothing from the source while it runs. */
      onBattery: z.boolean(),
      /** Whether the plan has it on. */
      on: z.boolean(),
      /** When in a day it is on, minutes from midnight; all day where nothing is said. */
      spells: spells.optional(),
      /** DC amps of a battery charger, which can be turned down. */
      chargeA: bounded("chargeA").optional(),
    }),
  references: ["rigId"],
});
export type Load = RecordFrom<typeof loadRecord>;
export type LoadId = IdOf<"load">;

/** A load that is on, of middle priority, on the first leg. */
export function newLoad(birth: Birth<LoadId>, rigId: RigId, name: string): Load {
  return {
    ...loadRecord.born(birth),
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
