/** Places that screws come out of, from the outside in. */
export const SCREW_PLACES = ["shroud", "end-panel", "box-lid", "terminal-cover", "other"] as const;
export type ScrewPlace = (typeof SCREW_PLACES)[number];

/** What hides a screw, so that the next who opens it does not cut. */
export const SCREW_HIDERS = ["nothing", "sealant", "foam", "label", "trim"] as const;

/** Screws of one place: out, back in, and what hid them. */
export interface ScrewCount {
  readonly out: number;
  readonly in: number;
  readonly hidden: (typeof SCREW_HIDERS)[number];
}

/** Screws that are out and not back in, by place; a place with as many back as out is left out, one with more is negative. */
export function screwsMissing(counts: Readonly<Partial<Record<ScrewPlace, ScrewCount>>>): readonly (readonly [ScrewPlace, number])[] {
  return SCREW_PLACES.flatMap((place) => {
    const left = (counts[place]?.out ?? 0) - (counts[place]?.in ?? 0);
    return left === 0 ? [] : [[place, left] as const];
  });
}
