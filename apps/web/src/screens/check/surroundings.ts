import type { useSurroundings } from "../../workers/use-study.ts";

/** Where the answer turns and what to measure next, as the worker gives it. */
export type Surroundings = NonNullable<ReturnType<typeof useSurroundings>["answer"]>;
/** Verdicts behind the glyphs, as the worker gives them. */
export type Thresholds = Surroundings["thresholds"];
