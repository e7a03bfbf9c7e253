import { FIGURES, type FigureName } from "@amp-saver/core/figure";
import { ORIGINS } from "@amp-saver/core/quantity";
import { z } from "zod";

/** A figure as kept: SI value, where it comes from, and its own tolerance where one is known. */
export interface Figure {
  readonly value: number;
  readonly from: (typeof ORIGINS)[number];
  readonly tolerance?: number | undefined;
}

/** Schema of a figure with the bounds of its name. */
export function figure(name: FigureName) {
  const { min, max } = FIGURES[name];
  return z.strictObject({
    value: z.number().min(min).max(max),
    from: z.literal(ORIGINS),
    tolerance: z.number().min(0).max(2).optional(),
  });
}

/** Schema of a plain number with the bounds of its name. */
export function bounded(name: FigureName) {
  const { min, max } = FIGURES[name];
  return z.number().min(min).max(max);
}
