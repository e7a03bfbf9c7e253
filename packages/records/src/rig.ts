import { z } from "zod";
import { figure } from "./figure.ts";
import { rigId, stamp, title } from "./identity.ts";
import { TEXT_MOST } from "./text-limits.ts";

/** A vehicle or a house with what it is planned for: the hottest day and the highest stop. */
export const rigSchema = z.strictObject({
  kind: z.literal("rig"),
  id: rigId,
  ...stamp(2),
  name: title,
  note: z.string().max(TEXT_MOST.rigNote),
  place: z.literal(["rv", "house"]),
  hottestC: figure("hottestC"),
  altitudeM: figure("altitudeM"),
  /** Coolest hour of the hottest day. */
  coolestC: figure("hottestC").optional(),
});
export type Rig = z.infer<typeof rigSchema>;
