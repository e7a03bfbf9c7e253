import { z } from "zod";

/** Most spells of a day. */
export const MOST_SPELLS = 6;

/** A stretch of the day, minutes from midnight; one that ends before it begins runs over midnight. */
const spell = z.strictObject({ fromMin: z.number().int().min(0).max(1440), toMin: z.number().int().min(0).max(1440) });
export const spells = z.array(spell).max(MOST_SPELLS);
export type Spells = z.infer<typeof spells>;
