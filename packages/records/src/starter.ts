import { z } from "zod";
import { bounded, figure } from "./figure.ts";
import { stamp, starterId, title } from "./identity.ts";

/** A soft starter as its maker's sheet describes it: an entry of the user's own catalogue, for any rig. */
export const starterSchema = z.strictObject({
  kind: z.literal("starter"),
  id: starterId,
  ...stamp(1),
  name: title,
  /** Plate volts it is made for. */
  leastV: bounded("plateVolts"),
  mostV: bounded("plateVolts"),
  /** Tons of cooling it is made for; null where the sheet does not say. */
  leastTons: bounded("tons").nullable(),
  mostTons: bounded("tons").nullable(),
  lockedRotorMostA: figure("lockedRotorA").optional(),
  startCapacitorF: figure("startAidF").optional(),
  usd: bounded("usd").nullable(),
});
export type Starter = z.infer<typeof starterSchema>;
