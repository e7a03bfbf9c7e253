/** Stages of a whole job, in order. */
export const STAGES = ["survey", "check", "choose", "prepare", "before", "isolate", "fit", "learn", "prove", "hand-over"] as const;
export type Stage = (typeof STAGES)[number];

/** Ways of starting that can be asked about. */
export const METHODS = ["as-found", "direct", "hard", "soft"] as const;
export type Method = (typeof METHODS)[number];
