import { FIGURES, type FigureName } from "@amp-saver/core/figure";
import { ORIGINS } from "@amp-saver/core/quantity";
import { z } from "zod";
import { idOf } from "./identity.ts";

const share = z.number().min(0).max(1);
/** A part of a photo, as shares of its width and height from the left and the top. */
const photoPlace = z.strictObject({ id: idOf("photo"), x0: share, y0: share, x1: share, y1: share });
export type PhotoPlace = z.infer<typeof photoPlace>;

/** A figure as kept: SI value, where it comes from, its own tolerance where one is known, and where it stands on a photo it was read from. */
export interface Figure {
  readonly value: number;
  readonly from: (typeof ORIGINS)[number];
  readonly tolerance?: number | undefined;
  readonly photo?: PhotoPlace | undefined;
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

/** Schema of a figure that may be read from a photo. */
export function photographed(name: FigureName) {
  return figure(name).extend({ photo: photoPlace.optional() });
}

/** Schema of a plain number with the bounds of its name. */
export function bounded(name: FigureName) {
  const { min, max } = FIGURES[name];
  return z.number().min(min).max(max);
}
