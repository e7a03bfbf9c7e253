import { celsiusFromF } from "@amp-saver/core/quantity";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { figure } from "../figure.ts";
import { type Birth, type RigId, title } from "../identity.ts";
import { TEXT_MOST } from "../text-limits.ts";

/** A vehicle or a house with what it is planned for: the hottest day and the highest stop. */
export const rigRecord = defineRecord({
  kind: "rig",
  migrations: { "rig-2-adds-coolest-hour": asItWas, "rig-3-adds-customer": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      name: title,
      note: z.string().max(TEXT_MOST.rigNote),
      /** Whose it is, and how to reach them. */
      customer: z.string().max(TEXT_MOST.person).optional(),
      place: z.literal(["rv", "house"]),
      hottestC: figure("hottestC"),
      altitudeM: figure("altitudeM"),
      /** Coolest hour of the hottest day. */
      coolestC: figure("coolestC").optional(),
    }),
  references: [],
});
export type Rig = RecordFrom<typeof rigRecord>;

/** A rig before anything is known of it. */
export function newRig(birth: Birth<RigId>, name: string): Rig {
  return {
    ...rigRecord.born(birth),
    name,
    note: "",
    place: "rv",
    hottestC: { value: celsiusFromF(95), from: "typical" },
    altitudeM: { value: 0, from: "typical" },
  };
}
