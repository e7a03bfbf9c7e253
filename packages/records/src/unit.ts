import { z } from "zod";
import { figure } from "./figure.ts";
import { rigId, stamp, title, unitId } from "./identity.ts";

/** Start aids a unit may have as found. */
export const START_AIDS = ["none", "ptc", "relay", "unknown"] as const;

/** An air conditioner from its plate; what the plate does not say stays away. */
export const unitSchema = z.strictObject({
  kind: z.literal("unit"),
  id: unitId,
  rigId,
  ...stamp,
  name: title,
  model: z.string().max(200),
  hz: z.literal([50, 60]),
  plateVolts: figure("plateVolts"),
  lockedRotorA: figure("lockedRotorA").optional(),
  ratedLoadA: figure("ratedLoadA").optional(),
  runningA: figure("runningA").optional(),
  fanA: figure("fanA").optional(),
  runCapacitorF: figure("runCapacitorF").optional(),
  startAid: z.literal(START_AIDS),
  startAidF: figure("startAidF").optional(),
  coolingW: figure("coolingW").optional(),
  maxBreakerA: figure("maxBreakerA").optional(),
});
export type AirConditioner = z.infer<typeof unitSchema>;
